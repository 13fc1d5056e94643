/** Plain words for kinds. */
export const KIND_WORDS: Record<string, string> = {
  BULLET_SKIRT: 'bullet skirt',
  FAST_BULLET: 'fast bullet',
  POPPING_HEAD: 'popping head',
  FEATHER: 'feather',
  LIPPED_PLUG: 'lipped plug',
  FLUTTER_SPOON: 'flutter spoon',
  HAIR_JIG: 'hair jig',
  SQUID: 'squid',
  SPREADER_BAR: 'spreader bar',
  STEERING_BAR: 'steering bar',
  LIVE_BAIT: 'live bait',
  EEL_BAIT: 'eel bait',
  ROTATING_BLADE: 'rotating blade',
  TORPEDO_LEAD: 'torpedo lead',
  BALL_LEAD: 'ball lead',
}
