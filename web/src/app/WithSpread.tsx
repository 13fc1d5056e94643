import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Navigate, useParams } from 'react-router'
import {
  gearOf,
  spreadOf,
  titlesOf,
  type Boat,
  type BoatTitle,
  type Gear,
  type Kept,
  type Title,
} from '../draft/queries'
import { useBoat } from './useBoat'
import { Waiting } from './Waiting'

/** What a station that edits a spread stands on. */
export interface Loaded {
  boat: Boat
  boats: readonly BoatTitle[]
  gear: Gear
  /** Changes when the gear was read anew. */
  gearStamp: number
  titles: readonly Title[]
  kept: Kept
}

/** Loads the boat, her gear and the spread of the address; a spread that is gone leads to the latest one. */
export function WithSpread({
  station,
  children,
}: {
  station: 'spread' | 'rig'
  children(loaded: Loaded): ReactNode
}) {
  const { boatId = '', spreadId = '' } = useParams()
  const { boat, boats, gone, error } = useBoat(boatId)
  const gear = useQuery(gearOf(boatId))
  const titles = useQuery(titlesOf(boatId))
  const spread = useQuery(spreadOf(boatId, spreadId))
  if (gone) return <Navigate to="/" replace />
  if (spread.error && 'status' in spread.error && spread.error.status === 404)
    return <Navigate to={`/boats/${boatId}/${station}`} replace />
  if (!boat || !boats || !gear.data || !titles.data || !spread.data)
    return <Waiting error={error ?? gear.error ?? titles.error ?? spread.error} />
  return children({
    boat,
    boats,
    gear: gear.data,
    gearStamp: gear.dataUpdatedAt,
    titles: titles.data,
    kept: spread.data,
  })
}
