/** Outlines of lure kinds, about 26 px long, nose to the left (towards the boat), centred on the origin. */
const OUTLINES: Record<string, string> = {
  skirt: 'M-10 0 C-8 -4 -3 -4 1 -3 L12 -5 L7 -1.5 L13 0 L7 1.5 L12 5 L1 3 C-3 4 -8 4 -10 0 Z',
  popper: 'M-10 -4.5 L-6 -5 L1 -4 L12 -6 L8 -2 L13 0 L8 2 L12 6 L1 4 L-6 5 L-10 4.5 Z',
  feather: 'M-10 0 L-6 -2.5 L-2 -2.5 L11 -4 L8 -1 L12 0 L8 1 L11 4 L-2 2.5 L-6 2.5 Z',
  plug: 'M-12 4 L-8 -1 C-4 -5 4 -4 8 -1 L12 -4 L12 4 L8 1 C4 4 -4 4 -7 2 Z',
  spoon: 'M-11 0 C-6 -6 4 -6 11 -1 L11 1 C4 3 -6 4 -11 0 Z',
  jig: 'M-11 -2 C-11 -5 -5 -5 -5 -2 L10 -4 L6 0 L10 4 L-5 2 C-5 5 -11 5 -11 2 Z',
  bar: 'M-4 -9 L-1 -9 L-1 9 L-4 9 Z M-1 -7 L9 -7 L9 -5 L-1 -5 Z M-1 -1 L11 -1 L11 1 L-1 1 Z M-1 5 L9 5 L9 7 L-1 7 Z',
  bait: 'M-12 0 C-6 -6 4 -5 8 -1 L13 -5 L11 0 L13 5 L8 1 C4 5 -6 6 -12 0 Z',
  eel: 'M-14 0 C-10 -4 -4 -2 0 -1 C4 0 8 1 14 -1 C8 3 2 3 -2 2 C-8 2 -11 3 -14 0 Z',
  cut: 'M-9 -4 L-5 4 C2 5 6 3 9 1 L14 5 L12 0 L14 -5 L9 -1 C4 -5 -2 -5 -9 -4 Z',
  bent: 'M-12 3 C-8 -5 2 -7 8 -2 L13 -5 L12 0 L14 3 L8 1 C3 -3 -4 -2 -8 4 Z',
  blade: 'M-9 -5 L9 -5 C12 -3 12 3 9 5 L-9 5 C-12 3 -12 -3 -9 -5 Z',
  plane: 'M-8 5 L-3 -5 L8 -5 L3 5 Z',
  lead: 'M-9 0 C-5 -4 5 -4 9 0 C5 4 -5 4 -9 0 Z',
  ball: 'M-5 0 A5 5 0 1 1 5 0 A5 5 0 1 1 -5 0 Z',
}

const BY_KIND: Record<string, keyof typeof OUTLINES> = {
  BULLET_SKIRT: 'skirt',
  FAST_BULLET: 'skirt',
  POPPING_HEAD: 'popper',
  FEATHER: 'feather',
  LIPPED_PLUG: 'plug',
  FLUTTER_SPOON: 'spoon',
  HAIR_JIG: 'jig',
  SQUID: 'feather',
  SPREADER_BAR: 'bar',
  STEERING_BAR: 'bar',
  LIVE_BAIT: 'bait',
  EEL_BAIT: 'eel',
  CUT_BAIT: 'cut',
  BENT_BAIT: 'bent',
  ROTATING_BLADE: 'blade',
  DIVING_PLANE: 'plane',
  SOFT_EEL: 'eel',
  FLY: 'feather',
  DODGER: 'blade',
  LIPLESS_PLUG: 'plug',
  TORPEDO_LEAD: 'lead',
  BALL_LEAD: 'ball',
}

export function Silhouette({
  kind,
  x,
  y,
  small = false,
  turn = 0,
}: {
  kind: string
  x: number
  y: number
  small?: boolean
  /** Degrees clockwise from nose to the left. */
  turn?: number
}) {
  const outline = OUTLINES[BY_KIND[kind] ?? 'skirt']
  return (
    <path
      d={outline}
      transform={`translate(${x} ${y}) rotate(${turn}) scale(${small ? 0.6 : 0.85})`}
      className="fill-ink"
    />
  )
}
