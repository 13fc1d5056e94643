import { useState } from 'react'
import { Button } from '../shared/ui/Button'
import { Sheet } from '../shared/ui/Sheet'
import { sayFigure } from '../units/sentence'
import { useUnits, type Units } from '../units/UnitsContext'
import { readWhere, toggled, withWhere, type Where } from './model'
import type { FacetOf } from './queries'

/** What the slice is narrowed to, one chip each; a chip opens what else it could be. */
export function Conditions({
  where,
  facets,
  onWhere,
}: {
  where: readonly string[]
  facets: readonly FacetOf[]
  onWhere(where: string[]): void
}) {
  const units = useUnits()
  const [open, setOpen] = useState<string | null>(null)
  const shown = facets.find(({ facet }) => facet === open)
  return (
    <div
      className="flex flex-wrap items-center gap-1.5"
      role="group"
      aria-label="Conditions"
      data-testid="conditions"
    >
      {where.map((text) => {
        const one = readWhere(text)
        const words = facets.find(({ facet }) => facet === one.facet)
        return (
          <span key={text} className="flex items-stretch rounded-full border-2 border-ink bg-foam">
            <button type="button" className="min-h-11 rounded-l-full pl-4" onClick={() => setOpen(one.facet)}>
              {words?.words ?? one.facet.toLowerCase()} <b>{whereWords(one, words, units)}</b>
            </button>
            <button
              type="button"
              aria-label={`Without ${words?.words ?? one.facet}`}
              className="min-h-11 min-w-11 rounded-r-full text-lg"
              onClick={() => onWhere(withWhere(where, one.facet, null))}
            >
              ×
            </button>
          </span>
        )
      })}
      <Button small onClick={() => setOpen('')}>
        Narrow it…
      </Button>
      {open !== null && (
        <Sheet title={shown ? `Narrow by ${shown.words}` : 'Narrow by'} open onClose={() => setOpen(null)}>
          {shown ? (
            <Choices {...{ where, onWhere }} facet={shown} onBack={() => setOpen('')} />
          ) : (
            <div className="flex flex-wrap gap-2">
              {facets.map(({ facet, words }) => (
                <Button key={facet} onClick={() => setOpen(facet)}>
                  {words}
                </Button>
              ))}
            </div>
          )}
        </Sheet>
      )}
    </div>
  )
}

function Choices({
  where,
  facet,
  onWhere,
  onBack,
}: {
  where: readonly string[]
  facet: FacetOf
  onWhere(where: string[]): void
  onBack(): void
}) {
  const units = useUnits()
  const now = where.map(readWhere).find((one) => one.facet === facet.facet)
  const pressed = (choice: string) => !!now && 'choices' in now && now.choices.includes(choice)
  return (
    <>
      <div className="flex flex-wrap gap-2">
        {facet.choices.map((choice) => (
          <Button
            key={choice}
            tone={pressed(choice) ? 'strong' : 'plain'}
            aria-pressed={pressed(choice)}
            onClick={() => onWhere(toggled(where, facet.facet, choice))}
          >
            {choice}
          </Button>
        ))}
        {facet.bands.map((band) => {
          const on = !!now && 'from' in now && now.from <= band.from && now.to >= band.to
          return (
            <Button
              key={band.from}
              tone={on ? 'strong' : 'plain'}
              aria-pressed={on}
              onClick={() =>
                onWhere(withWhere(where, facet.facet, on ? null : { facet: facet.facet, ...band }))
              }
            >
              {bandWords(band, facet, units)}
            </Button>
          )
        })}
      </div>
      <p className="mt-4 flex gap-2">
        <Button onClick={onBack}>Another condition</Button>
        {now && (
          <Button onClick={() => onWhere(withWhere(where, facet.facet, null))}>Any {facet.words}</Button>
        )}
      </p>
    </>
  )
}

/** A condition in words, such as `depth 4 m to 8 m`. */
export function conditionWords(text: string, facets: readonly FacetOf[], units: Units): string {
  const where = readWhere(text)
  const facet = facets.find((one) => one.facet === where.facet)
  return `${facet?.words ?? where.facet.toLowerCase()} ${whereWords(where, facet, units)}`
}

function whereWords(where: Where, facet: FacetOf | undefined, units: Units): string {
  if ('choices' in where) return where.choices.join(' or ')
  return facet ? bandWords(where, facet, units) : `${where.from} to ${where.to}`
}

/** Whole numbers that are counted are named by the first and the last of them. */
function bandWords({ from, to }: { from: number; to: number }, facet: FacetOf, units: Units): string {
  const kind = facet.figure ?? 'COUNT'
  if (kind === 'COUNT' && facet.facet !== 'HOUR') return to - from === 1 ? `${from}` : `${from} to ${to - 1}`
  return `${sayFigure({ kind, si: from }, units, 'UTC')} to ${sayFigure({ kind, si: to }, units, 'UTC')}`
}
