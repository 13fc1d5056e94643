import { useQuery } from '@tanstack/react-query'
import { Navigate, useNavigate, useParams } from 'react-router'
import { originOf } from '../../call/queries'
import { dayInWords } from '../../clock/model'
import { RigCard, TaskCard } from '../../rig/Cards'
import { rigOf } from '../../rig/queries'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { useAddress } from '../../shared/useAddress'
import { gearOf, solve, spreadOf, turnsOf, type Boat, type Kept } from '../../draft/queries'
import { tripsOf } from '../../strikes/queries'
import { SpreadCard } from '../../spread/SpreadCard'
import { useTrip } from '../useTrip'
import { useBoat } from '../useBoat'
import { Waiting } from '../Waiting'

const CARDS = { rig: 'Rig card', spread: 'Spread card', list: 'List of the evening' } as const
const PAPERS = { a5: 'A5, to laminate', letter: 'Letter' } as const

/** A card as it comes out of the printer, with the way back on the screen only. */
export function PrintPage() {
  const { boatId = '', spreadId = '' } = useParams()
  const { boat, gone, error } = useBoat(boatId)
  const spread = useQuery(spreadOf(boatId, spreadId))
  if (gone) return <Navigate to="/" replace />
  if (!boat || !spread.data) return <Waiting error={error ?? spread.error} />
  return <Cards boat={boat} kept={spread.data} />
}

function Cards({ boat, kept }: { boat: Boat; kept: Kept }) {
  const [params, put] = useAddress()
  const go = useNavigate()
  const trip = useTrip(boat)
  const card =
    (Object.keys(CARDS) as (keyof typeof CARDS)[]).find((one) => one === params.get('card')) ?? 'rig'
  const paper = params.get('paper') === 'letter' ? 'letter' : 'a5'
  const trips = useQuery(tripsOf(boat.boatId))
  const origin = useQuery(originOf(boat.boatId, kept.spreadId))
  const gear = useQuery(gearOf(boat.boatId)).data
  const playbook = origin.data?.playbook
  const rig = useQuery({
    queryKey: ['print', boat.boatId, kept.spreadId, kept.version, trip.date, playbook],
    queryFn: () =>
      rigOf(boat.boatId, {
        draft: kept.draft,
        spreadId: kept.spreadId,
        day: trip.date,
        timeZone: trip.place.timeZone,
        ...(playbook && { playbook }),
      }),
    // The day out, and with it the day of the card, is known by then.
    enabled: origin.data !== undefined && trips.isFetched,
  })
  const solved = useQuery({
    queryKey: ['print-solved', boat.boatId, kept.spreadId, kept.version],
    queryFn: () => solve(boat.boatId, kept.draft),
    enabled: card === 'spread',
  })
  const setting = useQuery({
    queryKey: ['print-setting', boat.boatId, kept.spreadId, kept.version],
    queryFn: () => turnsOf(boat.boatId, { draft: kept.draft }),
    enabled: card === 'spread' && kept.draft.lines.length > 0,
    select: (turns) => turns.setting.map((step) => step.lineId),
  })
  const head = { title: kept.name, boat: boat.name, day: dayInWords(trip.date), place: trip.place.name }
  return (
    <div className={`paper-${paper} min-h-full bg-shade print:bg-white`}>
      <div className="flex flex-wrap items-center gap-3 border-b-2 border-ink bg-foam px-4 py-2 print:hidden">
        <Button onClick={() => void go(`/boats/${boat.boatId}/rig/${kept.spreadId}`)}>
          Back to the bench
        </Button>
        <Select aria-label="Card" value={card} onChange={(event) => put({ card: event.target.value })}>
          {Object.entries(CARDS).map(([one, words]) => (
            <option key={one} value={one}>
              {words}
            </option>
          ))}
        </Select>
        <Select aria-label="Paper" value={paper} onChange={(event) => put({ paper: event.target.value })}>
          {Object.entries(PAPERS).map(([one, words]) => (
            <option key={one} value={one}>
              {words}
            </option>
          ))}
        </Select>
        <Button tone="strong" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      {rig.error && (
        <p role="alert" className="m-4 border-l-4 border-rust bg-foam p-3 print:hidden">
          {rig.error.message}
        </p>
      )}
      <main data-testid="paper" aria-busy={!rig.data}>
        {card === 'rig' && rig.data?.lines.map((line) => <RigCard key={line.lineId} {...{ line, head }} />)}
        {card === 'list' && rig.data && (
          <TaskCard rig={rig.data} timeZone={trip.place.timeZone} head={head} />
        )}
        {card === 'spread' && solved.data && gear && (
          <SpreadCard
            {...{ boat, gear, head }}
            draft={kept.draft}
            solved={solved.data}
            setting={setting.data}
          />
        )}
      </main>
    </div>
  )
}
