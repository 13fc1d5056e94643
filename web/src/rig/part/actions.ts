import type { LureChoice } from '../../draft/LureOptions'
import type { Dropped } from '../chain/useDropping'
import type { BenchLine, Joint, Part } from '../queries'

/** Something of the box by its name. */
export interface Item {
  gearId: string
  name: string
}

/** What a chosen part can become. */
export interface PartActions {
  line(piece: number, gearId: string): void
  length(piece: number, metres: number): void
  joint(part: Part, kind: Joint): void
  fitting(part: Part, kind: NonNullable<Part['fitting']>, newtons: number): void
  item(piece: number, gearId: string | undefined): void
  hooks(kind: BenchLine['hookKind'], count: number, newtons: number): void
  reel(gearId: string): void
  scent(scent: string | undefined): void
  takeOut(piece: number): void
  asUsual(piece: number): void
  add(what: Dropped, part: Part): void
}

/** What the chosen part may be made of, and what it is part of. */
export interface OfPart {
  bench: BenchLine
  /** Pieces of the tackle. */
  pieces: number
  /** Ids tied at a piece of the tackle. */
  itemOf(
    piece: number,
  ): { lineGearId: string; lureGearId?: string | undefined; footChosen: boolean } | undefined
  lines: readonly Item[]
  weights: readonly LureChoice[]
  lures: readonly LureChoice[]
  reels: readonly Item[]
  /** On the lures of the spread. */
  scents: readonly string[]
  act: PartActions
}
