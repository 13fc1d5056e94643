import { Navigate, useParams } from 'react-router'
import { BoatView } from '../../spread/boat/BoatView'
import { Frame } from '../Frame'
import { useBoat } from '../useBoat'
import { Waiting } from '../Waiting'
import { TakeAway } from './TakeAway'

/** The boat as her lines see her. */
export function BoatPage() {
  const { boatId = '' } = useParams()
  const { boat, boats, gone, error } = useBoat(boatId)
  if (gone) return <Navigate to="/" replace />
  if (!boat || !boats) return <Waiting error={error} />
  return (
    <Frame boat={boat} boats={boats}>
      <BoatView key={`${boatId} ${boat.version}`} kept={boat} more={<TakeAway boat={boat} />} />
    </Frame>
  )
}
