import { useUnits } from '../../units/UnitsContext'
import type { LiveProps } from './LivePlan'

const BEND = { INSIDE: 'inside', OUTSIDE: 'outside', NEITHER: '' } as const

/** The drawing in words, for who cannot see it. */
export function LiveTable({ now, named }: Pick<LiveProps, 'now' | 'named'>) {
  const units = useUnits()
  return (
    <table className="sr-only">
      <caption>The spread on the water</caption>
      <thead>
        <tr>
          <th>Line</th>
          <th>Depth</th>
          <th>Own speed</th>
          <th>In the turn</th>
          <th>Least water under it</th>
        </tr>
      </thead>
      <tbody>
        {now.lines.map((line) => (
          <tr key={line.lineId}>
            <th>{named.get(line.lineId)?.label}</th>
            <td>{line.slack ? 'hangs' : units.say('distance', line.lureDepthM)}</td>
            <td>{units.say('speed', line.lureMps)}</td>
            <td>{BEND[line.bend]}</td>
            <td>
              {line.offBottomM === undefined
                ? 'not sounded'
                : units.say('distance', Math.max(0, line.offBottomM))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
