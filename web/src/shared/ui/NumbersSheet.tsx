import { useState } from 'react'
import { useUnits, type Units } from '../../units/UnitsContext'
import { READ_AS, sayFigure } from '../../units/sentence'
import type { Problem } from '../api/client'
import { Button } from './Button'
import { Sheet } from './Sheet'
import { TypedField } from './TypedField'

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

export interface NumberSet {
  key: string
  value: number
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
  set,
  onPut,
  open,
  onClose,
}: {
  title: string
  /** Words to search by. */
  hint: string
  numbers: readonly Named[]
  set: readonly NumberSet[]
  /** All that are set from now on; throws what cannot be. */
  onPut(set: NumberSet[]): Promise<void>
  open: boolean
  onClose(): void
}) {
  const units = useUnits()
  const [find, setFind] = useState('')
  const [mine, setMine] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const own = (key: string) => set.find((one) => one.key === key)?.value
  const sought = find.toLowerCase().split(/\s+/).filter(Boolean)
  const found = numbers.filter(
    (one) =>
      (!mine || own(one.key) !== undefined) &&
      sought.every((word) => `${one.words} ${one.key}`.toLowerCase().includes(word)),
  )
  const put = async (key: string, value: number | null) => {
    const rest = set.filter((one) => one.key !== key)
    try {
      await onPut(value === null ? rest : [...rest, { key, value }])
      setProblem(null)
    } catch (error) {
      setProblem((error as Problem).said.join(' '))
    }
  }
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
              onSet={(value) => void put(one.key, value)}
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
  const figure = READ_AS[one.figure]
  const isWeight = !figure && one.figure === 'COUNT' && one.least < 0
  const print = (si: number) =>
    isWeight ? (si / 10).toFixed(1) : sayFigure({ kind: one.figure, si }, units, 'UTC')
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
          className="h-9"
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
