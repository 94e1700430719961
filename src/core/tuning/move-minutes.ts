import type { Source } from '../base/rule'
import type { Move } from './reveals'

/** What is moved, whichever hinge or height it is at. */
export type MovedThing = 'card' | 'pack' | 'strike' | 'foot' | 'screw'
export type MoveMinutes = Readonly<Record<MovedThing, { readonly minutes: number; readonly source: Source }>>

/** About how long moves take one after the other; with set screws they are what moves the hinges. */
export const minutesOf = (moves: readonly Move[], each: MoveMinutes, withScrews = false): number =>
  moves.reduce((sum, { adjuster }) => {
    const thing = adjuster.split('.')[0] as MovedThing
    return sum + each[withScrews && thing === 'card' ? 'screw' : thing].minutes
  }, 0)
