import { type Point, point } from '../geometry/point'
import { closedQuestions } from '../seal/closed-answers'
import type { Edge } from '../seal/edge'
import { type EdgePlan, sealsOn } from '../seal/plan-seals'
import { isTight, meanOf, rowOf } from '../seal/read-edges'
import type { FactSlot } from '../survey/facts'
import type { GapSlot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { inches, magnitude } from '../units/length'
import { type Box, boxOf, type DoorShape } from './door-shape'
import type { Drawn } from './drawn'
import { type Certainty, dot, figure, label, type Mark, path } from './scene'

// A closed door as sealing sees it: its gaps round the leaf, drawn larger than they are, and the seals on its edges.

/** How much larger a gap is drawn than it is, and how large it is drawn at most. */
const LARGER = 8
const MOST = inches(6)
const INSET = inches(5)
const BESIDE_MEETING = inches(6)

/** The door that closes, and where its two leaves meet or its panel overlaps the fixed one. */
type Shut = { readonly box: Box; readonly meeting: number }

/** One leaf; two that meet, as wide as their edges; or the panel that slides, at its own side. */
function shutOf({ edges }: Pick<Drawn, 'edges'>, { frame, leaf }: DoorShape): Shut {
  const width = (id: string) => edges.find(one => one.id === id)?.length ?? 0
  const left = width('head.left')
  if (left > 0) return { box: leaf, meeting: leaf.x + left }
  const jamb = edges.find(one => one.role === 'jamb')
  if (!jamb) return { box: leaf, meeting: leaf.x + leaf.width / 2 }
  const panel = width('head')
  const x = jamb.side === 'left' ? frame.x : frame.x + frame.width - panel
  return { box: boxOf(x, leaf.y, panel, jamb.length), meeting: jamb.side === 'left' ? x + panel : x }
}

/** The gaps that were read, the air that passes them, and the seal of each edge. */
export function sealMarks(result: Drawn, shape: DoorShape): readonly Mark[] {
  const { edges, seals, closed } = result
  const shut = shutOf(result, shape)
  const drawn = edges.filter(one => one.slots.length > 0)
  const planOf = (edge: Edge) => seals?.edges.find(one => one.edge.id === edge.id)
  return [
    ...drawn.flatMap(edge => airMark(edge, planOf(edge), result, shut)),
    ...drawn.map(edge => path('seal', `seal.${edge.id}`, lineOf(edge, shut), false, sealCertainty(planOf(edge)))),
    ...drawn.flatMap(edge => edge.slots).flatMap(slot => gapMarks(slot, readValue(closed, slot), shut)),
    ...drawn.filter(edge => edge.role === 'bottom').flatMap(edge => wedgeMark(edge, result, shut)),
    ...triedMarks(drawn, result, shut),
  ]
}

const sealCertainty = (plan: EdgePlan | undefined): Certainty =>
  plan === undefined || plan.expected !== null
    ? 'assumed'
    : sealsOn(plan).length > 0 || isTight(plan)
      ? 'sure'
      : 'doubtful'

/** The two ends of an edge, left to right or upwards. */
function lineOf({ side, leaf }: Edge, { box, meeting }: Shut): readonly [Point, Point] {
  const from = leaf === 'right' ? meeting : box.x
  const to = leaf === 'left' ? meeting : box.x + box.width
  const [bottom, top] = [box.y, box.y + box.height]
  const across = (y: number): readonly [Point, Point] => [point(Math.round(from), y), point(Math.round(to), y)]
  const up = (x: number): readonly [Point, Point] => [point(Math.round(x), bottom), point(Math.round(x), top)]
  switch (side) {
    case 'head':
      return across(top)
    case 'bottom':
      return across(bottom)
    case 'left':
      return up(box.x)
    case 'right':
      return up(box.x + box.width)
    case 'middle':
      return up(meeting)
  }
}

/** Outwards from an edge, as a step of x and y. */
const OUT: Readonly<Record<Edge['side'], readonly [number, number]>> = {
  head: [0, 1],
  bottom: [0, -1],
  left: [-1, 0],
  right: [1, 0],
  middle: [1, 0],
}

/** The gap along an edge, outwards from the leaf and larger than it is: filled where air will still pass it, outlined where it is closed. */
function airMark(edge: Edge, plan: EdgePlan | undefined, { closed }: Drawn, shut: Shut): readonly Mark[] {
  const row = rowOf(edge.slots, closed)
  if (!row || row.gaps.every(one => one.value === 0)) return []
  const [from, to] = lineOf(edge, shut)
  const [dx, dy] = OUT[edge.side]
  const places = row.gaps.length - 1 || 1
  // Slots run left to right and from the top down.
  const isUp = dx !== 0
  const outer = row.gaps.map((gap, i) => {
    const share = isUp ? 1 - i / places : i / places
    const by = Math.min(MOST, gap.value * LARGER)
    return point(
      Math.round(from.x + (to.x - from.x) * share + dx * by),
      Math.round(from.y + (to.y - from.y) * share + dy * by),
    )
  })
  const inner = isUp ? [from, to] : [to, from]
  const isClosed = plan !== undefined && sealsOn(plan).length > 0
  return [path('air', `air.${edge.id}`, [...outer, ...inner], true, isClosed ? 'assumed' : 'sure')]
}

/** How far outside its edge it is said what was tried there, and where along it; and how high over the cap what was tried at its screws. */
const TRIED_BY = inches(5)
const TRIED_AT = 0.3
const BILLS_AT = 0.2

/** What is tried at the joints of a closed door: smoke or a hand outside each side, a bill over each screw of a cap; a mark where nobody tried. */
function triedMarks(edges: readonly Edge[], { closed }: Drawn, { box, meeting }: Shut): readonly Mark[] {
  const asked = closedQuestions(edges, closed)
  const mark = (slot: FactSlot, x: number, y: number) =>
    label(slot, point(Math.round(x), Math.round(y)), closed.facts.get(slot)?.code ?? 'open-trial')
  const [height, width] = [box.y + box.height * TRIED_AT, box.x + box.width * TRIED_AT]
  const places: Readonly<Record<Edge['side'], readonly [number, number]>> = {
    head: [width, box.y + box.height + TRIED_BY],
    // Clear of what its gap is on average, under one leaf's middle or under both.
    bottom: [box.x + box.width * 0.97, box.y - TRIED_BY],
    left: [box.x - TRIED_BY, height],
    right: [box.x + box.width + TRIED_BY, height],
    middle: [meeting + TRIED_BY, height],
  }
  const sides = (Object.keys(places) as readonly Edge['side'][]).flatMap(side => {
    const slot: FactSlot = `fact.air-${side}`
    return asked.includes(slot) ? [mark(slot, ...places[side])] : []
  })
  const bills = asked.filter(slot => slot.startsWith('fact.bill-'))
  const over = (i: number) => box.x + box.width * (0.1 + (0.8 * i) / Math.max(1, bills.length - 1))
  return [...sides, ...bills.map((slot, i) => mark(slot, over(i), box.y + box.height * BILLS_AT))]
}

/** What the bottom gap is on average, under its middle. */
function wedgeMark(edge: Edge, { closed }: Drawn, shut: Shut): readonly Mark[] {
  const row = rowOf(edge.slots, closed)
  if (!row) return []
  const [from, to] = lineOf(edge, shut)
  const middle = Math.round((from.x + to.x) / 2)
  const below = Math.min(MOST, Math.max(...row.gaps.map(one => one.value)) * LARGER)
  return [
    label(`wedge.${edge.id}`, point(middle - inches(2), Math.round(from.y - below - inches(3))), 'gap-mean', 'end'),
    figure(
      'gap',
      `wedge.${edge.id}`,
      point(middle - inches(1), Math.round(from.y - below - inches(3))),
      meanOf(row),
      'start',
    ),
  ]
}

const SHARES: Readonly<Record<string, number>> = {
  left: 0.12,
  bottom: 0.12,
  centre: 0.5,
  middle: 0.5,
  right: 0.88,
  top: 0.88,
}

/** Where a gap of the closed door is read along its edge, and what it is. */
export function gapMarks(slot: GapSlot, value: ReturnType<typeof readValue>, { box, meeting }: Shut): readonly Mark[] {
  const [, side, level] = slot.split('.') as [string, string, string]
  const share = SHARES[level] ?? 0.5
  const isAcross = side === 'head' || side === 'bottom'
  const x =
    level === 'meeting-left'
      ? meeting - BESIDE_MEETING
      : level === 'meeting-right'
        ? meeting + BESIDE_MEETING
        : box.x + box.width * share
  const sideX = side === 'left' ? box.x : side === 'right' ? box.x + box.width : meeting
  const at = isAcross
    ? point(Math.round(x), side === 'head' ? box.y + box.height : box.y)
    : point(Math.round(sideX), Math.round(box.y + box.height * share))
  const certainty = value === null ? 'assumed' : 'sure'
  const inward = (
    { head: [0, -INSET], bottom: [0, inches(3)], left: [inches(1, 1, 2), 0] } as Readonly<
      Record<string, readonly [number, number]>
    >
  )[side] ?? [-inches(1, 1, 2), 0]
  const textAt = point(at.x + inward[0], at.y + inward[1] - (isAcross ? 0 : inches(0, 3, 4)))
  const anchor = side === 'left' ? 'start' : isAcross ? 'middle' : 'end'
  return [
    dot('gap', slot, at, certainty),
    value === null
      ? label(slot, textAt, 'open-reading', anchor)
      : figure('gap', slot, textAt, magnitude(value), anchor),
  ]
}

/** A leaf that is measured, for the gaps round it. */
export const shutLeaf = (box: Box): Shut => ({ box, meeting: box.x + box.width / 2 })
