import type { Source } from '../base/rule'
import type { Length } from '../units/length'
import { type Cents, priceOf, workCost } from '../units/quantity'
import type { Lack } from './unit-values'

/** Work an opening would need for a unit. Altering structure is never among them. */
export const PREPARATIONS = [
  'pack-sides',
  'build-down-head',
  'pad-sill',
  'extend-jamb',
  'solid-jamb',
  'plane-jamb',
  'relieve-pinch',
  'rip-bucks',
  'grind-crown',
  'level-sill',
  'move-wall',
  'patch-siding',
  'pad-siding',
  'strip-throat',
  'pack-legs',
  'rework-trim',
  'change-handle',
  'chop-case',
  'fill-edge',
  'bore-bolt',
  'cut-down-leaf',
  'lower-floor',
] as const
export type PreparationId = (typeof PREPARATIONS)[number]

/** What one kind of preparation takes: fixed, and by the metre of its run. */
export type PreparationRate = {
  readonly minutes: number
  readonly minutesPerMetre: number
  readonly cents: Cents
  readonly centsPerMetre: Cents
  readonly source: Source
}

/** A firm's own figures. */
export type Rates = {
  readonly centsPerHour: Cents
  readonly freightStock: Cents
  readonly freightMade: Cents
  readonly disposal: Cents
  /** What is bought with a unit that comes without it. */
  readonly lacks: Readonly<Record<Lack, Cents>>
  readonly preparations: Readonly<Record<PreparationId, PreparationRate>>
}

/** One piece of preparation at a place: how thick or deep, how long a run, what it takes. */
export type Preparation = {
  readonly id: PreparationId
  readonly place: string
  readonly amount: Length
  readonly run: Length
  readonly minutes: number
  readonly materialCents: Cents
  readonly workCents: Cents
}

/** Prices one piece of preparation; minutes are rounded up. */
export function prepare(id: PreparationId, place: string, amount: Length, run: Length, rates: Rates): Preparation {
  const rate = rates.preparations[id]
  const minutes = rate.minutes + Math.ceil((run * rate.minutesPerMetre) / 3_200_000)
  return {
    id,
    place,
    amount,
    run,
    minutes,
    materialCents: rate.cents + priceOf(run, rate.centsPerMetre),
    workCents: workCost(minutes, rates.centsPerHour),
  }
}
