import { point } from '../geometry/point'
import type { SiteSlot, Slot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { readingsFor } from '../survey/survey-of'
import { inches, type Length } from '../units/length'
import type { Drawn } from './drawn'
import { hingeSide } from './family-parts'
import { type Mark, readingMark } from './scene'

/** What the plan's readings are laid out on: the opening's width, the wall on both sides, the jamb; outside is below zero. */
type PlanBox = {
  readonly width: number
  readonly leftWall: number
  readonly rightWall: number
  readonly jamb: number
}

/** A span of the plan: across at one height, or through the wall at one place; `value` is what was read, or what is usual. */
type PlanSpan = (
  box: PlanBox,
  value: number,
  lockOnRight: boolean,
) => readonly [x1: number, y1: number, x2: number, y2: number]

const through =
  (x: (box: PlanBox) => number, from: (box: PlanBox) => number, outward: 1 | -1): PlanSpan =>
  (box, value) => [x(box), from(box), x(box), from(box) - outward * value]

const USUAL: { readonly [slot in SiteSlot]?: Length } = {
  'leaf.thickness': inches(1, 3, 4),
  'case.depth': inches(3),
  'mould.proud': inches(1, 1, 4),
  'handle.proud': inches(2, 1, 2),
  'lock.proud': inches(1, 1, 4),
  'doors.space': inches(3),
  'siding.plane': inches(1, 1, 4),
  throat: inches(4, 3, 4),
  return: inches(0, 1, 2),
}

/** Where a reading that goes through the wall is drawn on the plan. */
const PLAN_SPANS: { readonly [slot in SiteSlot]?: PlanSpan } = {
  'wall.left': box => [-inches(9), 0, -inches(9), box.leftWall],
  'wall.right': box => [box.width + inches(9), 0, box.width + inches(9), box.rightWall],
  'wall.head': (box, value) => [box.width / 4, 0, box.width / 4, value],
  'through.left': box => [-inches(3), 0, -inches(3), box.leftWall],
  'through.right': box => [box.width + inches(3), 0, box.width + inches(3), box.rightWall],
  'strings.gap': box => [box.width * 0.1, -inches(1), box.width * 0.9, -inches(1)],
  'leaf.thickness': through(
    box => box.width * 0.16,
    box => box.jamb,
    1,
  ),
  'case.depth': (box, value, right) => {
    const edge = right ? box.width - inches(0, 3, 4) : inches(0, 3, 4)
    return [edge, box.jamb + inches(1), edge - (right ? value : -value), box.jamb + inches(1)]
  },
  'mould.proud': through(
    () => -inches(1),
    () => 0,
    1,
  ),
  'handle.proud': through(
    box => box.width * 0.56,
    () => 0,
    1,
  ),
  'lock.proud': through(
    box => box.width * 0.82,
    () => 0,
    1,
  ),
  'doors.space': through(
    box => box.width * 0.3,
    () => 0,
    1,
  ),
  'siding.plane': through(
    () => -inches(5),
    () => 0,
    1,
  ),
  throat: box => [box.width + inches(5), 0, box.width + inches(5), box.rightWall],
  return: (box, value) => [box.width, box.rightWall + inches(1), box.width + value, box.rightWall + inches(1)],
}

/** Readings whose figure stands beside the inner end of their span, and not outside, below it. */
const INSIDE: ReadonlySet<SiteSlot> = new Set<SiteSlot>([
  'leaf.thickness',
  'case.depth',
  'return',
  'wall.left',
  'wall.head',
  'wall.right',
])

/** The readings of the family that go through the wall, each where it is taken. */
export function planReadings(result: Drawn, box: PlanBox): readonly Mark[] {
  return readingsFor(result.asked, result.survey.way).flatMap(slot => {
    const spanOf = PLAN_SPANS[slot as SiteSlot]
    return spanOf ? [planReading(result, slot, spanOf, box)] : []
  })
}

function planReading(result: Drawn, slot: Slot, spanOf: PlanSpan, box: PlanBox): Mark {
  const value = readValue(result.survey, slot)
  const shown = value ?? USUAL[slot as SiteSlot] ?? Math.max(box.leftWall, box.rightWall)
  const [x1, y1, x2, y2] = spanOf(box, shown, hingeSide(result) === 'left')
  const length = Math.hypot(x2 - x1, y2 - y1) || 1
  const away = (INSIDE.has(slot as SiteSlot) ? -1 : 1) * (inches(4) / length)
  const isThrough = x1 === x2
  const along = slot === 'strings.gap' ? 0.2 : alongOf(isThrough && y2 > y1, away)
  return readingMark(
    slot,
    point(Math.round(x1), Math.round(y1)),
    point(Math.round(x2), Math.round(y2)),
    value,
    along,
    value === null ? 'assumed' : 'sure',
    { upright: slot !== 'strings.gap' },
  )
}

/** How far along its span a figure stands: beyond the outer end, or for those inside beyond the inner one. */
function alongOf(isUpward: boolean, away: number): number {
  if (isUpward) return away < 0 ? 1 - away : -away
  return away < 0 ? away : 1 + away
}
