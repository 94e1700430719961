import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { readValue, type Survey } from '../survey/survey'
import { largestOf, magnitude, minus, smallestOf } from '../units/length'
import { type Cents, priceOf } from '../units/quantity'
import type { EdgeGaps } from './read-edges'
import type { Seal } from './seal'

export type SealCode =
  | 'gap-too-wide'
  | 'gap-too-small'
  | 'leaf-too-thin'
  | 'never-here'
  | 'asked-here'
  | 'no-kerf'
  | 'other-purpose'
  | 'threshold-wrong'
  | 'floor-wrong'
  | 'threshold-falls'
  | 'keeps-no-air'
  | 'holds'
  | 'no-seal-holds'
  | 'latch-force'
  | 'gaps-not-read'
  | 'gaps-between'
  | 'bottom-stays-open'
  | 'bottom-takes-air'
  | 'contact-uneven'
  | 'contact-off'

export type SealOption = {
  readonly seal: Seal
  readonly holds: boolean
  /** It holds only where somebody says so: never chosen by itself. */
  readonly isAsked: boolean
  readonly reasons: readonly Finding<SealCode>[]
  readonly cents: Cents
  readonly centsPerYear: number
}

export type SealSite = {
  readonly survey: Survey
  readonly material: string | null
  readonly isOutside: boolean
  /** What it is sealed against, as it was said at the first look. */
  readonly purposes: readonly string[]
  readonly lengths: TradeLengths
}

type Refuse = (code: SealCode, facts?: Finding['facts']) => void

/** Judges one seal on one edge, with every reason why not. */
export function judgeSeal(seal: Seal, read: EdgeGaps, site: SealSite): SealOption {
  const place = `seal.${read.edge.id}`
  const refusals: Finding<SealCode>[] = []
  const refuse: Refuse = (code, facts = {}) =>
    refusals.push({
      code,
      place,
      severity: 'stop',
      facts: { kind: seal.kind, ...facts },
      rule: 'seal-range',
      cures: [],
    })
  refuseByGap(seal, read, refuse)
  refuseBySurvey(seal, read, site, refuse)
  const never = site.isOutside ? seal.never.find(one => one.material === site.material) : undefined
  if (never) refuse('never-here', { reason: never.reason })
  const isAsked =
    site.isOutside && seal.askedOn.length > 0 && (site.material === null || seal.askedOn.includes(site.material))
  const cents = priceOf(read.edge.length, seal.centsPerMetre)
  const make = (code: SealCode, severity: Finding['severity']): Finding<SealCode> => ({
    code,
    place,
    severity,
    rule: 'seal-range',
    cures: [],
    facts: { kind: seal.kind, smallest: { length: smallestOf(read.gaps) }, largest: { length: largestOf(read.gaps) } },
  })
  const fine = isAsked ? [make('asked-here', 'watch')] : [make('holds', 'fine')]
  return {
    seal,
    holds: refusals.length === 0,
    isAsked,
    reasons: refusals.length ? refusals : fine,
    cents,
    centsPerYear: cents / seal.years,
  }
}

function refuseByGap({ gap: [least, most], leastLeaf }: Seal, { edge, gaps }: EdgeGaps, refuse: Refuse): void {
  const [smallest, largest] = [smallestOf(gaps), largestOf(gaps)]
  if (largest > most) refuse('gap-too-wide', { gap: { length: largest }, limit: { length: most } })
  if (smallest < least) refuse('gap-too-small', { gap: { length: smallest }, limit: { length: least } })
  if (edge.thickness < leastLeaf)
    refuse('leaf-too-thin', { leaf: { length: edge.thickness }, limit: { length: leastLeaf } })
}

function refuseBySurvey(seal: Seal, { edge, gaps }: EdgeGaps, { survey, purposes }: SealSite, refuse: Refuse): void {
  const saidOf = (slot: 'fact.kerf' | 'fact.threshold' | 'fact.floor' | 'fact.airflow') => survey.facts.get(slot)?.code
  const asked = [survey.facts.get('fact.seal-why')?.code, ...purposes].filter(one => one !== undefined)
  const missed = asked.find(why => !(seal.against as readonly string[]).includes(why))
  if (missed) refuse('other-purpose', { why: missed })
  if (seal.needsKerf && saidOf('fact.kerf') === 'no') refuse('no-kerf')
  if (edge.role !== 'bottom') return
  const [threshold, floor] = [saidOf('fact.threshold'), saidOf('fact.floor')]
  if (threshold && seal.notOn.thresholds.includes(threshold)) refuse('threshold-wrong', { threshold })
  if (floor && seal.notOn.floors.includes(floor)) refuse('floor-wrong', { floor })
  if (saidOf('fact.airflow') === 'appliance-behind-it') refuse('keeps-no-air')
  const fall = readValue(survey, 'fall.threshold')
  const travel = minus(seal.gap[1], largestOf(gaps))
  if (seal.kind === 'drop' && fall !== null && magnitude(fall) > travel)
    refuse('threshold-falls', { fall: { length: magnitude(fall) }, limit: { length: travel } })
}
