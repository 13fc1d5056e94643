import { useQuery } from '@tanstack/react-query'
import { Navigate, useParams } from 'react-router'
import { BoxView } from '../../spread/box/BoxView'
import { gearOf } from '../../draft/queries'
import { Frame } from '../Frame'
import { useBoat } from '../useBoat'
import { Waiting } from '../Waiting'

/** Everything aboard to fish with. */
export function BoxPage() {
  const { boatId = '' } = useParams()
  const { boat, boats, gone, error } = useBoat(boatId)
  const gear = useQuery(gearOf(boatId))
  if (gone) return <Navigate to="/" replace />
  if (!boat || !boats || !gear.data) return <Waiting error={error ?? gear.error} />
  return (
    <Frame boat={boat} boats={boats}>
      <BoxView key={boatId} boat={boatId} gear={gear.data} />
    </Frame>
  )
}
