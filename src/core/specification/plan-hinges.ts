import { hingePullN } from '../physics/hinge-load'
import type { Length } from '../units/length'
import { type HingePlaces, hingeSpacing } from './hinge-places'
import { type HingeClass, type HingeTrade, type LeafMass, leastClass } from './weigh-leaf'

export type HingePlan = {
  readonly count: number
  /** `null` when no class carries it: a specialist's hinge. */
  readonly hinge: HingeClass | null
  readonly pullN: number
  readonly needsLongScrews: boolean
}

/** Hinges for a leaf: how many, which class, the pull at the top one, and whether long screws go into the stud there.
 *  @throws RangeError when the hinges stand no distance apart. */
export function planHinges(
  mass: LeafMass,
  leaf: { readonly width: Length; readonly height: Length },
  places: HingePlaces,
  isExterior: boolean,
  trade: HingeTrade,
): HingePlan {
  const pullN = hingePullN(mass.kg, leaf.width, hingeSpacing(places))
  return {
    count: places.tops.length,
    hinge:
      trade.classes[
        leastClass(
          mass.kg,
          trade.classes.map(one => one.mostKg),
        )
      ] ?? null,
    pullN,
    needsLongScrews: isExterior || pullN > trade.longScrewAboveN,
  }
}
