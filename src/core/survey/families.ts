import type { FactSlot } from './facts'
import { GAP_SLOTS, type GapSlot, MOULD_SLOTS, type SiteSlot, type Slot, waySlot } from './slots'
import { WAY_READINGS, type Way } from './ways'

/** What kind of door an opening is measured for: asked first, since every later number depends on it. */
export const FAMILIES = [
  'hinged-outside',
  'pair',
  'sidelights',
  'storm',
  'slider',
  'steel-leaf',
  'steel-frame',
  'interior',
  'seal-only',
] as const
export type Family = (typeof FAMILIES)[number]

/** A question of the survey: a length to read, or a fact to answer. */
export type Question = Slot | FactSlot

type Rules = {
  /** The ways its size can be taken by, the usual one first. */
  readonly ways: readonly Way[]
  /** Its own readings after those of the way, in walking order. */
  readonly further: readonly (SiteSlot | GapSlot)[]
  readonly facts: readonly FactSlot[]
  /** Those of its own readings and facts without which nothing can be ordered. */
  readonly essential: readonly Question[]
  /** What must be settled of it before an order: a slider has no hinges, a screen door no bore. */
  readonly settles: readonly ('hinges' | 'swing' | 'bore')[]
  /** Whether its frame's jamb must meet the wall: not a second door on the trim, nor a frame that wraps or slides. */
  readonly hasJamb: boolean
  /** Whether a unit's size follows from the readings; else a leaf or a trim opening is what counts. */
  readonly derivesUnit: boolean
  /** Whether anything is ordered and set; an old door that is only sealed skips those stages. */
  readonly isOrdered: boolean
}

const WALLS = ['wall.left', 'wall.head', 'wall.right'] as const
const TWIST = ['through.left', 'through.right', 'strings.gap'] as const
const SILL = ['sill.depth', 'floor.highest', 'floor.drop', 'step.outside'] as const
const HINGES = ['hinge.1', 'hinge.2', 'hinge.3', 'hinge.4', 'hinge.height'] as const
const ANY_UNIT_WAY = ['pocket', 'pencil-mark', 'outside-face', 'trim-off', 'core', 'masonry'] as const

/** What is asked for each family, and why its order is what it is: outside first, then through the wall, then the floor. */
export const FAMILY_RULES: Readonly<Record<Family, Rules>> = {
  'hinged-outside': {
    ways: ANY_UNIT_WAY,
    further: [...WALLS, ...TWIST, ...SILL],
    facts: [],
    essential: [],
    settles: ['hinges', 'swing', 'bore'],
    hasJamb: true,
    derivesUnit: true,
    isOrdered: true,
  },
  pair: {
    ways: ANY_UNIT_WAY,
    further: ['leaf.active', 'leaf.passive', ...WALLS, ...TWIST, ...SILL],
    facts: ['fact.active-leaf', 'fact.condition'],
    essential: ['fact.active-leaf'],
    settles: ['swing', 'bore'],
    hasJamb: true,
    derivesUnit: true,
    isOrdered: true,
  },
  sidelights: {
    ways: ANY_UNIT_WAY,
    further: ['leaf.width', 'sidelight.left', 'sidelight.right', ...WALLS, ...TWIST, ...SILL],
    facts: ['fact.condition'],
    essential: ['leaf.width'],
    settles: ['hinges', 'swing', 'bore'],
    hasJamb: true,
    derivesUnit: true,
    isOrdered: true,
  },
  storm: {
    ways: ['brickmould'],
    further: [
      ...MOULD_SLOTS,
      'strings.gap',
      'handle.height',
      'handle.proud',
      'lock.height',
      'lock.proud',
      'doors.space',
      'step.outside',
    ],
    facts: ['fact.mould-face', 'fact.condition'],
    essential: ['mould.face', 'mould.proud', 'handle.height', 'handle.proud'],
    settles: ['hinges', 'swing'],
    hasJamb: false,
    derivesUnit: false,
    isOrdered: true,
  },
  slider: {
    ways: ['trim-off', 'masonry', 'outside-face'],
    further: ['siding.plane', ...WALLS, 'sill.depth', 'floor.highest', 'step.outside'],
    facts: ['fact.moving-panel', 'fact.frame-kind', 'fact.condition'],
    essential: ['fact.moving-panel'],
    settles: [],
    hasJamb: false,
    derivesUnit: true,
    isOrdered: true,
  },
  'steel-leaf': {
    ways: ['core'],
    further: [
      'leaf.thickness',
      ...HINGES,
      'bore.top',
      'backset',
      'glass.width',
      'glass.height',
      'gap.head.centre',
      'gap.bottom.centre',
    ],
    facts: [
      'fact.pins',
      'fact.bore',
      'fact.label',
      'fact.label-legible',
      'fact.closer',
      'fact.exit-device',
      'fact.condition',
    ],
    essential: ['leaf.thickness', 'hinge.1', 'hinge.2', 'hinge.3', 'bore.top', 'backset', 'fact.label'],
    settles: ['hinges', 'swing'],
    hasJamb: false,
    derivesUnit: false,
    isOrdered: true,
  },
  'steel-frame': {
    ways: ['trim-off', 'masonry'],
    further: [...WALLS, 'throat', 'return', 'floor.highest', 'strings.gap'],
    facts: ['fact.wall-state', 'fact.wall-kind', 'fact.label'],
    essential: ['wall.left', 'wall.head', 'wall.right', 'fact.wall-state'],
    settles: ['hinges', 'swing'],
    hasJamb: false,
    derivesUnit: true,
    isOrdered: true,
  },
  interior: {
    ways: ['pocket', 'trim-off', 'core'],
    further: ['leaf.thickness', 'backset', 'case.depth', 'bore.top', ...WALLS, 'floor.highest'],
    facts: ['fact.lock-case', 'fact.lock-function', 'fact.weight'],
    essential: ['leaf.thickness', 'backset', 'fact.lock-function'],
    settles: ['hinges', 'swing'],
    hasJamb: true,
    derivesUnit: true,
    isOrdered: true,
  },
  'seal-only': {
    ways: ['core'],
    further: ['leaf.thickness', ...GAP_SLOTS, 'contact.top', 'contact.middle', 'contact.bottom', 'fall.threshold'],
    facts: ['fact.kerf', 'fact.threshold', 'fact.floor', 'fact.airflow', 'fact.seal-why'],
    essential: ['leaf.thickness', 'gap.head.centre', 'gap.left.middle', 'gap.right.middle', 'gap.bottom.centre'],
    settles: [],
    hasJamb: false,
    derivesUnit: false,
    isOrdered: false,
  },
}

/** Every question of the Measure stage in walking order, for a family and a way. */
export const ladderFor = (family: Family, way: Way): readonly Question[] => [
  ...readingsFor(family, way),
  ...FAMILY_RULES[family].facts,
]

/** The lengths of the Measure stage in walking order. */
export const readingsFor = (family: Family, way: Way): readonly Slot[] => [
  ...WAY_READINGS[way].map(name => waySlot(way, name)),
  ...FAMILY_RULES[family].further,
]

/** What must be answered before the survey is done: everything else makes it safer. */
export const essentialFor = (family: Family, way: Way): readonly Question[] => [
  ...WAY_READINGS[way].filter(name => /^(widths|heights)\./.test(name)).map(name => waySlot(way, name)),
  ...FAMILY_RULES[family].essential,
]

/** The way a kind of door is usually taken by: the practice that was chosen where the kind can be taken so, else the kind's own first. */
export function usualWay(family: Family, practice: Way): Way {
  const { ways } = FAMILY_RULES[family]
  return ways.includes(practice) ? practice : ways[0]!
}
