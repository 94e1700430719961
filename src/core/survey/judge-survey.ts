import { type Cure, cure } from '../base/cures'
import type { Finding, RuleId, Severity } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { type LockFamily, nearestLockFamily } from './lock-family'
import type { SiteSlot } from './slots'
import { readValue, type Survey } from './survey'
import { essentialFor, type Question, type SurveyOf } from './survey-of'

export type SurveyCode =
  | 'reading-skipped'
  | 'mould-narrow'
  | 'mould-shallow'
  | 'mould-moulded'
  | 'backset-odd'
  | 'hinges-out-of-order'
  | 'label-not-legible'
  | 'condition-rotten'
  | 'airflow-needed'
  | 'airflow-appliance'

type Facts = Finding['facts']

function make(
  code: SurveyCode,
  place: Question,
  severity: Severity,
  facts: Facts,
  rule: RuleId,
  cures: readonly Cure[],
): Finding<SurveyCode> {
  return { code, place, severity, facts, rule, cures }
}

/** What the readings and answers say by themselves, before any network or unit: what was skipped, what no product takes,
 *  what belongs to a licensed trade or to the label's agency. `locks` are those that are made. */
export function judgeSurvey(
  asked: SurveyOf,
  survey: Survey,
  lengths: TradeLengths,
  locks: readonly LockFamily[],
): readonly Finding<SurveyCode>[] {
  return [
    ...judgeSkips(asked, survey),
    ...judgeMould(asked, survey, lengths),
    ...judgeBackset(survey, lengths, locks),
    ...judgeHinges(survey),
    ...judgeFacts(survey),
  ]
}

function judgeSkips(asked: SurveyOf, survey: Survey): readonly Finding<SurveyCode>[] {
  const essential = new Set(essentialFor(asked, survey.way))
  return [...survey.skipped.values()].map(({ slot, code, note }) =>
    make(
      'reading-skipped',
      slot,
      essential.has(slot) ? 'watch' : 'fine',
      { reason: code, note },
      'walk',
      essential.has(slot) ? [cure('reading.take-later')] : [],
    ),
  )
}

function judgeMould({ standsOnTrim }: SurveyOf, survey: Survey, lengths: TradeLengths): readonly Finding<SurveyCode>[] {
  if (!standsOnTrim) return []
  const below = (code: SurveyCode, slot: SiteSlot, id: 'mould-face-least' | 'mould-proud-least') => {
    const value = readValue(survey, slot)
    const limit = lengths[id]
    if (value === null || value >= limit.value) return []
    const facts = { read: { length: value }, limit: { length: limit.value } }
    return [make(code, slot, 'correct', facts, limit.id, [cure('mould.pad-out')])]
  }
  const moulded = survey.facts.get('fact.mould-face')?.code === 'moulded'
  return [
    ...below('mould-narrow', 'mould.face', 'mould-face-least'),
    ...below('mould-shallow', 'mould.proud', 'mould-proud-least'),
    ...(moulded
      ? [make('mould-moulded', 'fact.mould-face', 'watch', {}, 'mould-face-least', [cure('mould.pad-out')])]
      : []),
  ]
}

function judgeBackset(
  survey: Survey,
  lengths: TradeLengths,
  locks: readonly LockFamily[],
): readonly Finding<SurveyCode>[] {
  const read = readValue(survey, 'backset')
  const found = read === null ? null : nearestLockFamily(read, locks, lengths['backset-near'].value)
  if (read === null || !found || found.isNear) return []
  const facts = { read: { length: read }, nearest: { length: found.nearest.backset } }
  return [make('backset-odd', 'backset', 'watch', facts, 'backset-near', [cure('reading.take-again')])]
}

/** Hinges are read from the top of the leaf down: each lies below the one before. */
function judgeHinges(survey: Survey): readonly Finding<SurveyCode>[] {
  const slots = ['hinge.1', 'hinge.2', 'hinge.3', 'hinge.4'] as const
  const read = slots.flatMap(slot => {
    const value = readValue(survey, slot)
    return value === null ? [] : [{ slot, value }]
  })
  return read.flatMap((one, i) => {
    const before = read[i - 1]
    if (!before || before.value < one.value) return []
    const facts = { read: { length: one.value }, before: { length: before.value } }
    return [make('hinges-out-of-order', one.slot, 'correct', facts, 'walk', [cure('reading.take-again')])]
  })
}

function judgeFacts({ facts }: Survey): readonly Finding<SurveyCode>[] {
  const said = (slot: Parameters<typeof facts.get>[0], code: string) => facts.get(slot)?.code === code
  const legible = facts.get('fact.label-legible')?.code
  return [
    ...(legible && legible !== 'yes'
      ? [
          make('label-not-legible', 'fact.label-legible', 'stop', { found: legible }, 'label', [
            cure('label.ask-agency'),
          ]),
        ]
      : []),
    ...(said('fact.condition', 'rotten')
      ? [make('condition-rotten', 'fact.condition', 'correct', {}, 'condition', [cure('condition.sound-wood')])]
      : []),
    ...(said('fact.airflow', 'needed')
      ? [make('airflow-needed', 'fact.airflow', 'watch', {}, 'airflow', [cure('airflow.keep-path')])]
      : []),
    ...(said('fact.airflow', 'appliance-behind-it')
      ? [make('airflow-appliance', 'fact.airflow', 'stop', {}, 'airflow', [cure('airflow.ask-licensed')])]
      : []),
  ]
}
