import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'
import { keep } from '../shared/api/keep'
import { sendFile } from '../shared/api/sendFile'

export type Boat = Schemas['BoatBody']
export type BoatTitle = Schemas['BoatTitle']
export type Holder = Schemas['HolderBody']
export type Gear = Schemas['Gear']
export type Marked = Schemas['MarkedReply']
export type Lure = Schemas['LureGearBody']
export type LineGear = Schemas['LineGearBody']
export type Reel = Schemas['ReelGearBody']
export type PutAway = Schemas['PutAway']
export type GearColumn = Schemas['GearColumn']
export type LureKind = Schemas['LureKindReply']
export type LineKind = Schemas['LineKindReply']
export type Kept = Schemas['Kept']
export type Title = Schemas['Title']
export type Draft = Schemas['SpreadDraft']
export type Line = Schemas['LineDraft']
export type Piece = Schemas['PieceDraft']
export type Solved = Schemas['SolvedReply']
export type SolvedLine = Schemas['LineReply']
export type Likely = Schemas['LikelyReply']
export type LikelyPull = Schemas['LikelyPull']
export type Wake = Schemas['WakeReply']
export type Ride = Schemas['RideReply']
export type Ground = Schemas['GroundReply']
export type Finding = Schemas['FindingReply']
export type Mend = Schemas['MendReply']
export type Foot = Schemas['FootDraft']
export type LineRig = Schemas['RigDraft']
export type Change = Schemas['SpreadChangeReply']
export type Deep = Schemas['DeepDraft']
export type Here = Schemas['HereDraft']
export type Branch = Schemas['BranchDraft']
export type PathPoint = Schemas['PathPoint']
export type Turns = Schemas['TurnsReply']
export type SideTurn = Schemas['SideReply']
export type RoundTurn = Schemas['RoundReply']
export type Helmed = Schemas['HelmReply']
export type Foul = Schemas['FoulReply']
export type RoundSide = Schemas['RoundSideReply']
export type Frame = Schemas['FrameReply']
export type Wider = Schemas['WiderReply']
export type Ways = Schemas['DepthReply']
export type Sought = Schemas['SoughtReply']
export type Chain = Schemas['ChainReply']
export type Calibration = Schemas['CalibrationReply']
export type CalibrationBody = Schemas['CalibrationBody']

/** The boats as lists show them, the largest first. */
export const boats = () =>
  queryOptions({ queryKey: ['boats'], queryFn: () => ask((api) => api.GET('/api/boats')) })

export const boatOf = (boat: string) =>
  queryOptions({
    queryKey: ['boats', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}', { params: { path: { boat } } })),
  })

/** What is kept for her and today's program does not take. */
export const markedOf = (boat: string) =>
  queryOptions({
    queryKey: ['gear', boat, 'marked'],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/marked', { params: { path: { boat } } })),
  })

export const gearOf = (boat: string) =>
  queryOptions({
    queryKey: ['gear', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/gear', { params: { path: { boat } } })),
  })

/** Gear, spreads and the boat herself that are kept and no longer offered. */
export const putAwayOf = (boat: string) =>
  queryOptions({
    queryKey: ['gear', boat, 'put-away'],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/put-away', { params: { path: { boat } } })),
  })

const thingOf = (boat: string, thing: string) => ({ params: { path: { boat, thing } } })

export const putAway = (boat: string, thing: string) =>
  keep((api) => api.PUT('/api/boats/{boat}/put-away/{thing}', thingOf(boat, thing)))

export const takeOut = (boat: string, thing: string) =>
  keep((api) => api.DELETE('/api/boats/{boat}/put-away/{thing}', thingOf(boat, thing)))

/** For good; refused where something kept needs it. */
export const removeGear = (boat: string, thing: string) =>
  keep((api) => api.DELETE('/api/boats/{boat}/gear/{thing}', thingOf(boat, thing)))

/** For good; refused where a day was fished with it. */
export const removeSpread = (boat: string, spread: string) =>
  keep((api) => api.DELETE('/api/boats/{boat}/spreads/{spread}', { params: { path: { boat, spread } } }))

/** What there is to say of each sort of item. */
export const gearColumns = () =>
  queryOptions({
    queryKey: ['gear-columns'],
    queryFn: () => ask((api) => api.GET('/api/gear/columns')),
    staleTime: Infinity,
  })

export const lureKinds = () =>
  queryOptions({
    queryKey: ['lure-kinds'],
    queryFn: () => ask((api) => api.GET('/api/lure-kinds')),
    staleTime: Infinity,
  })

export const lineKinds = () =>
  queryOptions({
    queryKey: ['line-kinds'],
    queryFn: () => ask((api) => api.GET('/api/line-kinds')),
    staleTime: Infinity,
  })

/** One metre of a kind of line at a rated strength (N). */
export const lineRated = (kind: LineKind['kind'], strengthN: number) =>
  ask((api) => api.GET('/api/line-kinds/{kind}', { params: { path: { kind }, query: { strengthN } } }))

export const titlesOf = (boat: string) =>
  queryOptions({
    queryKey: ['spreads', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/spreads', { params: { path: { boat } } })),
  })

export const spreadOf = (boat: string, spread: string) =>
  queryOptions({
    queryKey: ['spread', boat, spread],
    queryFn: () =>
      ask((api) => api.GET('/api/boats/{boat}/spreads/{spread}', { params: { path: { boat, spread } } })),
  })

/** That spread as it is kept, solved. */
export const solvedOf = (boat: string, spread: string) =>
  ask((api) => api.GET('/api/boats/{boat}/spreads/{spread}/solved', { params: { path: { boat, spread } } }))

export const solve = (boat: string, draft: Draft) =>
  ask((api) => api.POST('/api/boats/{boat}/solve', { params: { path: { boat } }, body: draft }))

export const saveLure = (boat: string, body: Lure) =>
  keep<Lure>((api) => api.PUT('/api/boats/{boat}/gear/lures', { params: { path: { boat } }, body }))

export const saveLineGear = (boat: string, body: LineGear) =>
  keep<LineGear>((api) => api.PUT('/api/boats/{boat}/gear/lines', { params: { path: { boat } }, body }))

export const saveReel = (boat: string, body: Reel) =>
  keep<Reel>((api) => api.PUT('/api/boats/{boat}/gear/reels', { params: { path: { boat } }, body }))

export const saveBoat = (body: Boat) =>
  keep<Boat>((api) => api.PUT('/api/boats/{boat}', { params: { path: { boat: body.boatId } }, body }))

export const fillBox = (boat: string, waters: 'WARM' | 'COLD') =>
  ask((api) => api.POST('/api/boats/{boat}/gear/starter', { params: { path: { boat } }, body: { waters } }))

export const boxFile = (boat: string): string => `/api/boats/${boat}/gear/box.csv`

/** All of a table or nothing of it; how many items are new and how many changed. */
export const takeBox = (boat: string, table: string) =>
  sendFile<Schemas['Imported']>('POST', boxFile(boat), 'text/csv', table)

export const turnsOf = (boat: string, body: Schemas['TurnsBody'], signal?: AbortSignal) =>
  ask((api) => api.POST('/api/boats/{boat}/turns', { params: { path: { boat } }, body, signal }))

export const roundOf = (boat: string, body: Schemas['TurnsBody'], signal?: AbortSignal) =>
  ask((api) => api.POST('/api/boats/{boat}/turns/round', { params: { path: { boat } }, body, signal }))

export const helmOf = (boat: string, body: Schemas['HelmBody'], signal?: AbortSignal) =>
  ask((api) => api.POST('/api/boats/{boat}/turns/helm', { params: { path: { boat } }, body, signal }))

export const widerOf = (boat: string, body: Schemas['TurnsBody'], signal?: AbortSignal) =>
  ask((api) => api.POST('/api/boats/{boat}/turns/mend', { params: { path: { boat } }, body, signal }))

export const waysTo = (boat: string, body: Schemas['DepthBody']) =>
  ask((api) => api.POST('/api/boats/{boat}/depths', { params: { path: { boat } }, body }))

export const chainsOf = (boat: string) =>
  queryOptions({
    queryKey: ['gear', boat, 'chains'],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/chains', { params: { path: { boat } } })),
  })

export const calibrationsOf = (boat: string) =>
  queryOptions({
    queryKey: ['gear', boat, 'calibrations'],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/calibrations', { params: { path: { boat } } })),
  })

export const tryCalibration = (boat: string, body: CalibrationBody) =>
  ask((api) => api.POST('/api/boats/{boat}/calibrations/attempt', { params: { path: { boat } }, body }))

export const keepCalibration = (boat: string, calibration: string, body: CalibrationBody) =>
  ask((api) =>
    api.PUT('/api/boats/{boat}/calibrations/{calibration}', {
      params: { path: { boat, calibration } },
      body,
    }),
  )

export const takeBackCalibration = (boat: string, calibration: string) =>
  ask((api) =>
    api.POST('/api/boats/{boat}/calibrations/{calibration}/take-back', {
      params: { path: { boat, calibration } },
    }),
  )
