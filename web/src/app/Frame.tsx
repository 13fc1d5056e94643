import { useState, type ReactNode } from 'react'
import { useNavigate } from 'react-router'
import { useAway, useWatchReach } from '../shared/reach'
import { Button } from '../shared/ui/Button'
import { Select } from '../shared/ui/Select'
import type { Boat } from '../spread/queries'
import { KeysSheet } from './KeysSheet'
import { UnitsSheet } from './UnitsSheet'

/** Name, place and boat on top; the stations that exist; what holds for every page. */
export function Frame({
  boat,
  boats,
  words,
  children,
}: {
  boat: Boat
  boats: readonly Boat[]
  /** What day and place this is. */
  words?: string
  children: ReactNode
}) {
  useWatchReach()
  const away = useAway()
  const go = useNavigate()
  const [units, setUnits] = useState(false)
  const [keys, setKeys] = useState(false)
  return (
    <div className="flex h-full flex-col overflow-hidden max-md:h-auto max-md:min-h-full max-md:overflow-visible">
      <header className="flex shrink-0 flex-wrap items-center gap-x-5 gap-y-1 px-4 py-0.5">
        <span className="font-bold">Moss Wake</span>
        {words && <span>{words}</span>}
        <Select
          aria-label="Boat"
          className="border-transparent hover:border-ink/60"
          value={boat.boatId}
          onChange={(event) => void go(`/boats/${event.target.value}`)}
        >
          {boats.map((other) => (
            <option key={other.boatId} value={other.boatId}>
              {other.name}
            </option>
          ))}
        </Select>
        <span className="grow" />
        <nav aria-label="Stations">
          <span aria-current="page" className="border-b-[3px] border-moss px-2 pb-1 font-bold">
            <span className="mr-1.5 text-sm font-normal text-slate">3</span>Spread
          </span>
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
          The server or its database is away. What you do stays in this page and strikes are kept here;
          everything goes on by itself when it is back.
        </p>
      )}
      {children}
      <UnitsSheet open={units} onClose={() => setUnits(false)} />
      <KeysSheet open={keys} onOpen={() => setKeys(true)} onClose={() => setKeys(false)} />
    </div>
  )
}
