/** The box as it is looked through. */
import type { Gear, LineGear, Lure, Reel } from '../../draft/queries'
import { KIND_WORDS } from '../words'

export const LINE_WORDS: Record<string, string> = {
  MONO: 'mono',
  FLUOROCARBON: 'fluorocarbon',
  BRAID: 'braid',
  HOLLOW_BRAID: 'hollow braid',
  TROLLING_WIRE: 'trolling wire',
  LEAD_CORE: 'lead core',
  COPPER: 'copper line',
  DOWNRIGGER_CABLE: 'downrigger cable',
  BITE_WIRE: 'bite wire',
  BITE_CABLE: 'bite cable',
}

export type Shelf = 'all' | 'lures' | 'leads' | 'lines' | 'reels'

export interface Found {
  lures: Lure[]
  lines: LineGear[]
  reels: Reel[]
}

const has = (words: readonly string[], text: string) =>
  words.every((word) => text.toLowerCase().includes(word))

/** What of the box is on a shelf and has all the words sought. */
export function look(gear: Gear, shelf: Shelf, sought: string): Found {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
  const lead = (lure: Lure) => lure.kind.endsWith('_LEAD')
  return {
    lures: gear.lures
      .filter(
        (lure) => shelf === 'all' || (shelf === 'lures' && !lead(lure)) || (shelf === 'leads' && lead(lure)),
      )
      .filter((lure) =>
        has(words, `${lure.name} ${lure.colour} ${KIND_WORDS[lure.kind] ?? ''} ${roleWords(lure)}`),
      ),
    lines: gear.lines
      .filter(() => shelf === 'all' || shelf === 'lines')
      .filter((line) => has(words, `${line.name} ${LINE_WORDS[line.kind] ?? ''}`)),
    reels: gear.reels
      .filter(() => shelf === 'all' || shelf === 'reels')
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
