import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../../shared/api/client'
import { LargeFile } from '../../shared/ui/LargeFile'

type Taken = Schemas['TrackTaken']

/** A day out as files, and a way that another instrument kept of it. */
export function DayFiles({ boat, trip }: { boat: string; trip: string }) {
  const client = useQueryClient()
  const [taken, setTaken] = useState<Taken | null>(null)
  const track = `/api/boats/${boat}/trips/${trip}/track`
  const link = 'inline-flex min-h-11 items-center underline underline-offset-4'
  return (
    <div
      className="flex flex-wrap items-center gap-x-5 gap-y-1 border-t border-ink/25 pt-2"
      data-testid="day-files"
    >
      <a className={link} href={`${track}.gpx`} download>
        Track and strikes as GPX
      </a>
      <a className={link} href={`${track}.geojson`} download>
        as GeoJSON
      </a>
      <LargeFile<Taken>
        words="Take in a track…"
        label="Track of this day, GPX or GeoJSON"
        accept=".gpx,.geojson,.json,application/gpx+xml,application/geo+json"
        to={({ name }) =>
          name.toLowerCase().endsWith('json')
            ? { path: `${track}.geojson`, type: 'application/geo+json' }
            : { path: `${track}.gpx`, type: 'application/gpx+xml' }
        }
        onDone={(answer) => {
          setTaken(answer)
          void client.invalidateQueries({ queryKey: ['way', boat] })
        }}
      />
      {taken && <p role="status">{takenWords(taken)}</p>}
    </div>
  )
}

export function takenWords({ points, kept, withoutTime, outside, nowhere, waypoints }: Taken): string {
  const left = [
    [withoutTime, 'without a time'],
    [outside, 'of another day'],
    [nowhere, 'at no place on earth'],
  ] as const
  const here = points - kept - withoutTime - outside - nowhere
  const parts = [
    `${kept} of ${points} points taken in`,
    ...(here > 0 ? [`${here} were here already`] : []),
    ...left.filter(([n]) => n > 0).map(([n, why]) => `${n} left out, ${why}`),
    ...(waypoints > 0
      ? [`${waypoints} marks left out: take them in with Marks, on the picture of the water`]
      : []),
  ]
  return `${parts.join('; ')}.`
}
