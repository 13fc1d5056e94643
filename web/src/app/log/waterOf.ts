import { streamAt } from '../../clock/model'
import type { Day } from '../../clock/queries'
import type { Water } from '../../log/StoryRows'

/** A slower stream is slack, as the log has it (m/s). */
const SLACK_MPS = 0.12
const STEP_MS = 5 * 60_000

/** How the stream set over a span, in stretches; empty where no tide is known. */
export function waterOf(day: Day, { start, end }: { start: number; end: number }): Water[] {
  const all: Water[] = []
  for (let at = start; at < end; at += STEP_MS) {
    const stream = streamAt(day, at)
    if (!stream || !day.tide) return []
    const words =
      stream.mps < SLACK_MPS ? 'slack' : stream.towardsDeg === day.tide.floodTowardsDeg ? 'flood' : 'ebb'
    const last = all.at(-1)
    if (last?.words === words) last.to = Math.min(end, at + STEP_MS)
    else all.push({ from: at, to: Math.min(end, at + STEP_MS), words })
  }
  return all
}
