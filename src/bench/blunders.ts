import { randomFrom, wholeFrom } from '@/core/base/random'
import { adjustOpening } from '@/core/opening/adjust-opening'
import { measuredDeviation, modelled, UNKNOWN, UNKNOWN_COUNT } from '@/core/opening/network-model'
import type { NetworkDeviations, Observations } from '@/core/opening/opening'
import { NETWORK_READINGS, type NetworkReading } from '@/core/survey/network'
import { nearestTick, TICKS_PER_INCH } from '@/core/units/length'

/** How well one blunder in a survey is found: shares from 0 to 1. */
export type BlunderFigures = {
  readonly surveys: number
  /** The right reading is named, first or among those that tie. */
  readonly named: number
  readonly first: number
  /** Clean surveys in which a reading is accused all the same. */
  readonly accused: number
}

const BLUNDERED = NETWORK_READINGS.filter(name => /^(widths|heights|diagonals)\./.test(name))

/** Simulates full surveys of made-up openings, read with noise as large as assumed, each once clean and once with one blunder of
 *  1/2 to 2 in in a width, height or diagonal that other readings check. */
export function findBlunders(surveys: number, seed: number, deviations: NetworkDeviations): BlunderFigures {
  const random = randomFrom(seed)
  const count = { named: 0, first: 0, accused: 0 }
  for (let i = 0; i < surveys; i++) {
    const clean = noisySurvey(random, deviations)
    const name = BLUNDERED[wholeFrom(random, 0, BLUNDERED.length - 1)]!
    if (suspectOf(clean, deviations) !== null) count.accused++
    const suspect = suspectOf(blundered(clean, name, random), deviations)
    if (suspect?.reading === name) count.first++
    if (suspect?.reading === name || suspect?.alternatives.includes(name)) count.named++
  }
  return {
    surveys,
    named: count.named / surveys,
    first: count.first / surveys,
    accused: count.accused / surveys,
  }
}

function suspectOf(observations: Observations, deviations: NetworkDeviations) {
  const adjusted = adjustOpening(observations, deviations)
  return adjusted.ok ? adjusted.value.suspect : null
}

function noisySurvey(random: () => number, deviations: NetworkDeviations): Observations {
  const u = new Float64Array(UNKNOWN_COUNT)
  const near = (inch: number, spread: number) => (inch + (random() - 0.5) * spread) * TICKS_PER_INCH
  const [width, height] = [30 + random() * 12, 78 + random() * 8]
  const { X_L1, X_L2, X_R0, X_R1, X_R2, Y_R0, Y_S, Y_L2, Y_R2, Y_T } = UNKNOWN
  for (const i of [X_L1, X_L2]) u[i] = near(0, 0.4)
  for (const i of [X_R0, X_R1, X_R2]) u[i] = near(width, 0.5)
  for (const i of [Y_R0, Y_S]) u[i] = near(0, 0.2)
  for (const i of [Y_L2, Y_R2, Y_T]) u[i] = near(height, 0.3)
  return Object.fromEntries(
    NETWORK_READINGS.map(name => {
      const noise = gaussian(random) * measuredDeviation(name, deviations)
      return [name, { value: nearestTick(modelled(name, u).value + noise) }]
    }),
  )
}

function blundered(clean: Observations, name: NetworkReading, random: () => number): Observations {
  const size = wholeFrom(random, 8, 32) * (TICKS_PER_INCH / 16) * (random() < 0.5 ? -1 : 1)
  return { ...clean, [name]: { value: nearestTick(clean[name]!.value + size) } }
}

/** A normally distributed number (Box and Muller 1958). */
const gaussian = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
