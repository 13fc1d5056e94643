import { sources } from '../../shared/device'
import type { Fact, Payload } from '../../strikes/fold/model'
import { ToldList } from '../../strikes/told/ToldList'
import type { ToldEdits } from '../../strikes/told/ToldRow'
import { strikeNames } from '../../strikes/told/words'
import type { useDay } from '../../strikes/useDay'
import { useUnits } from '../../units/UnitsContext'

/** What was told of the day out that is shown, to be put right from here. */
export function Told({
  told: { day, refused, report, again, discard },
  nameOf,
  clock,
}: {
  told: ReturnType<typeof useDay>
  nameOf(lineId: string): string
  clock(at: number): string
}) {
  const units = useUnits()
  const say = (kind: string, words: string, payload: Payload) =>
    void report({ kind, at: sources.now(), payload, words, label: '' })
  const about = ({ factId }: Fact) => ({ targetId: factId })
  const edits: ToldEdits = {
    onRetimed: (fact, at, words) =>
      say('CORRECTED', `Time of: ${words}`, { ...about(fact), at: new Date(at).toISOString() }),
    onNoted: (fact, note, words) => say('ANNOTATED', `Note on: ${words}`, { ...about(fact), note }),
    onTakeBack: (fact, words) => say('RETRACTED', `Taken back: ${words}`, about(fact)),
  }
  return (
    <ToldList
      standing={day.standing}
      takenBack={day.takenBack}
      {...{ refused, clock, edits }}
      saying={{
        nameOf: strikeNames(day, nameOf),
        length: (metres) => units.say('distance', metres),
      }}
      onRestore={(by, words) => say('RETRACTED', `Restored: ${words}`, { targetId: by })}
      onAgain={again}
      onDiscard={discard}
    />
  )
}
