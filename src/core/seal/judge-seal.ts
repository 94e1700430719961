import type { Facts } from '../base/facts'
import type { Finding, RuleId } from '../base/finding'
import { materialCents, type Seal, type SealPurpose } from '../seal-stock/seal'
import { readValue, type Survey } from '../survey/survey'
import { type Length, magnitude, minus } from '../units/length'
import { type Cents, workCost } from '../units/quantity'
import { type EdgeGaps, leastOf, mostOf, rowFor } from './read-edges'
import { BEDDED, type Bedded, reasonKey } from './seal-wants'
import { centsYear } from './yearly'

export type SealCode =
  | 'gap-too-wide'
  | 'gap-too-small'
  | 'leaf-too-thin'
  | 'never-here'
  | 'asked-here'
  | 'asked-in-rain'
  | 'no-kerf'
  | 'kerf-not-said'
  | 'other-purpose'
  | 'less-purpose'
  | 'threshold-wrong'
  | 'floor-wrong'
  | 'threshold-falls'
  | 'keeps-no-air'
  | 'not-in-weather'
  | 'not-listed'
  | 'other-gap'
  | 'expected-gap'
  | 'holds'
  | 'no-seal-holds'
  | 'own-fails'
  | 'hand-fails'
  | 'target-missed'
  | 'latch-force'
  | 'gaps-not-read'
  | 'gaps-between'
  | 'bottom-stays-open'
  | 'bottom-takes-air'
  | 'contact-uneven'
  | 'contact-off'
  | 'fire-gap-beyond'
  | 'fire-gap-close'
  | 'fire-not-read'
  | 'fire-item-failed'
  | 'class-contradicts'
  | 'air-past-tight'
  | 'still-at-gap'
  | 'cap-low'
  | 'cap-high'
  | 'bill-against-gap'

export type SealOption = {
  readonly seal: Seal
  readonly holds: boolean
  /** It goes on only where somebody chose it: never chosen by itself. */
  readonly isAsked: boolean
  readonly reasons: readonly Finding<SealCode>[]
  readonly materialCents: Cents
  readonly workCents: Cents
  readonly centsPerYear: number
}

export type SealSite = {
  readonly survey: Survey
  readonly material: string | null
  readonly isOutside: boolean
  /** Rain is driven against it. */
  readonly isInRain: boolean
  /** What it is sealed against, the weightiest first. */
  readonly purposes: readonly SealPurpose[]
  /** A label is on it, or its gaps are judged by a label's rules. */
  readonly isLabelled: boolean
  readonly bedded: readonly Bedded[]
  readonly reasons: Readonly<Record<string, string>>
  readonly centsPerHour: Cents
}

type Say = (code: SealCode, facts?: Finding['facts'], rule?: RuleId) => void

/** Judges one seal on one edge, with every reason why not. */
export function judgeSeal(seal: Seal, read: EdgeGaps, length: Length, site: SealSite): SealOption {
  const refusals: Finding<SealCode>[] = []
  const watches: Finding<SealCode>[] = []
  const sayTo =
    (list: Finding<SealCode>[], severity: Finding['severity']): Say =>
    (code, facts = {}, rule = 'seal-range') =>
      list.push({
        code,
        place: `seal.${read.edge.id}`,
        severity,
        facts: { kind: seal.kind, seal: seal.name, ...facts },
        rule,
        cures: [],
      })
  const [refuse, watch] = [sayTo(refusals, 'stop'), sayTo(watches, 'watch')]
  byGap(seal, read, refuse, watch)
  bySurvey(seal, read, site, refuse, watch)
  byPurpose(seal, site, refuse, watch)
  const isAsked = byMaterial(seal, read, site, refuse, watch)
  const row = rowFor(read, seal.closes)
  const range: Facts = { smallest: { length: leastOf(row) }, largest: { length: mostOf(row) } }
  const fine: Finding<SealCode>[] = []
  sayTo(fine, 'fine')('holds', range)
  const [material, work] = [materialCents(seal, length), workCost(seal.minutes, site.centsPerHour)]
  return {
    seal,
    holds: refusals.length === 0,
    isAsked,
    reasons: refusals.length ? refusals : watches.length ? watches : fine,
    materialCents: material,
    workCents: work,
    centsPerYear: centsYear(material + work, seal.years),
  }
}

function byGap({ gap: [least, most], closes, leastLeaf }: Seal, read: EdgeGaps, refuse: Say, watch: Say): void {
  const row = rowFor(read, closes)
  const [smallest, largest] = [leastOf(row), mostOf(row)]
  if (largest > most) refuse('gap-too-wide', { gap: { length: largest }, limit: { length: most } })
  if (smallest < least) refuse('gap-too-small', { gap: { length: smallest }, limit: { length: least } })
  const { thickness } = read.edge
  if (thickness < leastLeaf) refuse('leaf-too-thin', { leaf: { length: thickness }, limit: { length: leastLeaf } })
  if (read.expected) watch('expected-gap', { what: read.expected })
  else if ((closes === 'stop' ? read.stop : read.gap) === null) watch('other-gap', { which: closes })
}

function bySurvey(seal: Seal, { edge, gap, stop }: EdgeGaps, site: SealSite, refuse: Say, watch: Say): void {
  const saidOf = (slot: 'fact.kerf' | 'fact.threshold' | 'fact.floor' | 'fact.airflow') =>
    site.survey.facts.get(slot)?.code
  const kerf = saidOf('fact.kerf')
  if (seal.needsKerf && kerf === 'no') refuse('no-kerf')
  if (seal.needsKerf && kerf === undefined) watch('kerf-not-said')
  if (edge.role !== 'bottom') return
  const [threshold, floor] = [saidOf('fact.threshold'), saidOf('fact.floor')]
  if (threshold && seal.notOn.thresholds.includes(threshold)) refuse('threshold-wrong', { threshold })
  if (floor && seal.notOn.floors.includes(floor)) refuse('floor-wrong', { floor })
  if (saidOf('fact.airflow') === 'appliance-behind-it') refuse('keeps-no-air')
  const fall = readValue(site.survey, 'fall.threshold')
  const travel = minus(seal.gap[1], mostOf((gap ?? stop)!))
  if (seal.kind === 'drop' && fall !== null && magnitude(fall) > travel)
    refuse('threshold-falls', { fall: { length: magnitude(fall) }, limit: { length: travel } })
}

/** The weightiest purpose must be served; one that weighs less is said. A label is a hard limit. */
function byPurpose(seal: Seal, { purposes, isLabelled }: SealSite, refuse: Say, watch: Say): void {
  const [first, ...others] = purposes
  if (first && !seal.against.includes(first)) refuse('other-purpose', { why: first })
  const missed = others.find(why => !seal.against.includes(why))
  if (missed) watch('less-purpose', { why: missed })
  if (isLabelled && seal.listing === 'none') refuse('not-listed')
}

/** What it may do to the leaf: whether it goes on only where somebody says so. */
function byMaterial(seal: Seal, { edge }: EdgeGaps, site: SealSite, refuse: Say, watch: Say): boolean {
  if (!site.isOutside) return false
  if (!seal.standsWeather && site.isInRain) refuse('not-in-weather')
  const never = seal.never.find(one => one.material === site.material)
  if (never) refuse('never-here', { reason: never.reason, material: never.material })
  const isAsked = seal.askedOn.length > 0 && (site.material === null || seal.askedOn.includes(site.material))
  if (!isAsked) return false
  const missing = BEDDED.filter(one => !site.bedded.includes(one))
  watch('asked-here', missing.length > 0 ? { missing: missing.join(' ') } : {})
  if (site.isInRain && site.reasons[reasonKey(edge.id, seal.id)] === undefined) watch('asked-in-rain')
  return true
}

/** Whether a seal that is asked for may really go on: everything it wants ticked, and in the rain a reason typed. */
export const isGranted = (
  { seal, isAsked }: SealOption,
  edgeId: string,
  { bedded, isInRain, reasons }: SealSite,
): boolean =>
  !isAsked ||
  (BEDDED.every(one => bedded.includes(one)) && (!isInRain || reasons[reasonKey(edgeId, seal.id)] !== undefined))
