import type { TradeLengths } from '../base/trade-lengths'
import type { LeafFacts } from '../specification/match-leaf'
import { entryHardware } from '../specification/specify-family'
import type { Wishes } from '../specification/wishes'
import type { Family } from '../survey/families'
import { leafRead, readValue, type Survey, sizesRead } from '../survey/survey'
import { largestOf } from '../units/length'
import type { LockRead, SiteFacts, TrimRead } from './request'

/** What a survey found beside the opening itself, as the judge of a catalogue needs it. */
export function siteFactsOf(family: Family, survey: Survey, wishes: Wishes, lengths: TradeLengths): SiteFacts {
  const walls = (['wall.left', 'wall.head', 'wall.right'] as const).flatMap(slot => readValue(survey, slot) ?? [])
  const moving = survey.facts.get('fact.moving-panel')?.code
  return {
    trim: family === 'storm' ? trimOf(survey, lengths) : null,
    leaf: family === 'steel-leaf' ? leafOf(survey) : null,
    leafGaps: { head: readValue(survey, 'gap.head.centre'), floor: readValue(survey, 'gap.bottom.centre') },
    lock: family === 'interior' ? lockOf(survey) : null,
    wallStack: walls.length ? largestOf(walls) : null,
    isWallFinished: survey.facts.get('fact.wall-state')?.code === 'finished',
    siding: family === 'slider' ? readValue(survey, 'siding.plane') : null,
    panels: family !== 'slider' || moving === undefined ? null : moving === 'left' ? 'OX' : 'XO',
    labelMinutes: labelWanted(survey, wishes),
  }
}

/** The minutes a new label must show: never fewer than the old one's. */
export const labelWanted = (survey: Survey, wishes: Wishes): number =>
  Math.max(wishes.labelMinutes ?? 0, Number(survey.facts.get('fact.label')?.code) || 0)

function trimOf(survey: Survey, lengths: TradeLengths): TrimRead | null {
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
function leafOf(survey: Survey): LeafFacts | null {
  const size = leafRead(survey)
  const hinges = (['hinge.1', 'hinge.2', 'hinge.3', 'hinge.4'] as const).flatMap(slot => readValue(survey, slot) ?? [])
  const [thickness, bore, backset] = (['leaf.thickness', 'bore.top', 'backset'] as const).map(slot =>
    readValue(survey, slot),
  )
  if (!size || hinges.length < 2 || thickness == null || bore == null || backset == null) return null
  const labelMinutes = Number(survey.facts.get('fact.label')?.code) || 0
  return { ...size, thickness, hinges, bore, backset, labelMinutes }
}

function lockOf(survey: Survey): LockRead | null {
  const [backset, thickness] = [readValue(survey, 'backset'), readValue(survey, 'leaf.thickness')]
  if (backset === null || thickness === null) return null
  return {
    backset,
    thickness,
    kind: survey.facts.get('fact.lock-case')?.code ?? null,
    function: survey.facts.get('fact.lock-function')?.code ?? null,
  }
}
