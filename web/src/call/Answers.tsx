import { Popover } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { Button } from '../shared/ui/Button'
import { letFocusBe } from '../shared/ui/closing'
import { partsOf } from './answer'
import { Choices } from './Choices'
import { PartField } from './PartField'
import type { Answer, Topic } from './queries'

/** A chip and what it opens. */
export interface ChipProps {
  topic: Topic
  answer: Answer | undefined
  hint?: string | undefined
  onAnswer(answer: Answer | null): void
}

/** What can be answered to a topic, opened above its chip. */
export function Answers({ topic, answer, hint, onAnswer, chip }: ChipProps & { chip: ReactNode }) {
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
          onCloseAutoFocus={letFocusBe}
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
                if (topic.parts.length === 0 && topic.most === 1) setOpen(false)
              }}
            />
          )}
          <div className="mt-2 grid gap-2 empty:hidden">
            {partsOf(topic, answer).map((part) => (
              <PartField
                key={part.key}
                part={part}
                answer={answer ?? { topic: topic.topic }}
                onAnswer={onAnswer}
              />
            ))}
          </div>
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
