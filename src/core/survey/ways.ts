import type { NetworkReading } from './network'

/** The ways of measuring a hinged unit. */
export const WAYS = ['pocket', 'pencil-mark', 'outside-face', 'trim-off', 'core', 'masonry'] as const
export type Way = (typeof WAYS)[number]

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
} as const satisfies Readonly<Record<Way, readonly NetworkReading[]>>

/** Whether a way reads the hole the unit will stand in, and not the frame or leaf that still fills it. */
export const readsTheHole = (way: Way): boolean => way === 'trim-off' || way === 'masonry'
