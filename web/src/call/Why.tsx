import type { ReactNode } from 'react'
import { Button } from '../shared/ui/Button'
import { BASIS_WORDS } from '../shared/ui/NumbersSheet'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence, type OpenSentence } from '../units/sentence'
import { hourOf } from '../units/zoned'
import { Because, rivalOf } from './Because'
import { answerWords, ruleWords } from './sentences'
import type { Call, Catalogue, Playbook, Score } from './queries'
import { playbookWords } from './words'

/** Why this call: its reasons with their weights, what they add up to, what does not fit, and what would change it. */
export function Why({
  call,
  words,
  timeZone,
  asked,
  building,
  onBuild,
  onFirst,
  onNumbers,
  onDays,
}: {
  call: Call
  words: Catalogue
  timeZone: string
  /** False while nothing of the day is known: what comes first is no call then. */
  asked: boolean
  building: boolean
  onBuild(): void
  /** Back to what comes first. */
  onFirst(): void
  onNumbers(): void
  onDays(): void
}) {
  const units = useUnits()
  const say = (sentence: OpenSentence) => saySentence(sentence, units, timeZone)
  const shown = call.scores.find((score) => score.playbook === call.taken.playbook)
  if (!shown) return null
  return (
    <aside
      aria-label="Why"
      data-testid="why"
      className="flex w-[320px] shrink-0 flex-col gap-4 overflow-auto border-l border-ink/25 p-4 max-md:w-auto max-md:border-l-0"
    >
      {call.verdict.map((one) => (
        <p key={one.text} role="alert" className="border-l-[5px] border-rust pl-3 font-bold">
          {say(one)}
        </p>
      ))}
      <Title {...{ call, words, timeZone, asked, shown, onFirst }} />

      <Lines call={call} say={say} />

      {call.lacks.length > 0 && (
        <Part title="The box lacks">
          <p>{call.lacks.map(say).join(', ')}.</p>
        </Part>
      )}

      {call.contradictions.length > 0 && (
        <Part title="What does not fit">
          {call.contradictions.map((one) => (
            <p key={one.text}>{say(one)}</p>
          ))}
        </Part>
      )}

      <Button
        tone={call.verdict.length > 0 ? 'plain' : 'strong'}
        disabled={building}
        onClick={onBuild}
        className="min-h-14 text-lg"
      >
        Build the spread
      </Button>

      <Because {...{ call, shown, words, timeZone, onNumbers, onDays }} />

      <WouldChange {...{ call, words, timeZone }} />

      {call.rule && (
        <Part title={`Your table of ${call.rule.dated}`}>
          <p>{ruleWords(call.rule, words, (m) => units.say('small', m), call.bagByTable)}</p>
        </Part>
      )}

      <Part title="Take care">
        <ul className="grid gap-1.5 text-sm">
          {call.cautions.map((caution) => (
            <li key={caution.caution} className="border-l-4 border-rust pl-2">
              {caution.words}
            </li>
          ))}
        </ul>
      </Part>
    </aside>
  )
}

/** What is called and from when to when, or what is looked at beside it. */
function Title({
  call,
  words,
  timeZone,
  asked,
  shown,
  onFirst,
}: {
  call: Call
  words: Catalogue
  timeZone: string
  asked: boolean
  shown: Score
  onFirst(): void
}) {
  const name = (id: Playbook) => playbookWords(words, id)
  const first = call.scores[0]!
  const leads = shown === first
  const rival = rivalOf(call, shown)
  const margin = shown.tenths - (rival?.tenths ?? 0)
  return (
    <section aria-live="polite">
      {!asked && <p className="text-slate">No call yet. By light and season alone comes first:</p>}
      <h1 className={asked ? 'text-xl font-bold' : 'text-lg text-slate'}>
        {name(shown.playbook)}
        {leads && `, ${hoursWords(call, timeZone)}`}
      </h1>
      <p>{rival && beside(margin, name(rival.playbook))}</p>
      {!leads && (
        <Button small tone="quiet" className="-ml-2.5 underline" onClick={onFirst}>
          Back to {name(first.playbook)}
        </Button>
      )}
    </section>
  )
}

/** How many lines, what bounds them, and how fast. */
function Lines({ call: { lines, taken }, say }: { call: Call; say(sentence: OpenSentence): string }) {
  const units = useUnits()
  return (
    <section data-testid="lines">
      <h2 className="font-bold">
        {lines.lines} {lines.lines === 1 ? 'line' : 'lines'} at {units.say('speed', taken.startMps)}
        {taken.overGround ? ' over the ground, with the stream' : ' through the water'}
      </h2>
      {lines.bounds
        .filter((bound) => bound.most === lines.lines)
        .map((bound) => (
          <p key={bound.what}>{asSentence(say(bound.says))}</p>
        ))}
      <p className="text-sm text-slate">
        {units.say('speed', taken.leastMps)} to {units.say('speed', taken.mostMps)}, {BASIS_WORDS[taken.sure]}
        .
      </p>
    </section>
  )
}

function WouldChange({ call, words, timeZone }: { call: Call; words: Catalogue; timeZone: string }) {
  const units = useUnits()
  const name = (id: Playbook) => playbookWords(words, id)
  return (
    <Part title="Would change the call">
      {call.wouldChange.length === 0 && <p>No single change of what you know.</p>}
      {call.wouldChange.slice(0, 3).map((change) => {
        const topic = words.topics.find((one) => one.topic === change.answer.topic)
        if (!topic) return null
        return (
          <p key={change.answer.topic}>
            {asSentence(`${topic.words} ${answerWords(topic, change.answer, units)}: ${name(change.first)}`)}
          </p>
        )
      })}
      <p>
        {call.planB
          ? `Plan B: ${name(call.planB.playbook)}${
              call.planB.at
                ? `, from ${hourOf(Date.parse(call.planB.at), timeZone)}.`
                : ', when an hour brings nothing.'
            }`
          : 'No plan B: every other method has more against it than for it.'}
      </p>
    </Part>
  )
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="grid gap-1">
      <h2 className="font-bold">{title}</h2>
      {children}
    </section>
  )
}

const NEARLY_A_DAY_MS = 23 * 3_600_000

/** `04:30 to 20:30`; where the light does not change all day, two hours of the clock would say nothing. */
const hoursWords = (call: Call, timeZone: string): string => {
  const [from, to] = [Date.parse(call.from), Date.parse(call.to)]
  return to - from >= NEARLY_A_DAY_MS ? 'all day' : `${hourOf(from, timeZone)} to ${hourOf(to, timeZone)}`
}

/** Tenths that it stands before the next, or behind the first. */
function beside(tenths: number, other: string): string {
  const by = (Math.abs(tenths) / 10).toFixed(1)
  if (by === '0.0') return `Level with ${other}.`
  return tenths > 0 ? `Ahead of ${other} by ${by}.` : `Behind ${other} by ${by}: your choice.`
}
