import { type Length, largestOf, minus, smallestOf, sumOf, times } from '../units/length'
import type { TradeLength } from './trade-lengths'

/** How a derived length came about, as a tree that can be worked through again from its leaves. */
export type Trace = Leaf | Step

/** What a trace starts from: a reading somebody took, an allowance of the trade, or a wish of the customer. */
export type Leaf = {
  readonly kind: 'reading' | 'allowance' | 'wish' | 'unit'
  /** The reading's slot, the allowance's id, the wish's name, or the unit's member. */
  readonly name: string
  readonly value: Length
  /** Whose figure it is, for an allowance; the reading's id, for a reading. */
  readonly origin: string
}

const OPERATIONS = {
  sum: (all: readonly Length[]) => sumOf(all),
  difference: (all: readonly Length[]) => all.slice(1).reduce((rest, one) => minus(rest, one), all[0]!),
  smallest: (all: readonly Length[]) => smallestOf(all),
  largest: (all: readonly Length[]) => largestOf(all),
  twice: (all: readonly Length[]) => times(sumOf(all), 2),
} as const

export type Operation = keyof typeof OPERATIONS
export const OPERATIONS_OF_TRACE = Object.keys(OPERATIONS) as readonly Operation[]

/** A figure made of others. `rule` names the sentence that explains it. */
export type Step = {
  readonly kind: 'step'
  readonly rule: string
  readonly operation: Operation
  readonly from: readonly Trace[]
  readonly value: Length
}

/** A step whose value is worked out here and nowhere else. @throws RangeError when `from` is empty. */
export function step(rule: string, operation: Operation, from: readonly Trace[]): Step {
  if (from.length === 0) throw new RangeError(`a step needs something to work on: ${rule}`)
  return { kind: 'step', rule, operation, from, value: OPERATIONS[operation](from.map(one => one.value)) }
}

export const allowanceLeaf = ({ id, value, source }: Omit<TradeLength, 'id'> & { readonly id: string }): Leaf => ({
  kind: 'allowance',
  name: id,
  value,
  origin: source.text,
})

/** Works the trace through from its leaves, ignoring every stored value above them. */
export function workThrough(trace: Trace): Length {
  return trace.kind === 'step' ? OPERATIONS[trace.operation](trace.from.map(workThrough)) : trace.value
}

/** Every leaf of the trace, in reading order. */
export function leavesOf(trace: Trace): readonly Leaf[] {
  return trace.kind === 'step' ? trace.from.flatMap(leavesOf) : [trace]
}
