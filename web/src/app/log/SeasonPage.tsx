import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Navigate, useNavigate, useParams } from 'react-router'
import { dayInWords } from '../../clock/model'
import type { Boat } from '../../draft/queries'
import { conditionWords } from '../../log/Conditions'
import { Findings } from '../../log/Findings'
import { unpacked } from '../../log/model'
import { Pictures } from '../../log/pictures/Pictures'
import { logOf, type Log } from '../../log/queries'
import { YearGrid } from '../../log/YearGrid'
import { Button } from '../../shared/ui/Button'
import { useAddress } from '../../shared/useAddress'
import { useUnits } from '../../units/UnitsContext'
import { useBoat } from '../useBoat'
import { useTrip } from '../useTrip'
import { Waiting } from '../Waiting'
import { heldOf } from './heldOf'
import { SumWords } from './SliceParts'

const GRID_PX = 240

/** A slice of the log on paper. */
export function SeasonPage() {
  const { boatId = '' } = useParams()
  const { boat, gone, error } = useBoat(boatId)
  if (gone) return <Navigate to="/" replace />
  if (!boat) return <Waiting error={error} />
  return <Season boat={boat} />
}

function Season({ boat }: { boat: Boat }) {
  const [params] = useAddress()
  const packedWhere = params.get('where')
  const where = useMemo(() => unpacked(packedWhere), [packedWhere])
  const trip = useTrip(boat)
  const { data: log, error } = useQuery(logOf(boat.boatId, where, trip.date))
  if (!log) return <Waiting error={error} />
  return (
    <div className="min-h-full bg-shade print:bg-white">
      <Bar boat={boat} />
      <main
        className="mx-auto max-w-5xl bg-foam p-6 print:max-w-none print:bg-white print:p-0"
        data-testid="season"
      >
        <Head {...{ boat, where, log }} day={trip.date} />
        <section aria-label="By year and week" className="my-4">
          <h2 className="font-bold">Strikes for the time fished, by year and week</h2>
          <YearGrid weeks={log.weeks} chosen={null} height={GRID_PX} onWeeks={() => undefined} />
        </section>
        <Pictures
          boat={boat.boatId}
          held={heldOf(boat)}
          lengthM={boat.lengthM}
          beamM={boat.beamM}
          where={where}
        />
        <section aria-label="What it says" className="mt-6 break-inside-avoid">
          <h2 className="mb-2 text-lg font-bold">What it says</h2>
          <Findings findings={log.findings} />
        </section>
      </main>
    </div>
  )
}

function Bar({ boat }: { boat: Boat }) {
  const go = useNavigate()
  return (
    <div className="flex flex-wrap items-center gap-3 border-b-2 border-ink bg-foam px-4 py-2 print:hidden">
      <Button onClick={() => void go(`/boats/${boat.boatId}/log${window.location.search}`)}>
        Back to the log
      </Button>
      <Button tone="strong" onClick={() => window.print()}>
        Print
      </Button>
    </div>
  )
}

function Head({ boat, where, log, day }: { boat: Boat; where: readonly string[]; log: Log; day: string }) {
  const units = useUnits()
  return (
    <header className="border-b-2 border-ink pb-2">
      <h1 className="text-2xl font-bold">{boat.name}: the log on one sheet</h1>
      <p>
        {where.length === 0
          ? 'All that is in it.'
          : `Only ${where.map((text) => conditionWords(text, log.facets, units)).join(', ')}.`}{' '}
        This week is that of {dayInWords(day)}.
      </p>
      <SumWords log={log} />
    </header>
  )
}
