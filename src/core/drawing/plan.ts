import { point } from '../geometry/point'
import type { JobResult } from '../job'
import type { HingeSide, Swing } from '../specification/handing'
import { FAMILY_RULES, type Family } from '../survey/families'
import { readValue } from '../survey/survey'
import { inches, type Length, ticks, ZERO } from '../units/length'
import { boxOf, cornersOf, doorShape } from './door-shape'
import { divisions } from './opening-box'
import { planReadings } from './plan-readings'
import { arc, type Certainty, dimension, label, type Mark, path, type Scene } from './scene'

const WALL_RUN = inches(12)
const LEAF_THICKNESS = inches(1, 3, 4)
const USUAL_WALL = inches(4, 1, 2)
const USUAL_WIDTH = inches(37, 1, 2)

/** The door from above, outside below: the wall's thickness, what is in the opening, the leaf standing open and which way it goes,
 *  and the readings that are taken through the wall. */
export function plan(result: JobResult, asksHand = false): Scene {
  const shape = doorShape(result)
  const width = shape?.frame.width ?? measuredWidth(result)
  const [left, right] = [readValue(result.survey, 'wall.left'), readValue(result.survey, 'wall.right')]
  const leftWall = left ?? right ?? USUAL_WALL
  const rightWall = right ?? left ?? USUAL_WALL
  const wall = Math.max(leftWall, rightWall)
  const { hinges, swing } = result.wishes
  const swings = hinges && SWINGING.has(result.family) ? swing : null
  const jamb = shape?.jamb ?? USUAL_WALL
  const room = asksHand ? inches(6) : 0
  const below = -(OUTSIDE_READ.has(result.family) ? inches(15) : inches(11)) - room - (swings === 'out' ? width : 0)
  return {
    name: 'plan',
    marks: [
      path('wall', 'wall.left', cornersOf(boxOf(-WALL_RUN, 0, WALL_RUN, leftWall)), true, certain(left)),
      path('wall', 'wall.right', cornersOf(boxOf(width, 0, WALL_RUN, rightWall)), true, certain(right)),
      ...planReadings(result, { width, leftWall, rightWall, jamb }),
      ...(asksHand
        ? swingMarks(result, width, { in: wall + inches(9) + (swings === 'in' ? width : 0), out: below + inches(3) })
        : []),
      ...frameMarks(width, jamb),
      ...(hinges && swings && result.family === 'hinged-outside'
        ? swungLeaf(width, jamb, hinges, swings)
        : closedPanels(result, width, jamb)),
      label('outside', point(Math.round((width * 5) / 8), below + room + inches(3)), 'outside'),
      label('inside', point(Math.round(width / 2), wall + inches(3) + (swings === 'in' ? width : 0)), 'inside'),
    ],
    from: point(-WALL_RUN - inches(2), below),
    to: point(width + WALL_RUN + inches(2), wall + inches(7) + room + (swings === 'in' ? width : 0)),
  }
}

/** Words to be tapped inside and outside: which way the leaf goes. */
function swingMarks(
  { family, wishes }: JobResult,
  width: Length,
  height: Readonly<Record<Swing, number>>,
): readonly Mark[] {
  if (!FAMILY_RULES[family].settles.includes('swing')) return []
  const word = (swing: Swing) => (wishes.swing === swing ? `swings-${swing}` : `swings-${swing}-maybe`)
  return [
    label('hand.in', point(Math.round(width / 2), height.in), word('in')),
    label('hand.out', point(Math.round(width / 2), height.out), word('out')),
  ]
}

/** Families with readings outside the wall, whose figures want room. */
const OUTSIDE_READ: ReadonlySet<Family> = new Set<Family>(['storm', 'slider'])

/** Families whose plan shows the leaf standing open once its hand is settled. */
const SWINGING: ReadonlySet<Family> = new Set<Family>(['hinged-outside'])

const certain = (value: Length | null): Certainty => (value === null ? 'assumed' : 'sure')

/** How wide what is measured is, before a unit follows from it. */
function measuredWidth({ model }: JobResult): Length {
  if (!model) return USUAL_WIDTH
  const { L0, R0 } = model.adjusted.points
  return ticks(Math.max(USUAL_WALL, R0.x - L0.x))
}

/** The door shut: one leaf, two that meet, a leaf between fixed panels, or panels in two planes. */
function closedPanels(result: JobResult, width: Length, jamb: number): readonly Mark[] {
  const thick = inches(0, 3, 4)
  const extent = { left: thick, right: width - thick, bottom: 0, top: 0, width: width - 2 * thick, height: 0 }
  const depth = readValue(result.survey, 'leaf.thickness') ?? LEAF_THICKNESS
  const edges = [extent.left, ...divisions(result, extent), extent.right]
  return edges.slice(1).map((to, i) => {
    const from = edges[i]!
    const behind = result.family === 'slider' && i === 1 ? depth : 0
    const lap = result.family === 'slider' ? inches(1, 1, 2) : 0
    const box = boxOf(from - (i === 1 ? lap : 0), jamb - depth - behind, to - from + lap, depth)
    return path('leaf', `closed-leaf.${i + 1}`, cornersOf(box), true, 'assumed')
  })
}

function frameMarks(width: Length, jamb: Length): readonly Mark[] {
  const thick = inches(0, 3, 4)
  return [
    path('frame', 'unit', cornersOf(boxOf(0, 0, thick, jamb))),
    path('frame', 'unit', cornersOf(boxOf(width - thick, 0, thick, jamb))),
    path('sill', 'sill', [point(thick, 0), point(width - thick, 0)], false),
    path('sill', 'sill', [point(thick, jamb), point(width - thick, jamb)], false),
  ]
}

/** The leaf, which hangs on the edge of its frame, open at a right angle and the quarter circle its edge runs; and closed, in the frame. */
function swungLeaf(width: Length, jamb: number, hinges: HingeSide, swing: Swing): readonly Mark[] {
  const thick = inches(0, 3, 4)
  const reach = width - 2 * thick
  const pivotX = hinges === 'left' ? thick : width - thick
  const pivotY = swing === 'in' ? jamb : 0
  const up = swing === 'in' ? 1 : -1
  const leafX = hinges === 'left' ? pivotX : pivotX - LEAF_THICKNESS
  const leafY = swing === 'in' ? pivotY : pivotY - reach
  const closed = hinges === 'left' ? 0 : 180
  const open = up * 90
  const [fromDeg, toDeg] = quarter(closed, open)
  const closedY = swing === 'in' ? jamb - LEAF_THICKNESS : 0
  return [
    path('leaf', 'leaf', cornersOf(boxOf(leafX, leafY, LEAF_THICKNESS, reach))),
    path('swing', 'closed-leaf', cornersOf(boxOf(thick, closedY, reach, LEAF_THICKNESS)), true, 'assumed'),
    arc('swing', 'swing', point(pivotX, pivotY), boxOf(0, 0, reach, 0).width, fromDeg, toDeg),
  ]
}

/** Both ends of the quarter turn, counter-clockwise from the first. */
function quarter(closed: number, open: number): readonly [number, number] {
  const target = open < 0 ? open + 360 : open
  const start = closed
  const counter = (target - start + 360) % 360 === 90
  return counter ? [start, start + 90] : [target, target + 90]
}

/** A small plan for a paper: only what tells the hand. */
export function swingPlan(width: Length, hinges: HingeSide, swing: Swing): Scene {
  const wall = USUAL_WALL
  const reach = swing === 'in' ? width : ZERO
  return {
    name: 'swing',
    marks: [
      path('wall', 'wall.left', cornersOf(boxOf(-WALL_RUN, 0, WALL_RUN, wall))),
      path('wall', 'wall.right', cornersOf(boxOf(width, 0, WALL_RUN, wall))),
      ...frameMarks(width, wall),
      ...swungLeaf(width, wall, hinges, swing),
      dimension(
        'unit.width',
        point(0, swing === 'in' ? 0 : wall),
        point(width, swing === 'in' ? 0 : wall),
        swing === 'in' ? boxOf(0, 0, -inches(8), 0).width : inches(4),
      ),
      label('outside', point(Math.round(width / 2), -inches(14) - (width - reach)), 'outside'),
      label('inside', point(Math.round(width / 2), wall + inches(9) + reach), 'inside'),
    ],
    from: point(-WALL_RUN - inches(2), -inches(18) - (width - reach)),
    to: point(width + WALL_RUN + inches(2), wall + inches(14) + reach),
  }
}
