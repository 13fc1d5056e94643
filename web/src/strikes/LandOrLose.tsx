import { useState } from 'react'
import { Button } from '../shared/ui/Button'
import { Select } from '../shared/ui/Select'
import { LOSSES, type Loss } from './losses'
import type { Strike } from './useDay'

/** What became of a strike. */
export interface Outcomes {
  onLanded(strike: Strike, species: string, released: boolean): void
  onLost(strike: Strike, how?: Loss): void
}

/** Says what became of a strike, or corrects it. */
export function LandOrLose({
  strike,
  onLanded,
  onLost,
  onEdit,
}: Outcomes & { strike: Strike; onEdit(): void }) {
  const [species, setSpecies] = useState('')
  const land = (released: boolean) => {
    if (species.trim()) onLanded(strike, species.trim(), released)
    setSpecies('')
  }
  return (
    <form
      className="mt-1 flex flex-wrap items-center gap-1.5"
      onSubmit={(event) => {
        event.preventDefault()
        land(false)
      }}
    >
      <input
        aria-label="Fish landed"
        placeholder="fish"
        maxLength={60}
        className="h-11 w-24 rounded-sm border-2 border-ink/50 px-2"
        value={species}
        onChange={(event) => setSpecies(event.target.value)}
      />
      <Button small type="submit" disabled={species.trim() === ''}>
        Landed
      </Button>
      <Button small disabled={species.trim() === ''} onClick={() => land(true)}>
        Released
      </Button>
      <Select
        aria-label="Lost"
        className="h-11 text-sm"
        value=""
        disabled={strike.outcome !== 'OPEN'}
        onChange={(event) => onLost(strike, LOSSES.find(([how]) => how === event.target.value)?.[0])}
      >
        <option value="" disabled>
          Lost…
        </option>
        {LOSSES.map(([how, words]) => (
          <option key={how} value={how}>
            {words}
          </option>
        ))}
        <option value="UNSAID">nobody knows how</option>
      </Select>
      <Button small tone="quiet" onClick={onEdit}>
        Correct
      </Button>
    </form>
  )
}
