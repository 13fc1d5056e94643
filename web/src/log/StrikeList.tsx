import { useUnits } from '../units/UnitsContext'
import type { Struck } from './queries'

/** The strikes of the slice in words, the latest first. */
export function StrikeList({ strikes, clock }: { strikes: readonly Struck[]; clock(at: string): string }) {
  const units = useUnits()
  return (
    <table className="w-full text-left text-sm">
      <caption className="sr-only">Strikes, the latest first</caption>
      <thead>
        <tr className="border-b-2 border-ink">
          {['Day', 'Hour', 'Fish', 'What became of it', 'Position', 'Lure', 'Depth'].map((head) => (
            <th key={head} scope="col" className="pr-3">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {strikes.map((one) => (
          <tr key={one.strikeId} className="border-b border-ink/20">
            <td className="pr-3 font-mono whitespace-nowrap">{one.day ?? 'no year'}</td>
            <td className="pr-3 font-mono">{one.at ? clock(one.at) : '–'}</td>
            <td className="pr-3">{one.species ?? 'not known'}</td>
            <td className="pr-3">{one.outcome ?? 'not said'}</td>
            <td className="pr-3">{one.position ?? 'not known'}</td>
            <td className="pr-3">{one.lure ?? 'not known'}</td>
            <td className="font-mono whitespace-nowrap">
              {one.depthM === undefined ? '–' : units.say('distance', one.depthM)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
