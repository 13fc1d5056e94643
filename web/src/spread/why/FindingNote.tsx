import { useState } from 'react'
import { useUnits } from '../../units/UnitsContext'
import { saySentence, type OpenSentence } from '../../units/sentence'
import type { Finding, Mend } from '../../draft/queries'
import { MendButton } from './MendButton'
import { Note, type Tone } from './Note'

export const toneOf = (finding: Finding): Tone =>
  finding.warns ? 'warn' : finding.kind.startsWith('CARE') ? 'care' : 'good'

/** A sentence, its figures, one button that does it. */
export function FindingNote({
  finding,
  timeZone,
  onMend,
  onPoint,
  onSelect,
}: {
  finding: Finding
  timeZone: string
  onMend(mend: Mend): void
  onPoint?: ((mend: Mend | null) => void) | undefined
  onSelect(lineId: string): void
}) {
  const units = useUnits()
  const say = (sentence: OpenSentence) => saySentence(sentence, units, timeZone)
  const { mend } = finding
  const [open, setOpen] = useState(false)
  const touched = () => {
    setOpen(!open)
    if (finding.lineIds[0]) onSelect(finding.lineIds[0])
  }
  return (
    <Note tone={toneOf(finding)} title={say(finding.title)} touch={{ expanded: open, onTouch: touched }}>
      <p className={open ? '' : finding.warns ? 'line-clamp-2' : 'line-clamp-1'}>{say(finding.text)}</p>
      {mend && <MendButton {...{ mend, onMend, onPoint }}>{say(mend.words)}</MendButton>}
    </Note>
  )
}
