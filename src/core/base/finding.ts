import type { Cure } from './cures'
import type { Facts } from './facts'
import type { FigureRef } from './figure'

/** How bad it is, worst last: each has its own shape, word and colour where it is shown. */
export const SEVERITIES = ['fine', 'watch', 'correct', 'stop'] as const
export type Severity = (typeof SEVERITIES)[number]

/** Rules that judge without a figure of the trade. */
export const PLAIN_RULES = [
  'network',
  'step-order',
  'receipt',
  'completeness',
  'readable',
  'instrument',
  'jamb',
  'sill',
  'visit',
  'subfloor',
  'handing',
  'garage',
  'seal-range',
  'storm-range',
  'wrap',
  'fire-label',
  'airflow',
  'walk',
  'storm-kind',
  'lock',
  'hinges',
  'gap-survey',
  'escape',
  'wind-zone',
  'outside-trim',
  'label',
  'condition',
  'anchors',
  'wish',
  'look',
] as const
export type PlainRule = (typeof PLAIN_RULES)[number]
export type RuleId = FigureRef | PlainRule

/** A judgement about the world: facts and codes, no prose. `place` names the reading, point or part it is about. */
export type Finding<Code extends string = string> = {
  readonly code: Code
  readonly place: string
  readonly severity: Severity
  readonly facts: Facts
  /** What judged it: a figure of the trade, which leads to its value and source, or a rule that has none. */
  readonly rule: RuleId
  /** What would cure it: edit a record, take a reading, or do work. */
  readonly cures: readonly Cure[]
}

/** The worst first; findings of one severity keep their order. */
export const worstFirst = <F extends Finding>(findings: readonly F[]): readonly F[] =>
  [...findings].sort((a, b) => SEVERITIES.indexOf(b.severity) - SEVERITIES.indexOf(a.severity))

/** The worst severity among `findings`, `fine` when there are none. */
export const worstOf = (findings: readonly Finding[]): Severity =>
  findings.reduce<Severity>(
    (worst, one) => (SEVERITIES.indexOf(one.severity) > SEVERITIES.indexOf(worst) ? one.severity : worst),
    'fine',
  )
