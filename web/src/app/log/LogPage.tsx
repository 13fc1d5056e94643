import { Navigate, useParams } from 'react-router'
import { useBoat } from '../useBoat'
import { Waiting } from '../Waiting'
import { LogStation } from './LogStation'

/** All days of a boat. */
export function LogPage() {
  const { boatId = '' } = useParams()
  const { boat, boats, gone, error } = useBoat(boatId)
  if (gone) return <Navigate to="/" replace />
  if (!boat || !boats) return <Waiting error={error} />
  return <LogStation key={boatId} boat={boat} boats={boats} />
}
