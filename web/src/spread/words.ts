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
  CUT_BAIT: 'cut bait',
  BENT_BAIT: 'bent bait',
  ROTATING_BLADE: 'rotating blade',
  DIVING_PLANE: 'diving plane',
  SOFT_EEL: 'soft eel',
  FLY: 'fly',
  DODGER: 'dodger',
  LIPLESS_PLUG: 'lipless plug',
  TORPEDO_LEAD: 'torpedo lead',
  BALL_LEAD: 'ball lead',
}

/** Chains that are tied by name. */
export const CHAIN_WORDS: Record<string, string> = {
  PLAIN: 'Plain leader',
  FAST_LADDER: 'Fast, wire and lead',
  IN_LINE_LEAD: 'In-line lead',
  WIRE: 'Trolling wire',
  THREE_WAY: 'Three-way, two lures',
  DIVING_PLANE: 'Diving plane',
  ATTRACTOR: 'Attractor and squid',
  LIVE_BAIT: 'Live bait, wire to the nose hook',
  STEERING_BAR: 'Bar that steers outward',
}

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
