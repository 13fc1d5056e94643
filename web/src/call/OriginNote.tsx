import { useQuery } from '@tanstack/react-query'
import { useUnits } from '../units/UnitsContext'
import { saySentence } from '../units/sentence'
import { catalogue, originOf, type Made } from './queries'
import { playbookWords } from './words'

/** Why the call made the selected line as it is; nothing where the spread was made by hand. */
export function OriginNote({
  boat,
  spread,
  line,
  label,
  timeZone,
  fresh,
}: {
  boat: string
  spread: string
  line: string | null
  label: string
  timeZone: string
  /** Of lines called anew and not saved yet. */
  fresh: Made | null
}) {
  const units = useUnits()
  const kept = useQuery(originOf(boat, spread)).data
  const origin = fresh ?? kept
  const words = useQuery({ ...catalogue(), enabled: Boolean(origin) }).data
  if (!origin) return null
  if (!origin.playbook)
    return (
      <section data-testid="origin" className="border-l-4 border-moss px-3.5">
        Why it was built so was written by an earlier edition and cannot be shown any more. It is kept.
      </section>
    )
  const story = origin.stories.find((one) => one.lineId === line)
  const say = (sentence: Parameters<typeof saySentence>[0]) => saySentence(sentence, units, timeZone)
  const book = words ? playbookWords(words, origin.playbook) : ''
  return (
    <section data-testid="origin" className="border-l-4 border-moss px-3.5">
      <h3 className="font-bold">{story ? `${label}, by ${book}` : `Built by ${book}`}</h3>
      {story?.says.map((sentence) => (
        <p key={sentence.text}>{say(sentence)}</p>
      ))}
      {origin.lacks.length > 0 && <p>The box lacked: {origin.lacks.map(say).join(', ')}.</p>}
      {origin.notes.length > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">How to fish it</summary>
          {origin.notes.map((note) => (
            <p key={note.text}>{say(note)}</p>
          ))}
        </details>
      )}
    </section>
  )
}
