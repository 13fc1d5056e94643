import { useQuery } from '@tanstack/react-query'
import { Navigate, useParams } from 'react-router'
import { catalogue, numbersOf, planOf, rulesOf, schoolsOf } from '../call/queries'
import { boats, gearOf, type Boat } from '../spread/queries'
import { PlanStation } from './PlanStation'
import { usePlanDay } from './usePlanDay'
import { Waiting } from './Waiting'

/** Loads what the station needs; a fresh editor for each day. */
export function PlanPage() {
  const { boatId = '' } = useParams()
  const all = useQuery(boats())
  const boat = all.data?.find((b) => b.boatId === boatId)
  if (all.data && !boat) return <Navigate to="/" replace />
  if (!boat || !all.data) return <Waiting error={all.error} />
  return <PlanOf boat={boat} boats={all.data} />
}

function PlanOf({ boat, boats }: { boat: Boat; boats: readonly Boat[] }) {
  const planDay = usePlanDay(boat)
  const words = useQuery(catalogue())
  const gear = useQuery(gearOf(boat.boatId))
  const plan = useQuery({ ...planOf(boat.boatId, planDay.date), staleTime: Infinity })
  const schools = useQuery(schoolsOf(boat.boatId))
  const numbers = useQuery(numbersOf(boat.boatId))
  const rules = useQuery(rulesOf(boat.boatId))
  if (!words.data || !gear.data || !plan.data)
    return <Waiting error={words.error ?? gear.error ?? plan.error} />
  return (
    <PlanStation
      key={`${boat.boatId} ${planDay.date}`}
      {...{ boat, boats, planDay }}
      gear={gear.data}
      kept={plan.data}
      words={words.data}
      stamp={`${boat.version} ${gear.dataUpdatedAt} ${schools.dataUpdatedAt} ${numbers.dataUpdatedAt} ${rules.dataUpdatedAt}`}
    />
  )
}
