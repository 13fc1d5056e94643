import { useState } from 'react'
import { useUnits } from '../units/UnitsContext'
import { LandOrLose, type Outcomes } from './LandOrLose'
import { LOSSES } from './losses'
import { StrikeSheet, type StrikeEdits } from './StrikeSheet'
import type { Strike } from './useDay'

/** A strike of the day; opened, it says where the lure was and takes what became of it. */
export function StrikeRow({
  strike,
  clock,
  edits,
  onLanded,
  onLost,
}: Outcomes & { strike: Strike; clock(time: string): string; edits: StrikeEdits }) {
  const units = useUnits()
  const [open, setOpen] = useState(false)
  const [editing, setEditing] = useState(false)
  const { figures } = strike
  return (
    <li className="py-1">
      <button
        type="button"
        aria-expanded={open}
        className="flex min-h-11 w-full items-center gap-2 text-left hover:underline"
        onClick={() => setOpen(!open)}
      >
        <span className="font-mono">{clock(strike.happenedAt)}</span>
        <b className="w-6">{strike.label}</b>
        <span className="grow truncate text-slate">
          {figures?.lureName ?? (strike.unsent ? 'kept here, not sent yet' : 'depth not reckoned yet')}
        </span>
        <span>{outcomeOf(strike)}</span>
      </button>
      {open && (
        <div className="pb-2">
          {figures && (
            <p className="text-slate">
              {units.say('distance', figures.letOutM)} out, {depthWords(figures.depthM, units)} at{' '}
              {units.say('speed', figures.speedThroughWaterMps)}. {figures.holderName}.
            </p>
          )}
          <LandOrLose {...{ strike, onLanded, onLost }} onEdit={() => setEditing(true)} />
        </div>
      )}
      {editing && <StrikeSheet {...{ strike, clock, edits }} onClose={() => setEditing(false)} />}
    </li>
  )
}

function outcomeOf({ outcome, species, how }: Strike): string {
  if (outcome === 'OPEN') return 'open'
  if (outcome === 'LOST') return LOSSES.find(([kind]) => kind === how)?.[1] ?? 'lost'
  return species.join(', ') + (outcome === 'RELEASED' ? ', released' : '')
}

function depthWords(depthM: number | undefined, units: ReturnType<typeof useUnits>): string {
  if (depthM === undefined) return 'depth not known'
  return depthM < 0.02 ? 'at the surface' : `${units.say('distance', depthM)} down`
}
