import type { CatalogueUnit } from '@/core/catalogue/unit'
import type { Trade } from '@/core/job'
import { FLAT_PACKERS, JAMB_STANDARDS } from './jambs'
import { LENGTHS } from './lengths'
import { LATCH_LIMIT_N, RATES } from './rates'
import { SEALS } from './seals'
import { STEPS } from './steps'
import { TESTS } from './tests'

/** The trade as Harvek ships it, with a company's catalogue. */
export const tradeWith = (units: readonly CatalogueUnit[]): Trade => ({
  lengths: LENGTHS,
  jambStandards: JAMB_STANDARDS,
  flats: FLAT_PACKERS,
  rates: RATES,
  latchLimitN: LATCH_LIMIT_N,
  units,
  seals: SEALS,
  steps: STEPS,
  tests: TESTS,
})
