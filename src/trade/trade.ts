import type { CatalogueUnit } from '@/core/catalogue/unit'
import type { Trade } from '@/core/job'
import { HINGES } from './hinges'
import { FILLER_STOCK, FLAT_PACKERS, JAMB_STANDARDS, LOCK_FAMILIES } from './jambs'
import { LENGTHS } from './lengths'
import { CREW_LIFT_KG, LATCH_LIMIT_N, RATES, SURE_CHANCE } from './rates'
import { SEALS } from './seals'
import { STEPS } from './steps'
import { TESTS } from './tests'

/** The trade as Harvek ships it, with a company's catalogue. */
export const tradeWith = (units: readonly CatalogueUnit[]): Trade => ({
  lengths: LENGTHS,
  jambStandards: JAMB_STANDARDS,
  locks: LOCK_FAMILIES,
  hinges: HINGES,
  fillers: FILLER_STOCK,
  crewLiftKg: CREW_LIFT_KG,
  flats: FLAT_PACKERS,
  rates: RATES,
  latchLimitN: LATCH_LIMIT_N,
  sureChance: SURE_CHANCE,
  units,
  seals: SEALS,
  steps: STEPS,
  tests: TESTS,
})
