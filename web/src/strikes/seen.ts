/** What is seen from a boat, by its name in a fact, in a crew's words. */
export const SEEN: readonly (readonly [string, string])[] = [
  ['BIRDS_DIVING', 'birds diving'],
  ['BIRDS_SEARCHING', 'birds searching'],
  ['BIRDS_TRAVELLING', 'birds travelling'],
  ['BIRDS_RESTING', 'birds resting'],
  ['FISH_BREAKING', 'fish breaking'],
  ['FISH_DEEP', 'fish on the sounder'],
  ['BAIT', 'bait on the sounder'],
  ['WEED', 'weed'],
  ['FLOATING_THING', 'floating thing'],
  ['EDGE', 'edge'],
  ['SHARK', 'shark'],
  ['BOAT', 'boat near the lines'],
]

/** In a crew's words; one of a newer edition by its own name. */
export const seenWords = (what: unknown): string =>
  SEEN.find(([one]) => one === what)?.[1] ?? plainWords(what)

/** A name of the API as words. */
export const plainWords = (name: unknown): string => String(name).toLowerCase().replaceAll('_', ' ')
