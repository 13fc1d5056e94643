import { Clamp } from '../../shared/ui/Clamp'
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
  return (
    <Note
      tone={toneOf(finding)}
      title={say(finding.title)}
      onTitle={() => finding.lineIds[0] && onSelect(finding.lineIds[0])}
    >
      <Clamp lines={finding.warns ? 2 : 1}>{say(finding.text)}</Clamp>
      {mend && <MendButton {...{ mend, onMend, onPoint }}>{say(mend.words)}</MendButton>}
    </Note>
  )
}
