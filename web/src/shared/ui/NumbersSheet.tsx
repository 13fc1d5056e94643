import { useState } from 'react'
import { FIGURE_OF, useUnits, type Units } from '../../units/UnitsContext'
import { sayFigure } from '../../units/sentence'
import type { Schemas } from '../api/client'
import { Button } from './Button'
import { MarkedNote } from './MarkedNote'
import { Sheet } from './Sheet'
import { TypedField } from './TypedField'
import { useNumberSet } from './useNumberSet'

const MOST_SHOWN = 60

/** A number of the program that the skipper may set; `figure` says how it is read and printed. */
export interface Named {
  key: string
  words: string
  figure: string
  usual: number
  basis: string
  least: number
  most: number
}

/** How sure a number is. */
export const BASIS_WORDS: Record<string, string> = {
  PRACTICE: 'usual practice',
  ESTIMATE: 'an estimate',
  YOURS: 'yours',
}

/** Numbers with their default, where that comes from, and the skipper's own. */
export function NumbersSheet({
  title,
  hint,
  numbers,
  kept,
  onPut,
  onKept,
  open,
  onClose,
}: {
  title: string
  /** Words to search by. */
  hint: string
  numbers: readonly Named[]
  kept: Schemas['NumbersReply']
  /** All that are set from now on; throws what cannot be. */
  onPut(body: Schemas['NumbersBody']): Promise<void>
  /** Somebody else's, which stand now. */
  onKept(kept: Schemas['NumbersReply']): void
  open: boolean
  onClose(): void
}) {
  const units = useUnits()
  const [find, setFind] = useState('')
  const [mine, setMine] = useState(false)
  const { change, problem, overtaken } = useNumberSet(kept, onPut, onKept)
  const { set, marked } = kept
  const own = (key: string) => set.find((one) => one.key === key)?.value
  const sought = find.toLowerCase().split(/\s+/).filter(Boolean)
  const found = numbers.filter(
    (one) =>
      (!mine || own(one.key) !== undefined) &&
      sought.every((word) => `${one.words} ${one.key}`.toLowerCase().includes(word)),
  )
  const both = overtaken && numbers.find((one) => one.key === overtaken.key)
  return (
    <Sheet title={title} open={open} onClose={onClose} wide>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <input
          aria-label="Find a number"
          placeholder={hint}
          className="h-11 grow rounded-sm border-2 border-ink/50 bg-foam px-2"
          value={find}
          onChange={(event) => setFind(event.target.value)}
        />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={mine}
            onChange={(event) => setMine(event.target.checked)}
          />
          only those you set ({set.length})
        </label>
      </div>
      {problem && (
        <p role="alert" className="mb-2 border-l-4 border-rust pl-2">
          {problem}
        </p>
      )}
      {overtaken && both && (
        <p role="alert" className="mb-2 border-l-4 border-rust pl-2">
          {`${both.words} was changed elsewhere meanwhile: ${printed(both, overtaken.theirs ?? both.usual, units)} stands, yours was ${printed(both, overtaken.mine ?? both.usual, units)}.`}{' '}
          <Button small onClick={() => void change(overtaken.key, overtaken.mine)}>
            Set mine
          </Button>
        </p>
      )}
      {marked.map((mark) => (
        <MarkedNote
          key={mark.name}
          mark={mark}
          name={numbers.find((one) => one.key === mark.name)?.words ?? mark.name}
          onRemove={() => void change(mark.name, null)}
        />
      ))}
      <table className="w-full text-[14px]">
        <thead>
          <tr className="text-left">
            <th className="py-1">What</th>
            <th className="py-1">Default</th>
            <th className="py-1">Yours</th>
          </tr>
        </thead>
        <tbody>
          {found.slice(0, MOST_SHOWN).map((one) => (
            <Row
              key={one.key}
              one={one}
              own={own(one.key)}
              units={units}
              onSet={(value) => void change(one.key, value)}
            />
          ))}
        </tbody>
      </table>
      {found.length > MOST_SHOWN && (
        <p className="mt-2 text-slate">{`${found.length - MOST_SHOWN} more: narrow the search.`}</p>
      )}
      {found.length === 0 && <p>Nothing by these words.</p>}
    </Sheet>
  )
}

/** Weights of the evidence are kept in tenths. */
const weighs = (one: Named) => one.figure === 'COUNT' && one.least < 0

const printed = (one: Named, si: number, units: Units) =>
  weighs(one) ? (si / 10).toFixed(1) : sayFigure({ kind: one.figure, si }, units, 'UTC')

function Row({
  one,
  own,
  units,
  onSet,
}: {
  one: Named
  own: number | undefined
  units: Units
  onSet(value: number | null): void
}) {
  const figure = FIGURE_OF[one.figure]
  const isWeight = weighs(one)
  const print = (si: number) => printed(one, si, units)
  const commit = (typed: string): string | null => {
    const plain = parseFloat(typed.replace(',', '.').replace('−', '-'))
    const si = figure
      ? units.read(figure, typed)
      : isWeight
        ? plain * 10
        : one.figure === 'SHARE'
          ? plain / 100
          : plain
    if (si === null || !isFinite(si) || si < one.least || si > one.most)
      return `Type a value from ${print(one.least)} to ${print(one.most)}.`
    onSet(si)
    return null
  }
  return (
    <tr className="border-t border-ink/15 align-baseline">
      <td className="py-1 pr-3">{one.words}</td>
      <td className="py-1 pr-3 whitespace-nowrap">
        <span className="font-mono">{print(one.usual)}</span>{' '}
        <span className="text-slate">{BASIS_WORDS[one.basis]}</span>
      </td>
      <td className="py-1 whitespace-nowrap">
        <TypedField
          label={`${one.words}, yours`}
          value={own === undefined ? '' : print(own)}
          onCommit={commit}
          size={7}
          className="h-11"
        />
        {own !== undefined && (
          <Button small tone="quiet" onClick={() => onSet(null)}>
            Default
          </Button>
        )}
      </td>
    </tr>
  )
}
