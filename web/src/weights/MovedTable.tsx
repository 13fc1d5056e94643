import type { Moved } from './queries'

/** Tenths as a weight is written. */
const weight = (tenths: number) =>
  `${tenths < 0 ? '−' : tenths > 0 ? '+' : ''}${(Math.abs(tenths) / 10).toFixed(1)}`

/** Half of what the line spans, in tenths. */
const REACH = 10

/** What moved, and how far: a line from the shipped weight to the one of the days. */
export function MovedTable({ moved, on }: { moved: readonly Moved[]; on: boolean }) {
  if (moved.length === 0) return null
  return (
    <table className="w-full text-left" data-testid="moved-weights">
      <caption className="sr-only">Weights that would move, the farthest first</caption>
      <thead>
        <tr className="border-b-2 border-ink">
          <th scope="col">What speaks for it</th>
          <th scope="col" className="text-right">
            Shipped
          </th>
          <th scope="col" className="w-36 max-md:hidden" aria-label="Way between them" />
          <th scope="col" className="pr-3 text-right">
            Your days
          </th>
          <th scope="col" className="text-right max-md:hidden">
            Held in
          </th>
        </tr>
      </thead>
      <tbody>
        {moved.map((one) => (
          <tr key={one.key} className="border-b border-ink/20">
            <td className="py-1 pr-3">{one.words}</td>
            <td className={`text-right font-mono ${on ? 'text-slate' : ''}`}>{weight(one.from)}</td>
            <td className="max-md:hidden">
              <Way {...one} />
            </td>
            <td className="pr-3 text-right font-mono whitespace-nowrap">
              <b>{weight(one.to)}</b> <span className="text-slate">± {(one.sure / 10).toFixed(1)}</span>
            </td>
            <td className="text-right whitespace-nowrap max-md:hidden">
              {one.spells} {one.spells === 1 ? 'spell' : 'spells'}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Way({ from, to }: Moved) {
  const by = Math.max(-REACH, Math.min(REACH, to - from))
  const x = 60 + (by * 55) / REACH
  return (
    <svg viewBox="0 0 120 20" className="mx-auto block h-5 w-32" aria-hidden>
      <path d="M60 3v14" className="stroke-ink" strokeWidth={2} />
      <path d={`M60 10H${x}`} className={by < 0 ? 'stroke-rust' : 'stroke-moss'} strokeWidth={4} />
      <circle cx={x} cy={10} r={5} className={by < 0 ? 'fill-rust' : 'fill-moss'} />
    </svg>
  )
}
