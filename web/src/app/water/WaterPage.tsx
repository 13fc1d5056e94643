import { useQuery } from '@tanstack/react-query'
import { Navigate, useParams } from 'react-router'
import { planOf } from '../../call/queries'
import type { Boat, BoatTitle } from '../../draft/queries'
import { usePlanDay } from '../plan/usePlanDay'
import { useBoat } from '../useBoat'
import { Waiting } from '../Waiting'
import { WaterStation } from './WaterStation'

/** Where to begin: the water of the day that is planned. */
export function WaterPage() {
  const { boatId = '' } = useParams()
  const { boat, boats, gone, error } = useBoat(boatId)
  if (gone) return <Navigate to="/" replace />
  if (!boat || !boats) return <Waiting error={error} />
  return <WaterOf boat={boat} boats={boats} />
}

function WaterOf({ boat, boats }: { boat: Boat; boats: readonly BoatTitle[] }) {
  const planDay = usePlanDay(boat)
  const plan = useQuery({ ...planOf(boat.boatId, planDay.date), staleTime: Infinity })
  if (!plan.data) return <Waiting error={plan.error} />
  return (
    <WaterStation key={`${boat.boatId} ${planDay.date}`} {...{ boat, boats, planDay }} kept={plan.data} />
  )
}
