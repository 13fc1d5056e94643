import type { BenchLine, Part, Rig } from '../queries'

const KG = 9.80665

const part = (
  sort: Part['sort'],
  words: string,
  piece: number,
  name: string,
  more: Partial<Part> = {},
): Part => ({
  sort,
  words,
  piece,
  name,
  twig: false,
  weakest: false,
  choices: [],
  ...more,
})

/** A ladder of one leader, one weight and a hollow main line, from reel to hook. */
export const ladder = (more: Partial<BenchLine> = {}): BenchLine => ({
  lineId: 'c1',
  label: 'C1',
  lure: 'Fast bullet',
  letOutM: 146,
  parts: [
    part('SPOOL', 'reel', -1, 'Fast, hollow braid'),
    part('MAIN', 'main line', 3, 'Hollow braid 130 lb', {
      lengthM: 129,
      strengthN: 59 * KG,
      material: 'HOLLOW_BRAID',
    }),
    part('JOIN', 'join', 3, 'loop to loop, passed twice', {
      strengthN: 56 * KG,
      efficiency: 0.95,
      weakest: true,
      joint: 'LOOP_TO_LOOP',
      choices: [
        { joint: 'LOOP_TO_LOOP', words: 'loop to loop, passed twice', share: 0.95 },
        { joint: 'WRAPPED_JOIN', words: 'wrapped join', share: 0.85 },
      ],
    }),
    part('WIND_ON', 'wind-on', 2, 'Mono 150 lb', { lengthM: 8, strengthN: 68 * KG, material: 'MONO' }),
    part('END_ABOVE', 'end', 2, 'double crimp', {
      strengthN: 64 * KG,
      efficiency: 0.94,
      joint: 'DOUBLE_CRIMP',
    }),
    part('FITTING', 'fitting', 2, 'snap swivel', { strengthN: 115 * KG, fitting: 'SNAP_SWIVEL' }),
    part('WEIGHT', 'weight', 2, 'Torpedo lead, heavy', { massKg: 1.4 }),
    part('END_BELOW', 'end', 2, 'double crimp', {
      strengthN: 85 * KG,
      efficiency: 0.94,
      joint: 'DOUBLE_CRIMP',
    }),
    part('BITE_LEADER', 'bite leader', 0, 'Bite cable 275 lb', {
      lengthM: 1.2,
      strengthN: 125 * KG,
      material: 'CABLE',
    }),
    part('HOOKS', 'hooks', 0, 'two in line, offset', { strengthN: 90 * KG }),
    part('LURE', 'lure', 0, 'Fast bullet', { massKg: 0.28 }),
  ],
  strengthN: 56 * KG,
  strikeDragN: 14 * KG,
  rodClassN: 22.5 * KG,
  pullN: 11.9 * KG,
  likelyPull: { lowN: 8.4 * KG, highN: 16.7 * KG },
  depthM: 5,
  take: 'LADDER',
  takeWords: 'from just over the pull',
  window: {
    leastN: 12.5 * KG,
    mostN: 18.5 * KG,
    firmN: 12.5 * KG,
    usualN: 15.7 * KG,
    empty: false,
    limit: 'WEAKEST_PART',
  },
  shock: { stiffnessNPerM: 170, peakN: 40 * KG, stretchM: 2.3, riseS: 0.1 },
  reel: { gearId: 'reel', name: 'Fast, hollow braid' },
  offM: 129,
  keepM: 400,
  leftM: 421,
  runs: [{ runM: 100, leftM: 321, reelN: 150, waterN: 90, easeToN: 50 }],
  hookKind: 'TWO_IN_LINE',
  hookCount: 2,
  hookStrengthN: 90 * KG,
  marks: [
    {
      way: 'INK',
      words: 'ink on the line',
      find: { text: 'ink at {0}', figures: [{ kind: 'DISTANCE', si: 146 }] },
    },
    {
      way: 'PULLS',
      words: 'pulls by hand',
      find: { text: '{0} pulls counted', figures: [{ kind: 'COUNT', si: 237 }] },
    },
  ],
  markedBy: 'INK',
  notes: [
    {
      kind: 'WINDOW',
      weight: 'DANGER',
      title: { text: 'no strike drag works here', figures: [] },
      text: { text: 'the water pulls {0}', figures: [{ kind: 'PULL', si: 117 }] },
      mends: [
        {
          words: { text: 'slow to {0}', figures: [{ kind: 'SPEED', si: 6.17 }] },
          changes: [{ what: 'SPEED', value: 6.17 }],
        },
        { words: { text: 'buy stronger', figures: [] }, changes: [] },
      ],
    },
  ],
  ways: [
    {
      topic: 'HOOKS',
      sides: [
        { text: { text: '{0} to sharpen', figures: [{ kind: 'COUNT', si: 2 }] }, changes: [] },
        {
          text: { text: '{0} to sharpen', figures: [{ kind: 'COUNT', si: 1 }] },
          changes: [{ what: 'HOOKS', lineId: 'one', hooks: 'SINGLE' }],
        },
      ],
    },
  ],
  cautions: ['Never wrap a leader round a hand.'],
  ...more,
})

export const rig = (): Rig => ({
  lines: [ladder()],
  ticked: [],
  fishKg: 12,
  deadBaits: 0,
  tonight: {
    minutes: 36,
    tasks: [
      {
        sort: 'LEADERS',
        key: 'leaders:a:6',
        title: {
          text: '{0} cable leaders, {1}',
          figures: [
            { kind: 'COUNT', si: 6 },
            { kind: 'DISTANCE', si: 1.2 },
          ],
        },
        detail: { text: '{0} of cable', figures: [{ kind: 'DISTANCE', si: 11.9 }] },
        minutes: 36,
        lines: ['C1'],
        from: '2026-06-17T22:00:00Z',
        to: '2026-06-17T22:36:00Z',
      },
    ],
    goods: [
      {
        key: 'gear:Bullet',
        words: { text: 'Bullet', figures: [] },
        kind: 'COUNT',
        amount: 1,
        have: 2,
        counted: true,
        lacking: 0,
        version: 0,
      },
      {
        key: 'tethers',
        words: { text: 'rod tethers', figures: [] },
        kind: 'COUNT',
        amount: 3,
        have: 0,
        counted: false,
        lacking: 3,
        version: 0,
      },
      {
        key: 'line:m',
        words: { text: 'Mono for leaders', figures: [] },
        kind: 'DISTANCE',
        amount: 38,
        have: 0,
        counted: false,
        lacking: 38,
        version: 0,
      },
    ],
  },
})
