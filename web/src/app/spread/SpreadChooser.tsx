import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Suspense, useEffect, useState } from 'react'
import { Navigate, useNavigate, useParams } from 'react-router'
import { later } from '../../shared/later'
import { Button } from '../../shared/ui/Button'
import { titlesOf } from '../../draft/queries'
import { latestOf, spreadAhead } from '../ahead'
import { Frame } from '../Frame'
import { newSpread } from './newSpread'
import { useBoat } from '../useBoat'
import { Waiting } from '../Waiting'

const PutAwaySpreads = later(() => import('./PutAwaySpreads').then((module) => module.PutAwaySpreads))

/** Opens the boat's last saved spread, or offers the first step where there is none. */
export function SpreadChooser({ station = 'spread' }: { station?: 'spread' | 'rig' | 'deck' }) {
  const { boatId = '' } = useParams()
  const titles = useQuery(titlesOf(boatId))
  const { boat, boats, gone, error } = useBoat(boatId)
  const queries = useQueryClient()
  const latest = latestOf(titles.data)
  useEffect(() => {
    // The station asks again, and says what is wrong.
    spreadAhead(queries, station, boatId).catch(() => undefined)
  }, [queries, boatId, station])
  const go = useNavigate()
  const [problem, setProblem] = useState<string | null>(null)
  if (gone) return <Navigate to="/" replace />
  if (!titles.data || !boat || !boats) return <Waiting error={titles.error ?? error} />
  if (latest)
    return <Navigate to={`/boats/${boatId}/${station}/${latest.spreadId}${window.location.search}`} replace />
  const begin = async () => {
    try {
      const spreadId = await newSpread(boatId, queries)
      void go(`/boats/${boatId}/spread/${spreadId}`)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <Frame boat={boat} boats={boats}>
      <main className="p-8">
        <h1 className="mb-2 text-2xl font-bold">{boat.name} has no spread yet</h1>
        <p className="mb-4 max-w-prose">
          Plan the day: say what you know, and a first spread is built from your box with reasons. Or start
          from nothing: add a line, choose its holder, lure and let-out, and see at once how deep it runs.
        </p>
        <div className="flex gap-3">
          <Button tone="strong" onClick={() => void go(`/boats/${boatId}/plan`)}>
            Plan the day
          </Button>
          <Button onClick={() => void begin()}>Start a spread</Button>
        </div>
        {problem && <p role="alert">{problem}</p>}
        <Suspense fallback={null}>
          <PutAwaySpreads boat={boatId} titles={titles.data} />
        </Suspense>
      </main>
    </Frame>
  )
}
