import { useQuery } from '@tanstack/react-query'
import { Navigate, useParams } from 'react-router'
import { BoatView } from '../spread/boat/BoatView'
import { boats } from '../spread/queries'
import { Frame } from './Frame'
import { Waiting } from './Waiting'

/** The boat as her lines see her. */
export function BoatPage() {
  const { boatId = '' } = useParams()
  const all = useQuery(boats())
  const boat = all.data?.find((one) => one.boatId === boatId)
  if (all.data && !boat) return <Navigate to="/" replace />
  if (!boat || !all.data) return <Waiting error={all.error} />
  return (
    <Frame boat={boat} boats={all.data}>
      <BoatView key={`${boatId} ${boat.version}`} kept={boat} />
    </Frame>
  )
}
