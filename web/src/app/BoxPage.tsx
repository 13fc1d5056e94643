import { useQuery } from '@tanstack/react-query'
import { Navigate, useParams } from 'react-router'
import { BoxView } from '../spread/box/BoxView'
import { boats, gearOf } from '../spread/queries'
import { Frame } from './Frame'
import { Waiting } from './Waiting'

/** Everything aboard to fish with. */
export function BoxPage() {
  const { boatId = '' } = useParams()
  const all = useQuery(boats())
  const gear = useQuery(gearOf(boatId))
  const boat = all.data?.find((one) => one.boatId === boatId)
  if (all.data && !boat) return <Navigate to="/" replace />
  if (!boat || !all.data || !gear.data) return <Waiting error={all.error ?? gear.error} />
  return (
    <Frame boat={boat} boats={all.data}>
      <BoxView key={boatId} boat={boatId} gear={gear.data} />
    </Frame>
  )
}
