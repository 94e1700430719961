import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { CallTrade } from '@/core/call-trade'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { done, type Outcome, refused } from '@/core/outcome'
import { readCatalogue } from '@/readers/read-catalogue'
import { FLAT_PACKERS, JAMB_STANDARDS } from '@/trade/jambs'
import { LENGTHS } from '@/trade/lengths'
import { NUMBERS } from '@/trade/rates'
import { tradeWith } from '@/trade/trade'

/** The units of a maker's list, whole: a row that can't be taken is named. */
function readUnits(csv: string): Outcome<readonly CatalogueUnit[]> {
  const { taken: units, rejected, lacking } = readCatalogue(csv)
  if (lacking.length)
    return refused('input.rows', { row: 1, column: lacking.join(', '), reason: 'no head stands for it' })
  const first = rejected[0]
  return first ? refused('input.rows', { row: first.row, column: first.column, reason: first.reason }) : done(units)
}

let demo: readonly CatalogueUnit[] | null = null
/** The demo's catalogue, read once. */
function demoUnits(): readonly CatalogueUnit[] {
  demo ??= readCatalogue(readFileSync(join(process.env.HARVEK_ROOT ?? '.', 'demo/catalogue.csv'), 'utf8')).taken
  return demo
}

/** What the core's JSON calls work with when a request says nothing else. */
export const CALL_TRADE: CallTrade = {
  lengths: LENGTHS,
  numbers: NUMBERS,
  jambStandards: JAMB_STANDARDS,
  flats: FLAT_PACKERS,
  tradeWith: units => tradeWith(units),
  readUnits,
  demoUnits,
}
