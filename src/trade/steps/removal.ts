import { step } from './step'

// Taking the old one out: what stays decides the way. Nothing comes out before the new unit is there and right.

const UNIT = { wantsUnit: true } as const
const OLD = { when: ['old-door'] } as const

export const CHECK_UNIT = step('check-unit', [], 15, ['tape'], { ...UNIT })

export const CLEAR = [
  step('clear-way', ['check-unit'], 15, ['screwdriver'], { when: ['obstacles'] }),
  step('protect-floor', ['check-unit'], 10, ['drop-sheet'], OLD),
  step('bell-wire', ['check-unit'], 5, ['screwdriver'], { when: ['bell-wire'], caution: 'wires' }),
  step('save-hardware', ['check-unit'], 10, ['screwdriver'], { when: ['hardware'], place: 'lock' }),
] as const
const CLEARED = ['check-unit', 'clear-way', 'protect-floor', 'bell-wire', 'save-hardware'] as const

/** A frame with casing on both sides: kept casing is freed a blade's width, else all comes off. */
export const REMOVAL = [
  CHECK_UNIT,
  ...CLEAR,
  step('structure-done', ['check-unit'], 0, [], { when: ['structure'], caution: 'structure' }),
  step('leaf-off', CLEARED, 10, ['hammer', 'nail-punch'], {
    ...OLD,
    place: 'hinge',
    crew: 2,
    caution: 'lift',
    ...UNIT,
  }),
  step('score-paint', ['leaf-off'], 10, ['knife'], { ...OLD, caution: 'old-paint' }),
  step('siding-marked', ['score-paint'], 10, ['pencil', 'tape'], { when: ['old-door', 'siding-stays'], place: 'leg' }),
  step('floor-edge', ['score-paint'], 10, ['pencil', 'knife'], { when: ['old-door', 'floor-stays'], place: 'sill' }),
  step('casing-nails', ['score-paint'], 20, ['pry-bar', 'reciprocating-saw'], {
    when: ['inside-casing'],
    place: 'leg',
  }),
  step('casing-off', ['score-paint', 'siding-marked'], 20, ['pry-bar', 'hammer', 'pencil'], {
    when: ['old-door', 'trim-off'],
  }),
  step('old-screws', ['score-paint'], 15, ['driver', 'drill'], { when: ['old-screws'], place: 'leg' }),
  step('old-nails', ['score-paint'], 20, ['reciprocating-saw'], {
    when: ['old-nails'],
    place: 'leg',
    caution: 'old-paint',
  }),
  step(
    'free-casing',
    ['score-paint', 'casing-nails', 'old-screws', 'old-nails'],
    30,
    ['pry-bar', 'reciprocating-saw'],
    {
      when: ['old-door', 'trim-kept'],
      place: 'leg',
    },
  ),
  step(
    'take-out',
    [
      'leaf-off',
      'score-paint',
      'siding-marked',
      'floor-edge',
      'casing-nails',
      'casing-off',
      'old-screws',
      'old-nails',
      'free-casing',
    ],
    45,
    ['pry-bar', 'reciprocating-saw', 'hammer', 'eye-protection', 'gloves'],
    { ...OLD, ...UNIT, crew: 2, irreversible: true, caution: 'old-paint' },
  ),
  step('measure-hole', ['take-out'], 15, ['tape', 'long-level'], { when: ['hole-unread'] }),
] as const
/** After which the hole is bare. */
export const HOLE_IS_BARE = ['check-unit', 'structure-done', 'take-out', 'measure-hole'] as const
