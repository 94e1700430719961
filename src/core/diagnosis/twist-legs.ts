import { type Length, nearestTick } from '../units/length'

/** What a twist asks for: nothing, to be split between both legs, or to be corrected before anything is set. */
export type TwistDecision = 'none' | 'split' | 'correct'

export type TwistedLegs = {
  readonly twist: Length
  readonly decision: TwistDecision
  /** How far the wall's face stands outside a plumb leg at the head; at the foot it is the opposite. */
  readonly proud: { readonly left: Length; readonly right: Length }
}

/** Both sides' lean through the wall over the full height, + with the top outwards, as what it does to plumb legs set at half height. */
export function twistLegs(
  left: Length,
  right: Length,
  { fine, split }: { readonly fine: Length; readonly split: Length },
): TwistedLegs {
  const twist = nearestTick(Math.abs(left - right))
  const decision = twist <= fine ? 'none' : twist <= split ? 'split' : 'correct'
  return { twist, decision, proud: { left: nearestTick(left / 2), right: nearestTick(right / 2) } }
}
