import type { Length } from '../units/length'

/** The first hole of a hinge that lands in the stud: behind the drywall and short of the stud's far face, a margin in from either.
 *  `holes` are distances from the wall's inner face. `null` when none does. */
export function screwHole(
  holes: readonly Length[],
  { drywall, stud, margin }: { readonly drywall: Length; readonly stud: Length; readonly margin: Length },
): number | null {
  const pick = holes.findIndex(hole => hole >= drywall + margin && hole <= drywall + stud - margin)
  return pick < 0 ? null : pick
}
