import { leavesOf } from '../catalogue/across'
import { point } from '../geometry/point'
import type { OrderLine } from '../order/order'
import { inches, type Length, nearestTick, negate } from '../units/length'
import { type Box, boxOf, cornersOf } from './door-shape'
import { leverMarks } from './lever'
import { type Certainty, dimension, label, type Mark, path, type Scene } from './scene'

/** Which hand is ordered, as far as it bears on the front. */
export type HandOrdered = Pick<OrderLine, 'hinges' | 'activeLeaf' | 'panels'>

const LEG = inches(0, 3, 4)
const UNDER_LEAF = inches(1)
const HANDLE_UP = inches(36)
const MARGIN = inches(12)

/** A unit from outside with the sizes that are ordered; `null` where its kind has no front. */
export function orderedFront({ width, height }: Size, marks: readonly Mark[]): Scene | null {
  if (marks.length === 0) return null
  return {
    name: 'ordered',
    marks: [
      ...marks,
      dimension('unit.width', point(0, 0), point(width, 0), negate(inches(9))),
      dimension('unit.height', point(0, 0), point(0, height), inches(10)),
    ],
    from: point(nearestTick(-MARGIN - inches(8)), nearestTick(-MARGIN - inches(4))),
    to: point(nearestTick(width + MARGIN), nearestTick(height + inches(3))),
  }
}

// The fronts of the kinds. What a sheet does not say is drawn dashed, without a figure.

const frame = ({ width, height }: Size): Mark => path('frame', 'unit', cornersOf(boxOf(0, 0, width, height)))

export const noFront = (): readonly Mark[] => []

/** A leaf or a door that is ordered without a frame: the size is its own. */
export const leafFront = ({ width, height }: Size, { hinges }: HandOrdered): readonly Mark[] =>
  leaf('leaf', boxOf(0, 0, width, height), hinges, 'sure')

/** One leaf in its frame. */
export const framedFront = (unit: Hung, { hinges }: HandOrdered): readonly Mark[] => [
  frame(unit),
  ...leaf('leaf', leafBox(unit), hinges, said(unit)),
]

type Hung = Size & { readonly leafWidth: Length | null; readonly leafHeight: Length | null }
type Size = { readonly width: Length; readonly height: Length }

const said = ({ leafWidth, leafHeight }: Hung): Certainty =>
  leafWidth === null || leafHeight === null ? 'assumed' : 'sure'

const topOf = ({ height, leafHeight }: Hung): Length => leafHeight ?? nearestTick(height - LEG - UNDER_LEAF)

/** The leaf in the middle between its legs, its top under the head. */
function leafBox(unit: Hung, from: number = 0, to: number = unit.width): Box {
  const high = topOf(unit)
  const wide = unit.leafWidth ?? to - from - 2 * LEG
  return boxOf((from + to - wide) / 2, Math.max(0, unit.height - LEG - high), wide, high)
}

/** A leaf, the two lines that meet at its hinge side, and its handle at the other. */
function leaf(id: string, box: Box, hinges: 'left' | 'right' | null, certainty: Certainty): readonly Mark[] {
  const { x, y, width, height } = box
  const outline = path('leaf', id, cornersOf(box), true, certainty)
  if (hinges === null) return [outline]
  const [hung, free] = hinges === 'left' ? [x, x + width] : [x + width, x]
  const inward = hinges === 'left' ? -1 : 1
  const lines = [point(free, y), point(hung, nearestTick(y + height / 2)), point(free, y + height)]
  return [
    outline,
    path('swing', `swing.${id}`, lines, false),
    ...leverMarks(`handle.${id}`, free, inward, nearestTick(y + HANDLE_UP)),
  ]
}

/** Two leaves side by side, the active one named and handled; each hangs on its own leg. */
export function pairFront(
  unit: Hung & { readonly passiveLeafWidth: Length | null },
  { activeLeaf: active }: HandOrdered,
): readonly Mark[] {
  const { left, right, from } = leavesOf(unit, active ?? 'left')
  const certainty: Certainty = unit.passiveLeafWidth === null ? 'assumed' : said(unit)
  const high = topOf(unit)
  const y = Math.max(0, unit.height - LEG - high)
  const boxes = { left: boxOf(from, y, left, high), right: boxOf(from + left, y, right, high) }
  const leaves = (['left', 'right'] as const).flatMap(side => {
    const box = boxes[side]
    const marks = leaf(`leaf.${side}`, box, side, certainty)
    const name = label('active', point(nearestTick(box.x + box.width / 2), nearestTick(y + high * 0.7)), 'active')
    return side === active ? [...marks, name] : marks.filter(one => one.role !== 'handle')
  })
  return [frame(unit), ...leaves]
}

/** The leaf between its fixed lights; where a light's width is not said, it stands where the others leave it. */
export function sidelitFront(
  unit: Hung & { readonly sidelightLeft: Length | null; readonly sidelightRight: Length | null },
  { hinges }: HandOrdered,
): readonly Mark[] {
  const [left, right] = [unit.sidelightLeft ?? 0, unit.sidelightRight ?? 0]
  const isSaid = unit.sidelightLeft !== null && unit.sidelightRight !== null
  const certainty: Certainty = isSaid ? 'sure' : 'assumed'
  const pane = (id: string, x: number, width: number): readonly Mark[] =>
    width > 0
      ? [path('glass', id, cornersOf(boxOf(x, UNDER_LEAF, width, unit.height - LEG - UNDER_LEAF)), true, certainty)]
      : []
  return [
    frame(unit),
    ...pane('sidelight.left', LEG, left),
    ...pane('sidelight.right', unit.width - LEG - right, right),
    ...leaf('leaf', leafBox(unit, left, unit.width - right), hinges, isSaid ? said(unit) : 'assumed'),
  ]
}

/** Two panels, each with what it does. */
export function panelsFront(unit: Size, { panels: which }: HandOrdered): readonly Mark[] {
  const { width, height } = unit
  const half = width / 2
  const both = [0, 1].flatMap(side => {
    const [from, to] = side === 0 ? [LEG, half] : [half, width - LEG]
    const box = boxOf(from, UNDER_LEAF, to - from, height - LEG - UNDER_LEAF)
    const at = point(nearestTick((from + to) / 2), nearestTick(height * 0.6))
    const word = which === null ? 'which-moves' : which[side] === 'O' ? 'moves' : 'fixed'
    return [path('leaf', `panel.${side + 1}`, cornersOf(box), true), label(`panel-word.${side + 1}`, at, word)]
  })
  return [frame(unit), ...both]
}
