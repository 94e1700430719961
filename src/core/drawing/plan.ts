import type { Lights } from '../catalogue/across'
import { point } from '../geometry/point'
import type { Swing } from '../specification/handing'
import { readValue } from '../survey/survey'
import { inches, type Length, ticks } from '../units/length'
import { divisionsIn, lightsBeside } from './across'
import { boxOf, cornersOf, type DoorShape, doorShape } from './door-shape'
import type { Drawn } from './drawn'
import { frameMarks, swungLeaf, swungPair } from './hand-plan'
import { planReadings } from './plan-readings'
import { type Certainty, label, type Mark, path, type Scene } from './scene'

const WALL_RUN = inches(12)
const USUAL_WALL = inches(4, 1, 2)
const USUAL_WIDTH = inches(37, 1, 2)
/** Of a leg. */
const THIN = inches(0, 3, 4)

const NO_BUCKS = { left: 0, right: 0 }

/** The door from above, outside below: the wall's thickness, what is in the opening, the leaf standing open and which way it goes,
 *  and the readings that are taken through the wall. */
export function plan(result: Drawn, asksHand = false): Scene {
  const shape = doorShape(result)
  const width = shape?.frame.width ?? measuredWidth(result)
  const [left, right] = [readValue(result.survey, 'wall.left'), readValue(result.survey, 'wall.right')]
  const leftWall = left ?? right ?? USUAL_WALL
  const rightWall = right ?? left ?? USUAL_WALL
  const wall = Math.max(leftWall, rightWall)
  const { hinges, swing } = result.wishes
  const shows = result.parts.plan
  const swings = shows === 'two-leaves' || (hinges && shows === 'one-leaf') ? swing : null
  const jamb = shape?.jamb ?? USUAL_WALL
  const across = acrossOf(result, shape, width)
  const reach = !swings ? 0 : shows === 'two-leaves' ? Math.max(across.meeting, width - across.meeting) : across.between
  const bucks = result.standing?.bucks ?? NO_BUCKS
  // Words above each other keep apart however small a wide door is drawn.
  const room = asksHand ? Math.round(Math.max(inches(6), width / 7)) : 0
  const below = -(result.parts.readsOutside ? inches(15) : inches(11)) - room - (swings === 'out' ? reach : 0)
  return {
    name: 'plan',
    marks: [
      path('wall', 'wall.left', cornersOf(boxOf(-WALL_RUN, 0, WALL_RUN - bucks.left, leftWall)), true, certain(left)),
      path(
        'wall',
        'wall.right',
        cornersOf(boxOf(width + bucks.right, 0, WALL_RUN - bucks.right, rightWall)),
        true,
        certain(right),
      ),
      ...(bucks.left > 0 ? [path('stud', 'buck.left', cornersOf(boxOf(-bucks.left, 0, bucks.left, jamb)))] : []),
      ...(bucks.right > 0 ? [path('stud', 'buck.right', cornersOf(boxOf(width, 0, bucks.right, jamb)))] : []),
      ...planReadings(result, { width, leftWall, rightWall, jamb }),
      ...(asksHand
        ? swingMarks(result, width, {
            in: wall + inches(3) + room + (swings === 'in' ? reach : 0),
            out: below + inches(3),
          })
        : []),
      ...frameMarks(width, jamb),
      ...leafMarks(result, across, width, jamb, swings),
      label('outside', point(Math.round((width * 5) / 8), below + room + inches(3)), 'outside'),
      label('inside', point(Math.round(width / 2), wall + inches(3) + (swings === 'in' ? reach : 0)), 'inside'),
    ],
    from: point(-WALL_RUN - inches(2), below),
    to: point(width + WALL_RUN + inches(2), wall + inches(7) + room + (swings === 'in' ? reach : 0)),
  }
}

/** Words to be tapped inside and outside: which way the leaf goes. */
function swingMarks(
  { settles, wishes }: Drawn,
  width: Length,
  height: Readonly<Record<Swing, number>>,
): readonly Mark[] {
  if (!settles.includes('swing')) return []
  const word = (swing: Swing) => (wishes.swing === swing ? `swings-${swing}` : `swings-${swing}-maybe`)
  return [
    label('hand.in', point(Math.round(width / 2), height.in), word('in')),
    label('hand.out', point(Math.round(width / 2), height.out), word('out')),
  ]
}

/** The leaf or leaves standing open where it is settled which way they go, else the door shut. */
function leafMarks(result: Drawn, across: Across, width: Length, jamb: Length, swings: Swing | null): readonly Mark[] {
  const { hinges } = result.wishes
  if (!swings) return closedPanels(result, across, width, jamb)
  if (result.parts.plan === 'two-leaves') return swungPair(width, jamb, swings, across.meeting)
  return hinges ? swungLeaf(width, jamb, hinges, swings, across.lights) : closedPanels(result, across, width, jamb)
}

/** What of the width a leaf takes, and where it is divided, from the left of the frame. */
type Across = {
  readonly lights: Lights
  readonly between: number
  readonly divisions: readonly number[]
  readonly meeting: number
}

function acrossOf(result: Drawn, shape: DoorShape | null, width: Length): Across {
  const extent = { left: THIN, right: width - THIN, bottom: 0, top: 0, width: width - 2 * THIN, height: 0 }
  const lights = lightsBeside(result, width, shape?.leaf.width ?? null)
  const divisions = shape
    ? result.parts.hasLights
      ? [Math.max(THIN, lights.left), width - Math.max(THIN, lights.right)]
      : divisionsIn(result, shape.leaf).map(x => x - shape.frame.x)
    : result.parts.divisions(result, extent)
  return { lights, between: width - lights.left - lights.right, divisions, meeting: divisions[0] ?? width / 2 }
}

const certain = (value: Length | null): Certainty => (value === null ? 'assumed' : 'sure')

/** How wide what is measured is, before a unit follows from it. */
function measuredWidth({ model }: Drawn): Length {
  if (!model) return USUAL_WIDTH
  const { L0, R0 } = model.adjusted.points
  return ticks(Math.max(USUAL_WALL, R0.x - L0.x))
}

/** The door shut: one leaf, two that meet, a leaf between fixed panels, or panels in two planes. */
function closedPanels(result: Drawn, { divisions }: Across, width: Length, jamb: number): readonly Mark[] {
  const depth = readValue(result.survey, 'leaf.thickness') ?? result.lengths['leaf-thickness'].value
  const edges = [THIN, ...divisions, width - THIN]
  return edges.slice(1).map((to, i) => {
    const from = edges[i]!
    const slides = result.parts.plan === 'panels'
    const behind = slides && i === 1 ? depth : 0
    const lap = slides ? inches(1, 1, 2) : 0
    const box = boxOf(from - (i === 1 ? lap : 0), jamb - depth - behind, to - from + lap, depth)
    return path('leaf', `closed-leaf.${i + 1}`, cornersOf(box), true, 'assumed')
  })
}
