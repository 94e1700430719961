import type { TradeNumbers } from './base/figure'
import type { TradeLengths } from './base/trade-lengths'
import type { CatalogueUnit } from './catalogue/unit'
import type { Outcome } from './outcome'
import type { Trade } from './terms'
import type { Length } from './units/length'

/** What the calls need of the trade. */
export type CallTrade = {
  readonly lengths: TradeLengths
  readonly numbers: TradeNumbers
  readonly jambStandards: readonly Length[]
  readonly flats: readonly Length[]
  /** The trade with these units in its catalogue. */
  readonly tradeWith: (units: readonly CatalogueUnit[]) => Trade
  /** The units of a maker's list as CSV; or which row can't be taken. */
  readonly readUnits: (csv: string) => Outcome<readonly CatalogueUnit[]>
  readonly demoUnits: () => readonly CatalogueUnit[]
}
