import type { Source } from '../base/rule'
import { type Cents, workCost } from '../units/quantity'
import { type Condition, type Reason, unsound, type Visit } from './visit'

/** What can be done to a door that stays. */
export const REPAIRS = [
  'new-seals',
  'sill-flashing',
  'splice-wood',
  'new-threshold',
  'sound-seals',
  'strike-and-screws',
  'treat-rust',
  'fill-crack',
  'paint-over',
  'repaint',
] as const
export type RepairId = (typeof REPAIRS)[number]

/** What one repair takes. `isCosmetic`: it changes how the door looks and nothing that was complained of. */
export type RepairRate = {
  readonly minutes: number
  readonly cents: Cents
  readonly isCosmetic: boolean
  readonly source: Source
}
export type RepairRates = Readonly<Record<RepairId, RepairRate>>

const BY_REASON: { readonly [reason in Reason]?: RepairId } = {
  draft: 'new-seals',
  water: 'sill-flashing',
  noise: 'sound-seals',
  security: 'strike-and-screws',
  look: 'repaint',
}
const BY_CONDITION: Readonly<Record<Condition, RepairId>> = {
  soft: 'splice-wood',
  rotten: 'splice-wood',
  rusted: 'treat-rust',
  cracked: 'fill-crack',
  stained: 'paint-over',
  missing: 'splice-wood',
}

export type Repair = {
  readonly id: RepairId
  readonly count: number
  readonly minutes: number
  readonly cents: Cents
  readonly isCosmetic: boolean
}
export type RepairPlan = { readonly repairs: readonly Repair[]; readonly minutes: number; readonly cents: Cents }

/** What it takes to keep the old door, by why it was looked at and what is not sound, each place of its own; `null` where nothing was said
 *  that can be repaired. */
export function planRepair(visit: Visit, rates: RepairRates, centsPerHour: Cents): RepairPlan | null {
  const ids: readonly RepairId[] = [
    ...visit.reasons.flatMap(one => BY_REASON[one] ?? []),
    ...unsound(visit).map(({ place, state }) => {
      if (place === 'seals') return 'new-seals'
      const isThresholdGone = place === 'threshold' && ['soft', 'rotten', 'missing'].includes(state)
      return isThresholdGone ? 'new-threshold' : BY_CONDITION[state]
    }),
  ]
  const repairs = REPAIRS.flatMap((id): readonly Repair[] => {
    const count = ids.filter(one => one === id).length
    if (count === 0) return []
    const { minutes, cents, isCosmetic } = rates[id]
    return [
      {
        id,
        count,
        minutes: count * minutes,
        cents: count * cents + workCost(count * minutes, centsPerHour),
        isCosmetic,
      },
    ]
  })
  if (repairs.length === 0) return null
  const sum = (of: (one: Repair) => number) => repairs.reduce((total, one) => total + of(one), 0)
  return { repairs, minutes: sum(one => one.minutes), cents: sum(one => one.cents) }
}
