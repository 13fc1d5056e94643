import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../../shared/api/client'
import { Select } from '../../shared/ui/Select'
import { Sheet } from '../../shared/ui/Sheet'
import { MarkedNote } from '../../shared/ui/MarkedNote'
import { RuleEntry } from './RuleEntry'
import { removeRule, rulesOf, saveRule, type Catalogue, type Rule } from '../queries'

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
        <RuleEntry
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
