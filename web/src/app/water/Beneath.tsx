import { Button } from '../../shared/ui/Button'
import type { SeaSpot } from '../../water/queries'
import { useUnits } from '../../units/UnitsContext'
import type { useHere } from './useHere'
import type { useWater } from './useWater'
import { hereWords, readWords } from './words'

/** Under the picture: what the pointer reads, or what is drawn; and what there is of grids and marks. */
export function Beneath({
  w,
  over,
  course,
  boat: { here, still },
  onBoat,
  onSheet,
}: {
  w: ReturnType<typeof useWater>
  over: SeaSpot | null
  course: boolean
  boat: Pick<ReturnType<typeof useHere>, 'here' | 'still'>
  onBoat(spot: SeaSpot): void
  onSheet(sheet: 'grids' | 'marks'): void
}) {
  const units = useUnits()
  const drawn = course
    ? 'Green: her way. Thin: where each lure comes. Grey: where she has been.'
    : 'Dark: an edge. Dotted: a day before. Blank: cloud. Triangles: your strikes for their time. Thin: her way.'
  const count = (n: number, one: string) => (n === 1 ? `1 ${one}…` : `${n} ${one}s…`)
  return (
    <div className="flex flex-wrap items-center gap-x-4 border-t-2 border-ink bg-shade px-4 py-1">
      <p className="min-w-0 flex-1 max-md:basis-full" data-testid="read">
        {over ? readWords(over, w) : drawn}
      </p>
      {here && (
        <>
          <p data-testid="here">{hereWords(here, still, units)}</p>
          <Button onClick={() => onBoat(here)}>To the boat</Button>
        </>
      )}
      <Button onClick={() => onSheet('grids')}>{count(w.grids.length, 'grid')}</Button>
      <Button onClick={() => onSheet('marks')}>{count(w.marks.length, 'mark')}</Button>
    </div>
  )
}
