import { useUnits } from '../units/UnitsContext'
import { lengthWords } from './words'
import type { BenchLine } from './queries'

/** The drawing's twin in rows, for those who cannot see it and for paper. */
export function ChainTable({ line }: { line: BenchLine }) {
  const units = useUnits()
  return (
    <table className="w-full" data-testid="chain-table">
      <caption className="sr-only">{`Chain of ${line.label}, from reel to hook`}</caption>
      <thead>
        <tr className="border-b border-ink/40 text-left text-sm text-slate">
          <th className="font-normal">part</th>
          <th className="font-normal">what</th>
          <th className="font-normal">length</th>
          <th className="font-normal">leaves</th>
          <th className="text-right font-normal">holds</th>
        </tr>
      </thead>
      <tbody>
        {line.parts.map((part, at) => (
          <tr
            key={`${part.sort} ${at}`}
            className={`border-b border-ink/15 ${part.weakest ? 'font-bold text-rust-text' : ''}`}
          >
            <td>{part.words}</td>
            <td>{part.weakest ? `${part.name}, weakest` : part.name}</td>
            <td className="font-mono">
              {part.lengthM !== undefined
                ? lengthWords(units, part.lengthM)
                : part.massKg !== undefined
                  ? units.say('mass', part.massKg)
                  : ''}
            </td>
            <td className="font-mono">
              {part.efficiency === undefined ? '' : `${Math.round(100 * part.efficiency)} %`}
            </td>
            <td className="text-right font-mono">
              {part.strengthN === undefined ? '' : units.say('pull', part.strengthN)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
