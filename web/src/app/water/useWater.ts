import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useRef } from 'react'
import type { Boat } from '../../draft/queries'
import { logOf } from '../../log/queries'
import { useAddress } from '../../shared/useAddress'
import { sayFigure } from '../../units/sentence'
import { FIGURE_OF, useUnits } from '../../units/UnitsContext'
import {
  contourLayer,
  edgeLayer,
  figureLayer,
  markLayer,
  placeLayer,
  struckLayer,
  tintLayer,
} from '../../water/layers'
import { around, KINDS, newestOf, passedOver, seaAbout, valueAt } from '../../water/model'
import {
  beginOf,
  cellsOf,
  gridsOf,
  marksOf,
  type Kind,
  type Mark,
  type SeaSpot,
  type Target,
} from '../../water/queries'
import type { PlanDay } from '../plan/usePlanDay'

const MINUTE = 60_000
const NO_MARKS: readonly Mark[] = []
const NOTHING = { places: [], lacking: [], edges: [], before: [] }

/** The grids of the planned moment, what is drawn of them, and the places they speak for. */
export function useWater(boat: Boat, planDay: PlanDay, target: Target | undefined) {
  const units = useUnits()
  const [params, put] = useAddress()
  const { boatId, latitudeDeg, longitudeDeg, place } = boat
  const minute = Math.round(planDay.at / MINUTE) * MINUTE
  const grids = useQuery(gridsOf(boatId)).data
  const begun = useQuery(beginOf(boatId, new Date(minute).toISOString(), planDay.date, target))
  const begin = begun.data ?? NOTHING
  useBegunAnew(boatId, grids)
  const kinds = useMemo(
    () => (Object.keys(KINDS) as Kind[]).filter((kind) => grids && newestOf(grids, kind, minute)),
    [grids, minute],
  )
  const asked = params.get('of') as Kind | null
  const kind = asked && kinds.includes(asked) ? asked : (kinds[0] ?? 'TEMPERATURE')
  const shown = grids && newestOf(grids, kind, minute)
  const depth = grids && newestOf(grids, 'DEPTH', minute)
  const cells = useQuery({ ...cellsOf(boatId, shown?.gridId ?? ''), enabled: shown !== undefined }).data
  const depths = useQuery({ ...cellsOf(boatId, depth?.gridId ?? ''), enabled: depth !== undefined }).data
  const chosen = Math.min(Number(params.get('place') ?? 1) - 1, Math.max(0, begin.places.length - 1))
  const home = useMemo(() => ({ latitudeDeg, longitudeDeg }), [latitudeDeg, longitudeDeg])
  const sea = useMemo(() => seaAbout(home), [home])
  const say = useMemo(() => {
    const { figure, unit } = KINDS[kind]
    return (value: number) =>
      figure ? sayFigure({ kind: figure, si: value }, units, 'UTC') : `${value.toFixed(2)}${unit}`
  }, [kind, units])
  const base = useMemo(() => (shown && cells ? [tintLayer(shown, cells, sea)] : []), [shown, cells, sea])
  const ground = useMemo(
    () =>
      depth && depths
        ? [
            contourLayer(depth, depths, sea, units.unit('distance').factor, (metres) =>
              units.say('distance', metres).replace('.0', ''),
            ),
          ]
        : [],
    [depth, depths, sea, units],
  )
  const figures = useMemo(() => {
    if (!shown || !cells) return []
    const figure = FIGURE_OF[KINDS[kind].figure ?? '']
    return [
      figureLayer(shown, cells, sea, (value) => (figure ? units.figure(figure, value) : value.toFixed(2))),
    ]
  }, [shown, cells, sea, kind, units])
  const edges = useMemo(() => [edgeLayer(begin.edges, begin.before, sea)], [begin, sea])
  const spots = useMemo(
    () => [placeLayer(begin.places, chosen, home, place, sea)],
    [begin, chosen, home, place, sea],
  )
  const marks = useQuery(marksOf(boatId)).data ?? NO_MARKS
  const crosses = useMemo(() => [markLayer(marks, sea)], [marks, sea])
  const pieces = useQuery({ ...logOf(boatId, [], planDay.date), refetchInterval: false }).data?.pieces
  const struck = useMemo(() => [struckLayer(pieces ?? [], sea)], [pieces, sea])
  const layers = useMemo(
    () => [...base, ...ground, ...figures, ...struck, ...edges, ...crosses, ...spots],
    [base, ground, figures, struck, edges, crosses, spots],
  )
  const bounds = useMemo(
    () => around([home, ...begin.places.map(({ at }) => at)].map((spot) => sea.toXy(spot))),
    [home, begin, sea],
  )
  return {
    begin,
    waiting: begun.isPending,
    problem: begun.error,
    grids: grids ?? [],
    marks,
    kinds,
    kind,
    setKind: (next: Kind) => put({ of: next }),
    shown,
    /** A newer picture that shows too little of the sea in reach. */
    passed: grids && shown && passedOver(grids, shown, minute),
    cells,
    say,
    sea,
    layers,
    bounds,
    chosen,
    choose: (place: number) => put({ place: String(place + 1) }),
    minute,
    /** Of the bottom; null where it is not known. */
    depthAt: (spot: SeaSpot) => (depth && depths ? valueAt(depth, depths, spot) : null),
  }
}

/** What came in by itself may speak for other places. */
function useBegunAnew(boatId: string, grids: readonly { gridId: string }[] | undefined) {
  const client = useQueryClient()
  const known = useRef<string | null>(null)
  useEffect(() => {
    if (!grids) return
    const ids = grids.map(({ gridId }) => gridId).join(' ')
    if (known.current !== null && known.current !== ids)
      void client.invalidateQueries({ queryKey: ['water-begin', boatId] })
    known.current = ids
  }, [client, boatId, grids])
}
