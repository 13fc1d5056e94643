import { QueryClientProvider, useQuery, type QueryClient } from '@tanstack/react-query'
import { Suspense, useEffect, useState } from 'react'
import { BrowserRouter, Navigate, Route, Routes } from 'react-router'
import { useUnpaired } from '../shared/api/unpaired'
import { later, loadTheRest } from '../shared/later'
import { Button } from '../shared/ui/Button'
import { boats } from '../draft/queries'
import { UnitsProvider } from '../units/UnitsContext'
import { firstOf } from './ahead'
import { Failed } from './Failed'
import { SpreadChooser } from './spread/SpreadChooser'
import {
  BoatPage,
  BoxPage,
  DeckPage,
  LogPage,
  PlanPage,
  PrintPage,
  RigPage,
  SeasonPage,
  SpreadPage,
  WaterPage,
} from './stations'
import { Waiting } from './Waiting'

const Pairing = later(() => import('../devices/Pairing').then((module) => module.Pairing))
const NewBoat = later(() => import('./boat/NewBoat').then((module) => module.NewBoat))

export function App({ queries }: { queries: QueryClient }) {
  useEffect(loadTheRest, [])
  const unpaired = useUnpaired()
  return (
    <QueryClientProvider client={queries}>
      <UnitsProvider>
        <BrowserRouter>
          <Failed>
            <Suspense fallback={<Waiting error={null} />}>
              {unpaired && <Pairing />}
              {/* What a fight has come to stays as it is, behind it. */}
              <div hidden={unpaired} className="h-full">
                <Routes>
                  <Route path="/" element={<FirstBoat />} />
                  <Route path="/boats/:boatId" element={<SpreadChooser />} />
                  <Route path="/boats/:boatId/plan" element={<PlanPage />} />
                  <Route path="/boats/:boatId/plan/water" element={<WaterPage />} />
                  <Route path="/boats/:boatId/rig" element={<SpreadChooser station="rig" />} />
                  <Route path="/boats/:boatId/rig/:spreadId" element={<RigPage />} />
                  <Route path="/boats/:boatId/print/:spreadId" element={<PrintPage />} />
                  <Route path="/boats/:boatId/spread" element={<SpreadChooser />} />
                  <Route path="/boats/:boatId/spread/:spreadId" element={<SpreadPage />} />
                  <Route path="/boats/:boatId/deck" element={<SpreadChooser station="deck" />} />
                  <Route path="/boats/:boatId/deck/:spreadId" element={<DeckPage />} />
                  <Route path="/boats/:boatId/log" element={<LogPage />} />
                  <Route path="/boats/:boatId/season" element={<SeasonPage />} />
                  <Route path="/boats/:boatId/boat" element={<BoatPage />} />
                  <Route path="/boats/:boatId/box" element={<BoxPage />} />
                  <Route path="*" element={<Navigate to="/" replace />} />
                </Routes>
              </div>
            </Suspense>
          </Failed>
        </BrowserRouter>
      </UnitsProvider>
    </QueryClientProvider>
  )
}

function FirstBoat() {
  const all = useQuery(boats())
  const first = firstOf(all.data)
  const [adding, setAdding] = useState(false)
  if (!all.data) return <Waiting error={all.error} />
  if (!first)
    return (
      <main className="p-8">
        <h1 className="mb-2 text-2xl font-bold">No boat yet</h1>
        <p className="mb-4">
          Draw your own, or start once with <code className="font-mono">./moss demo</code> to get some
          invented boats with gear to try everything on.
        </p>
        <Button tone="strong" onClick={() => setAdding(true)}>
          Add a boat
        </Button>
        <Suspense fallback={null}>{adding && <NewBoat open onClose={() => setAdding(false)} />}</Suspense>
      </main>
    )
  return <Navigate to={`/boats/${first.boatId}`} replace />
}
