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

/** Gaps where a sliding panel overlaps the fixed one. */
export const INTERLOCK_GAPS = ['gap.interlock.top', 'gap.interlock.middle', 'gap.interlock.bottom'] as const

/** Gaps of a closed door, in the plane of the door: between the leaf's edge and what it closes against. */
export const GAP_SLOTS = [...LEAF_GAPS, ...MEETING_GAPS, ...INTERLOCK_GAPS] as const

/** Gaps of a closed door across its plane: between the leaf's face and its stop. */
export const STOP_SLOTS = [
  'stop.head.left',
  'stop.head.centre',
  'stop.head.right',
  'stop.left.top',
  'stop.left.middle',
  'stop.left.bottom',
  'stop.right.top',
  'stop.right.middle',
  'stop.right.bottom',
  'stop.head.meeting-left',
  'stop.head.meeting-right',
  'stop.meeting.top',
  'stop.meeting.middle',
  'stop.meeting.bottom',
] as const

export type SiteSlot = (typeof SITE_SLOTS)[number]
export type GapSlot = (typeof GAP_SLOTS)[number]
export type StopSlot = (typeof STOP_SLOTS)[number]
export type WaySlot = `${Way}/${NetworkReading}`
export type Slot = SiteSlot | GapSlot | StopSlot | WaySlot

const WAY_SLOTS = WAYS.flatMap(way => WAY_READINGS[way].map(name => waySlot(way, name)))

/** Every place a reading can be taken at. */
export const SLOTS: readonly Slot[] = [...WAY_SLOTS, ...SITE_SLOTS, ...GAP_SLOTS, ...STOP_SLOTS]
const KNOWN = new Set<string>(SLOTS)

export function waySlot(way: Way, name: NetworkReading): WaySlot {
  return `${way}/${name}`
}

export const isSlot = (text: string): text is Slot => KNOWN.has(text)
export const isGapSlot = (text: string): text is GapSlot => (GAP_SLOTS as readonly string[]).includes(text)

/** The gap at the stop that is read where an edge's gap is; `null` where nothing stands behind it. */
export function stopOf(slot: GapSlot): StopSlot | null {
  const stop = slot.replace('gap', 'stop')
  return STOP_SLOTS.find(one => one === stop) ?? null
}
/** Whether it is read round a closed door: a gap at its edge or its stop, where its strip touches, or how its threshold falls. */
export const isClosedSlot = (text: string): boolean => /^(gap|stop|contact)\.|^fall\.threshold$/.test(text)

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
