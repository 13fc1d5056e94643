import { sailedWords } from '../strikes/sailed'
import { useState, type ReactNode } from 'react'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import { LOSSES, type Loss } from '../strikes/losses'
import type { Strike } from '../strikes/useDay'
import type { Deck } from './queries'

/** A line that comes in or stays for this fish. */
export interface ToClear {
  lineId: string
  label: string
  /** Already in. */
  isIn: boolean
  words: string
}

/** What became of the fish, as far as it is asked. */
export type Ending = 'landed' | 'lost' | null

/** How long a strike can be undone in one tap (s). */
const UNDO_S = 10

/** One fish on: what the boat does now, which lines come in, in order, and what becomes of the fish. */
export function StrikeCard({
  strike,
  now,
  deck,
  clear,
  stay,
  bag,
  asked,
  onAsk,
  onCleared,
  onSecond,
  onLost,
  onLanded,
  onUndo,
}: {
  strike: Strike
  /** ms */
  now: number
  deck: Deck
  clear: readonly ToClear[]
  stay: readonly string[]
  /** Fish of the day that were kept, by species. */
  bag: Readonly<Record<string, number>>
  asked: Ending
  onAsk(asked: Ending): void
  onCleared(lineId: string, label: string): void
  onSecond(): void
  onLost(how?: Loss): void
  onLanded(species: string, released: boolean): void
  onUndo(): void
}) {
  const units = useUnits()
  const sinceS = Math.max(0, (now - Date.parse(strike.happenedAt)) / 1000)
  const { handling } = deck
  const holds = handling.holdS - sinceS
  return (
    <section
      aria-label={`Strike on ${strike.label}`}
      className="flex flex-col gap-3"
      data-testid="strike-card"
    >
      <div className="flex items-end justify-between">
        <div>
          <p className="text-lg">Strike on</p>
          <h2 className="text-7xl leading-none font-bold">{strike.label}</h2>
        </div>
        {holds > 0 && (
          <p className="text-right text-lg">
            hold speed
            <span className="block font-mono text-6xl leading-none" data-testid="hold">
              {Math.ceil(holds)}
            </span>
          </p>
        )}
        {sinceS < UNDO_S && (
          <Big onClick={onUndo} quiet>
            Undo {Math.ceil(UNDO_S - sinceS)} s
          </Big>
        )}
      </div>
      {strike.sailed && <p className="text-lg">{sailedWords(strike.sailed, units)}.</p>}
      <WhatToDo {...{ handling }} held={holds <= 0 && handling.holdS > 0} />
      {asked === null && (
        <>
          <ClearList {...{ clear, stay, onCleared }} />
          <div className="grid grid-cols-2 gap-2">
            <Big onClick={onSecond}>Another on {strike.label}</Big>
            <Big onClick={() => onAsk('lost')}>Lost it</Big>
          </div>
          <Big strong onClick={() => onAsk('landed')}>
            At the boat
          </Big>
          {deck.fight
            .filter(({ phase }) => phase !== 'ALONGSIDE')
            .map((phase) => (
              <Phase key={phase.phase} phase={phase} />
            ))}
        </>
      )}
      {asked === 'lost' && (
        <div className="grid grid-cols-2 gap-2">
          {LOSSES.map(([how, words]) => (
            <Big key={how} onClick={() => onLost(how)}>
              {asSentence(words).replace(/\.$/, '')}
            </Big>
          ))}
          <Big onClick={() => onLost()}>Nobody knows</Big>
          <Big quiet onClick={() => onAsk(null)}>
            Back
          </Big>
        </div>
      )}
      {asked === 'landed' && <AtTheBoat {...{ deck, bag, onLanded }} onBack={() => onAsk(null)} />}
    </section>
  )
}

/** What the boat does now and then. Both take their room all the time: no button may move from under a thumb. */
function WhatToDo({ handling, held }: { handling: Deck['handling']; held: boolean }) {
  const units = useUnits()
  const say = (sentence: Deck['handling']['now']) => saySentence(sentence, units, 'UTC')
  const strong = 'text-xl leading-snug font-semibold'
  return (
    <div className="grid *:col-start-1 *:row-start-1">
      <div className={`flex flex-col gap-3 ${held ? 'invisible' : ''}`}>
        <p className={strong}>{asSentence(say(handling.now))}</p>
        <p className="text-lg">Then: {say(handling.then)}.</p>
      </div>
      <p className={`${strong} ${held ? '' : 'invisible'}`}>{asSentence(say(handling.then))}</p>
    </div>
  )
}

function ClearList({
  clear,
  stay,
  onCleared,
}: {
  clear: readonly ToClear[]
  stay: readonly string[]
  onCleared(lineId: string, label: string): void
}) {
  return (
    <>
      {clear.length > 0 && (
        <ol aria-label="Clear, in this order" className="grid grid-cols-2 gap-x-3">
          {clear.map((line, at) => (
            <li key={line.lineId} className="border-t border-ink/25">
              <button
                type="button"
                disabled={line.isIn}
                aria-label={`${line.label} is in`}
                className="flex min-h-16 w-full items-center gap-2 text-left disabled:opacity-50"
                onClick={() => onCleared(line.lineId, line.label)}
              >
                <span className="grid size-9 shrink-0 place-items-center rounded-md border-[3px] border-ink text-xl font-bold">
                  {line.isIn ? '✓' : at + 1}
                </span>
                <span className="min-w-0 leading-tight">
                  <b className="text-2xl">{line.label}</b>
                  <span className="block text-base">{line.words}</span>
                </span>
              </button>
            </li>
          ))}
        </ol>
      )}
      {stay.length > 0 && <p className="text-lg">{stay.join(', ')} may stay out.</p>}
    </>
  )
}

/** Which fish it is, with what to mind of it and what the skipper's own table says; then kept or released. */
function AtTheBoat({
  deck,
  bag,
  onLanded,
  onBack,
}: {
  deck: Deck
  bag: Readonly<Record<string, number>>
  onLanded(species: string, released: boolean): void
  onBack(): void
}) {
  const units = useUnits()
  const [named, setNamed] = useState<string | null>(null)
  const [other, setOther] = useState('')
  const fish = deck.fish.find((one) => one.words === named)
  const lengths = fish && [
    fish.leastLengthM !== undefined && `at least ${units.say('small', fish.leastLengthM)}`,
    fish.mostLengthM !== undefined && `at most ${units.say('small', fish.mostLengthM)}`,
  ]
  if (named === null)
    return (
      <div className="grid grid-cols-2 gap-2" aria-label="Which fish">
        {deck.fish.map((one) => (
          <Big key={one.species} onClick={() => setNamed(one.words)}>
            {one.words}
          </Big>
        ))}
        <form
          className="col-span-2 flex gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            if (other.trim()) setNamed(other.trim())
          }}
        >
          <input
            aria-label="Another fish"
            placeholder="another fish"
            maxLength={60}
            className="h-16 min-w-0 flex-1 rounded-md border-[3px] border-ink bg-foam px-3 text-lg"
            value={other}
            onChange={(event) => setOther(event.target.value)}
          />
          <Big onClick={() => other.trim() && setNamed(other.trim())}>Name it</Big>
        </form>
        <Big quiet onClick={onBack}>
          Back
        </Big>
      </div>
    )
  return (
    <div className="flex flex-col gap-2">
      <p className="text-2xl font-bold">{named}</p>
      {deck.fight
        .filter(({ phase }) => phase === 'ALONGSIDE')
        .map((phase) => (
          <Phase key={phase.phase} phase={phase} />
        ))}
      {fish?.cautions.map((caution) => (
        <p key={caution} className="border-l-[6px] border-rust pl-3 text-lg leading-snug">
          {caution}
        </p>
      ))}
      {fish?.lookLike && <p className="text-lg leading-snug">{fish.lookLike}</p>}
      {lengths && lengths.some(Boolean) && (
        <p className="text-lg">Your table: {lengths.filter(Boolean).join(', ')}.</p>
      )}
      {fish?.bag !== undefined && (
        <p className="text-lg">
          Your table: {fish.bag} a person in a day; kept today {bag[named] ?? 0}.
        </p>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Big strong onClick={() => onLanded(named, false)}>
          Kept
        </Big>
        <Big strong onClick={() => onLanded(named, true)}>
          Released
        </Big>
        <Big quiet onClick={() => setNamed(null)}>
          Another kind
        </Big>
      </div>
    </div>
  )
}

function Phase({ phase }: { phase: Deck['fight'][number] }) {
  const units = useUnits()
  return (
    <p className="text-base leading-snug">
      <b>{asSentence(phase.words)}</b>{' '}
      {phase.says.map((sentence) => asSentence(saySentence(sentence, units, 'UTC'))).join(' ')}
    </p>
  )
}

/** A target for a wet thumb. */
export function Big({
  strong = false,
  quiet = false,
  pressed,
  onClick,
  children,
}: {
  strong?: boolean
  quiet?: boolean
  pressed?: boolean
  onClick(): void
  children: ReactNode
}) {
  const look =
    strong || pressed
      ? 'border-ink bg-ink text-foam'
      : quiet
        ? 'border-transparent underline'
        : 'border-ink bg-foam'
  return (
    <button
      type="button"
      {...(pressed !== undefined && { 'aria-pressed': pressed })}
      className={`min-h-16 min-w-16 touch-manipulation rounded-md border-[3px] px-3 text-lg font-bold max-md:px-2 ${look}`}
      onClick={onClick}
    >
      {children}
    </button>
  )
}
