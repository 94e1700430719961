import type { NetworkReading } from './network'
import { WAY_READINGS, WAYS, type Way } from './ways'

/** Readings that belong to the opening whatever way its size is taken, in walking order. */
export const SITE_SLOTS = [
  'wall.left',
  'wall.head',
  'wall.right',
  'through.left',
  'through.right',
  'strings.gap',
  'sill.depth',
  'floor.highest',
  'floor.drop',
  'step.outside',
] as const

/** Gaps of a closed door, read round from the hinge-less head: along the head, down the sides, along the bottom. */
export const GAP_SLOTS = [
  'gap.head.left',
  'gap.head.centre',
  'gap.head.right',
  'gap.left.top',
  'gap.left.middle',
  'gap.left.bottom',
  'gap.right.top',
  'gap.right.middle',
  'gap.right.bottom',
  'gap.bottom.left',
  'gap.bottom.centre',
  'gap.bottom.right',
] as const

export type SiteSlot = (typeof SITE_SLOTS)[number]
export type GapSlot = (typeof GAP_SLOTS)[number]
export type WaySlot = `${Way}/${NetworkReading}`
export type Slot = SiteSlot | GapSlot | WaySlot

const WAY_SLOTS = WAYS.flatMap(way => WAY_READINGS[way].map(name => waySlot(way, name)))

/** Every place a reading can be taken at. */
export const SLOTS: readonly Slot[] = [...WAY_SLOTS, ...SITE_SLOTS, ...GAP_SLOTS]

export function waySlot(way: Way, name: NetworkReading): WaySlot {
  return `${way}/${name}`
}

export const isSlot = (text: string): text is Slot => (SLOTS as readonly string[]).includes(text)

/** The part of a slot that says where on the opening it is: `widths.middle`, `wall.left`. */
export const placeOf = (slot: Slot): string => slot.slice(slot.indexOf('/') + 1)

/** Whether a reading of this slot has a direction, and so a sign. */
export const isSigned = (slot: Slot): boolean => /(^|\/)(lean|fall|bow|crown|through)\./.test(slot)

/** Whether it is read as the gap at the end of a level, and so scaled from the level's length. */
export const isLevelReading = (slot: Slot): boolean => /(^|\/)(lean|fall|through)\./.test(slot)

/** The readings of the Measure stage in walking order for a way. */
export const ladderFor = (way: Way): readonly Slot[] => [
  ...WAY_READINGS[way].map(name => waySlot(way, name)),
  ...SITE_SLOTS,
]

/** What must be read before a size can be derived: everything else makes it safer. */
export const essentialSlots = (way: Way): readonly Slot[] =>
  WAY_READINGS[way].filter(name => /^(widths|heights)\./.test(name)).map(name => waySlot(way, name))
