import type { NetworkReading } from './network'
import { WAY_READINGS, WAYS, type Way } from './ways'

/** Round the outside trim. */
export const MOULD_SLOTS = [
  'mould.width.bottom',
  'mould.width.middle',
  'mould.width.top',
  'mould.height',
  'mould.face',
  'mould.proud',
] as const

/** Readings that belong to the opening whatever way its size is taken. */
export const SITE_SLOTS = [
  'wall.left',
  'wall.head',
  'wall.right',
  'through.left',
  'through.right',
  'strings.gap',
  'sill.depth',
  'floor.finished',
  'floor.highest',
  'floor.covering',
  'floor.rug',
  'floor.drop',
  'step.outside',
  // outside trim, and what a storm door meets
  ...MOULD_SLOTS,
  'handle.height',
  'handle.proud',
  'lock.height',
  'lock.proud',
  'doors.space',
  'siding.plane',
  // leaves and what is cut into them
  'leaf.active',
  'leaf.passive',
  'leaf.width',
  'leaf.thickness',
  'sidelight.left',
  'sidelight.right',
  'hinge.1',
  'hinge.2',
  'hinge.3',
  'hinge.4',
  'hinge.height',
  'bore.top',
  'backset',
  'case.depth',
  'glass.width',
  'glass.height',
  // a steel frame round its wall
  'throat',
  'return',
  // an old door's seals
  'contact.top',
  'contact.middle',
  'contact.bottom',
  'fall.threshold',
] as const

/** Gaps of one closed leaf, read round: along the head, down the sides, along the bottom. */
export const LEAF_GAPS = [
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

/** Gaps where two leaves meet: between them, and over and under each of them there. */
export const MEETING_GAPS = [
  'gap.head.meeting-left',
  'gap.head.meeting-right',
  'gap.meeting.top',
  'gap.meeting.middle',
  'gap.meeting.bottom',
  'gap.bottom.meeting-left',
  'gap.bottom.meeting-right',
] as const

/** Gaps of a closed door. */
export const GAP_SLOTS = [...LEAF_GAPS, ...MEETING_GAPS] as const

export type SiteSlot = (typeof SITE_SLOTS)[number]
export type GapSlot = (typeof GAP_SLOTS)[number]
export type WaySlot = `${Way}/${NetworkReading}`
export type Slot = SiteSlot | GapSlot | WaySlot

const WAY_SLOTS = WAYS.flatMap(way => WAY_READINGS[way].map(name => waySlot(way, name)))

/** Every place a reading can be taken at. */
export const SLOTS: readonly Slot[] = [...WAY_SLOTS, ...SITE_SLOTS, ...GAP_SLOTS]
const KNOWN = new Set<string>(SLOTS)

export function waySlot(way: Way, name: NetworkReading): WaySlot {
  return `${way}/${name}`
}

export const isSlot = (text: string): text is Slot => KNOWN.has(text)
export const isGapSlot = (text: string): text is GapSlot => (GAP_SLOTS as readonly string[]).includes(text)

/** The way a slot belongs to; `null` for one that belongs to the opening whatever the way. */
export const wayOfSlot = (slot: Slot): Way | null => WAYS.find(way => slot.startsWith(`${way}/`)) ?? null

/** The part of a slot that says where on the opening it is: `widths.middle`, `wall.left`. */
export const placeOf = (slot: Slot): string => slot.slice(slot.indexOf('/') + 1)

/** What stands before a place's first dot: `widths`, `wall`, `backset`. */
export const kindOfSlot = (slot: Slot): string => placeOf(slot).split('.')[0]!

/** Whether a reading of this slot has a direction, and so a sign. */
export const isSigned = (slot: Slot): boolean => /(^|\/)(lean|fall|bow|crown|through|siding|strings)\./.test(slot)

/** Whether it is read as the gap at the end of a level, and so scaled from the level's length. */
export const isLevelReading = (slot: Slot): boolean => /(^|\/)(lean|fall|through)\./.test(slot)
