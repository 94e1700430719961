import type { SchoolChoices } from '../base/schools'
import type { OffCut } from '../seal-stock/off-cut'
import type { OwnSeals } from '../seal-stock/own-seal'
import type { HandConvention } from '../specification/handing'
import { type UnitSteps, USUAL_STEPS } from '../units/format-length'
import type { Length } from '../units/length'
import type { Cents } from '../units/quantity'
import type { Crew } from './crew'
import type { Material } from './material'
import type { PreparationId, Rates } from './preparation'
import type { Lack } from './unit-values'

/** Figures a firm puts in place of the shipped ones; what is not named stays as shipped. */
export type OwnRates = {
  readonly centsPerHour?: Cents | undefined
  readonly freightStock?: Cents | undefined
  readonly freightMade?: Cents | undefined
  readonly disposal?: Cents | undefined
  readonly lacks?: { readonly [lack in Lack]?: Cents | undefined } | undefined
  readonly preparations?: { readonly [id in PreparationId]?: OwnPreparationRate | undefined } | undefined
}
export type OwnPreparationRate = {
  readonly minutes: number
  readonly minutesPerMetre: number
  readonly cents: Cents
  readonly centsPerMetre: Cents
}

/** How a firm is reached, as it stands on its papers. */
export type FirmAbout = { readonly address: string; readonly phone: string; readonly email: string }
/** What a firm counts in, by ISO 4217. */
export const CURRENCIES = ['USD', 'CAD', 'EUR', 'GBP', 'AUD', 'NZD', 'CHF', 'SEK', 'NOK', 'DKK', 'PLN', 'CZK'] as const
export type Currency = (typeof CURRENCIES)[number]
/** How a firm writes numbers: what stands before the decimals, and between the thousands. */
export const NUMBER_FORMATS = ['point', 'comma', 'comma-space', 'point-apostrophe'] as const
export type NumberFormat = (typeof NUMBER_FORMATS)[number]
export const hasComma = (numbers: NumberFormat): boolean => numbers === 'comma' || numbers === 'comma-space'
/** What amounts are written by. */
export type Counting = {
  readonly currency: Currency
  readonly numbers: NumberFormat
  /** What things cost is not for whoever looks. */
  readonly isHidden?: boolean
}
export const PAPER_SIZES = ['a4', 'letter'] as const
export type PaperSize = (typeof PAPER_SIZES)[number]

/** What the van holds to pack with, as it was counted. */
export type VanStock = {
  readonly flats: readonly { readonly thickness: Length; readonly count: number }[]
  /** Pairs of opposed wedges. */
  readonly wedgePairs: number
  /** What else was counted: whole packs, or pieces. */
  readonly others?: readonly StockItem[] | undefined
  /** When it was counted, ISO 8601: what was used since is taken off. */
  readonly countedAt?: string | undefined
}

/** Whole packs or pieces of one thing in the van; `size` tells one from another of its kind. */
export type StockItem = { readonly material: Material; readonly size: Length | null; readonly count: number }

/** What a firm keeps for itself: how it is reached, its practices and rates, how its suppliers name a hand, when it looks twice. */
export type Firm = {
  readonly about: FirmAbout
  /** What a new job begins in, and how finely each unit is shown. */
  readonly unit: 'in' | 'mm'
  readonly steps: UnitSteps
  /** Its clock, IANA; a job with a place goes by the clock there. `null` while nobody said it. */
  readonly timeZone: string | null
  readonly paper: PaperSize
  readonly currency: Currency
  readonly numbers: NumberFormat
  readonly schools: SchoolChoices
  readonly rates: OwnRates
  /** By maker: the convention it reads a hand's code by. A maker that is not named is not known. */
  readonly conventions: { readonly [maker: string]: HandConvention }
  /** A unit made to order above this price is measured twice. */
  readonly secondLookCents: Cents
  /** `null` while nobody counted: what is commonly stocked is there. */
  readonly van: VanStock | null
  readonly seals: OwnSeals
  /** Off-cuts of strips the van holds. */
  readonly offCuts: readonly OffCut[]
  readonly crews: readonly Crew[]
  /** How long it stands in for its own work; `null` where it says nothing. */
  readonly warrantyMonths: number | null
}

export const NEW_FIRM: Firm = {
  about: { address: '', phone: '', email: '' },
  unit: 'in',
  steps: USUAL_STEPS,
  timeZone: null,
  paper: 'a4',
  currency: 'USD',
  numbers: 'point',
  schools: {},
  rates: {},
  conventions: {},
  secondLookCents: 100_000,
  van: null,
  seals: { own: [], withShipped: true },
  offCuts: [],
  crews: [],
  warrantyMonths: null,
}

const given = <T extends object>(own: T): Partial<T> =>
  Object.fromEntries(Object.entries(own).filter(([, value]) => value !== undefined)) as Partial<T>

/** The shipped rates with a firm's own in their place. */
export function ownRates(shipped: Rates, { lacks = {}, preparations = {}, ...plain }: OwnRates): Rates {
  const source = { kind: 'default', text: 'the firm’s own', checked: true } as const
  const own = Object.fromEntries(
    Object.entries(preparations).flatMap(([id, rate]) => (rate ? [[id, { ...rate, source }]] : [])),
  )
  return {
    ...shipped,
    ...given(plain),
    lacks: { ...shipped.lacks, ...given(lacks) },
    preparations: { ...shipped.preparations, ...own },
  }
}
