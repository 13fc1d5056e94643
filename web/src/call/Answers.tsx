import { Popover } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { Button } from '../shared/ui/Button'
import { TypedField } from '../shared/ui/TypedField'
import { FIGURE_OF, useUnits, type Units } from '../units/UnitsContext'
import type { Answer, Topic } from './queries'
import { choiceWords, NUMBER_WORDS } from './words'

/** A chip and what it opens. */
export interface ChipProps {
  topic: Topic
  answer: Answer | undefined
  hint?: string | undefined
  onAnswer(answer: Answer | null): void
}

/** What can be answered to a topic, opened above its chip. */
export function Answers({ topic, answer, hint, onAnswer, chip }: ChipProps & { chip: ReactNode }) {
  const units = useUnits()
  const [open, setOpen] = useState(true)
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>{chip}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={8}
          collisionPadding={12}
          aria-label={topic.words}
          className="z-30 max-h-[70vh] w-80 max-w-[94vw] overflow-auto border-2 border-ink bg-foam p-4"
        >
          <h3 className="mb-2 font-bold first-letter:uppercase">{topic.words}</h3>
          {topic.choices.length > 0 && (
            <Choices
              topic={topic}
              answer={answer}
              onAnswer={(next) => {
                onAnswer(next)
                if (topic.figure === undefined && topic.topic !== 'TARGET') setOpen(false)
              }}
            />
          )}
          {topic.figure !== undefined && (
            <NumberOf topic={topic} answer={answer} units={units} onAnswer={onAnswer} />
          )}
          {hint && <p className="mt-2 text-sm text-slate">{hint}</p>}
          <div className="mt-3 flex gap-2">
            <Button
              small
              disabled={!answer}
              onClick={() => {
                onAnswer(null)
                setOpen(false)
              }}
            >
              Not known
            </Button>
            <Popover.Close asChild>
              <Button small tone="strong">
                Done
              </Button>
            </Popover.Close>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

/** First target, then a second; every other topic has one answer. */
function Choices({
  topic,
  answer,
  onAnswer,
}: {
  topic: Topic
  answer: Answer | undefined
  onAnswer(answer: Answer): void
}) {
  const pick = (choice: string) => {
    if (topic.topic === 'TARGET' && answer?.choice && answer.choice !== choice && answer.second !== choice)
      return onAnswer({ topic: 'TARGET', choice: answer.choice, second: choice })
    if (topic.topic === 'BAIT' && choice === 'LAYER')
      return onAnswer({ topic: 'BAIT', choice, value: answer?.value ?? 10, other: answer?.other ?? 15 })
    onAnswer({ topic: topic.topic, choice })
  }
  return (
    <div role="group" aria-label={topic.words} className="flex flex-wrap gap-1.5">
      {topic.choices.map((choice) => {
        const first = answer?.choice === choice
        const second = answer?.second === choice
        return (
          <button
            key={choice}
            type="button"
            aria-pressed={first || second}
            className={`min-h-11 border-2 px-3 ${first || second ? 'border-ink bg-lichen font-bold' : 'border-ink/40 hover:bg-shade'}`}
            onClick={() => pick(choice)}
          >
            {second && 'then '}
            {choiceWords(topic.topic, choice)}
          </button>
        )
      })}
      {topic.topic === 'TARGET' && (
        <p className="w-full text-sm text-slate">
          The first you touch comes first, the next second; Not known begins again.
        </p>
      )}
    </div>
  )
}

function NumberOf({
  topic,
  answer,
  units,
  onAnswer,
}: {
  topic: Topic
  answer: Answer | undefined
  units: Units
  onAnswer(answer: Answer): void
}) {
  const withNumber = topic.choices.length === 0 || topic.topic !== 'BAIT' || answer?.choice === 'LAYER'
  const needsChoice = topic.choices.length > 0 && !answer?.choice
  if (
    !withNumber ||
    needsChoice ||
    (topic.topic === 'BIRDS' && answer?.choice !== 'DIVING' && answer?.choice !== 'TRAVELLING')
  )
    return null
  const set = (change: Partial<Answer>) => onAnswer({ topic: topic.topic, ...answer, ...change })
  return (
    <div className="mt-2 grid gap-2">
      <Quantity
        topic={topic}
        label={NUMBER_WORDS[topic.topic] ?? topic.words}
        si={answer?.value}
        units={units}
        onSet={(value) => set({ value })}
      />
      {topic.topic === 'BAIT' && (
        <Quantity
          topic={topic}
          label="Bottom of the layer"
          si={answer?.other}
          units={units}
          onSet={(other) => set({ other })}
        />
      )}
    </div>
  )
}

/** Read in the reader's unit; a count or a step of temperature as a plain number. */
function Quantity({
  topic,
  label,
  si,
  units,
  onSet,
}: {
  topic: Topic
  label: string
  si: number | undefined
  units: Units
  onSet(si: number): void
}) {
  const figure = FIGURE_OF[topic.figure ?? '']
  const stepFactor = topic.figure === 'TEMPERATURE_STEP' ? units.unit('temperature').factor : 1
  const print = (value: number) => (figure ? units.say(figure, value) : `${+(value / stepFactor).toFixed(2)}`)
  const commit = (typed: string): string | null => {
    const read = figure
      ? units.read(figure, typed)
      : plain(typed) === null
        ? null
        : plain(typed)! * stepFactor
    const least = topic.least ?? 0
    const most = topic.most ?? 1e9
    if (topic.figure === 'COUNT' && read !== null && !Number.isInteger(read)) return 'Type a whole number.'
    if (read === null || read < least - 1e-9 || read > most + 1e-9)
      return `Type a value from ${print(least)} to ${print(most)}.`
    onSet(read)
    return null
  }
  const nudge = (by: number) =>
    onSet(Math.min(topic.most ?? 1e9, Math.max(topic.least ?? 0, (si ?? topic.least ?? 0) + by)))
  return (
    <label className="flex items-center justify-between gap-2">
      <span className="first-letter:uppercase">{label}</span>
      <span className="flex items-center gap-1">
        {topic.figure === 'COUNT' && (
          <Button small aria-label="One fewer" onClick={() => nudge(-1)}>
            −
          </Button>
        )}
        <TypedField
          label={label}
          value={si === undefined ? '' : print(si)}
          onCommit={commit}
          size={8}
          className="h-11"
        />
        {topic.figure === 'COUNT' && (
          <Button small aria-label="One more" onClick={() => nudge(1)}>
            +
          </Button>
        )}
      </span>
    </label>
  )
}

const plain = (typed: string): number | null => {
  const text = typed
    .trim()
    .replace(',', '.')
    .replace(/\s*(°?[cfk]|°)$/i, '')
  return text === '' || !isFinite(+text) ? null : +text
}
