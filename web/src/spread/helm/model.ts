/** Ways a boat can be steered, and the picture of one at a moment: all in still water, from where she was at the start. */
import type { Foul, Helmed } from '../../draft/queries'

/** Astern of where the transom was at the start, and to starboard of it (m). */
export interface Place {
  asternM: number
  starboardM: number
}

export type Way =
  | { kind: 'weave'; side: 'PORT' | 'STARBOARD'; swingDeg: number; legM: number; swings: number }
  | { kind: 'track'; marks: readonly Place[] }

export const WEAVE: Extract<Way, { kind: 'weave' }> = {
  kind: 'weave',
  side: 'STARBOARD',
  swingDeg: 30,
  legM: 60,
  swings: 3,
}

/** What of it is asked; null while nothing is drawn. */
export function asked(way: Way) {
  if (way.kind === 'track') return way.marks.length > 0 ? { track: [...way.marks] } : null
  const { side, swingDeg, legM, swings } = way
  return { weave: { side, swingDeg, legM, swings } }
}

/** One mark farther on, turned from the course by so much (starboard positive). */
export function onwards(marks: readonly Place[], turnDeg: number, legM: number): Place {
  const last = marks.at(-1) ?? { asternM: 0, starboardM: 0 }
  const before = marks.at(-2) ?? { asternM: 0, starboardM: 0 }
  const course =
    marks.length === 0 ? 0 : Math.atan2(last.starboardM - before.starboardM, before.asternM - last.asternM)
  const to = course + (turnDeg * Math.PI) / 180
  return {
    asternM: Math.round(last.asternM - legM * Math.cos(to)),
    starboardM: Math.round(last.starboardM + legM * Math.sin(to)),
  }
}

export interface Seen {
  boat: Place & { headingDeg: number }
  afterS: number
  lines: { lineId: string; nodes: Place[]; lureSpeedMps: number; lureDepthM: number }[]
}

/** The picture so many frames along, placed on the water. */
export function seenAt(helmed: Helmed, at: number): Seen | null {
  const frame = helmed.frames[Math.min(at, helmed.frames.length - 1)]
  if (!frame) return null
  const { asternM, starboardM } = frame
  const heading = (frame.frame.turnedDeg * Math.PI) / 180
  const place = (astern: number, starboard: number): Place => ({
    asternM: asternM + astern * Math.cos(heading) + starboard * Math.sin(heading),
    starboardM: starboardM - astern * Math.sin(heading) + starboard * Math.cos(heading),
  })
  return {
    boat: { asternM, starboardM, headingDeg: frame.frame.turnedDeg },
    afterS: frame.frame.afterS,
    lines: frame.frame.lines.map((line) => ({
      ...line,
      nodes: Array.from({ length: line.nodes.length / 2 }, (_, i) =>
        place(line.nodes[2 * i]!, line.nodes[2 * i + 1]!),
      ),
    })),
  }
}

/** Lines of the pairs that have met by now. */
export const fouledBy = (helmed: Helmed, afterS: number): string[] =>
  helmed.fouls.filter((foul) => foul.afterS <= afterS + 0.05).flatMap(linesOf)

export const linesOf = (foul: Foul): string[] =>
  foul.otherLineId ? [foul.lineId, foul.otherLineId] : [foul.lineId]

/** What the whole way takes up (m). */
export function reachOf(helmed: Helmed | null, marks: readonly Place[], lengthM: number) {
  const all: Place[] = [{ asternM: -lengthM, starboardM: 0 }, { asternM: 25, starboardM: 8 }, ...marks]
  const frames = helmed?.frames ?? []
  const every = Math.max(1, Math.floor(frames.length / 24))
  for (let at = 0; at < frames.length; at += every)
    for (const line of seenAt(helmed!, at)?.lines ?? [])
      all.push(...line.nodes.slice(0, 1), ...line.nodes.slice(-1))
  all.push(...frames)
  const of = (key: keyof Place) => all.map((place) => place[key])
  return {
    asternM: Math.max(...of('asternM')),
    aheadM: -Math.min(...of('asternM')),
    starboardM: Math.max(...of('starboardM'), 12),
    portM: -Math.min(...of('starboardM'), -12),
  }
}
