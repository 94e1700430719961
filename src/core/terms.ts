import type { Allowances } from './base/allowances'
import type { TradeNumbers } from './base/figure'
import type { Family } from './base/kinds'
import { overrideLengths } from './base/override-lengths'
import { lengthsBySchool, type SchoolLengths } from './base/school-lengths'
import { resolveSchools, type SchoolChoices, type Schools } from './base/schools'
import type { TradeLengths } from './base/trade-lengths'
import type { Firm } from './catalogue/firm'
import type { Rates } from './catalogue/preparation'
import type { CatalogueUnit } from './catalogue/unit'
import type { StepList } from './fit/fit-of'
import type { SettingStep } from './fit/setting-step'
import type { HandoverTest } from './handover/tests-of'
import type { LogEntry } from './log/log'
import type { Edits } from './new-edits'
import type { Order } from './order/order'
import type { Receipt } from './order/receipt'
import type { FireRules } from './seal/fire'
import type { SealStepsByKind } from './seal/seal-steps'
import type { SoundRatings } from './seal/sound-through'
import type { Seal } from './seal-stock/seal'
import type { HingeTrade } from './specification/weigh-leaf'
import type { Wishes } from './specification/wishes'
import type { Answer } from './survey/answer'
import type { LockFamily } from './survey/lock-family'
import type { Reading } from './survey/reading'
import type { Length } from './units/length'

/** Frozen into every issued order and paper. */
export const CORE_VERSION = '5'

/** Everything people said about one opening. */
export type OpeningRecords = Edits & {
  readonly opening: { readonly id: string; readonly tag: string; readonly name: string; readonly family: Family }
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  readonly orders: readonly Order[]
  readonly receipts: readonly Receipt[]
  readonly log: readonly LogEntry[]
}

/** What the trade knows, and what the firm offers and asks. */
export type Trade = {
  readonly lengths: TradeLengths
  readonly numbers: TradeNumbers
  readonly jambStandards: readonly Length[]
  readonly locks: readonly LockFamily[]
  readonly hinges: HingeTrade
  readonly fillers: readonly Length[]
  readonly twoClosersKg: number
  readonly flats: readonly Length[]
  readonly rates: Rates
  /** What the firm keeps of its own, and the practices its job chose. */
  readonly firm: Firm
  readonly jobSchools: SchoolChoices
  /** The clock of the place, IANA. */
  readonly zone: string
  readonly schoolLengths: SchoolLengths
  readonly units: readonly CatalogueUnit[]
  readonly seals: readonly Seal[]
  /** The seal a unit's sheet means by its words for what it ships with, round its leaf or at the bottom; `null` where it means none. */
  readonly sealSteps: SealStepsByKind
  readonly shippedSeal: (words: string | undefined, where: 'sides' | 'bottom') => Seal | null
  readonly fireRules: readonly FireRules[]
  readonly sound: SoundRatings
  readonly steps: Readonly<Record<StepList, readonly SettingStep[]>>
  readonly tests: readonly HandoverTest[]
  /** Since which day tests are noted place by place, `YYYY-MM-DD`. */
  readonly testsPartedOn: string
}

/** The practices and figures that hold for one opening. */
export type Terms = { readonly schools: Schools; readonly lengths: TradeLengths }

/** The opening's own choice before its job's before the firm's before the shipped one; and its own figures before all. */
export function termsOf(
  wishes: Pick<Wishes, 'way' | 'schools'>,
  allowances: Allowances,
  trade: Pick<Trade, 'firm' | 'jobSchools' | 'lengths' | 'schoolLengths'>,
): Terms {
  const schools = resolveSchools(trade.firm.schools, trade.jobSchools, wishes.schools)
  const hasBucks = wishes.way === 'masonry'
  const lengths = overrideLengths(
    lengthsBySchool(trade.lengths, schools, trade.schoolLengths, { hasBucks }),
    allowances,
  )
  return { schools, lengths }
}
