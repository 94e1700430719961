import type { Leaf } from '../base/trace'
import type { Length } from '../units/length'
import type { Reading } from './reading'
import { type Slot, waySlot } from './slots'
import { WAY_READINGS, type Way } from './ways'

/** The readings that stand now: the latest of each slot. */
export type Survey = { readonly way: Way; readonly bySlot: ReadonlyMap<Slot, Reading> }

/** Whether `a` was taken after `b`; readings of one instant go by their id. */
const isLater = (a: Reading, b: Reading): boolean => (a.takenAt === b.takenAt ? a.id > b.id : a.takenAt > b.takenAt)

/** The survey as it stands after all `readings`, in whatever order they arrived. */
export function surveyOf(way: Way, readings: readonly Reading[]): Survey {
  const bySlot = new Map<Slot, Reading>()
  for (const reading of readings) {
    const standing = bySlot.get(reading.slot)
    if (!standing || isLater(reading, standing)) bySlot.set(reading.slot, reading)
  }
  return { way, bySlot }
}

/** All readings of one slot, the latest first. */
export const historyOf = (slot: Slot, readings: readonly Reading[]): readonly Reading[] =>
  readings.filter(one => one.slot === slot).sort((a, b) => (isLater(a, b) ? -1 : 1))

export const readValue = (survey: Survey, slot: Slot): Length | null => survey.bySlot.get(slot)?.value ?? null

/** A reading as the leaf of a trace; `null` where it was not taken. */
export function readingLeaf(survey: Survey, slot: Slot): Leaf | null {
  const reading = survey.bySlot.get(slot)
  return reading ? { kind: 'reading', name: slot, value: reading.value, origin: reading.id } : null
}

/** The widths or heights of a way that were read, in walking order. */
export const sizesRead = (survey: Survey, way: Way, kind: 'widths' | 'heights'): readonly Leaf[] =>
  WAY_READINGS[way].filter(name => name.startsWith(kind)).flatMap(name => readingLeaf(survey, waySlot(way, name)) ?? [])

/** The ways that have at least one width and one height. */
export const waysRead = (survey: Survey, ways: readonly Way[]): readonly Way[] =>
  ways.filter(way => sizesRead(survey, way, 'widths').length > 0 && sizesRead(survey, way, 'heights').length > 0)
