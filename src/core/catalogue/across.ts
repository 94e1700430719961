import { type Length, minus, plus, split, ZERO } from '../units/length'
import type { UnitOf } from './unit'

/** How wide the fixed lights on each side of a leaf are. */
export type Lights = { readonly left: Length; readonly right: Length }

export const NO_LIGHTS: Lights = { left: ZERO, right: ZERO }

/** The lights of a unit: by its sheet; where that is silent, what frame and leaf leave is shared alike. */
export function lightsOf({
  width,
  leafWidth,
  sidelightLeft: left,
  sidelightRight: right,
}: UnitOf<'sidelights'>): Lights {
  const rest = leafWidth === null ? ZERO : minus(width, leafWidth)
  const share = (other: Length | null) => (other === null ? split(rest, 2)[0]! : minus(rest, other))
  return { left: left ?? share(right), right: right ?? share(left) }
}

type PairSheet = Pick<UnitOf<'pair'>, 'width' | 'leafWidth' | 'passiveLeafWidth'>

/** Both leaves of a pair and where they meet, from the left of its frame: by its sheet; one that is silent of the passive leaf has two alike, and of both,
 *  two that share the frame. */
export function leavesOf(
  { width, leafWidth, passiveLeafWidth }: PairSheet,
  active: 'left' | 'right',
): { readonly left: Length; readonly right: Length; readonly from: Length; readonly meeting: Length } {
  const own = leafWidth ?? split(width, 2)[1]!
  const other = passiveLeafWidth ?? own
  const [left, right] = active === 'left' ? [own, other] : [other, own]
  const from = split(minus(minus(width, left), right), 2)[0]!
  return { left, right, from, meeting: plus(from, left) }
}
