import { useEffect, useState, type ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { Clamp } from '../../shared/ui/Clamp'
import { QuantityField } from '../../shared/ui/QuantityField'
import { useUnits } from '../../units/UnitsContext'
import type { Mend } from '../../draft/queries'
import { saySentence } from '../../units/sentence'
import { MendButton } from '../why/MendButton'
import { Note } from '../why/Note'
import { againWords, lowered, passWords, roundSaid, turnSaid, widerTo } from './sentences'
import type { Turning } from './useTurns'
import { RANGES } from '../../shared/api/generated/ranges'

const RADIUS_M = RANGES.TurnsBody.radiusM

/** How far she turns to each side, what fouls first, and the change that widens it. */
export function TurnNote({
  turning,
  label,
  boatM,
  radiusM,
  onRadius,
  onWiden,
  onPoint,
}: {
  turning: Turning
  label(lineId: string): string
  boatM: number
  radiusM: number
  onRadius(metres: number): void
  onWiden(mend: Mend): void
  onPoint?: (mend: Mend | null) => void
}) {
  const units = useUnits()
  const { turns, wider, busy, stopped } = turning
  const slow = useSlow(busy)
  if (!turns) return busy || stopped ? <Working {...{ busy, slow, stopped }} onStop={turning.stop} /> : null
  const said = turnSaid(turns, units, label)
  const round = turning.round && roundSaid(turning.round, units, label)
  const passes = passWords([turns.port, turns.starboard], units, label)
  return (
    <div data-testid="turn-note" aria-busy={busy !== null || turning.stale}>
      <Note tone={said.tone} title={round?.title ?? 'Right round…'}>
        {round && <Clamp>{round.text}</Clamp>}
        {turning.stale && <p className="italic">As it was before this change.</p>}
        {wider && (
          <>
            <MendButton mend={wider.mend} onMend={onWiden} onPoint={onPoint}>
              {saySentence(wider.mend.words, units, 'UTC')}: {widerTo(wider)}
            </MendButton>
            {!wider.enough && (
              <p>No single change gives {Math.round(turns.port.wantedDeg)}°; this gains most.</p>
            )}
          </>
        )}
        <Limit title={lowered(said.title)} radius={units.say('distance', radiusM)}>
          <p className="mt-1">
            At a radius of{' '}
            <QuantityField
              label="Radius of the turn"
              what="a radius"
              figure="distance"
              si={radiusM}
              range={RADIUS_M}
              onSet={onRadius}
              size={6}
              className="h-11"
            />{' '}
            {lowered(said.title)}. {said.text} {againWords(said.again, boatM, units)} {passes}
          </p>
        </Limit>
        <Working {...{ busy, slow, stopped }} onStop={turning.stop} />
      </Note>
    </div>
  )
}

/** How far she turns at a set radius: one line, which opens to all of it. */
function Limit({ title, radius, children }: { title: string; radius: string; children: ReactNode }) {
  const [open, setOpen] = useState(false)
  return (
    <div data-testid="turn-limit">
      <button
        type="button"
        aria-expanded={open}
        className="min-h-11 text-left font-semibold text-ink underline"
        onClick={() => setOpen(!open)}
      >
        At {radius} {title}
      </button>
      <div hidden={!open}>{children}</div>
    </div>
  )
}

function Working({
  busy,
  slow,
  stopped,
  onStop,
}: {
  busy: Turning['busy']
  slow: boolean
  stopped: boolean
  onStop(): void
}) {
  if (stopped) return <p className="px-4 text-slate">Stopped. The next change asks again.</p>
  if (!slow) return null
  return (
    <p role="status" className="flex items-center gap-2 text-slate">
      {busy === 'round' ? 'Turning her right round…' : 'Turning the spread…'}
      <Button small onClick={onStop}>
        Stop
      </Button>
    </p>
  )
}

/** True once something has taken longer than people wait without asking. */
function useSlow(busy: Turning['busy']): boolean {
  const [slow, setSlow] = useState(false)
  useEffect(() => {
    if (!busy) return
    const timer = setTimeout(() => setSlow(true), 600)
    return () => {
      clearTimeout(timer)
      setSlow(false)
    }
  }, [busy])
  return slow
}
