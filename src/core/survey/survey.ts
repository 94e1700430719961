import { isLater as isLaterRow, standing } from '../base/row'
import type { Leaf } from '../base/trace'
import { type Length, smallestOf } from '../units/length'
import type { Answer } from './answer'
import { type FactSlot, isFactSlot } from './facts'
import type { Reading } from './reading'
import { isSlot, type Slot, waySlot } from './slots'
import type { Question } from './survey-of'
import { WAY_READINGS, type Way } from './ways'

/** What stands now: the latest reading and the latest answer of each question, those that were withdrawn left out. */
export type Survey = {
  readonly way: Way
  readonly bySlot: ReadonlyMap<Slot, Reading>
  readonly facts: ReadonlyMap<FactSlot, Answer>
  /** Questions that were left open on purpose, with the reason. */
  readonly skipped: ReadonlyMap<Question, Answer>
}

type Taken = { readonly id: string; readonly takenAt: string }

/** Whether `a` was taken after `b`; rows of one instant go by their id. */
export const isLater = (a: Taken, b: Taken): boolean =>
  isLaterRow({ id: a.id, at: a.takenAt }, { id: b.id, at: b.takenAt })

/** The latest row of each slot. */
const latest = <S extends string, T extends Taken & { readonly slot: S }>(rows: readonly T[]): Map<S, T> =>
  new Map(
    standing(
      rows,
      one => one.slot,
      one => one.takenAt,
    ),
  )

/** Who struck which row and why, by the row's id. A strike can be struck itself: what it was about holds again. */
export function struckIn(answers: readonly Answer[]): ReadonlyMap<string, Answer> {
  const struck = new Map<string, Answer>()
  const strikes = answers.filter(one => one.kind === 'withdrawn').sort((a, b) => (isLater(a, b) ? -1 : 1))
  for (const one of strikes) if (!struck.has(one.id)) struck.set(one.code, one)
  return struck
}

/** The readings that were not withdrawn. */
export function standingReadings(readings: readonly Reading[], answers: readonly Answer[]): readonly Reading[] {
  const gone = struckIn(answers)
  return gone.size ? readings.filter(one => !gone.has(one.id)) : readings
}

/** The survey as it stands after all `readings` and `answers`, in whatever order they arrived. */
export function surveyOf(way: Way, readings: readonly Reading[], answers: readonly Answer[] = []): Survey {
  const gone = struckIn(answers)
  const bySlot = latest<Slot, Reading>(standingReadings(readings, answers))
  const facts = new Map<FactSlot, Answer>()
  const skipped = new Map<Question, Answer>()
  const said = latest<Question, Answer>(
    answers.filter(one => (one.kind === 'fact' || one.kind === 'skipped') && !gone.has(one.id)),
  )
  for (const [slot, answer] of said) {
    if (answer.kind === 'fact' && isFactSlot(slot)) facts.set(slot, answer)
    const read = isSlot(slot) ? bySlot.get(slot) : undefined
    if (answer.kind === 'skipped' && !(read && isLater(read, answer))) skipped.set(slot, answer)
  }
  for (const slot of skipped.keys()) if (isSlot(slot)) bySlot.delete(slot)
  return { way, bySlot, facts, skipped }
}

/** Whether a question was read or answered; one that was skipped was not. */
export const isAnswered = (survey: Survey, question: Question): boolean =>
  isFactSlot(question) ? survey.facts.has(question) : survey.bySlot.has(question)

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

/** The smallest width and height of a leaf that was read by itself; `null` until both are there. */
export function leafRead(survey: Survey): { readonly width: Length; readonly height: Length } | null {
  const [widths, heights] = [sizesRead(survey, 'core', 'widths'), sizesRead(survey, 'core', 'heights')]
  if (widths.length === 0 || heights.length === 0) return null
  return { width: smallestOf(widths.map(one => one.value)), height: smallestOf(heights.map(one => one.value)) }
}
