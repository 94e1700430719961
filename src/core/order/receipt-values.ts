// What is read, looked at and counted on a delivered unit: apart from the schema, so that a page can ask without carrying the parser.

export const UNIT_READINGS = [
  'width.top',
  'width.middle',
  'width.bottom',
  'height.left',
  'height.right',
  'diagonal.one',
  'diagonal.other',
  'jamb',
  'thickness',
  'bow.left',
  'bow.right',
  'head.ends',
  'mortise.jamb.top',
  'mortise.jamb.middle',
  'mortise.jamb.bottom',
  'mortise.leaf.top',
  'mortise.leaf.middle',
  'mortise.leaf.bottom',
  'plate',
  'leaf.gap',
] as const
export type UnitReading = (typeof UNIT_READINGS)[number]

/** Whether a reading can be that: a bow and a head out of line have a direction, a mortise may have no depth, a size is above zero. */
export function canMeasure(name: UnitReading, ticks: number): boolean {
  if (/^(bow|head)/.test(name)) return true
  return /^(mortise|plate|leaf\.gap)/.test(name) ? ticks >= 0 : ticks > 0
}

export const CHECKS = ['weatherstrip', 'sill', 'finish', 'glass-label', 'fire-label', 'kerf', 'clip'] as const
export type Check = (typeof CHECKS)[number]
export const CHECK_ANSWERS = ['right', 'wrong', 'none'] as const

export const PART_COUNTS = ['long-screws', 'plugs', 'hinge-cards', 'corner-pads', 'keys'] as const
export type PartCount = (typeof PART_COUNTS)[number]

/** What can be seen on a unit that nobody reads. */
export const DAMAGES = ['dent', 'crack', 'scratch', 'stain', 'missing', 'other'] as const
export type Damage = (typeof DAMAGES)[number]
export const MOST_DAMAGE = 20

/** What becomes of a delivered unit. */
export const RECEIPT_STATES = ['accepted', 'accepted-parts-owed', 'hold', 'refused'] as const
export type ReceiptState = (typeof RECEIPT_STATES)[number]
export const isAccepted = (state: ReceiptState): boolean => state === 'accepted' || state === 'accepted-parts-owed'
