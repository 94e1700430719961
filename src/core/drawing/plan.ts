import { point } from '../geometry/point'
import type { JobResult } from '../job'
import type { Swing } from '../specification/handing'
import { FAMILY_RULES, type Family } from '../survey/families'
import { readValue } from '../survey/survey'
import { inches, type Length, ticks } from '../units/length'
import { boxOf, cornersOf, doorShape } from './door-shape'
import { frameMarks, swungLeaf, swungPair } from './hand-plan'
import { divisions } from './opening-box'
import { planReadings } from './plan-readings'
import { type Certainty, label, type Mark, path, type Scene } from './scene'

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
  const swings = SWINGING.has(result.family) || (hinges && ONE_LEAF.has(result.family)) ? swing : null
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
      ...leafMarks(result, width, jamb, swings),
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

/** Families whose plan shows the leaf standing open once its hand is settled: one leaf, or a pair. */
const ONE_LEAF: ReadonlySet<Family> = new Set<Family>(['hinged-outside', 'interior', 'steel-frame', 'steel-leaf'])
const SWINGING: ReadonlySet<Family> = new Set<Family>(['pair'])

/** The leaf or leaves standing open where it is settled which way they go, else the door shut. */
function leafMarks(result: JobResult, width: Length, jamb: Length, swings: Swing | null): readonly Mark[] {
  const { hinges } = result.wishes
  if (!swings) return closedPanels(result, width, jamb)
  if (result.family === 'pair') return swungPair(width, jamb, swings)
  return hinges ? swungLeaf(width, jamb, hinges, swings) : closedPanels(result, width, jamb)
}

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
