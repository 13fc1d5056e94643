import type { Live } from './queries'

type Lures = NonNullable<Live['back']>['lures']

/** Each lure by its name, and in how long it is there: counted down as the answers come. */
export function LuresThere({ lures }: { lures: Lures }) {
  if (lures.length === 0) return null
  return (
    <ol aria-label="Lures there" className="mt-2 flex flex-wrap gap-x-5 gap-y-1" data-testid="lures-there">
      {lures.map(({ lineId, label, inS }) => (
        <li key={lineId} className="text-lg">
          <b>{label}</b> <span className="font-mono text-2xl">{inSeconds(inS)}</span>
        </li>
      ))}
    </ol>
  )
}

const inSeconds = (s: number): string =>
  s < 60 ? `${Math.round(s)} s` : `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`
