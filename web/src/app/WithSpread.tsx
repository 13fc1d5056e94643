import { useQuery } from '@tanstack/react-query'
import { useMemo, type ReactNode } from 'react'
import { Navigate, useLocation, useParams } from 'react-router'
import {
  gearOf,
  putAwayOf,
  spreadOf,
  titlesOf,
  type Boat,
  type BoatTitle,
  type Gear,
  type Kept,
  type Title,
} from '../draft/queries'
import { offered } from '../draft/offered'
import { heldText } from '../draft/useEditor'
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
  station: 'spread' | 'rig' | 'deck'
  children(loaded: Loaded): ReactNode
}) {
  const { boatId = '', spreadId = '' } = useParams()
  const { search } = useLocation()
  const { boat, boats, gone, error } = useBoat(boatId)
  const gear = useQuery(gearOf(boatId))
  const away = useQuery(putAwayOf(boatId))
  const titles = useQuery(titlesOf(boatId))
  const spread = useQuery(spreadOf(boatId, spreadId))
  const kept = spread.data
  const tied = useMemo(
    () => gear.data && away.data && offered(gear.data, away.data, [kept, kept && heldText(kept.spreadId)]),
    [gear.data, away.data, kept],
  )
  if (gone) return <Navigate to="/" replace />
  if (spread.error && 'status' in spread.error && spread.error.status === 404)
    return <Navigate to={{ pathname: `/boats/${boatId}/${station}`, search }} replace />
  if (!boat || !boats || !tied || !titles.data || !kept)
    return <Waiting error={error ?? gear.error ?? away.error ?? titles.error ?? spread.error} />
  return children({
    boat,
    boats,
    gear: tied,
    gearStamp: gear.dataUpdatedAt,
    titles: titles.data,
    kept,
  })
}
