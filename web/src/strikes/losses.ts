/** How a fish gets away, in a crew's words. */
export const LOSSES = [
  ['KNOCKED_OFF', 'knocked off'],
  ['PULLED_HOOK', 'pulled hook'],
  ['CUT_OFF', 'cut off'],
  ['BROKE', 'broke'],
  ['THROWN_AT_BOAT', 'thrown at the boat'],
] as const

export type Loss = (typeof LOSSES)[number][0]
