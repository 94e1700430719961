import { inches, type Length, minus, plus, split, ticks, times, ZERO } from '../units/length'
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
  return shareOut(leafWidth === null ? ZERO : minus(width, leafWidth), left, right)
}

/** Both lights, where one or both are not known: what is left of the rest, or half of it each. */
export function shareOut(rest: Length, left: Length | null, right: Length | null): Lights {
  const share = (other: Length | null) => (other === null ? split(rest, 2)[0]! : ticks(Math.max(0, rest - other)))
  return { left: left ?? share(right), right: right ?? share(left) }
}

type PairSheet = Pick<UnitOf<'pair'>, 'width' | 'leafWidth' | 'passiveLeafWidth'>

/** Of a leg, where leaves are shared out between two. */
const LEG = inches(0, 3, 4)

/** Both leaves of a pair and where they meet, from the left of its frame: by its sheet; where that is silent of the passive leaf it has what the frame
 *  leaves, and of both, two share the frame. */
export function leavesOf(
  { width, leafWidth, passiveLeafWidth }: PairSheet,
  active: 'left' | 'right',
): { readonly left: Length; readonly right: Length; readonly from: Length; readonly meeting: Length } {
  const inside = minus(width, times(LEG, 2))
  const own = leafWidth ?? split(inside, 2)[0]!
  const other = passiveLeafWidth ?? minus(inside, own)
  const [left, right] = active === 'left' ? [own, other] : [other, own]
  const from = split(minus(minus(width, left), right), 2)[0]!
  return { left, right, from, meeting: plus(from, left) }
}
