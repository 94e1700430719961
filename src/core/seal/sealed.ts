import type { TradeNumber } from '../base/figure'
import type { Finding } from '../base/finding'
import type { Stage } from '../base/stage'
import type { TradeLengths } from '../base/trade-lengths'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import type { Seal, SealPurpose } from '../seal-stock/seal'
import type { Answer } from '../survey/answer'
import { isAnswerTo } from '../survey/facts'
import type { Reading } from '../survey/reading'
import { isClosedSlot } from '../survey/slots'
import { type Survey, standingReadings, surveyOf } from '../survey/survey'
import type { Length } from '../units/length'
import type { Cents } from '../units/quantity'
import type { Edge, SealOf } from './edge'
import { type FireJudged, type FireRules, fireFindings, judgeFire } from './fire'
import { planSeals, type SealCode, type SealPlan, sealsOn } from './plan-seals'
import { type Proof, proofOf } from './proof'
import type { SealChoice } from './seal-choice'
import { leafPart, type SoundThrough, soundThrough } from './sound-through'

/** What is sealed: the edges of the closed door, the seals planned on them, and which are fitted. */
export type Sealed = {
  readonly edges: readonly Edge[]
  /** How large what closes is; `null` while it is not known. */
  readonly size: ClosedSize | null
  /** The gaps that choose: those read of the door that stays, or of the new one as set. */
  readonly survey: Survey
  /** What it is sealed against, the weightiest first. */
  readonly purposes: readonly SealPurpose[]
  /** `null` until a gap is read or expected. */
  readonly plan: SealPlan | null
  /** Sound through it; `null` while no gap was read or nobody said how its leaf is built. */
  readonly sound: SoundThrough | null
  /** By the rules of its label; `null` where none are chosen. */
  readonly fire: FireJudged | null
  /** What was read again once it was sealed. */
  readonly proof: Proof
  /** The entries by which seals were noted as fitted, by edge and seal. */
  readonly fitted: ReadonlyMap<string, LogEntry>
}

/** The entry of a kind sealed by its maker's sheet, as it was noted while its seals were not worked out. */
export const SEALED_BY_SHEET = 'by-sheet'

/** What closes the opening: its width in all, its height, and how thick it is. */
export type ClosedSize = { readonly width: Length; readonly height: Length; readonly thickness: Length }

/** A gap as it stands after moves. */
export type MovedGap = { readonly slot: string; readonly now: Length }

export type SealGiven = {
  readonly of: SealOf
  readonly survey: Survey
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  /** The leaf, both that meet, or the panel that slides; `null` while its size is not known. */
  readonly leaf: ClosedSize | null
  readonly hinges: 'left' | 'right' | null
  readonly leftLeaf: Length | null
  /** Of the chosen unit, else as wished or as the old leaf is. */
  readonly material: string | null
  /** What a new unit ships with, round and at the bottom; `null` where nothing new is set or it ships with none. */
  readonly own: { readonly sides: Seal | null; readonly bottom: Seal | null } | null
  /** What gaps have become by moves that were noted since they were read. */
  readonly moved: readonly MovedGap[]
  /** A new unit is chosen: until its gaps are read they are taken as they are wanted. */
  readonly isNew: boolean
  readonly isInRain: boolean
  readonly labelMinutes: number
  readonly purposes: readonly string[]
  readonly choice: SealChoice
  readonly log: readonly LogEntry[]
  readonly seals: readonly Seal[]
  readonly fireRules: readonly FireRules[]
  readonly latchLimitN: TradeNumber
  readonly centsPerHour: Cents
  readonly lengths: TradeLengths
  /** What a leaf so built keeps out by itself, Rw in dB; `null` while nobody said how it is built. */
  readonly leafRw: number | null
  /** The day, `YYYY-MM-DD`. */
  readonly today: string
}

/** Plans the seals of a door from the gaps of its own occasion, judges its sound and its label, and holds what was read after against it. */
export function sealOpening(given: SealGiven): Stage<Sealed, SealCode> {
  const { lengths, leaf } = given
  // A door inside the house keeps no heat in.
  const choice = given.of.isOutside ? given.choice : { ...given.choice, heatingDegreeDays: 0 }
  const edges = edgesOf(given)
  const survey = gapSurvey(given)
  const purposes = purposesOf(given)
  const rules = given.fireRules.find(one => one.id === choice.rules) ?? null
  const rw = choice.leafRw ?? given.leafRw
  const part = leaf && rw !== null ? leafPart(leaf, rw) : null
  const { value: plan, findings } = planSeals({
    edges,
    site: {
      survey,
      material: given.material,
      isOutside: given.of.isOutside,
      isInRain: given.isInRain,
      purposes,
      isLabelled: given.labelMinutes > 0 || rules !== null,
      bedded: choice.bedded,
      reasons: choice.reasons,
      centsPerHour: given.centsPerHour,
    },
    choice,
    leaf: part,
    own: edge => given.own?.[edge.role === 'bottom' ? 'bottom' : 'sides'] ?? null,
    moved: new Set(given.moved.map(one => one.slot)),
    expectedGap: given.isNew ? lengths['reveal-target'].value : null,
    seals: given.seals,
    latchLimitN: given.latchLimitN,
    lengths,
  })
  const fire = labelOf(given, edges, survey, rules, plan)
  const isRead = plan?.edges.some(one => one.expected === null) ?? false
  return {
    value: {
      edges,
      size: leaf,
      survey,
      purposes,
      plan,
      sound:
        plan && part && rw !== null && isRead
          ? soundThrough(part, rw, plan.joints.open, plan.joints.sealed, choice.rwLeast)
          : null,
      fire,
      proof: proofOf(edges, plan, survey, standingReadings(given.readings, given.answers), choice.heatingDegreeDays),
      fitted: fittedIn(given.log),
    },
    findings: [...findings, ...fireFindings(fire)] as readonly Finding<SealCode>[],
  }
}

/** The label by its rules, with a smoke seal at the bottom where one is planned. */
function labelOf(
  { material, log, today, lengths }: SealGiven,
  edges: readonly Edge[],
  survey: Survey,
  rules: FireRules | null,
  plan: SealPlan | null,
): FireJudged | null {
  const hasSmokeSeal =
    plan?.edges.some(one => one.edge.role === 'bottom' && sealsOn(one).some(seal => seal.listing !== 'none')) ?? false
  const within = lengths['gauge-within'].value
  return judgeFire({ rules, edges, survey, material, hasSmokeSeal, log, today, within })
}

function edgesOf({ of, leaf, hinges, leftLeaf, survey }: SealGiven): readonly Edge[] {
  if (!leaf) return []
  const moves = survey.facts.get('fact.moving-panel')?.code
  return of.edges({
    ...leaf,
    hinges: hinges ?? 'left',
    leftLeaf,
    moves: moves === 'left' || moves === 'right' ? moves : null,
  })
}

/** As they were put in order; else what was asked at the door before what the first look said. */
function purposesOf({ choice, survey, purposes }: SealGiven): readonly SealPurpose[] {
  if (choice.purposes.length > 0) return choice.purposes
  const asked = [survey.facts.get('fact.seal-why')?.code, ...purposes]
  return [...new Set(asked)].filter((one): one is SealPurpose => one !== undefined && isAnswerTo('fact.seal-why', one))
}

/** The gaps of an old leaf choose nothing for the new one: only what was read since it stands counts there. What was read once it was
 *  sealed proves, and chooses nothing. Where the leaf was moved since, its gaps are what the moves make of them. */
function gapSurvey({ of, survey, readings, answers, moved, isNew }: SealGiven): Survey {
  const since = standingReadings(readings, answers).filter(
    one => (one.occasion === 'set' || one.occasion === 'tuned') && isClosedSlot(one.slot),
  )
  const open = standingReadings(readings, answers).filter(
    one => (one.occasion === 'survey' || one.occasion === 'old-door') && isClosedSlot(one.slot),
  )
  const own = [...survey.bySlot].filter(([slot]) => !isClosedSlot(slot))
  const before = of.surveyIsOldLeaf || isNew ? [] : [...surveyOf(survey.way, open).bySlot]
  const later = surveyOf(survey.way, since).bySlot
  const becomes = new Map<string, Length>(moved.map(one => [one.slot, one.now]))
  const now = [...before, ...later].map(
    ([slot, reading]) => [slot, { ...reading, value: becomes.get(slot) ?? reading.value }] as const,
  )
  return { ...survey, bySlot: new Map([...own, ...now]) }
}

/** What was noted as fitted: by edge and seal; entries of before name only the edge. */
const fittedIn = (log: readonly LogEntry[]): ReadonlyMap<string, LogEntry> =>
  new Map([...standingEntries('seal', log)].filter(([, entry]) => entry.result === 'fitted'))

/** What is cut and waits to be fitted, by edge and seal. */
export const cutIn = (log: readonly LogEntry[]): ReadonlySet<string> =>
  new Set([...standingEntries('seal', log)].flatMap(([code, entry]) => (entry.result === 'cut' ? [code] : [])))

/** Whether a seal of an edge is noted as fitted. */
export const isFitted = (fitted: Sealed['fitted'], edge: string, seal: string): boolean =>
  fitted.has(`${edge}/${seal}`) || fitted.has(edge)
