import type { EdgeRole } from '../seal-stock/seal'
import { type Length, metresOf } from '../units/length'

/** How much of a seal's push at an edge reaches the latch: head, latch and meeting edge in full, the hinge side by half, the bottom not. */
const SHARE: Readonly<Record<EdgeRole, number>> = {
  head: 1,
  latch: 1,
  meeting: 1,
  jamb: 1,
  interlock: 0,
  hinge: 0.5,
  bottom: 0,
}

export type PushingPart = { readonly role: EdgeRole; readonly length: Length; readonly forceNPerMetre: number }

/** What a seal of this length adds to the force that closes the door, N. */
export const pushOf = ({ role, length, forceNPerMetre }: PushingPart): number =>
  SHARE[role] * forceNPerMetre * metresOf(length)

/** The force that closes a door against its seals, N. */
export const latchForceN = (parts: readonly PushingPart[]): number => parts.reduce((sum, one) => sum + pushOf(one), 0)
