import { Button } from '../../shared/ui/Button'
import { Field } from '../../shared/ui/Field'
import { TypedField } from '../../shared/ui/TypedField'
import type { Rule } from '../queries'
import { LengthField } from './LengthField'
import { IN_WORDS, LENGTHS, TYPED, type Change, type Typed } from './columns'

/** One fish of the table, each field of it as the table of columns has it. */
export function RuleEntry({
  rule,
  name,
  onChange,
  onRemove,
}: {
  rule: Rule
  name: string
  onChange(rule: Rule): void
  onRemove(): void
}) {
  /** An absent field is taken out. */
  const set = (change: Change) =>
    onChange(
      Object.fromEntries(
        Object.entries({ ...rule, ...change }).filter(([, value]) => value !== undefined),
      ) as unknown as Rule,
    )
  const typed = (one: Typed) => (
    <Field key={one.called} label={one.label} {...(one.wide && { wide: true })}>
      <TypedField
        label={`${name}: ${one.called}`}
        value={one.value(rule)}
        {...(one.wide && { size: 22 })}
        className="h-11"
        onCommit={(text) => {
          const read = one.read(text, rule)
          if (typeof read === 'string') return read
          set(read)
          return null
        }}
      />
    </Field>
  )
  return (
    <fieldset className="mb-3 grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] gap-x-4 gap-y-2 border-t-2 border-ink/30 pt-2">
      <legend className="pr-2 text-lg font-bold">{name}</legend>
      <Field label="Looked up on">
        <input
          type="date"
          aria-label={`${name}: looked up on`}
          className="h-11 rounded-sm border-2 border-ink/50 bg-foam px-1.5"
          value={rule.dated}
          onChange={(event) => event.target.value && set({ dated: event.target.value })}
        />
      </Field>
      {TYPED.map(typed)}
      {LENGTHS.map(([label, field]) => (
        <Field key={field} label={label}>
          <LengthField
            name={`${name}: ${label.toLowerCase()}`}
            si={rule[field]}
            onSet={(si) => set({ [field]: si })}
          />
        </Field>
      ))}
      <label className="flex min-h-11 items-center gap-2 self-end">
        <input
          type="checkbox"
          className="size-5"
          checked={rule.barbless}
          onChange={(event) => set({ barbless: event.target.checked })}
        />
        Barbless hooks
      </label>
      {typed(IN_WORDS)}
      <Button small tone="quiet" className="self-end justify-self-start" onClick={onRemove}>
        Take {name} out
      </Button>
    </fieldset>
  )
}
