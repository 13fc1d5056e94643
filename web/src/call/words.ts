import type { Catalogue, Playbook } from './queries'

/** Plain words for answers; a choice without words of its own is said in lower case. */
const CHOICES: Record<string, Record<string, string>> = {
  TARGET: { TUNA: 'small tuna', SCHOOL_BLUEFIN: 'school bluefin', STRIPED_BASS: 'striped bass' },
  CLARITY: { BLUE: 'blue', EDGE: 'blue meets green', GREEN: 'green', BROWN: 'brown' },
  STRUCTURE: {
    FLAT: 'even',
    RIP: 'rip over a shoal',
    REEF: 'reef edge',
    RIVER_MOUTH: 'river mouth',
  },
  BIRDS: {
    NONE: 'none in sight',
    SEARCHING: 'searching, high',
    DIVING: 'diving, low and tight',
    SITTING: 'sitting',
    TRAVELLING: 'moving one way',
    LONE: 'one large, circling low',
  },
  BAIT: { NONE: 'none marked', LAYER: 'marked' },
  FORAGE: { FINGERLING: 'fingerling', PALM: 'palm-long', HAND: 'hand-long', FOREARM: 'forearm-long' },
  FLOATING: { NONE: 'nothing', SINGLE: 'one thing', LINE: 'a line of it' },
  WEED: { NONE: 'none', SCATTERED: 'scattered', THICK: 'thick' },
  FLEET: { ALONE: 'nobody else', SOME: 'some boats', CROWDED: 'crowded' },
}

export const choiceWords = (topic: string, choice: string): string =>
  CHOICES[topic]?.[choice] ?? choice.toLowerCase().replaceAll('_', ' ')

/** What a chip says while nothing is known. */
export const UNKNOWN_WORDS: Record<string, string> = {
  BIRDS: 'not seen yet',
  BAIT: 'not looked yet',
  FORAGE: 'no stomach opened',
  FLEET: 'not seen yet',
  FLOATING: 'not seen yet',
  WEED: 'not seen yet',
}

export const playbookWords = (words: Catalogue, id: Playbook): string =>
  words.playbooks.find((book) => book.playbook === id)?.words ?? id
