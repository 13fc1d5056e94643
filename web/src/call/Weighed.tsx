import { weight } from './model'

export interface Row {
  key: string
  tenths: number
  words: string
}

/** Weights one under another, each bar beginning where the one above it ends, and their sum. */
export function Weighed({ rows, sum, testid }: { rows: readonly Row[]; sum: number; testid: string }) {
  const ends = rows.reduce<number[]>((all, row) => [...all, (all.at(-1) ?? 0) + row.tenths], [])
  const least = Math.min(0, ...ends)
  const range = Math.max(1, Math.max(0, ...ends) - least)
  const bar = (from: number, to: number) => ({
    left: `${(100 * (Math.min(from, to) - least)) / range}%`,
    width: `${Math.max(1.5, (100 * Math.abs(to - from)) / range)}%`,
  })
  return (
    <table className="w-full border-collapse text-[14px]" data-testid={testid}>
      <tbody>
        {rows.map((row, at) => (
          <tr key={row.key} className="border-b border-ink/15 align-baseline">
            <td className={`w-11 py-1 pr-2 text-right font-mono ${row.tenths < 0 ? 'text-rust-text' : ''}`}>
              {weight(row.tenths)}
            </td>
            <td className="py-1">
              {row.words}
              <Bar against={row.tenths < 0} style={bar(ends[at - 1] ?? 0, ends[at]!)} />
            </td>
          </tr>
        ))}
        <tr className="border-t-2 border-ink font-bold">
          <td className="py-1 pr-2 text-right font-mono">{weight(sum)}</td>
          <td className="py-1">
            together
            <Bar against={sum < 0} style={bar(0, sum)} />
          </td>
        </tr>
      </tbody>
    </table>
  )
}

function Bar({ against, style }: { against: boolean; style: { left: string; width: string } }) {
  return (
    <span aria-hidden className="relative mt-0.5 block h-1.5">
      <span className={`absolute h-full ${against ? 'bg-rust' : 'bg-moss'}`} style={style} />
    </span>
  )
}
