import { useQuery } from '@tanstack/react-query'
import { Navigate, useParams } from 'react-router'
import { boats, gearOf, spreadOf, titlesOf } from '../spread/queries'
import { RigStation } from './RigStation'
import { Waiting } from './Waiting'

/** Loads what the bench needs. */
export function RigPage() {
  const { boatId = '', spreadId = '' } = useParams()
  const all = useQuery(boats())
  const gear = useQuery(gearOf(boatId))
  const titles = useQuery(titlesOf(boatId))
  const spread = useQuery(spreadOf(boatId, spreadId))
  const boat = all.data?.find((b) => b.boatId === boatId)
  if (all.data && !boat) return <Navigate to="/" replace />
  if (spread.error && 'status' in spread.error && spread.error.status === 404)
    return <Navigate to={`/boats/${boatId}/rig`} replace />
  if (!boat || !all.data || !gear.data || !titles.data || !spread.data)
    return <Waiting error={all.error ?? gear.error ?? titles.error ?? spread.error} />
  return (
    <RigStation
      key={spreadId}
      boat={boat}
      boats={all.data}
      gear={gear.data}
      gearStamp={gear.dataUpdatedAt}
      titles={titles.data}
      kept={spread.data}
    />
  )
}
