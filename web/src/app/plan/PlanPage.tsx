import { useQuery } from '@tanstack/react-query'
import { Navigate, useParams } from 'react-router'
import { catalogue, numbersOf, planOf, rulesOf, schoolsOf } from '../../call/queries'
import { gearOf, type Boat, type BoatTitle } from '../../draft/queries'
import { PlanStation } from './PlanStation'
import { usePlanDay } from './usePlanDay'
import { useBoat } from '../useBoat'
import { Waiting } from '../Waiting'

/** Loads what the station needs; a fresh editor for each day. */
export function PlanPage() {
  const { boatId = '' } = useParams()
  const { boat, boats, gone, error } = useBoat(boatId)
  if (gone) return <Navigate to="/" replace />
  if (!boat || !boats) return <Waiting error={error} />
  return <PlanOf boat={boat} boats={boats} />
}

function PlanOf({ boat, boats }: { boat: Boat; boats: readonly BoatTitle[] }) {
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
