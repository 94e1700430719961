import type { Cure } from '../base/cures'
import type { Finding, RuleId } from '../base/finding'
import type { Step } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import type { AdjustedOpening } from '../opening/opening'
import type { LockFamily } from '../survey/lock-family'
import type { Survey } from '../survey/survey'
import type { Length } from '../units/length'
import type { Filling } from './fill-thickness'
import type { Band } from './handle-window'
import type { HingePlaces } from './hinge-places'
import type { HungLeaf } from './hung-leaf'
import type { HingePlan } from './plan-hinges'
import type { HingeTrade, LeafMass } from './weigh-leaf'
import type { Wishes } from './wishes'
import type { WrapFrame } from './wrap-frame'

export const FURTHER_CODES = [
  'trim-tapers',
  'handles-meet',
  'throat-fits',
  'throat-packed',
  'throat-none',
  'throat-under-wall',
  'no-welded-frame',
  'slider-sill',
  'latch-to-case',
  'case-odd',
  'hinges-too-weak',
  'two-people',
  'deeper-mortises',
  'two-closers',
  'clear-width',
  'setting',
  'leaves-do-not-add-up',
] as const
export type FurtherCode = (typeof FURTHER_CODES)[number]

/** What a kind's own readings lead to, beside its size; `null` where it is not of this kind or not read yet. */
export type Further = {
  readonly leaf: HungLeaf | null
  readonly hingePlaces: HingePlaces | null
  readonly mass: LeafMass | null
  readonly hinges: HingePlan | null
  /** The brickmould opening a storm door is ordered for, and heights its handle can't have. */
  readonly storm: TrimOpening | null
  readonly wrap: (WrapFrame & { readonly wall: Step }) | null
  /** From outside: O the panel that moves, X the fixed one. */
  readonly panels: 'OX' | 'XO' | null
  readonly siding: Filling | null
  readonly lock: LockFamily | null
  readonly clearWidth: Length | null
}

export const NOTHING_FURTHER: Further = {
  leaf: null,
  hingePlaces: null,
  mass: null,
  hinges: null,
  storm: null,
  wrap: null,
  panels: null,
  siding: null,
  lock: null,
  clearWidth: null,
}

/** An opening in trim as a door is ordered for it, and heights its handle can't have or can. */
export type TrimOpening = {
  readonly width: Step
  readonly height: Step
  readonly taken: readonly Band[]
  readonly free: readonly Band[]
}

export type FurtherTrade = {
  readonly hinges: HingeTrade
  readonly fillers: readonly Length[]
  readonly locks: readonly LockFamily[]
  readonly crewLiftKg: number
  /** A storm door heavier than this gets two closers. */
  readonly twoClosersKg: number
}

export type FurtherInput = {
  readonly survey: Survey
  readonly wishes: Wishes
  readonly lengths: TradeLengths
  /** The leaf that will hang, where its size is known. */
  readonly leaf: HungLeaf | null
  /** The whole unit's mass by its sheet, kg. */
  readonly unitKg: number | null
  readonly opening: AdjustedOpening | null
  readonly isExterior: boolean
  readonly trade: FurtherTrade
}

/** One thing a kind of door derives beside its size, with what it finds; given what the rules before it found. */
export type FurtherRule = (
  input: FurtherInput,
  found: Further,
) => { readonly found: Partial<Further>; readonly findings: readonly Finding<FurtherCode>[] }

export function note(
  code: FurtherCode,
  place: string,
  severity: Finding['severity'],
  facts: Finding['facts'],
  rule: RuleId,
  cures: readonly Cure[] = [],
): Finding<FurtherCode> {
  return { code, place, severity, facts, rule, cures }
}

/** Works the rules of a kind through in their order. */
export function deriveFurther(
  rules: readonly FurtherRule[],
  input: FurtherInput,
): { readonly value: Further; readonly findings: readonly Finding<FurtherCode>[] } {
  let value = { ...NOTHING_FURTHER, leaf: input.leaf }
  const findings: Finding<FurtherCode>[] = []
  for (const rule of rules) {
    const one = rule(input, value)
    value = { ...value, ...one.found }
    findings.push(...one.findings)
  }
  return { value, findings }
}
