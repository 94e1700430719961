import { type OwnSeal, type OwnSeals, sealsToChoose, sheetOf } from '@/core/seal-stock/own-seal'
import { SEALS } from '@/trade/seals'

/** Every seal a firm chooses among, as sheets: its own as they were entered, then those that ship. */
export const sealSheets = (seals: OwnSeals): readonly OwnSeal[] => [
  ...seals.own,
  ...sealsToChoose(SEALS, seals).slice(seals.own.length).map(sheetOf),
]
