import { type Point, point } from '../geometry/point'
import { type Length, nearestTick, TICKS_PER_INCH } from '../units/length'
import { arc, dot, label, type Mark, path, type Role, type Scene } from './scene'

// Pictures for words: a leg cut across, a foot cut along, a door from outside, a lock's edge, and the ways an opening can be wrong. They are no opening's,
// but in the proportions of one; each part has an id of its own, so that a word can point at it.

const long = (by: number): Length => nearestTick(by * TICKS_PER_INCH)
const at = (x: number, y: number): Point => point(long(x), long(y))
const box = (role: Role, id: string, [x1, y1]: At, [x2, y2]: At): Mark =>
  path(role, id, [at(x1, y1), at(x2, y1), at(x2, y2), at(x1, y2)])
const shape = (role: Role, id: string, points: readonly At[], closed = true): Mark =>
  path(
    role,
    id,
    points.map(([x, y]) => at(x, y)),
    closed,
  )
type At = readonly [number, number]
const scene = (name: string, marks: readonly Mark[], from: At, to: At): Scene => ({
  name,
  marks,
  from: at(...from),
  to: at(...to),
})

/** The leg on the hinge side, cut across and seen from above: inside on top. */
const LEG = scene(
  'word-leg',
  [
    box('stud', 'stud', [0, 0], [3, 3.5]),
    box('wall', 'board', [0, 3.5], [3, 4]),
    box('wall', 'siding', [0, -0.75], [2.3, 0]),
    box('shim', 'pack', [3, 0.3], [3.5, 1.7]),
    box('air', 'foam', [3, 1.8], [3.5, 3.8]),
    shape('frame', 'jamb', [
      [3.5, -0.56],
      [4.6, -0.56],
      [4.6, 2],
      [4.2, 2],
      [4.2, 4],
      [3.5, 4],
    ]),
    shape(
      'dimension',
      'throat',
      [
        [3.1, -0.5],
        [3.1, 4],
      ],
      false,
    ),
    box('frame', 'stop', [4.2, -0.56], [4.6, 2]),
    box('frame', 'kerf', [4.32, 1.4], [4.42, 2]),
    box('seal', 'seal', [4.25, 2], [4.55, 2.22]),
    shape(
      'gap',
      'rebate',
      [
        [4.2, 4],
        [4.2, 2],
        [4.6, 2],
      ],
      false,
    ),
    box('frame', 'extension', [3.5, 3.4], [4.2, 4]),
    box('leaf', 'leaf', [4.36, 2.24], [8.5, 4]),
    box('gap', 'margin', [4.2, 2.3], [4.36, 4]),
    arc('hinge', 'hinge', at(4.28, 4.2), long(0.24), 0, 360),
    box('trim', 'casing', [1.4, 4], [3.9, 4.7]),
    box('trim', 'mould', [2.4, -1.7], [4.3, -0.56]),
    box('seal', 'sealant', [2.05, -1.2], [2.4, -0.75]),
    arc('seal', 'rod', at(2.2, -0.62), long(0.16), 0, 360),
    label('inside', at(6.4, 4.8), 'inside'),
    label('outside', at(6.4, -1.4), 'outside'),
  ],
  [-0.4, -2],
  [9, 5.4],
)

/** The foot of a door, cut along: outside on the left. */
const FOOT = scene(
  'word-foot',
  [
    shape(
      'ground',
      'step',
      [
        [-3, -4],
        [-0.4, -4],
        [-0.4, -1.6],
      ],
      false,
    ),
    box('sill', 'sub-sill', [-0.4, -2.4], [6.4, -0.9]),
    shape(
      'air',
      'pan',
      [
        [-0.7, -1.2],
        [-0.7, -0.8],
        [6.3, -0.8],
        [6.3, 0.2],
      ],
      false,
    ),
    shape('sill', 'threshold', [
      [-0.1, -0.7],
      [-0.1, -0.45],
      [3, 0.2],
      [4.6, 0.6],
      [6.2, 0.6],
      [6.2, -0.7],
    ]),
    box('sill', 'cap', [4.7, 0.6], [6, 0.82]),
    box('seal', 'bed', [0.2, -0.8], [1.6, -0.7]),
    box('floor', 'floor', [6.4, -2.4], [11, 0]),
    box('floor', 'covering', [7, 0], [11, 0.3]),
    box('leaf', 'leaf', [4.5, 1.15], [6.25, 6]),
    box('seal', 'sweep', [4.6, 0.82], [6.15, 1.15]),
    box('seal', 'pad', [4.9, 0.82], [5.9, 1.9]),
    shape('trim', 'drip', [
      [4.5, 1.8],
      [3.9, 1.5],
      [3.9, 1.35],
      [4.5, 1.5],
    ]),
    label('inside', at(9, 3), 'inside'),
    label('outside', at(0.6, 3), 'outside'),
  ],
  [-3, -4.4],
  [11.4, 6.4],
)

/** A single door from outside, in its hole. */
const FRONT = scene(
  'word-front',
  [
    box('stud', 'header', [-5, 82.5], [43, 90]),
    box('stud', 'stud', [-5, 0], [0, 82.5]),
    box('stud', 'right', [38, 0], [43, 82.5]),
    box('hole', 'hole', [0, 0], [38, 82.5]),
    box('frame', 'head', [0.75, 80.2], [37.25, 81.6]),
    box('frame', 'leg', [0.75, 0.8], [2, 80.2]),
    box('frame', 'strike-leg', [36, 0.8], [37.25, 80.2]),
    box('sill', 'threshold', [0.75, 0], [37.25, 0.8]),
    box('leaf', 'leaf', [2.2, 1.2], [35.8, 80]),
    box('hinge', 'hinge', [1.4, 70], [2.8, 74.5]),
    box('hinge', 'hinge', [1.4, 38], [2.8, 42.5]),
    box('hinge', 'hinge', [1.4, 7], [2.8, 11.5]),
    box('handle', 'strike', [35.9, 34.5], [36.8, 39]),
    dot('handle', 'handle', at(33, 36)),
    box('handle', 'closer', [6, 75.5], [18, 77.5]),
  ],
  [-8, -3],
  [46, 93],
)

/** Two leaves and a glazed side, from outside. */
const PAIR = scene(
  'word-pair',
  [
    box('hole', 'hole', [0, 0], [80, 82.5]),
    box('frame', 'frame', [0.75, 0], [79.25, 81.6]),
    box('leaf', 'active', [2.4, 1], [31, 80]),
    box('leaf', 'passive', [31.3, 1], [60, 80]),
    box('trim', 'astragal', [30.3, 1], [32, 80]),
    box('handle', 'flush-bolt', [32.4, 73], [33.4, 79]),
    box('frame', 'mullion', [60.4, 0.8], [63, 80.2]),
    box('frame', 'sidelight', [63, 0.8], [78.2, 80.2]),
    box('glass', 'glass', [65.5, 4], [75.8, 77]),
    dot('handle', 'handle', at(28, 36)),
  ],
  [-3, -3],
  [83, 86],
)

/** The lock's edge of a leaf beside its jamb, from outside. */
const LOCK = scene(
  'word-lock',
  [
    box('leaf', 'leaf', [0, 0], [10, 15]),
    box('frame', 'jamb', [10.15, 0], [11.6, 15]),
    arc('handle', 'bore', at(7.25, 6), long(1.06), 0, 360),
    arc('handle', 'bolt-bore', at(7.25, 11.5), long(1.06), 0, 360),
    dot('handle', 'spindle', at(7.25, 6)),
    shape(
      'dimension',
      'backset',
      [
        [7.25, 3.6],
        [10, 3.6],
      ],
      false,
    ),
    box('handle', 'edge-bore', [8.3, 5.5], [10, 6.5]),
    box('handle', 'forend', [9.86, 4.9], [10, 7.1]),
    shape('handle', 'latch', [
      [10, 5.6],
      [10.7, 5.75],
      [10.7, 6.4],
      [10, 6.4],
    ]),
    box('handle', 'strike', [10.15, 4.8], [10.35, 7.3]),
    box('handle', 'deadbolt', [8.3, 11.1], [11.1, 11.9]),
  ],
  [-0.6, -0.6],
  [12.2, 15.6],
)

/** A hole as it should be, and as it is. */
const wrong = (name: string, id: string, points: readonly At[], more: readonly Mark[] = []): Scene =>
  scene(
    `word-${name}`,
    [
      {
        ...shape('hole', 'true', [
          [0, 0],
          [36, 0],
          [36, 80],
          [0, 80],
        ]),
        certainty: 'assumed',
      },
      shape('frame', id, points),
      ...more,
    ],
    [-10, -8],
    [46, 88],
  )
const line = (id: string, ...points: readonly At[]): Mark => shape('dimension', id, points, false)

const WRONG: Readonly<Record<string, Scene>> = {
  plumb: scene(
    'word-plumb',
    [box('hole', 'true', [0, 0], [36, 80]), line('plumb', [0, -4], [0, 84])],
    [-10, -8],
    [46, 88],
  ),
  lean: wrong('lean', 'lean', [
    [0, 0],
    [36, 0],
    [41, 80],
    [5, 80],
  ]),
  bow: wrong('bow', 'bow', [
    [0, 0],
    [36, 0],
    [36, 80],
    [0, 80],
    [3, 60],
    [4, 40],
    [3, 20],
  ]),
  crown: wrong('crown', 'crown', [
    [0, 0],
    [9, 3],
    [18, 4],
    [27, 3],
    [36, 0],
    [36, 80],
    [0, 80],
  ]),
  fall: wrong('fall', 'fall', [
    [0, 0],
    [36, 5],
    [36, 80],
    [0, 80],
  ]),
  diagonal: scene(
    'word-diagonal',
    [box('hole', 'true', [0, 0], [36, 80]), line('diagonal', [0, 0], [36, 80]), line('other', [36, 0], [0, 80])],
    [-10, -8],
    [46, 88],
  ),
  plane: scene(
    'word-plane',
    [
      shape('hole', 'plane', [
        [0, 0],
        [36, 3],
        [36, 80],
        [0, 77],
      ]),
      line('strings', [0, 0], [36, 80]),
      line('strings', [36, 3], [0, 77]),
    ],
    [-10, -8],
    [46, 88],
  ),
}

const SCENES = { leg: LEG, foot: FOOT, front: FRONT, pair: PAIR, lock: LOCK, ...WRONG } as const
export type WordScene =
  | 'leg'
  | 'foot'
  | 'front'
  | 'pair'
  | 'lock'
  | 'plumb'
  | 'lean'
  | 'bow'
  | 'crown'
  | 'fall'
  | 'diagonal'
  | 'plane'

/** The picture a word is shown on. */
export const wordScene = (name: WordScene): Scene => (SCENES as Readonly<Record<string, Scene>>)[name]!
