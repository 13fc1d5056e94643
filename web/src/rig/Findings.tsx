import { Button } from '../shared/ui/Button'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import type { BenchLine, Change, Mend } from './queries'

const BAR = { DANGER: 'border-rust', GOOD: 'border-moss', PLAIN: 'border-slate/60' }

/** What the bench says of the chosen line, dangers first, each with what mends it; cautions last. */
export function Findings({
  line,
  timeZone,
  onMend,
}: {
  line: BenchLine
  timeZone: string
  onMend(changes: readonly Change[]): void
}) {
  const units = useUnits()
  const say = (sentence: Mend['words']) => asSentence(saySentence(sentence, units, timeZone))
  return (
    <>
      {line.notes.map((note) => (
        <section
          key={`${note.kind} ${note.title.text}`}
          className={`border-l-[5px] pr-4 pl-3 ${BAR[note.weight]}`}
        >
          <h3 className="text-[15px] font-bold">
            {note.weight === 'DANGER' && <span className="sr-only">Warning: </span>}
            {say(note.title).replace(/\.$/, '')}
          </h3>
          <div className="text-[15px] leading-snug text-slate">
            <p>{say(note.text)}</p>
            {note.mends.map((mend) =>
              mend.changes.length > 0 ? (
                <Button
                  key={mend.words.text}
                  className="mt-1.5 w-full py-1 text-left leading-tight"
                  onClick={() => onMend(mend.changes)}
                >
                  {say(mend.words).replace(/\.$/, '')}
                </Button>
              ) : (
                <p key={mend.words.text} className="mt-1">
                  Or: {say(mend.words)}
                </p>
              ),
            )}
          </div>
        </section>
      ))}
      <section className="border-l-[5px] border-slate/60 pr-4 pl-3">
        <h3 className="text-[15px] font-bold">Take care</h3>
        {line.cautions.map((caution) => (
          <p key={caution} className="text-[15px] leading-snug text-slate">
            {caution}
          </p>
        ))}
      </section>
    </>
  )
}
