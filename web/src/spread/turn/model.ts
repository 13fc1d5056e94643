import type { Frame, SideTurn, Turns } from '../../draft/queries'

/** How far she is turned on the drawing, to starboard positive (degrees). */
export type Turned = number

export const MOST_TURNED = 180

/** As far as she was followed to a side: a line that hangs slack ends it before the half turn. */
export const followedTo = (side: SideTurn): number =>
  Math.min(MOST_TURNED, Math.floor(Math.abs(side.halfTurn.at(-1)?.turnedDeg ?? 0)))

export const sideOf = (turns: Turns, turned: Turned): SideTurn => (turned < 0 ? turns.port : turns.starboard)

/** One line as seen from the boat: astern and starboard of each node in turn (m), lure first. */
export interface Swung {
  lineId: string
  nodes: readonly { asternM: number; starboardM: number }[]
  lureSpeedMps: number
  lureDepthM: number
}

export interface Moment {
  afterS: number
  lines: readonly Swung[]
}

/** The half turn at an angle, between its two nearest frames. */
export function momentAt(side: SideTurn, turned: Turned): Moment | null {
  const frames = side.halfTurn
  const wanted = Math.abs(turned)
  const next = frames.findIndex((frame) => Math.abs(frame.turnedDeg) >= wanted)
  const to = frames[next < 0 ? frames.length - 1 : next]
  if (!to) return null
  const from = frames[Math.max(0, (next < 0 ? frames.length : next) - 1)] ?? to
  const gap = Math.abs(to.turnedDeg) - Math.abs(from.turnedDeg)
  const share = gap > 0 ? Math.min(1, (wanted - Math.abs(from.turnedDeg)) / gap) : 1
  const between = (a: number, b: number) => a + (b - a) * share
  return {
    afterS: between(from.afterS, to.afterS),
    lines: to.lines.map((line) => {
      const before = from.lines.find((other) => other.lineId === line.lineId) ?? line
      return {
        lineId: line.lineId,
        nodes: points(before.nodes, line.nodes, between),
        lureSpeedMps: between(before.lureSpeedMps, line.lureSpeedMps),
        lureDepthM: between(before.lureDepthM, line.lureDepthM),
      }
    }),
  }
}

function points(from: readonly number[], to: readonly number[], between: (a: number, b: number) => number) {
  return Array.from({ length: to.length / 2 }, (_, i) => ({
    asternM: between(from[2 * i] ?? to[2 * i]!, to[2 * i]!),
    starboardM: between(from[2 * i + 1] ?? to[2 * i + 1]!, to[2 * i + 1]!),
  }))
}

/** What a turn up to an angle takes up around the boat (m). */
export function reachOf(side: SideTurn, upToDeg: number) {
  const reach = { asternM: 20, aheadM: 0, starboardM: 8, portM: 8 }
  for (const frame of side.halfTurn) if (Math.abs(frame.turnedDeg) <= upToDeg + 3) grow(reach, frame)
  return reach
}

function grow(reach: { asternM: number; aheadM: number; starboardM: number; portM: number }, frame: Frame) {
  for (const { nodes } of frame.lines) {
    for (let i = 0; i + 1 < nodes.length; i += 2) {
      reach.asternM = Math.max(reach.asternM, nodes[i]!)
      reach.aheadM = Math.max(reach.aheadM, -nodes[i]!)
      reach.starboardM = Math.max(reach.starboardM, nodes[i + 1]!)
      reach.portM = Math.max(reach.portM, -nodes[i + 1]!)
    }
  }
}

/** The lines that foul by now, empty before the limit. */
export function foulingAt(side: SideTurn, turned: Turned): string[] {
  if (!side.foul || Math.abs(turned) < side.limitDeg) return []
  return side.foul.otherLineId ? [side.foul.lineId, side.foul.otherLineId] : [side.foul.lineId]
}
