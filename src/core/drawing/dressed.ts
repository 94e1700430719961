import { shifted } from '../geometry/point'
import type { LeafLook } from './drawn'
import { type Extent, extentIn, leafDress } from './leaf-dress'
import type { Mark, Role, Scene } from './scene'

// A unit as its sheet says it looks, in the opening it is for: no figures, its leaf in panels, boards or glass.

const FIGURES: ReadonlySet<Mark['kind']> = new Set<Mark['kind']>(['dimension', 'reading', 'figure', 'label', 'dot'])
const OF_DOOR: ReadonlySet<Role> = new Set<Role>([
  'frame',
  'leaf',
  'glass',
  'swing',
  'handle',
  'hinge',
  'gap',
  'shim',
  'seal',
  'air',
])

const isLeaf = (mark: Mark): mark is Extract<Mark, { kind: 'path' }> =>
  mark.kind === 'path' && mark.closed && mark.role === 'leaf'

/** The opening with a unit's own front in it, dressed as its sheet says. `scene` is the opening with the unit placed; where its kind has no front,
 *  what stands there is dressed. */
export function dressedScene(scene: Scene, front: readonly Mark[], look: LeafLook): Scene {
  const bare = scene.marks.filter(one => !FIGURES.has(one.kind))
  const hole = bare.find(one => one.id === 'unit') ?? bare.find(one => one.id === 'hole')
  const placed = front.length > 0 && hole?.kind === 'path' ? inPlace(front, extentIn(hole.points)) : null
  // What nobody has read or seen is not shown to a customer; hinges stand before the frame.
  const around = bare.filter(one => (placed === null || one.certainty !== 'assumed') && one.role !== 'swing')
  const standing = placed ? around.filter(one => !OF_DOOR.has(one.role)) : around.filter(one => one.role !== 'hinge')
  const hinges = around.filter(one => one.role === 'hinge')
  return {
    ...scene,
    name: 'offered',
    marks: [...standing, ...(placed ?? []), ...hinges].flatMap(one => dressed(one, look)),
  }
}

/** A front moved to where its unit stands: its lower left corner there, in the middle where it is narrower. */
function inPlace(front: readonly Mark[], { left, bottom, width }: Extent): readonly Mark[] {
  const own = extentIn(front.flatMap(one => (one.kind === 'path' && one.closed ? one.points : [])))
  const by = { x: Math.round(left + (width - own.width) / 2 - own.left), y: Math.round(bottom - own.bottom) }
  return front.flatMap((one): readonly Mark[] => {
    if (one.role === 'swing') return []
    if (one.kind === 'path') return [{ ...one, points: one.points.map(at => shifted(at, by.x, by.y)) }]
    return one.kind === 'arc' ? [{ ...one, centre: shifted(one.centre, by.x, by.y) }] : []
  })
}

function dressed(mark: Mark, look: LeafLook): readonly Mark[] {
  if (mark.role === 'handle' || mark.role === 'hinge') return [{ ...mark, paint: 'metal' }]
  if (mark.role === 'glass') return [{ ...mark, paint: 'glass' }]
  if (!isLeaf(mark)) return [mark]
  return [{ ...mark, paint: 'colour' }, ...leafDress(look, mark.id, extentIn(mark.points))]
}
