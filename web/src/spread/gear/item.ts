import type { LineGear, LineKind, Lure, LureKind, Reel } from '../../draft/queries'
import { sources } from '../../shared/device'
import { KIND_WORDS, LINE_WORDS } from '../words'

/** Something of the box. */
export type Item =
  { what: 'lure'; body: Lure } | { what: 'line'; body: LineGear } | { what: 'reel'; body: Reel }

export const freshLure = ({ kind, usual, works }: LureKind): Lure => ({
  gearId: sources.uuid(),
  version: 0,
  name: KIND_WORDS[kind] ?? '',
  kind,
  colour: 'plain',
  lengthM: 0.18,
  count: 1,
  ...usual,
  ...(works && { slowestMps: works.leastMps, fastestMps: works.mostMps }),
})

export const freshLine = ({ kind, strengthN, usual: { lengthM: _, ...usual } }: LineKind): LineGear => ({
  gearId: sources.uuid(),
  version: 0,
  name: LINE_WORDS[kind] ?? '',
  kind,
  strengthN,
  ...usual,
})

export const freshReel = (lines: readonly LineGear[]): Reel => {
  const main = lines.find((line) => line.kind === 'MONO') ?? lines[0]
  return {
    gearId: sources.uuid(),
    version: 0,
    name: 'Reel',
    count: 1,
    ratedM: 400,
    ratedDiameterM: main?.diameterM ?? 0.0005,
    fullRadiusM: 0.045,
    arborRadiusM: 0.025,
    ...(main && { mainLineGearId: main.gearId }),
  }
}
