import type { CatalogueUnit } from '@/core/catalogue/unit'
import type { Trade } from '@/core/job'
import { BACKSETS, FLAT_PACKERS, JAMB_STANDARDS } from './jambs'
import { LENGTHS } from './lengths'
import { LATCH_LIMIT_N, RATES, SURE_CHANCE } from './rates'
import { SEALS } from './seals'
import { STEPS } from './steps'
import { TESTS } from './tests'

/** The trade as Harvek ships it, with a company's catalogue. */
export const tradeWith = (units: readonly CatalogueUnit[]): Trade => ({
  lengths: LENGTHS,
  jambStandards: JAMB_STANDARDS,
  backsets: BACKSETS,
  flats: FLAT_PACKERS,
  rates: RATES,
  latchLimitN: LATCH_LIMIT_N,
  sureChance: SURE_CHANCE,
  units,
  seals: SEALS,
  steps: STEPS,
  tests: TESTS,
})
