import { readFileSync } from 'node:fs'
import { deviationsOf } from '@/core/opening/observe-survey'
import { readCatalogue } from '@/server/read-catalogue'
import { LENGTHS } from '@/trade/lengths'
import { findBlunders } from './blunders'
import { benchCore, MIXED_REQUESTS } from './core-bench'

export const requests = MIXED_REQUESTS
export const timings = (jobFile: string, catalogue: string) =>
  benchCore(jobFile, readCatalogue(readFileSync(catalogue, 'utf8')).units)

/** How well one blunder is found in 2,000 simulated surveys. */
export const blunders = () => findBlunders(2000, 20_261, deviationsOf(LENGTHS))
