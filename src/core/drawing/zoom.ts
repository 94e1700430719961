import type { StepPlace } from '../fit/setting-step'
import type { Point } from '../geometry/point'
import { inches, nearestTick } from '../units/length'
import type { Mark, Scene } from './scene'

type Part = Pick<Scene, 'from' | 'to'>

/** How far round its marks a place is shown. */
const MARGIN = inches(9)

/** The part of a drawing in which a step is done: round the marks of its points where it has some, else the side or the foot of the door.
 *  `ids` are marks of the scene. */
export function partAt(scene: Scene, place: StepPlace, ids: readonly string[], hinges: 'left' | 'right' | null): Part {
  const own = scene.marks.filter(mark => ids.includes(mark.id)).flatMap(pointsOf)
  if (own.length === 0) return partOf(scene, place, hinges)
  const [xs, ys] = [own.map(one => one.x), own.map(one => one.y)]
  return within(scene, {
    from: { x: nearestTick(Math.min(...xs) - MARGIN), y: nearestTick(Math.min(...ys) - MARGIN) },
    to: { x: nearestTick(Math.max(...xs) + MARGIN), y: nearestTick(Math.max(...ys) + MARGIN) },
  })
}

function pointsOf(mark: Mark): readonly Point[] {
  switch (mark.kind) {
    case 'path':
      return mark.points
    case 'lines':
      return []
    case 'dot':
    case 'figure':
    case 'label':
      return [mark.at]
    case 'arc':
      return [mark.centre]
    default:
      return [mark.from, mark.to]
  }
}

const within = ({ from, to }: Scene, part: Part): Part => ({
  from: { x: nearestTick(Math.max(from.x, part.from.x)), y: nearestTick(Math.max(from.y, part.from.y)) },
  to: { x: nearestTick(Math.min(to.x, part.to.x)), y: nearestTick(Math.min(to.y, part.to.y)) },
})

/** A share of the whole drawing, from its left and its foot. */
function share(
  { from, to }: Scene,
  [left, right]: readonly [number, number],
  [foot, top]: readonly [number, number],
): Part {
  const x = (part: number) => nearestTick(from.x + (to.x - from.x) * part)
  const y = (part: number) => nearestTick(from.y + (to.y - from.y) * part)
  return { from: { x: x(left), y: y(foot) }, to: { x: x(right), y: y(top) } }
}

function partOf(scene: Scene, place: StepPlace, hinges: 'left' | 'right' | null): Part {
  const side = (at: 'left' | 'right' | null): readonly [number, number] =>
    at === 'left' ? [0, 0.55] : at === 'right' ? [0.45, 1] : [0, 1]
  const lockSide = hinges === 'left' ? 'right' : hinges === 'right' ? 'left' : null
  switch (place) {
    case 'hinge':
    case 'first-leg':
      return share(scene, side(hinges), [0, 1])
    case 'strike':
    case 'other-leg':
      return share(scene, side(lockSide), [0, 1])
    case 'lock':
      return share(scene, side(lockSide), [0.25, 0.7])
    case 'head':
      return share(scene, [0, 1], [0.6, 1])
    case 'sill':
      return share(scene, [0, 1], [0, 0.35])
    default:
      return scene
  }
}
