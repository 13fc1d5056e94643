import { useQueryClient } from '@tanstack/react-query'
import { Suspense, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react'
import { NavLink, useLocation, useNavigate } from 'react-router'
import { unknownWrites } from '../shared/api/keep'
import { useAway, useWatchReach, useWhyAway } from '../shared/reach'
import { later } from '../shared/later'
import { Button } from '../shared/ui/Button'
import { Select } from '../shared/ui/Select'
import type { Boat, BoatTitle } from '../draft/queries'
import { useKeys } from './keys'
import { MarkedThings } from './MarkedThings'
import { Unsent } from './Unsent'
import { newBoat } from './boat/newBoat'

const KeysSheet = later(() => import('./KeysSheet').then((module) => module.KeysSheet))
const UnitsSheet = later(() => import('./UnitsSheet').then((module) => module.UnitsSheet))

const NEW = 'new'

/** Name, place and boat on top; the stations that exist; what holds for every page. */
export function Frame({
  boat,
  boats,
  words,
  children,
}: {
  boat: Boat
  boats: readonly BoatTitle[]
  /** What day and place this is. */
  words?: string
  children: ReactNode
}) {
  useWatchReach()
  const away = useAway()
  const why = useWhyAway()
  const unknown = useSyncExternalStore(unknownWrites.subscribe, unknownWrites.count)
  const go = useNavigate()
  const { search, pathname } = useLocation()
  const [units, setUnits] = useState(false)
  const [keys, setKeys] = useState(false)
  const queries = useQueryClient()
  const begin = async () => {
    const made = await newBoat(queries).catch(() => null)
    if (made) void go(`/boats/${made}/boat`)
  }
  const home = `/boats/${boat.boatId}`
  // Day and moment go along from station to station; what was selected on one means nothing on another.
  const along = kept(search)
  // The spread on the bench is the spread on the water.
  const one = spreadIn(pathname)
  const same = one === '' ? along : kept(search, 'line')
  useKeys(
    useMemo(
      () => ({
        Digit1: () => void go(`${home}/plan${along}`),
        Digit2: () => void go(`${home}/rig${one}${same}`),
        Digit3: () => void go(`${home}/spread${one}${same}`),
        'Shift+Slash': () => setKeys(true),
      }),
      [go, home, one, along, same],
    ),
  )
  const section = pathname.split('/')[3] ?? 'spread'
  return (
    <div className="flex h-full flex-col overflow-hidden max-md:h-auto max-md:min-h-full max-md:overflow-visible">
      <header className="flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1 px-4 py-0.5">
        <span className="font-bold">Moss Wake</span>
        {words && <span>{words}</span>}
        <Select
          aria-label="Boat"
          className="border-transparent hover:border-ink/60"
          value={boat.boatId}
          onChange={(event) => {
            if (event.target.value === NEW) void begin()
            else void go(`/boats/${event.target.value}/${section === 'spread' ? 'spread' : section}${along}`)
          }}
        >
          {listed(boats, boat).map((other) => (
            <option key={other.boatId} value={other.boatId}>
              {other.name}
            </option>
          ))}
          <option value={NEW}>Add a boat…</option>
        </Select>
        <nav aria-label="Boat and box" className="flex">
          <Station to={`${home}/boat${along}`}>Boat</Station>
          <Station to={`${home}/box${along}`}>Box</Station>
        </nav>
        <span className="grow" />
        <nav aria-label="Stations" className="flex">
          <Station to={`${home}/plan${along}`} place="1">
            Plan
          </Station>
          <Station to={`${home}/rig${one}${same}`} place="2">
            Rig
          </Station>
          <Station to={`${home}/spread${one}${same}`} place="3">
            Spread
          </Station>
        </nav>
        <Button tone="quiet" small onClick={() => setUnits(true)}>
          Units
        </Button>
        <Button tone="quiet" small onClick={() => setKeys(true)}>
          Keys
        </Button>
      </header>
      {away && (
        <p
          role="alert"
          className="shrink-0 border-y-2 border-rust bg-foam px-4 py-2 font-semibold text-rust-text"
        >
          {why === '' ? 'The server or its database is away.' : why} What you do stays in this page and
          strikes are kept here; everything goes on by itself when it is back.
          {unknown > 0 &&
            ` ${unknown === 1 ? 'One change is' : `${unknown} changes are`} not known to be kept yet, and will be sent again.`}
        </p>
      )}
      <Unsent away={away} />
      <MarkedThings boat={boat.boatId} />
      {children}
      <Suspense fallback={null}>
        {units && <UnitsSheet open onClose={() => setUnits(false)} />}
        {keys && <KeysSheet open onClose={() => setKeys(false)} />}
      </Suspense>
    </div>
  )
}

/** Lists come in pages: she is on hers, wherever she stands in it. */
const listed = (boats: readonly BoatTitle[], boat: BoatTitle): readonly BoatTitle[] =>
  boats.some((one) => one.boatId === boat.boatId) ? boats : [boat, ...boats]

function Station({ to, place, children }: { to: string; place?: string; children: ReactNode }) {
  return (
    <NavLink
      to={to}
      className={({ isActive }) =>
        `flex min-h-11 items-center border-y-[3px] border-t-transparent px-2 ${isActive ? 'border-b-moss font-bold' : 'border-b-transparent hover:border-b-ink/40'}`
      }
    >
      {place && <span className="mr-1.5 text-sm font-normal text-slate">{place}</span>}
      {children}
    </NavLink>
  )
}

/** `/id` of the spread that a station shows; empty elsewhere. */
function spreadIn(pathname: string): string {
  const [, , , station, id] = pathname.split('/')
  return id && (station === 'rig' || station === 'spread') ? `/${id}` : ''
}

function kept(search: string, ...more: string[]): string {
  const all = new URLSearchParams(search)
  const along = new URLSearchParams()
  for (const name of ['day', 'trip', 'at', ...more]) {
    const value = all.get(name)
    if (value) along.set(name, value)
  }
  const text = along.toString()
  return text === '' ? '' : `?${text}`
}
