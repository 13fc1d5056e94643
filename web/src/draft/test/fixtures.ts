import type {
  Boat,
  Draft,
  Gear,
  Kept,
  Line,
  RoundTurn,
  SideTurn,
  Solved,
  SolvedLine,
  Turns,
  Wake,
} from '../queries'

/** A small boat with three holders and two lines out, for tests of views. */
export const boat: Boat = {
  boatId: 'boat',
  version: 1,
  name: 'Test boat',
  lengthM: 8,
  beamM: 3,
  engines: 1,
  place: 'Tarrow Banks',
  latitudeDeg: 27.6,
  longitudeDeg: -47.3,
  timeZone: 'Etc/GMT+3',
  holders: [
    { holderId: 's', name: 'Starboard', kind: 'RIGGER', base: at(-4, 1, 2), tip: at(0, 6, 5) },
    { holderId: 'p', name: 'Port', kind: 'RIGGER', base: at(-4, -1, 2), tip: at(0, -6, 5) },
    { holderId: 'c', name: 'Centre', kind: 'CENTRE', base: at(-2, 0, 2), tip: at(0, 0, 5) },
  ],
}

function at(asternM: number, starboardM: number, heightM: number) {
  return { asternM, starboardM, heightM }
}

const lureBody = { massKg: 0.1, volumeM3: 4e-5, dragAreaM2: 4e-4, diveAreaM2: 0, sideAreaM2: 0 }
const lineBody = {
  diameterM: 7e-4,
  densityKgPerM3: 1150,
  normalDragCoefficient: 1.2,
  tangentialDragCoefficient: 0.008,
  strengthN: 220,
}

export const gear: Gear = {
  lures: [
    {
      gearId: 'skirt',
      version: 1,
      name: 'Skirt',
      kind: 'BULLET_SKIRT',
      colour: 'olive',
      lengthM: 0.2,
      ...lureBody,
    },
    {
      gearId: 'feather',
      version: 1,
      name: 'Feather',
      kind: 'FEATHER',
      colour: 'pink',
      lengthM: 0.1,
      ...lureBody,
    },
    {
      gearId: 'lead',
      version: 1,
      name: 'Lead',
      kind: 'BALL_LEAD',
      colour: 'lead',
      lengthM: 0.1,
      ...lureBody,
    },
  ],
  reels: [],
  lines: [
    { gearId: 'mono', version: 1, name: 'Mono 50 lb', kind: 'MONO', ...lineBody },
    { gearId: 'clear', version: 1, name: 'Clear 100 lb', kind: 'FLUOROCARBON', ...lineBody },
  ],
}

export const lineAt = (lineId: string, holderId: string, letOutM = 60): Line => ({
  lineId,
  holderId,
  letOutM,
  strikeDragN: 40,
  tackle: [{ lureGearId: 'skirt', lineGearId: 'clear', lengthM: 2 }, { lineGearId: 'mono' }],
})

export const draft: Draft = { speedThroughWaterMps: 3.6, lines: [lineAt('one', 's'), lineAt('two', 'p', 70)] }

export const kept: Kept = {
  spreadId: 'spread',
  version: 3,
  name: 'Test spread',
  revision: 2,
  savedAt: '2026-06-18T08:00:00Z',
  draft,
}

export function solvedLine(
  lineId: string,
  label: string,
  change: Partial<SolvedLine['tow']> = {},
): SolvedLine {
  return {
    lineId,
    label,
    tip: at(0, label.startsWith('P') ? -6 : 6, 5),
    depthPerTenM: 0.2,
    depthPerKnotM: -0.3,
    pullPerKnotN: 1,
    weakestN: 220,
    tow: {
      regime: 'RUNNING',
      depthM: 1.3,
      asternM: 59,
      lateralM: 0,
      immersion: 1,
      skippingShare: 0,
      surfacing: 'UNDER',
      tensionAtLureN: 3,
      tensionAtTipN: 6,
      bodies: [{ link: 0, place: { asternM: 59, lateralM: 0, heightM: -1.3 }, tensionN: 3 }],
      path: [
        { asternM: 59, lateralM: 0, heightM: -1.3 },
        { asternM: 0, lateralM: 0, heightM: 5 },
      ],
      mends: [],
      ...change,
    },
  }
}

export const wake: Wake = {
  wavelengthM: 8.3,
  leastDepthM: 4.2,
  wedgeHalfAngleDeg: 19.47,
  crestsM: [6.2, 14.5, 22.8],
  crestShape: [
    { asternM: 1.09, starboardM: -0.38 },
    { asternM: 1, starboardM: 0 },
    { asternM: 1.09, starboardM: 0.38 },
  ],
  wash: [
    { asternM: 0, widthM: 1.8 },
    { asternM: 30, widthM: 4 },
  ],
}

export const solved: Solved = {
  wake,
  lines: [solvedLine('one', 'S1'), solvedLine('two', 'P1')],
  findings: [],
}

/** Two lines that swing as stiff rods would: enough to tell frames apart. */
const halfTurn = (sign: 1 | -1): SideTurn['halfTurn'] =>
  Array.from({ length: 61 }, (_, i) => ({
    turnedDeg: sign * 3 * i,
    afterS: i,
    lines: [
      { lineId: 'one', nodes: [60 - i * 0.2, sign * i, 0, 6], lureSpeedMps: 3, lureDepthM: 1 },
      { lineId: 'two', nodes: [70 - i * 0.2, sign * i, 0, -6], lureSpeedMps: 3, lureDepthM: 1 },
    ],
  }))

export const sideTurn = (side: SideTurn['side'], change: Partial<SideTurn> = {}): SideTurn => ({
  side,
  limitDeg: 60,
  wantedDeg: 90,
  tooLittleDeg: 60,
  foul: {
    lineId: 'one',
    otherLineId: 'two',
    turnedDeg: side === 'PORT' ? -63 : 63,
    straightM: 0,
    afterS: 12,
    asternM: 38,
    starboardM: 2,
    heightM: 0,
  },
  againM: 200,
  againS: 50,
  passes: [],
  halfTurn: halfTurn(side === 'PORT' ? -1 : 1),
  ...change,
})

function withoutFoul({ foul: _foul, ...side }: SideTurn): SideTurn {
  return side
}

export const turns: Turns = {
  radiusM: 40,
  port: { ...withoutFoul(sideTurn('PORT')), limitDeg: 180 },
  starboard: sideTurn('STARBOARD'),
  kinder: 'PORT',
  setting: [
    { lineId: 'two', reason: 'FARTHEST' },
    { lineId: 'one', reason: 'LEVEL', becauseLineId: 'two', steer: 'PORT', clearsM: 4 },
  ],
  clearing: [{ struckLineId: 'one', steps: [{ lineId: 'two', clear: false, reason: 'STAYS' }] }],
}

const stopsRound = sideTurn('PORT').foul!

export const round: RoundTurn = {
  tightestM: 26,
  widestM: 600,
  port: { side: 'PORT', radiusM: 81, againM: 60, againS: 16, stops: stopsRound, islands: [] },
  starboard: { side: 'STARBOARD', radiusM: 187, againM: 183, againS: 48, stops: stopsRound, islands: [54] },
}
