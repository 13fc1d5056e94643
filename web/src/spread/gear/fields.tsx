import { useState, type ReactNode } from 'react'
import { Select } from '../../shared/ui/Select'
import { exactly, FIGURE_OF, useUnits, type Figure, type Units } from '../../units/UnitsContext'
import type { GearColumn, LineGear } from '../../draft/queries'

export type Value = string | number | undefined

/** One field of an item, as its column asks for it. Nothing is undefined. */
export function Field({
  column,
  value,
  lines,
  onChange,
}: {
  column: GearColumn
  value: Value
  lines: readonly LineGear[]
  onChange(value: Value): void
}) {
  const label = column.words ?? column.name
  if (column.reads === 'NUMBER' || column.reads === 'WHOLE')
    return <NumberField {...{ column, label, onChange }} si={value as number | undefined} />
  if (column.reads === 'TEXT')
    return (
      <Labelled label={label}>
        <input
          className="h-11 rounded-sm border-2 border-ink/50 px-2"
          value={value ?? ''}
          maxLength={60}
          onChange={(event) => onChange(event.target.value)}
        />
      </Labelled>
    )
  const choices =
    column.reads === 'CHOICE'
      ? column.choices
      : lines.map((line) => ({ value: line.gearId, words: line.name }))
  return (
    <Labelled label={label}>
      <Select value={value ?? ''} onChange={(event) => onChange(event.target.value || undefined)}>
        {column.without && <option value="">{column.without}</option>}
        {choices.map((one) => (
          <option key={one.value} value={one.value}>
            {one.words}
          </option>
        ))}
      </Select>
    </Labelled>
  )
}

const Labelled = ({ label, children }: { label: string; children: ReactNode }) => (
  <label className="flex flex-col gap-1">
    {label}
    {children}
  </label>
)

/** What cannot be read stays as typed, marked, and keeps the item from being kept. */
function NumberField({
  column,
  label,
  si,
  onChange,
}: {
  column: GearColumn
  label: string
  si: number | undefined
  onChange(si: number | undefined): void
}) {
  const units = useUnits()
  const figure = column.figure && FIGURE_OF[column.figure]
  const [typed, setTyped] = useState(() => (si === undefined ? '' : shown(si, column, figure, units)))
  const read = readOf(typed, column, figure, units)
  const wrong = read === null ? (figure ? `a number, or one with its unit` : 'a number, please') : ''
  return (
    <Labelled label={label}>
      <span className="flex items-center gap-2">
        <input
          inputMode={figure ? 'text' : 'decimal'}
          aria-invalid={read === null}
          className={`h-11 w-36 rounded-sm border-2 px-2 font-mono ${wrong ? 'border-rust' : 'border-ink/50'}`}
          value={typed}
          placeholder={column.without ?? undefined}
          ref={(input) => input?.setCustomValidity(wrong)}
          onChange={(event) => {
            setTyped(event.target.value)
            const next = readOf(event.target.value, column, figure, units)
            if (next !== null) onChange(next)
          }}
        />
        {!figure && column.unit && <span className="font-mono text-slate">{column.unit}</span>}
        {wrong && <span className="text-rust-text">{wrong}</span>}
      </span>
    </Labelled>
  )
}

function shown(si: number, column: GearColumn, figure: Figure | undefined, units: Units): string {
  return figure ? exactly(units, figure, si) : String(Number((si / column.factor).toPrecision(6)))
}

/** Undefined where it may be left open and is; null where it cannot be read. */
function readOf(
  typed: string,
  column: GearColumn,
  figure: Figure | undefined,
  units: Units,
): number | undefined | null {
  if (typed.trim() === '') return column.without ? undefined : null
  if (figure) return units.read(figure, typed)
  const value = Number(typed.replace(',', '.'))
  if (!Number.isFinite(value)) return null
  return column.reads === 'WHOLE' ? (Number.isInteger(value) ? value : null) : value * column.factor
}
