import { type Lights, leavesOf, lightsOf, NO_LIGHTS } from '../catalogue/across'
import { point } from '../geometry/point'
import type { OrderLine } from '../order/order'
import type { HingeSide, Swing } from '../specification/handing'
import { inches, type Length, nearestTick, ZERO } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import { arc, dimension, label, type Mark, path, type Scene } from './scene'

const WALL_RUN = inches(12)
const LEAF_THICKNESS = inches(1, 3, 4)
const USUAL_WALL = inches(4, 1, 2)
const FRAME = inches(0, 3, 4)
const GLASS = inches(1)

/** Both legs of a frame from above, and the edges of its sill. */
export function frameMarks(width: Length, jamb: Length): readonly Mark[] {
  return [
    path('frame', 'unit', cornersOf(boxOf(0, 0, FRAME, jamb))),
    path('frame', 'unit', cornersOf(boxOf(width - FRAME, 0, FRAME, jamb))),
    path('sill', 'sill', [point(FRAME, 0), point(width - FRAME, 0)], false),
    path('sill', 'sill', [point(FRAME, jamb), point(width - FRAME, jamb)], false),
  ]
}

/** The leaf, which hangs on the edge of its frame or of the light beside it, open at a right angle and the quarter circle its edge runs; closed, in the
 *  frame; and the lights. */
export const swungLeaf = (
  width: Length,
  jamb: number,
  hinges: HingeSide,
  swing: Swing,
  { left, right }: Lights,
): readonly Mark[] => [
  ...leafBetween(Math.max(FRAME, left), width - Math.max(FRAME, right), jamb, hinges, swing, 'leaf'),
  ...light('light.left', FRAME, left, jamb),
  ...light('light.right', width - right, width - FRAME, jamb),
]

/** A fixed light from above, in the middle of its frame. */
const light = (id: string, from: number, to: number, jamb: number): readonly Mark[] =>
  to > from ? [path('glass', id, cornersOf(boxOf(from, (jamb - GLASS) / 2, to - from, GLASS)))] : []

/** Two leaves that meet so far from the left of their frame, both open. */
export const swungPair = (width: Length, jamb: number, swing: Swing, meeting: number): readonly Mark[] => [
  ...leafBetween(FRAME, meeting, jamb, 'left', swing, 'leaf.left'),
  ...leafBetween(meeting, width - FRAME, jamb, 'right', swing, 'leaf.right'),
]

function leafBetween(
  from: number,
  to: number,
  jamb: number,
  hinges: HingeSide,
  swing: Swing,
  id: string,
): readonly Mark[] {
  const reach = to - from
  const pivotX = hinges === 'left' ? from : to
  const pivotY = swing === 'in' ? jamb : 0
  const up = swing === 'in' ? 1 : -1
  const leafX = hinges === 'left' ? pivotX : pivotX - LEAF_THICKNESS
  const leafY = swing === 'in' ? pivotY : pivotY - reach
  const [fromDeg, toDeg] = quarter(hinges === 'left' ? 0 : 180, up * 90)
  const closedY = swing === 'in' ? jamb - LEAF_THICKNESS : 0
  return [
    path('leaf', id, cornersOf(boxOf(leafX, leafY, LEAF_THICKNESS, reach))),
    path('swing', `closed-${id}`, cornersOf(boxOf(from, closedY, reach, LEAF_THICKNESS)), true, 'assumed'),
    arc('swing', id === 'leaf' ? 'swing' : `swing.${id}`, nearest(pivotX, pivotY), nearestTick(reach), fromDeg, toDeg),
  ]
}

const nearest = (x: number, y: number) => point(Math.round(x), Math.round(y))

/** Both ends of the quarter turn, counter-clockwise from the first. */
function quarter(closed: number, open: number): readonly [number, number] {
  const target = open < 0 ? open + 360 : open
  const counter = (target - closed + 360) % 360 === 90
  return counter ? [closed, closed + 90] : [target, target + 90]
}

/** What a small plan shows round its leaves: walls, frame, width, and which side is which. */
function planOf(width: Length, reach: number, swing: Swing | null, leaves: readonly Mark[]): Scene {
  const [inward, outward] = [swing === 'in' ? reach : 0, swing === 'out' ? reach : 0]
  const dimensionY = swing === 'in' ? 0 : USUAL_WALL
  const insideOver = swing === 'in' ? inches(9) : inches(13)
  return {
    name: 'hand',
    marks: [
      path('wall', 'wall.left', cornersOf(boxOf(-WALL_RUN, 0, WALL_RUN, USUAL_WALL))),
      path('wall', 'wall.right', cornersOf(boxOf(width, 0, WALL_RUN, USUAL_WALL))),
      ...frameMarks(width, USUAL_WALL),
      ...leaves,
      dimension(
        'unit.width',
        point(0, dimensionY),
        point(width, dimensionY),
        swing === 'in' ? nearestTick(-inches(8)) : inches(4),
      ),
      label('outside', nearest(width / 2, -inches(14) - outward), 'outside'),
      label('inside', nearest(width / 2, USUAL_WALL + insideOver + inward), 'inside'),
    ],
    from: nearest(-WALL_RUN - inches(2), -inches(18) - outward),
    to: nearest(width + WALL_RUN + inches(2), USUAL_WALL + insideOver + inches(5) + inward),
  }
}

/** A small plan of one hinged leaf, between its lights where it has some: only what tells the hand. */
export const swingPlan = (width: Length, hinges: HingeSide, swing: Swing, lights: Lights = NO_LIGHTS): Scene =>
  planOf(width, width - lights.left - lights.right, swing, swungLeaf(width, USUAL_WALL, hinges, swing, lights))

/** A small plan of a pair: which way it swings, which leaf is active, and where they meet, from the left of its frame. */
export const pairPlan = (width: Length, active: HingeSide, swing: Swing, meeting: number = width / 2): Scene =>
  planOf(width, Math.max(meeting, width - meeting), swing, [
    ...swungPair(width, USUAL_WALL, swing, meeting),
    label('active', nearest(active === 'left' ? meeting / 2 : (meeting + width) / 2, -inches(5)), 'active'),
  ])

/** A small plan of a slider from above, outside below: which panel moves. */
export function sliderPlan(width: Length, panels: 'OX' | 'XO'): Scene {
  const half = width / 2
  const lap = inches(1, 1, 2)
  const panel = (side: 0 | 1): readonly Mark[] => {
    const moves = panels[side] === 'O'
    const [from, to] = side === 0 ? [FRAME, half + lap] : [half - lap, width - FRAME]
    const y = moves ? USUAL_WALL / 2 + inches(0, 1, 4) : USUAL_WALL / 2 - LEAF_THICKNESS
    const middle = width * (side === 0 ? 0.27 : 0.73)
    return [
      path('leaf', `panel.${side + 1}`, cornersOf(boxOf(from, y, to - from, LEAF_THICKNESS))),
      label(`panel-word.${side + 1}`, nearest(middle, -inches(5)), moves ? 'moves' : 'fixed'),
      label(`panel-code.${side + 1}`, nearest(middle, USUAL_WALL + inches(4)), moves ? 'O' : 'X'),
    ]
  }
  return planOf(width, ZERO, null, [...panel(0), ...panel(1)])
}

/** The plan that tells the hand of an order's line; `null` for what has none. */
export function handPlan(line: Pick<OrderLine, 'unit' | 'hinges' | 'swing' | 'activeLeaf' | 'panels'>): Scene | null {
  const { unit } = line
  const { width } = unit
  if (line.panels) return sliderPlan(width, line.panels)
  if (line.activeLeaf && line.swing)
    return pairPlan(
      width,
      line.activeLeaf,
      line.swing,
      'passiveLeafWidth' in unit ? leavesOf(unit, line.activeLeaf).meeting : width / 2,
    )
  const lights = 'sidelightLeft' in unit ? lightsOf(unit) : NO_LIGHTS
  return line.hinges && line.swing ? swingPlan(width, line.hinges, line.swing, lights) : null
}
