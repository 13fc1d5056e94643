import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query'
import { BrowserRouter, Navigate, Route, Routes } from 'react-router'
import { Problem } from '../shared/api/client'
import { boats } from '../spread/queries'
import { UnitsProvider } from '../units/UnitsContext'
import { Failed } from './Failed'
import { SpreadChooser } from './SpreadChooser'
import { SpreadPage } from './SpreadPage'
import { Waiting } from './Waiting'

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      retry: (count, error) => error instanceof Problem && error.away && count < 100,
      retryDelay: 1000,
    },
  },
})

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <UnitsProvider>
        <BrowserRouter>
          <Failed>
            <Routes>
              <Route path="/" element={<FirstBoat />} />
              <Route path="/boats/:boatId" element={<SpreadChooser />} />
              <Route path="/boats/:boatId/spread/:spreadId" element={<SpreadPage />} />
              <Route path="*" element={<Navigate to="/" replace />} />
            </Routes>
          </Failed>
        </BrowserRouter>
      </UnitsProvider>
    </QueryClientProvider>
  )
}

function FirstBoat() {
  const all = useQuery(boats())
  if (!all.data) return <Waiting error={all.error} />
  const first = all.data[0]
  if (!first)
    return (
      <main className="p-8">
        <h1 className="mb-2 text-2xl font-bold">No boat yet</h1>
        <p>
          Start once with <code className="font-mono">./moss demo</code> to get two invented boats with gear
          to try everything on.
        </p>
      </main>
    )
  return <Navigate to={`/boats/${first.boatId}`} replace />
}
