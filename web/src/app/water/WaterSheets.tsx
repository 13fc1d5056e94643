import { Suspense } from 'react'
import { later } from '../../shared/later'
import type { useWater } from './useWater'

const MarksSheet = later(() => import('./MarksSheet').then((module) => module.MarksSheet))
const GridsSheet = later(() => import('./GridsSheet').then((module) => module.GridsSheet))

/** Which sheet is open, and the file that opened it. */
export interface Shown {
  what: 'grids' | 'marks'
  dropped?: File | undefined
}

/** What lies over the picture: marks that are shown on it, and the grids that it is made of. */
export function WaterSheets({
  boat,
  w,
  timeZone,
  sheet,
  onClose,
}: {
  boat: string
  w: ReturnType<typeof useWater>
  timeZone: string
  sheet: Shown | null
  onClose(): void
}) {
  return (
    <Suspense fallback={null}>
      {sheet?.what === 'marks' && <MarksSheet {...{ boat, onClose }} marks={w.marks} />}
      {sheet?.what === 'grids' && (
        <GridsSheet {...{ boat, timeZone, onClose }} grids={w.grids} dropped={sheet.dropped ?? null} />
      )}
    </Suspense>
  )
}
