import type { TradeLengths } from '../base/trade-lengths'
import { kindOf, type NetworkReading } from '../survey/network'
import type { Reading } from '../survey/reading'
import { waySlot } from '../survey/slots'
import { readValue, type Survey, sizesRead } from '../survey/survey'
import { WAY_READINGS, type Way } from '../survey/ways'
import { type Length, largestOf, magnitude, minus, nearestTick, negate } from '../units/length'
import type { NetworkDeviations, Observation, Observations, OpeningPoints } from './opening'

/** How exact each kind of reading is, from the trade data. */
export const deviationsOf = (lengths: TradeLengths): NetworkDeviations => ({
  tape: lengths['deviation-tape'].value,
  diagonal: lengths['deviation-diagonal'].value,
  level: lengths['deviation-level'].value,
  straightedge: lengths['deviation-straightedge'].value,
  assumedLean: lengths['assumed-lean'].value,
  assumedFall: lengths['assumed-fall'].value,
  assumedBow: lengths['assumed-bow'].value,
  assumedCrown: lengths['assumed-crown'].value,
})

/** The readings of one way as observations of the network; a level's gap is scaled, with its deviation, to the whole side. */
export function observationsOf(survey: Survey, way: Way, lengths: TradeLengths): Observations {
  const entries = WAY_READINGS[way].flatMap((name): [NetworkReading, Observation][] => {
    const reading = survey.bySlot.get(waySlot(way, name))
    return reading ? [[name, observationOf(name, reading, survey, way, lengths)]] : []
  })
  return Object.fromEntries(entries)
}

function observationOf(
  name: NetworkReading,
  reading: Reading,
  survey: Survey,
  way: Way,
  lengths: TradeLengths,
): Observation {
  const span = spanOf(name, survey, way)
  const level = reading.levelLength
  if (span === null || level === null || level <= 0) return exactAs(reading.value, reading.deviation)
  const deviation = reading.deviation ?? lengths['deviation-level'].value
  return { value: scaleToSpan(reading.value, level, span), deviation: (deviation * span) / level }
}

/** A value with its instrument's own exactness, where it gives one. */
const exactAs = (value: Length, deviation: Length | null): Observation =>
  deviation === null ? { value } : { value, deviation }

/** A gap g at the end of a level of length ℓ is g·H/ℓ over a side of length H. */
export const scaleToSpan = (gap: Length, level: Length, span: Length): Length => nearestTick((gap * span) / level)

function spanOf(name: NetworkReading, survey: Survey, way: Way): Length | null {
  if (kindOf(name) !== 'lean' && kindOf(name) !== 'fall') return null
  const read = sizesRead(survey, way, kindOf(name) === 'lean' ? 'heights' : 'widths').map(leaf => leaf.value)
  return read.length ? largestOf(read) : null
}

/** Each side's lean through the wall over its full height, + with the top outwards; `null` until both were read. */
export function leansThrough(survey: Survey, height: Length): { readonly left: Length; readonly right: Length } | null {
  const left = throughLean(survey, 'through.left', height)
  const right = throughLean(survey, 'through.right', height)
  return left === null || right === null ? null : { left, right }
}

/** How much farther out the right side leans than the left by crossed strings: twice the gap between them, + where the string that rises
 *  to the right is in front, from whichever face one looks; `null` when it was not read. */
export function twistByStrings(survey: Survey): Length | null {
  const strings = readValue(survey, 'strings.gap')
  return strings === null ? null : nearestTick(2 * strings)
}

/** By how much the two sides of a wall are out of one plane over the opening's height: by the level, else by strings; `null` unread. */
export function twistRead(survey: Survey, points: Pick<OpeningPoints, 'L2' | 'R2'>): Length | null {
  const leans = leansThrough(survey, nearestTick(Math.max(points.L2.y, points.R2.y)))
  if (leans) return magnitude(minus(leans.right, leans.left))
  const strings = twistByStrings(survey)
  return strings === null ? null : magnitude(strings)
}

function throughLean(survey: Survey, slot: 'through.left' | 'through.right', height: Length): Length | null {
  const reading = survey.bySlot.get(slot)
  if (!reading) return null
  // A reading is + with the top in, as it is tapped.
  const inwards = reading.levelLength ? scaleToSpan(reading.value, reading.levelLength, height) : reading.value
  return negate(inwards)
}
