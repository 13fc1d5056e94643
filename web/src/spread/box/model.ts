/** The box as it is looked through. */
import type { Gear, LineGear, Lure, Reel } from '../../draft/queries'
import { KIND_WORDS, LINE_WORDS } from '../words'

export type Shelf = 'all' | 'lures' | 'leads' | 'lines' | 'reels' | 'away'

export interface Found {
  lures: Lure[]
  lines: LineGear[]
  reels: Reel[]
}

const has = (words: readonly string[], text: string) =>
  words.every((word) => text.toLowerCase().includes(word))

/** What of the box is on a shelf and has all the words sought; what is put away is on a shelf of its own. */
export function look(gear: Gear, away: ReadonlySet<string>, shelf: Shelf, sought: string): Found {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
  const lead = (lure: Lure) => lure.kind.endsWith('_LEAD')
  const on = (item: { gearId: string }, its: Shelf) =>
    shelf === 'away' ? away.has(item.gearId) : !away.has(item.gearId) && (shelf === 'all' || shelf === its)
  return {
    lures: gear.lures
      .filter((lure) => on(lure, lead(lure) ? 'leads' : 'lures'))
      .filter((lure) =>
        has(words, `${lure.name} ${lure.colour} ${KIND_WORDS[lure.kind] ?? ''} ${roleWords(lure)}`),
      ),
    lines: gear.lines
      .filter((line) => on(line, 'lines'))
      .filter((line) => has(words, `${line.name} ${LINE_WORDS[line.kind] ?? ''}`)),
    reels: gear.reels
      .filter((reel) => on(reel, 'reels'))
      .filter((reel) => has(words, `${reel.name} reel rod`)),
  }
}

/** Only what was chosen: the rest goes by the words of the colour. */
export const roleWords = (lure: Lure): string =>
  [
    lure.colourRole === 'ATTRACTOR'
      ? 'shows itself'
      : lure.colourRole === 'IMITATOR'
        ? 'like the forage'
        : '',
    lure.shade === undefined ? '' : { DARK: 'dark', NEUTRAL: 'between', LIGHT: 'light' }[lure.shade],
  ]
    .filter(Boolean)
    .join(', ')
