import { useState } from 'react'

export function TextRow({
  label,
  value,
  onChange,
}: {
  label: string
  value: string
  onChange(value: string): void
}) {
  return (
    <label className="flex flex-col gap-1">
      {label}
      <input
        className="h-11 rounded-sm border-2 border-ink/50 px-2"
        value={value}
        maxLength={60}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  )
}

/** A number in a unit of its own; what cannot be read is sent as not a number, and the server names it. */
export function NumberRow({
  label,
  unit,
  factor,
  si,
  onChange,
}: {
  label: string
  unit: string
  factor: number
  si: number
  onChange(si: number): void
}) {
  const [typed, setTyped] = useState(() => String(Number((si / factor).toPrecision(6))))
  const wrong = !Number.isFinite(Number(typed.replace(',', '.'))) || typed.trim() === ''
  return (
    <label className="flex flex-col gap-1">
      {label}
      <span className="flex items-center gap-2">
        <input
          inputMode="decimal"
          aria-invalid={wrong}
          className={`h-11 w-36 rounded-sm border-2 px-2 font-mono ${wrong ? 'border-rust' : 'border-ink/50'}`}
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value)
            const value = Number(event.target.value.replace(',', '.'))
            if (Number.isFinite(value) && event.target.value.trim() !== '') onChange(value * factor)
          }}
        />
        <span className="font-mono text-slate">{unit}</span>
        {wrong && <span className="text-rust-text">a number, please</span>}
      </span>
    </label>
  )
}
