import { point } from '../geometry/point'
import type { SiteSlot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { inches, type Length, nearestTick } from '../units/length'
import { type Box, boxOf, cornersOf } from './door-shape'
import type { Drawn, Extent } from './drawn'
import { leverMarks } from './lever'
import {
  MOULD,
  readOr,
  saidOr,
  USUAL_BACKSET,
  USUAL_BORE,
  USUAL_HANDLE,
  USUAL_HINGE_HEIGHT,
  USUAL_HINGES,
  USUAL_LOCK,
} from './opening-box'
import { type Certainty, label, type Mark, path } from './scene'

const RAIL = inches(5)

const inset = ({ left, bottom, width, height }: Extent, by: number): Box =>
  boxOf(left + by, bottom, width - 2 * by, height - by)

const certain = (result: Drawn, slot: SiteSlot): Certainty =>
  readValue(result.survey, slot) === null ? 'assumed' : 'sure'

/** The side the hinges are on; left until it is settled. */
export const hingeSide = ({ wishes }: Drawn): 'left' | 'right' => wishes.hinges ?? 'left'

export function panels(extent: Extent, at: readonly number[], role: 'leaf' | 'glass'): readonly Mark[] {
  const edges = [extent.left, ...at, extent.right]
  return edges.slice(1).map((right, i) => {
    const left = edges[i]!
    const box = boxOf(left, extent.bottom, right - left, extent.height)
    return path(role, `panel.${i + 1}`, cornersOf(box), true, 'assumed')
  })
}

export function meetingHandle(result: Drawn, extent: Extent, [meeting]: readonly number[]): readonly Mark[] {
  const onLeft = saidOr(result, 'fact.active-leaf', 'right') === 'left'
  return handleAt(meeting! + (onLeft ? -1 : 1) * inches(2, 3, 4), nearestTick(extent.bottom + USUAL_HANDLE))
}

const handleAt = (x: number, y: number): readonly Mark[] => [
  path('handle', 'handle', cornersOf(boxOf(x - inches(0, 1, 2), y - inches(2), inches(1), inches(4)))),
]

/** The glass of the lights left of `from` and right of `to`. */
export function sidelightGlass(extent: Extent, from: number, to: number): readonly Mark[] {
  const pane = (id: string, left: number, right: number) =>
    right - left > 2 * inches(3)
      ? [
          path(
            'glass',
            id,
            cornersOf(
              boxOf(left + inches(2), extent.bottom + RAIL, right - left - inches(4), extent.height - 2 * RAIL),
            ),
            true,
            'assumed',
          ),
        ]
      : []
  return [...pane('glass.left', extent.left, from), ...pane('glass.right', to, extent.right)]
}

/** The entry door behind the opening a storm door stands in, with its handle and deadbolt where they were read. */
export function entryDoor(result: Drawn, extent: Extent): readonly Mark[] {
  const strikeX = hingeSide(result) === 'left' ? extent.right - inches(2, 3, 4) : extent.left + inches(2, 3, 4)
  const handle = readOr(result, 'handle.height', USUAL_HANDLE)
  const lock = readOr(result, 'lock.height', USUAL_LOCK)
  return [
    path('leaf', 'leaf', cornersOf(inset(extent, inches(0, 1, 2))), true, 'assumed'),
    ...handleAt(strikeX, extent.bottom + handle),
    path(
      'handle',
      'deadbolt',
      cornersOf(boxOf(strikeX - inches(1), extent.bottom + lock - inches(1), inches(2), inches(2))),
    ),
  ]
}

export function slidingArrow(result: Drawn, extent: Extent, [meeting]: readonly number[]): readonly Mark[] {
  const moving = result.survey.facts.get('fact.moving-panel')?.code
  const y = extent.bottom + extent.height * 0.64
  const words: readonly Mark[] = ['left', 'right'].map(side =>
    label(
      `panel.${side}`,
      point(
        Math.round(side === 'left' ? (extent.left + meeting!) / 2 : (meeting! + extent.right) / 2),
        Math.round(y - inches(9)),
      ),
      moving === undefined ? 'which-moves' : moving === side ? 'moves' : 'fixed',
    ),
  )
  if (moving === undefined) return words
  const [from, to] =
    moving === 'left'
      ? [extent.left + extent.width * 0.15, meeting! - inches(2)]
      : [extent.right - extent.width * 0.15, meeting! + inches(2)]
  return [...words, ...arrow(from, to, y)]
}

/** A panel that is measured by itself: which way it opens. */
export function panelArrow({ survey }: Drawn, { left, right, bottom, width, height }: Extent): readonly Mark[] {
  const moving = survey.facts.get('fact.moving-panel')?.code
  const y = bottom + height * 0.64
  if (moving === undefined)
    return [label('panel.left', point(Math.round((left + right) / 2), Math.round(y)), 'which-moves')]
  const [from, to] = [left + width * 0.25, right - width * 0.25]
  return moving === 'left' ? arrow(from, to, y) : arrow(to, from, y)
}

/** A level arrow, its head at `to`. */
function arrow(from: number, to: number, y: number): readonly Mark[] {
  const head = to > from ? -inches(3) : inches(3)
  const at = (x: number, dy: number) => point(Math.round(x), Math.round(y + dy))
  return [
    path('swing', 'slides', [at(from, 0), at(to, 0)], false),
    path('swing', 'slides', [at(to + head, inches(1, 1, 2)), at(to, 0), at(to + head, -inches(1, 1, 2))], false),
  ]
}

/** The heights of a leaf's hinge tops, from its top down: what was read, else what is usual. */
export const hingeTops = (result: Drawn): readonly (readonly [slot: SiteSlot, fromTop: Length])[] => [
  ...(['hinge.1', 'hinge.2', 'hinge.3'] as const).map(
    slot => [slot, readOr(result, slot, USUAL_HINGES[slot])] as const,
  ),
  ...(readValue(result.survey, 'hinge.4') === null ? [] : [['hinge.4', readOr(result, 'hinge.4', inches(0))] as const]),
]

export function hingePlates(result: Drawn, extent: Extent): readonly Mark[] {
  const height = readOr(result, 'hinge.height', USUAL_HINGE_HEIGHT)
  const x = hingeSide(result) === 'left' ? extent.left - inches(0, 3, 8) : extent.right - inches(0, 3, 8)
  return hingeTops(result).map(([slot, fromTop]) =>
    path(
      'hinge',
      `${slot}.plate`,
      cornersOf(boxOf(x, extent.top - fromTop - height, inches(0, 3, 4), height)),
      true,
      certain(result, slot),
    ),
  )
}

/** Where the lock's bore or spindle sits on the leaf. */
export function borePlace(result: Drawn, extent: Extent): { readonly x: number; readonly y: number } {
  const backset = readOr(result, 'backset', USUAL_BACKSET)
  const x = hingeSide(result) === 'left' ? extent.right - backset : extent.left + backset
  return { x, y: extent.top - readOr(result, 'bore.top', USUAL_BORE) }
}

export const bore = (result: Drawn, extent: Extent): readonly Mark[] => [
  boreMark(borePlace(result, extent), certain(result, 'bore.top')),
]

/** Half of what a lever is bored for. */
const BORE = inches(1, 1, 16)

/** A bore round its middle. */
export const boreMark = ({ x, y }: { readonly x: number; readonly y: number }, certainty: Certainty): Mark => {
  const corners = Array.from({ length: 24 }, (_, i) =>
    point(Math.round(x + BORE * Math.cos((i * Math.PI) / 12)), Math.round(y + BORE * Math.sin((i * Math.PI) / 12))),
  )
  return path('glass', 'bore', corners, true, certainty)
}

/** An old door that stays: hinges where they mostly are, and its lever. Nobody reads them, so they are only assumed. */
export function oldLeaf(result: Drawn, extent: Extent): readonly Mark[] {
  const isLeft = hingeSide(result) === 'left'
  const lever = leverMarks(
    'handle',
    isLeft ? extent.right : extent.left,
    isLeft ? -1 : 1,
    nearestTick(extent.bottom + USUAL_HANDLE),
  )
  return [...hingePlates(result, extent), ...lever.map((one): Mark => ({ ...one, certainty: 'assumed' }))]
}

/** The glass of a leaf: its width and height as read, centred in the upper half. */
export function glassBox(result: Drawn, { left, top, width, height }: Extent): Box {
  const across = readOr(result, 'glass.width', inches(10))
  const up = readOr(result, 'glass.height', inches(24))
  return boxOf(left + (width - across) / 2, Math.max(top - height / 2, top - inches(7) - up), across, up)
}

export function glass(result: Drawn, extent: Extent): readonly Mark[] {
  if (result.survey.skipped.has('glass.width')) return []
  return [path('glass', 'glass', cornersOf(glassBox(result, extent)), true, certain(result, 'glass.width'))]
}

/** What stands round an opening that is no stud: the trim of a storm door's opening, the frame round a leaf, masonry. */
export const SURROUND_THICKNESS = {
  stud: inches(1, 1, 2),
  masonry: inches(4),
  trim: MOULD,
  frame: inches(1, 1, 2),
} as const

/** The leaf inside a frame that wraps its wall. */
export const wrappedLeaf = (_: Drawn, extent: Extent): readonly Mark[] => [
  path('leaf', 'leaf', cornersOf(inset(extent, inches(2))), true, 'assumed'),
]
