import { assumedDeviation } from '../opening/network-model'
import { deviationsOf } from '../opening/observe-survey'
import type { OpeningPoints } from '../opening/opening'
import { kindOf } from '../survey/network'
import { isGapSlot, waySlot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { WAY_READINGS } from '../survey/ways'
import { ticks } from '../units/length'
import { gapMarks, shutLeaf } from './closed-door'
import { boxOf } from './door-shape'
import type { Drawn } from './drawn'
import { extentOf } from './opening-box'
import { readingSpan } from './reading-spans'
import { type Mark, readingMark } from './scene'
import { ELEVATION_SPANS, UPRIGHT } from './site-spans'

const ASIDE = 0.3

/** The readings of the way, where each is taken: what was read, what is doubtful with its likely value, what is assumed with its ±. */
export function readingMarks({ model, survey, lengths, asked }: Drawn, points: OpeningPoints): readonly Mark[] {
  const isShown = model?.way === survey.way
  const suspect = isShown ? model?.adjusted.suspect : null
  const deviations = deviationsOf(lengths)
  const doubtful = new Set(isShown ? [suspect?.reading, ...(suspect?.alternatives ?? [])] : [])
  const unchecked = new Set(isShown ? model?.unchecked : [])
  // A door whose gaps are read has their figures in the middle of head and bottom.
  const hasGaps = asked.further.some(isGapSlot)
  return WAY_READINGS[survey.way].map(name => {
    const { from, to, along: usual } = readingSpan(name, points)
    const along = hasGaps && kindOf(name) === 'widths' ? ASIDE : usual
    const value = readValue(survey, waySlot(survey.way, name))
    const certainty =
      value === null ? 'assumed' : doubtful.has(name) ? 'doubtful' : unchecked.has(name) ? 'unchecked' : 'sure'
    const assumed = isShown && value === null ? assumedDeviation(name, deviations) : null
    return readingMark(waySlot(survey.way, name), from, to, value, along, certainty, {
      likely: suspect?.reading === name ? suspect.likely : null,
      spread: assumed === null ? null : ticks(assumed),
    })
  })
}

/** The family's own readings that are taken on the face of the door, and its gaps. */
export function furtherMarks(result: Drawn, points: OpeningPoints): readonly Mark[] {
  const extent = extentOf(points)
  const leaf = boxOf(extent.left, extent.bottom, extent.width, extent.height)
  return result.asked.further.flatMap(slot => {
    if (result.survey.skipped.get(slot)?.code === 'not-there') return []
    const value = readValue(result.survey, slot)
    if (isGapSlot(slot)) return gapMarks(slot, value, shutLeaf(leaf))
    const spanOf = ELEVATION_SPANS[slot]
    if (!spanOf) return []
    const { from, to, along } = spanOf(result, extent)
    const certainty = value === null ? 'assumed' : 'sure'
    return [readingMark(slot, from, to, value, along, certainty, { upright: UPRIGHT.has(slot) })]
  })
}
