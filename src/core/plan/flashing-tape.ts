import { type Length, plus, times } from '../units/length'
import { roundedUp } from './rounded-up'

/** The pieces of tape round a rough opening, each shingled over the one below. */
export type FlashingTape = {
  readonly sill: Length
  /** Each of the two. */
  readonly sides: Length
  readonly head: Length
  readonly total: Length
}

/** The tape of a rough opening: the sill turns up both sides, each side laps over it, the head laps over both. */
export function flashingTape(width: Length, height: Length, upTurn: Length, lap: Length): FlashingTape {
  const [sill, sides, head] = [plus(width, times(upTurn, 2)), plus(height, lap), plus(width, times(lap, 2))]
  return { sill, sides, head, total: plus(plus(sill, times(sides, 2)), head) }
}

/** Whole rolls, each of so many ticks, that hold so much. */
export const rollsFor = (total: Length, roll: number): number => roundedUp(total / roll)
