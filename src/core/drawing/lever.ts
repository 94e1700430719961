import { point } from '../geometry/point'
import { inches, type Length } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import { arc, type Mark, path } from './scene'

const BACKSET = inches(2, 3, 4)
const ROSE = inches(1, 1, 4)
const [LONG, THICK] = [inches(4, 3, 4), inches(0, 3, 4)]

/** A lever on its rose, at a height, pointing to the hinges: `free` is the edge it stands from, `inward` 1 where the leaf lies right of that. */
export function leverMarks(
  id: string,
  free: number,
  inward: 1 | -1,
  at: Length,
  backset: Length = BACKSET,
): readonly Mark[] {
  const x = Math.round(free + inward * backset)
  const from = inward > 0 ? x : x - LONG
  return [
    arc('handle', `${id}.rose`, point(x, at), ROSE, 0, 360),
    path('handle', id, cornersOf(boxOf(from, at - THICK / 2, LONG, THICK))),
  ]
}
