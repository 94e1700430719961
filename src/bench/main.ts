import { readFileSync } from 'node:fs'
import { USUAL_KIND } from '@/core/base/kinds'
import type { UnitOf } from '@/core/catalogue/unit'
import { deviationsOf } from '@/core/opening/observe-survey'
import { readCatalogue } from '@/readers/read-catalogue'
import { LENGTHS } from '@/trade/lengths'
import { findBlunders } from './blunders'
import { benchCatalogue, largeCatalogue, largeList } from './catalogue-bench'
import { benchCore, MIXED_REQUESTS } from './core-bench'
import { benchPlan } from './plan-bench'
import { benchSeals } from './seal-bench'
import { benchTuning } from './tuning-bench'

export const requests = MIXED_REQUESTS
export const timings = (jobFile: string, catalogue: string) =>
  benchCore(jobFile, readCatalogue(readFileSync(catalogue, 'utf8')).taken)

/** The least moves for made-up leaves, beside a general solver. */
export const tuning = benchTuning

/** Two hundred tasks of six crews. */
export const plan = benchPlan

/** The plans of a door's seals, and the strips of a visit. */
export const seals = benchSeals

/** Judging a catalogue of `count` units for the front entry of an exported job, and the same catalogue as a maker's list. */
export const catalogue = (jobFile: string, csv: string, count: number, onProgress: (loaded: number) => void) =>
  benchCatalogue(jobFile, entryOf(csv), count, onProgress)
export const list = (csv: string, count: number) => largeList(largeCatalogue(entryOf(csv), count))

const entryOf = (csv: string) =>
  readCatalogue(readFileSync(csv, 'utf8')).taken.find(one => one.kind === USUAL_KIND && one.stock)! as UnitOf<
    typeof USUAL_KIND
  >

/** How well one blunder is found in 2,000 simulated surveys. */
export const blunders = () => findBlunders(2000, 20_261, deviationsOf(LENGTHS))
