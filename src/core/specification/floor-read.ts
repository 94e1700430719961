import { type Step, step, type Trace } from '../base/trace'
import { readingLeaf, type Survey } from '../survey/survey'
import type { Length } from '../units/length'

/** The floor inside, above the sub-sill. */
export type FloorRead = {
  /** The finished floor at the door, with the covering still to come: what the threshold's back meets. */
  readonly atDoor: Trace
  /** The highest the leaf swings over: with that covering, and the rug or mat that will lie on it. */
  readonly over: Trace
}

const only = (rule: string, operation: Step['operation'], from: readonly Trace[]): Trace =>
  from.length === 1 ? from[0]! : step(rule, operation, from)

/** What was read of the floor inside, put together: the higher of the two readings counts for the swing, the one at the door for the
 *  threshold, each standing in for the other where only one was taken. `null` while neither was. */
export function floorRead(survey: Survey): FloorRead | null {
  const [finished, highest] = [readingLeaf(survey, 'floor.finished'), readingLeaf(survey, 'floor.highest')]
  const bare = [finished, highest].filter(one => one !== null)
  if (bare.length === 0) return null
  const read = (slot: 'floor.covering' | 'floor.rug') => {
    const leaf = readingLeaf(survey, slot)
    return leaf && leaf.value > 0 ? [leaf] : []
  }
  const covering = read('floor.covering')
  return {
    atDoor: only('floor.at-door', 'sum', [finished ?? highest!, ...covering]),
    over: only('floor.over', 'sum', [only('floor.bare', 'largest', bare), ...covering, ...read('floor.rug')]),
  }
}

export type FloorHeights = { readonly [at in keyof FloorRead]: Length }

export const floorHeights = (survey: Survey): FloorHeights | null => {
  const read = floorRead(survey)
  return read && { atDoor: read.atDoor.value, over: read.over.value }
}
