import type { Source } from '../base/rule'
import type { Move } from './reveals'

/** What is moved, whichever hinge or height it is at. */
export type MovedThing = 'card' | 'pack' | 'strike' | 'foot'
export type MoveMinutes = Readonly<Record<MovedThing, { readonly minutes: number; readonly source: Source }>>

/** About how long moves take one after the other. */
export const minutesOf = (moves: readonly Move[], each: MoveMinutes): number =>
  moves.reduce((sum, one) => sum + each[one.adjuster.split('.')[0] as MovedThing].minutes, 0)
