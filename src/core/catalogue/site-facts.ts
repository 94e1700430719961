import type { TradeLengths } from '../base/trade-lengths'
import { labelWanted } from '../specification/floor-target'
import { entryHardware } from '../specification/trim-rules'
import { thickestWall } from '../specification/wall-rules'
import type { Wishes } from '../specification/wishes'
import { leafRead, readValue, type Survey, sizesRead } from '../survey/survey'
import { type LockRead, NOTHING_FOUND, type SiteFacts, type TrimRead } from './site'

/** What of a site a kind of door is judged by, beside what holds for every kind. */
export type SiteOf = (survey: Survey, lengths: TradeLengths) => Partial<SiteFacts>

/** What a survey found beside the opening itself, as the judge of a catalogue needs it. */
export const siteFactsOf = (own: SiteOf, survey: Survey, wishes: Wishes, lengths: TradeLengths): SiteFacts => ({
  ...NOTHING_FOUND,
  wallStack: thickestWall(survey)?.value ?? null,
  isWallFinished: survey.facts.get('fact.wall-state')?.code === 'finished',
  labelMinutes: labelWanted(survey, wishes),
  sillDepth: readValue(survey, 'sill.depth'),
  ...own(survey, lengths),
})

/** The outside trim, once a width and a height of it were read. */
export function trimRead(survey: Survey, lengths: TradeLengths): TrimRead | null {
  const [widths, heights] = [sizesRead(survey, 'brickmould', 'widths'), sizesRead(survey, 'brickmould', 'heights')]
  if (widths.length === 0 || heights.length === 0) return null
  return {
    widths: widths.map(one => one.value),
    heights: heights.map(one => one.value),
    face: readValue(survey, 'mould.face'),
    proud: readValue(survey, 'mould.proud'),
    isMoulded: survey.facts.get('fact.mould-face')?.code === 'moulded',
    entry: entryHardware(survey, lengths),
    space: readValue(survey, 'doors.space'),
  }
}

/** The old metal leaf, once everything that must agree was read. */
export function oldLeaf(survey: Survey): SiteFacts['leaf'] {
  const size = leafRead(survey)
  const hinges = (['hinge.1', 'hinge.2', 'hinge.3', 'hinge.4'] as const).flatMap(slot => readValue(survey, slot) ?? [])
  const [thickness, bore, backset] = (['leaf.thickness', 'bore.top', 'backset'] as const).map(slot =>
    readValue(survey, slot),
  )
  const label = survey.facts.get('fact.label')?.code
  // What the old label shows is asked until it is answered: a leaf without one is no match for a leaf nobody looked at.
  if (!size || hinges.length < 2 || thickness == null || bore == null || backset == null || label === undefined)
    return null
  const [hingeHeight, bored] = [readValue(survey, 'hinge.height'), survey.facts.get('fact.bore')?.code]
  const boreKind = bored === undefined ? null : bored === 'dual' ? 'double' : bored
  return { ...size, thickness, hinges, bore, backset, labelMinutes: Number(label) || 0, hingeHeight, boreKind }
}

export const oldGaps = (survey: Survey): SiteFacts['leafGaps'] => ({
  head: readValue(survey, 'gap.head.centre'),
  floor: readValue(survey, 'gap.bottom.centre'),
})

/** The lock of the leaf that stays, once its backset and the leaf's thickness were read. */
export function lockRead(survey: Survey): LockRead | null {
  const [backset, thickness] = [readValue(survey, 'backset'), readValue(survey, 'leaf.thickness')]
  if (backset === null || thickness === null) return null
  return {
    backset,
    thickness,
    kind: survey.facts.get('fact.lock-case')?.code ?? null,
    function: survey.facts.get('fact.lock-function')?.code ?? null,
  }
}
