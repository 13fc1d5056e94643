import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../shared/api/client'
import { Button } from '../shared/ui/Button'
import { Field } from '../shared/ui/Field'
import { QuantityField } from '../shared/ui/QuantityField'
import { Select } from '../shared/ui/Select'
import { Sheet } from '../shared/ui/Sheet'
import { MarkedNote } from '../shared/ui/MarkedNote'
import { TypedField } from '../shared/ui/TypedField'
import { removeRule, rulesOf, saveRule, type Catalogue, type Rule } from './queries'

const MONTH_DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/

/** The skipper's own seasons, bags and limits, dated. Nothing in it comes from the product. */
export function RulesSheet({
  boat,
  words,
  today,
  open,
  onClose,
}: {
  boat: string
  words: Catalogue
  /** `2026-06-18` at the place. */
  today: string
  open: boolean
  onClose(): void
}) {
  const queries = useQueryClient()
  const table = useQuery({ ...rulesOf(boat), enabled: open }).data
  const rules = table?.rules ?? []
  const [problem, setProblem] = useState<string | null>(null)
  const missing = words.species.filter((one) => rules.every((rule) => rule.species !== one.species))
  const done = async (work: Promise<unknown>) => {
    try {
      await work
      setProblem(null)
    } catch (error) {
      const refused = error as Problem
      setProblem(
        refused.status === 409
          ? 'This entry was changed elsewhere since you opened it. How it stands now is shown; yours was not kept.'
          : refused.said.join(' '),
      )
    }
    await queries.invalidateQueries({ queryKey: rulesOf(boat).queryKey })
  }
  return (
    <Sheet title="Seasons and rules, your own table" open={open} onClose={onClose} wide>
      <p className="mb-3">
        What you looked up, and when. It is used for season, bag and number of lines, and is never complete or
        current by itself: local rules decide, and protected areas are not in it.
      </p>
      {problem && (
        <p role="alert" className="mb-2 border-l-4 border-rust pl-2">
          {problem}
        </p>
      )}
      {table?.marked.map((mark) => (
        <MarkedNote
          key={mark.name}
          mark={mark}
          name={words.species.find((one) => one.species === mark.name)?.words ?? mark.name}
          onRemove={() => void done(removeRule(boat, mark.name, mark.version))}
        />
      ))}
      {rules.map((rule) => (
        <Entry
          key={rule.species}
          rule={rule}
          name={words.species.find((one) => one.species === rule.species)?.words ?? rule.species}
          onChange={(next) => void done(saveRule(boat, next))}
          onRemove={() => void done(removeRule(boat, rule.species, rule.version))}
        />
      ))}
      {rules.length === 0 && <p className="mb-3">Nothing entered yet.</p>}
      {missing.length > 0 && (
        <label className="flex items-center gap-2">
          Add
          <Select
            aria-label="Add a species"
            value=""
            onChange={(event) =>
              void done(
                saveRule(boat, {
                  species: event.target.value as Rule['species'],
                  version: table?.marked.find((mark) => mark.name === event.target.value)?.version ?? 0,
                  dated: today,
                  barbless: false,
                  gear: '',
                }),
              )
            }
          >
            <option value="" disabled>
              choose a fish
            </option>
            {missing.map((one) => (
              <option key={one.species} value={one.species}>
                {one.words}
              </option>
            ))}
          </Select>
        </label>
      )}
    </Sheet>
  )
}

function Entry({
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
  const set = (change: { [K in keyof Rule]?: Rule[K] | undefined }) =>
    onChange(
      Object.fromEntries(
        Object.entries({ ...rule, ...change }).filter(([, value]) => value !== undefined),
      ) as unknown as Rule,
    )
  const whole = (field: 'bag' | 'mostLines') => (typed: string) => {
    if (typed.trim() === '') return (set({ [field]: undefined }), null)
    if (!/^\d{1,3}$/.test(typed.trim())) return 'Type a whole number, or nothing.'
    set({ [field]: Number(typed) })
    return null
  }
  const monthDay =
    (field: 'seasonFrom' | 'seasonTo', other: 'seasonFrom' | 'seasonTo') => (typed: string) => {
      if (typed.trim() === '') return (set({ seasonFrom: undefined, seasonTo: undefined }), null)
      if (!MONTH_DAY.test(typed.trim())) return 'Type month and day, such as 05-01.'
      set({ [field]: typed.trim(), [other]: rule[other] ?? typed.trim() })
      return null
    }
  const lengths = { least: 0.05, most: 4 }
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
      <Field label="Season from">
        <TypedField
          label={`${name}: season from`}
          value={rule.seasonFrom ?? ''}
          onCommit={monthDay('seasonFrom', 'seasonTo')}
          className="h-11"
        />
      </Field>
      <Field label="to">
        <TypedField
          label={`${name}: season to`}
          value={rule.seasonTo ?? ''}
          onCommit={monthDay('seasonTo', 'seasonFrom')}
          className="h-11"
        />
      </Field>
      <Field label="Bag a person">
        <TypedField
          label={`${name}: bag a person`}
          value={rule.bag === undefined ? '' : `${rule.bag}`}
          onCommit={whole('bag')}
          className="h-11"
        />
      </Field>
      <Field label="Lines at most">
        <TypedField
          label={`${name}: lines at most`}
          value={rule.mostLines === undefined ? '' : `${rule.mostLines}`}
          onCommit={whole('mostLines')}
          className="h-11"
        />
      </Field>
      <Field label="Length at least">
        <Length
          name={`${name}: length at least`}
          si={rule.leastLengthM}
          range={lengths}
          onSet={(leastLengthM) => set({ leastLengthM })}
        />
      </Field>
      <Field label="Length at most">
        <Length
          name={`${name}: length at most`}
          si={rule.mostLengthM}
          range={lengths}
          onSet={(mostLengthM) => set({ mostLengthM })}
        />
      </Field>
      <label className="flex min-h-11 items-center gap-2 self-end">
        <input
          type="checkbox"
          className="size-5"
          checked={rule.barbless}
          onChange={(event) => set({ barbless: event.target.checked })}
        />
        Barbless hooks
      </label>
      <Field label="Gear and places, in words" wide>
        <TypedField
          label={`${name}: gear and places`}
          value={rule.gear}
          size={22}
          onCommit={(typed) => {
            if (typed.length > 400) return 'Shorten it to 400 characters.'
            set({ gear: typed })
            return null
          }}
          className="h-11"
        />
      </Field>
      <Button small tone="quiet" className="self-end justify-self-start" onClick={onRemove}>
        Take {name} out
      </Button>
    </fieldset>
  )
}

function Length({
  name,
  si,
  range,
  onSet,
}: {
  name: string
  si: number | undefined
  range: { least: number; most: number }
  onSet(si: number | undefined): void
}) {
  if (si === undefined)
    return (
      <Button small onClick={() => onSet(0.5)}>
        none
      </Button>
    )
  return (
    <span className="flex items-center">
      <QuantityField label={name} what="a length" figure="small" si={si} range={range} onSet={onSet} />
      <Button small tone="quiet" aria-label={`${name}: none`} onClick={() => onSet(undefined)}>
        none
      </Button>
    </span>
  )
}
