import type { NetworkReading } from './network'

/** The ways of measuring that lead to a unit's size. */
export const UNIT_WAYS = ['pocket', 'pencil-mark', 'outside-face', 'trim-off', 'core', 'masonry'] as const
export type UnitWay = (typeof UNIT_WAYS)[number]

/** Every way of measuring: a four-sided opening or leaf; `brickmould` is what a storm door is ordered by; `lock-edge` reads no opening at all,
 *  only what a lock needs of the leaf it goes into. */
export const WAYS = [...UNIT_WAYS, 'brickmould', 'lock-edge'] as const
export type Way = (typeof WAYS)[number]

export const isUnitWay = (way: Way): way is UnitWay => (UNIT_WAYS as readonly Way[]).includes(way)

const WIDTHS = ['widths.bottom', 'widths.middle', 'widths.top'] as const
const HEIGHTS = ['heights.left', 'heights.centre', 'heights.right'] as const
const DIAGONALS = ['diagonals.risingRight', 'diagonals.risingLeft'] as const
const WHOLE = [
  'fall.sill',
  'crown.sill',
  ...WIDTHS,
  ...HEIGHTS,
  ...DIAGONALS,
  'lean.left',
  'bow.left',
  'lean.right',
  'bow.right',
  'fall.head',
  'crown.head',
] as const

/** Which readings of the network each way takes, in walking order: the sill first where it is the reference for all else. */
export const WAY_READINGS = {
  pocket: ['fall.sill', ...WIDTHS, ...HEIGHTS, ...DIAGONALS, 'lean.left', 'lean.right'],
  'pencil-mark': [...WIDTHS, ...HEIGHTS],
  'outside-face': [...WIDTHS, ...HEIGHTS],
  'trim-off': WHOLE,
  core: [...WIDTHS, 'heights.left', 'heights.right'],
  masonry: WHOLE,
  brickmould: [...WIDTHS, 'heights.left', 'heights.right', ...DIAGONALS, 'lean.left', 'lean.right'],
  'lock-edge': [],
} as const satisfies Readonly<Record<Way, readonly NetworkReading[]>>

/** Whether a way reads the hole the unit will stand in, and not the frame or leaf that still fills it. */
export const readsTheHole = (way: Way): boolean => way === 'trim-off' || way === 'masonry' || way === 'brickmould'

/** Whether a height of this way starts inside, from the finished floor: then a hidden drop stands between it and the sill. */
export const startsAtTheFloor = (way: Way): boolean => way === 'pocket' || way === 'pencil-mark'
