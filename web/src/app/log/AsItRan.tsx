import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { ranAt } from '../../log/queries'
import { useUnits } from '../../units/UnitsContext'

/** Every line as it ran at the moment looked at: what was tied, how far out, how deep, how fast. */
export function AsItRan({
  boat,
  trip,
  at,
  facts,
  isOut,
}: {
  boat: string
  trip: string
  /** To the minute. */
  at: string
  facts: number
  isOut(lineId: string): boolean
}) {
  const [open, setOpen] = useState(false)
  const units = useUnits()
  const { data } = useQuery({ ...ranAt(boat, trip, at, facts), enabled: open })
  const figure = (metres: number | undefined) =>
    metres === undefined ? 'not known' : units.say('distance', metres)
  return (
    <details className="pb-2" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2">The spread as it ran then</summary>
      {data && (
        <table className="w-full text-left" data-testid="as-it-ran">
          <thead>
            <tr className="border-b-2 border-ink">
              {['Position', 'Lure', 'Out', 'Depth', 'Speed'].map((name) => (
                <th key={name} scope="col" className="pr-2">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {data.map((line) => (
              <tr
                key={line.lineId}
                className={`border-b border-ink/20 ${isOut(line.lineId) ? '' : 'text-slate'}`}
              >
                <th scope="row" className="font-normal">
                  {line.position ?? 'not known'}
                  {!isOut(line.lineId) && ', not out'}
                </th>
                <td className="px-2">{line.lure ?? 'not known'}</td>
                <td className="pr-2 whitespace-nowrap">{figure(line.letOutM)}</td>
                <td className="pr-2 whitespace-nowrap">{figure(line.depthM)}</td>
                <td className="whitespace-nowrap">
                  {line.paceMps === undefined ? 'not known' : units.say('speed', line.paceMps)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </details>
  )
}
