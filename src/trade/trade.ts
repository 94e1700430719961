import type { SchoolChoices } from '@/core/base/schools'
import { type Firm, NEW_FIRM, ownRates } from '@/core/catalogue/firm'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { flatsIn } from '@/core/fit/van'
import { sealsToChoose } from '@/core/seal-stock/own-seal'
import type { Trade } from '@/core/terms'
import { FIRE_RULES } from './fire-rules'
import { HINGES } from './hinges'
import { FILLER_STOCK, FLAT_PACKERS, JAMB_STANDARDS, LOCK_FAMILIES } from './jambs'
import { LENGTHS } from './lengths'
import { NUMBERS, RATES, TWO_CLOSERS_KG } from './rates'
import { SCHOOL_LENGTHS } from './schools'
import { SEALS, shippedSeal } from './seals'
import { SOUND_RATINGS } from './sound'
import { STEPS } from './steps'
import { SEALING } from './steps/sealing'
import { PARTED_ON, TESTS } from './tests'

/** What a firm and a job say of their own; empty is as Harvek ships. */
export type OwnTrade = { readonly firm?: Firm; readonly jobSchools?: SchoolChoices; readonly zone?: string }

/** The trade as Harvek ships it, with a company's catalogue, rates and practices. */
export const tradeWith = (
  units: readonly CatalogueUnit[],
  { firm = NEW_FIRM, jobSchools = {}, zone = 'UTC' }: OwnTrade = {},
): Trade => ({
  firm,
  jobSchools,
  zone,
  schoolLengths: SCHOOL_LENGTHS,
  lengths: LENGTHS,
  jambStandards: JAMB_STANDARDS,
  locks: LOCK_FAMILIES,
  hinges: HINGES,
  fillers: FILLER_STOCK,
  numbers: NUMBERS,
  twoClosersKg: TWO_CLOSERS_KG,
  flats: flatsIn(firm.van, FLAT_PACKERS),
  rates: ownRates(RATES, firm.rates),
  units,
  seals: sealsToChoose(SEALS, firm.seals),
  sealSteps: SEALING,
  shippedSeal,
  fireRules: FIRE_RULES,
  sound: SOUND_RATINGS,
  steps: STEPS,
  tests: TESTS,
  testsPartedOn: PARTED_ON,
})
