import { Suspense, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react'
import { NavLink, useLocation, useNavigate } from 'react-router'
import { unknownWrites } from '../shared/api/keep'
import { useAway, useWatchReach, useWhyAway } from '../shared/reach'
import { later } from '../shared/later'
import { Button } from '../shared/ui/Button'
import type { MenuItem } from '../shared/ui/Menu'
import { MenuButton } from '../shared/ui/MenuButton'
import { Select } from '../shared/ui/Select'
import { usePhone } from '../shared/usePhone'
import type { Boat, BoatTitle } from '../draft/queries'
import { useCommands } from './commands'
import { FrameItems } from './frameItems'
import { SYSTEMS, useUnits } from '../units/UnitsContext'
import { useKeys } from './keys'
import { MarkedThings } from './MarkedThings'
import { OnTheWay } from './OnTheWay'
import { PracticeBand } from './practice/PracticeBand'
import { Unsent } from './Unsent'

const CommandBox = later(() => import('./CommandBox').then((module) => module.CommandBox))
const DevicesSheet = later(() => import('../devices/DevicesSheet').then((module) => module.DevicesSheet))
const KeysSheet = later(() => import('./KeysSheet').then((module) => module.KeysSheet))
const NewBoat = later(() => import('./boat/NewBoat').then((module) => module.NewBoat))
const UnitsSheet = later(() => import('./UnitsSheet').then((module) => module.UnitsSheet))

const NEW = 'new'

/** Name, place and boat on top; the stations that exist; what holds for every page. */
export function Frame({
  boat,
  boats,
  words,
  bare = false,
  children,
}: {
  boat: Boat
  boats: readonly BoatTitle[]
  /** What day and place this is. */
  words?: string
  /** On a phone nothing of it is shown: the page has it in a menu of its own. */
  bare?: boolean
  children: ReactNode
}) {
  useWatchReach()
  const away = useAway()
  const why = useWhyAway()
  const unknown = useSyncExternalStore(unknownWrites.subscribe, unknownWrites.count)
  const [sheet, setSheet] = useState<FrameSheet>(null)
  const phone = usePhone()
  const ways = useWays(boat)
  useStationKeys(ways, setSheet)
  useFrameCommands(ways, boat, setSheet)
  const others = useOtherBoats(boat, boats)
  const items: MenuItem[] = [
    ...ways.map(({ key, name, go }, at) => ({
      key,
      words: name,
      onSelect: go,
      ...(at === 0 && { apart: true }),
    })),
    { key: 'units', words: 'Units', onSelect: () => setSheet('units'), apart: true },
    { key: 'keys', words: 'Keys', onSelect: () => setSheet('keys') },
    { key: 'devices', words: 'Devices', onSelect: () => setSheet('devices') },
    { key: 'command', words: 'Type what to do', onSelect: () => setSheet('command') },
    ...others,
    { key: 'boat', words: 'Add a boat…', onSelect: () => setSheet('boat') },
  ]
  return (
    <FrameItems value={items}>
      <div
        className={`flex h-full flex-col overflow-hidden ${bare ? '' : 'max-md:h-auto max-md:min-h-full max-md:overflow-visible'}`}
      >
        {phone ? (
          !bare && (
            <PhoneHead ways={ways} items={items} words={words ? `${boat.name}, ${words}` : boat.name} />
          )
        ) : (
          <header className="flex shrink-0 flex-wrap items-center gap-x-3 gap-y-1 px-4 py-0.5">
            <span className="font-bold">Moss Wake</span>
            {words && <span>{words}</span>}
            <BoatSelect {...{ boat, boats }} onNew={() => setSheet('boat')} />
            <nav aria-label="Boat and box" className="flex">
              {ways.filter((way) => !way.place).map(station)}
            </nav>
            <span className="grow" />
            <nav aria-label="Stations" className="flex">
              {ways.filter((way) => way.place).map(station)}
            </nav>
            <Button small tone="quiet" onClick={() => setSheet('units')}>
              Units
            </Button>
            <Button small tone="quiet" onClick={() => setSheet('keys')}>
              Keys
            </Button>
            <Button small tone="quiet" onClick={() => setSheet('devices')}>
              Devices
            </Button>
          </header>
        )}
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
        <PracticeBand {...{ boat, boats }} />
        <OnTheWay boat={boat.boatId} />
        {children}
        <Suspense fallback={null}>
          {sheet === 'units' && <UnitsSheet open onClose={() => setSheet(null)} />}
          {sheet === 'command' && (
            // What was typed may have opened another sheet: that one stays.
            <CommandBox open onClose={() => setSheet((now) => (now === 'command' ? null : now))} />
          )}
          {sheet === 'boat' && <NewBoat open onClose={() => setSheet(null)} />}
          {sheet === 'devices' && <DevicesSheet onClose={() => setSheet(null)} />}
          {sheet === 'keys' && <KeysSheet open onClose={() => setSheet(null)} />}
        </Suspense>
      </div>
    </FrameItems>
  )
}

/** One row: where one is, and everything else in a menu. */
function PhoneHead({
  ways,
  items,
  words,
}: {
  ways: readonly Way[]
  items: readonly MenuItem[]
  words: string
}) {
  return (
    <header className="flex shrink-0 flex-wrap items-center gap-x-1 px-2 pt-0.5">
      <nav aria-label="Stations" className="flex">
        {ways.filter((way) => way.place).map(station)}
      </nav>
      <span className="grow" />
      <MenuButton label="Go to" align="end" items={items} />
      <span className="w-full truncate px-2 text-sm text-slate">{words}</span>
    </header>
  )
}

/** A place one can go to, with its key where it is a station. */
interface Way {
  key: string
  name: string
  to: string
  place?: string
  go(): void
}

/** Day and moment go along from station to station; what was selected on one means nothing on another. */
function useWays(boat: Boat): readonly Way[] {
  const go = useNavigate()
  const { search, pathname } = useLocation()
  const home = `/boats/${boat.boatId}`
  const along = kept(search)
  // The spread on the bench is the spread on the water.
  const one = spreadIn(pathname)
  const same = one === '' ? along : kept(search, 'line')
  return useMemo(() => {
    const way = (name: string, to: string, place?: string): Way => ({
      key: name,
      name,
      to,
      ...(place && { place }),
      go: () => void go(to),
    })
    return [
      way('Plan', `${home}/plan${along}`, '1'),
      way('Rig', `${home}/rig${one}${same}`, '2'),
      way('Spread', `${home}/spread${one}${same}`, '3'),
      // Underway is now, whatever moment the others look at.
      way('Underway', `${home}/deck${one}`, '4'),
      way('Log', `${home}/log${along}`, '5'),
      way('Boat', `${home}/boat${along}`),
      way('Box', `${home}/box${along}`),
    ]
  }, [go, home, along, one, same])
}

type FrameSheet = 'devices' | 'units' | 'keys' | 'boat' | 'command' | null

/** What can be typed on every page. */
function useFrameCommands(ways: readonly Way[], boat: Boat, open: (sheet: FrameSheet) => void) {
  const units = useUnits()
  const go = useNavigate()
  const { pathname } = useLocation()
  const one = spreadIn(pathname)
  const print = (card: string) => () =>
    one === ''
      ? 'Open a spread first: its cards are printed from Rig or Spread.'
      : void go(`/boats/${boat.boatId}/print${one}?card=${card}`)
  useCommands([
    ...ways.map((way) => ({ words: way.name.toLowerCase(), run: way.go })),
    { words: 'units feet', run: () => units.chooseAll(SYSTEMS.feet) },
    { words: 'units metres', run: () => units.chooseAll(SYSTEMS.metric) },
    { words: 'print cards', run: print('spread') },
    { words: 'print rig card', run: print('rig') },
    { words: 'print list', run: print('list') },
    { words: 'keys', run: () => open('keys') },
    { words: 'devices', run: () => open('devices') },
    { words: 'add a boat', run: () => open('boat') },
  ])
}

function useStationKeys(ways: readonly Way[], open: (sheet: FrameSheet) => void) {
  useKeys({
    ...Object.fromEntries(ways.filter(({ place }) => place).map(({ place, go }) => [`Digit${place}`, go])),
    'Shift+Slash': () => open('keys'),
    Slash: () => open('command'),
  })
}

function useOtherBoats(boat: Boat, boats: readonly BoatTitle[]): MenuItem[] {
  const go = useNavigate()
  const { search, pathname } = useLocation()
  const section = pathname.split('/')[3] ?? 'spread'
  return awayLast(boats)
    .filter((other) => other.boatId !== boat.boatId)
    .map((other, at) => ({
      key: other.boatId,
      words: other.putAway ? `${other.name}, put away` : other.name,
      onSelect: () => void go(`/boats/${other.boatId}/${section}${kept(search)}`),
      ...(at === 0 && { apart: true }),
    }))
}

function BoatSelect({ boat, boats, onNew }: { boat: Boat; boats: readonly BoatTitle[]; onNew(): void }) {
  const go = useNavigate()
  const { search, pathname } = useLocation()
  const section = pathname.split('/')[3] ?? 'spread'
  return (
    <Select
      aria-label="Boat"
      className="max-w-36 border-transparent hover:border-ink/60"
      value={boat.boatId}
      onChange={(event) => {
        if (event.target.value === NEW) onNew()
        else void go(`/boats/${event.target.value}/${section}${kept(search)}`)
      }}
    >
      {awayLast(listed(boats, boat)).map((other) => (
        <option key={other.boatId} value={other.boatId}>
          {other.putAway ? `${other.name}, put away` : other.name}
        </option>
      ))}
      <option value={NEW}>Add a boat…</option>
    </Select>
  )
}

const station = (way: Way) => (
  <Station key={way.key} to={way.to} {...(way.place && { place: way.place })}>
    {way.name}
  </Station>
)

/** Lists come in pages: she is on hers, wherever she stands in it. */
const listed = (boats: readonly BoatTitle[], boat: Boat): readonly BoatTitle[] =>
  boats.some((one) => one.boatId === boat.boatId) ? boats : [{ ...boat, putAway: false }, ...boats]

const awayLast = (boats: readonly BoatTitle[]): readonly BoatTitle[] => [
  ...boats.filter((boat) => !boat.putAway),
  ...boats.filter((boat) => boat.putAway),
]

function Station({ to, place, children }: { to: string; place?: string; children: ReactNode }) {
  return (
    <NavLink
      to={to}
      className={({ isActive }) =>
        `flex min-h-11 min-w-11 items-center justify-center border-y-[3px] border-t-transparent px-2 ${isActive ? 'border-b-moss font-bold' : 'border-b-transparent hover:border-b-ink/40'}`
      }
    >
      {place && <span className="mr-1.5 text-sm font-normal text-slate max-md:hidden">{place}</span>}
      {children}
    </NavLink>
  )
}

/** `/id` of the spread that a station shows; empty elsewhere. */
function spreadIn(pathname: string): string {
  const [, , , station, id] = pathname.split('/')
  return id && (station === 'rig' || station === 'spread' || station === 'deck') ? `/${id}` : ''
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
