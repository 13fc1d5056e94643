import { useUnits, type Units } from '../../units/UnitsContext'
import { depthWords } from '../depth'
import { runsBy, type Trace } from './model'
import type { LureReach } from './queries'

/** Less to the side goes over it (m). */
const OVER_IT_M = 3

/** Each lure by the trace: over, through or under it, and when it is there. */
export function LuresReach({ lures, trace }: { lures: readonly LureReach[]; trace: Trace }) {
  const units = useUnits()
  if (lures.length === 0)
    return <p className="mt-2 text-base">No line of this spread has a lure in the water.</p>
  return (
    <table className="mt-2 w-full text-left text-base" data-testid="sounder-lures">
      <thead>
        <tr className="text-sm text-slate">
          <th className="font-normal">Line</th>
          <th className="pr-2 font-normal">runs</th>
          <th className="pr-3 font-normal">at fish</th>
          <th className="font-normal">at a wreck</th>
        </tr>
      </thead>
      <tbody>
        {lures.map((lure) => (
          <tr key={lure.lineId} className="border-t border-ink/20">
            <th className="py-1 pr-2 font-bold">{lure.label}</th>
            <td className="pr-2">{byWords(lure, trace, units)}</td>
            <td className="pr-3 font-mono whitespace-nowrap">{Math.round(lure.driftingS)} s</td>
            <td className="font-mono">
              {Math.round(lure.lyingS)} s{asideWords(lure.setM, units)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function byWords({ depthM }: LureReach, trace: Trace, units: Units): string {
  const { by, m } = runsBy(depthM, trace)
  const deep = depthWords(depthM, units)
  if (by === 'IN') return `${deep}, through it`
  return `${deep}, ${units.say('distance', m)} ${by === 'OVER' ? 'over' : 'under'} it`
}

const asideWords = (setM: number, units: Units): string =>
  Math.abs(setM) < OVER_IT_M
    ? ''
    : `, ${units.say('distance', Math.abs(setM))} to ${setM > 0 ? 'starboard' : 'port'}`
