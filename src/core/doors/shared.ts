import type { SchoolId } from '../base/schools'
import { step } from '../base/trace'
import { NO_LIGHTS } from '../catalogue/across'
import { bore } from '../drawing/family-parts'
import { undivided } from '../drawing/opening-box'
import { type FrameOf, type MakerAsks, NOTHING_ASKED } from '../fit/fit-of'
import type { HingeScrews } from '../fit/hanging'
import { detailsWith } from '../order/order-of'
import { outsideSpares } from '../order/spares'
import { oneLeafEdges } from '../seal/edge'
import type { SettingSheet } from '../specification/bedding'
import type { LeafSheet } from '../specification/hung-leaf'
import { type HungLeaf, type LeafKnown, leafAsRead, leafOfDerived, leafOfSheet } from '../specification/hung-leaf'
import { trimCovered } from '../specification/trim-outside'
import { EXTRAS } from '../specification/wish-values'
import type { Survey } from '../survey/survey'
import { type Length, split } from '../units/length'
import type { Door, UnitDoor } from './door'

// What several kinds answer alike.

export const WALLS = ['wall.left', 'wall.head', 'wall.right'] as const
export const TWIST = ['through.left', 'through.right', 'strings.gap'] as const
export const SILL = [
  'sill.depth',
  'floor.finished',
  'floor.highest',
  'floor.covering',
  'floor.rug',
  'floor.drop',
  'step.outside',
] as const
/** Outer edge to outer edge of the outside trim. */
export const TRIM_COVERED = ['mould.width.bottom', 'mould.width.middle', 'mould.width.top', 'mould.height'] as const
export const HINGES = ['hinge.1', 'hinge.2', 'hinge.3', 'hinge.4', 'hinge.height'] as const
export const ANY_UNIT_WAY = ['pocket', 'pencil-mark', 'outside-face', 'trim-off', 'core', 'masonry'] as const

const OLD_FRAME: readonly SchoolId[] = ['unit-width', 'head-allowance', 'height-start']
/** How a frame with a leaf is fastened. */
const HANGING_PRACTICES: readonly SchoolId[] = ['fresh-unit', 'fastening', 'twist', 'shims-and-screws', 'screw-order']
/** Practices of a prehung unit outside, in the order of the work. */
export const OUTSIDE_PRACTICES: readonly SchoolId[] = [
  ...OLD_FRAME,
  'rough-opening',
  'bucks',
  'extension',
  'sill-lumber',
  'outside-trim',
  'flush-face',
  'sill',
  'cavity',
  ...HANGING_PRACTICES,
  'foam-trim',
  'mould-screw',
]
export const INSIDE_PRACTICES: readonly SchoolId[] = [
  ...OLD_FRAME,
  'rough-opening',
  'extension',
  'flush-face',
  ...HANGING_PRACTICES,
]

/** The details an order of an outside unit names. */
export const OUTSIDE_DETAILS = [
  'core',
  'style',
  'colour-outside',
  'colour-inside',
  'sill',
  'brickmould',
  'frame-material',
  'hinge-size',
  'hinge-finish',
  'weatherstrip',
  'sweep',
] as const

/** What a label asks of a door besides, and a closer. */
export const LABEL_TESTS = ['closes-slowly', 'self-closes', 'label-seen'] as const

/** What a leaf that hangs inside the house is tried by. */
export const INSIDE_TESTS = ['margins', 'stays-open', 'latches', 'opens-lightly', 'clear-width', 'strike'] as const

export const OUTSIDE_TESTS = [
  'plumb',
  'margins',
  'stays-open',
  'latches',
  'clear-width',
  'contact',
  'bill',
  'no-light',
  'air',
  'hose',
  'strike',
  'deadbolt',
  'sweep',
  'hinge-pins',
  ...LABEL_TESTS,
] as const

/** The leaf of a unit that hangs in a frame of its own: the chosen unit's; else that of the derived size, which for a leaf read by
 *  itself is the leaf that was read. */
export const framedLeaf = (known: LeafKnown) =>
  known.unit ? leafOfSheet(known.unit, known.lengths) : (leafOfDerived(known) ?? leafAsRead(known))

/** The leaf that stays, as it was read. */
export const stayingLeaf = (known: LeafKnown) => leafAsRead(known)

/** One of two leaves alike. */
export const halved = (leaf: HungLeaf): HungLeaf => ({
  ...leaf,
  width: {
    kind: 'unit',
    name: 'leaf.half',
    value: split(step('leaf.both', 'sum', [leaf.width]).value, 2)[0]!,
    origin: 'two leaves alike',
  },
})

type HungMembers = Pick<
  LeafSheet,
  'leafWidth' | 'leafHeight' | 'leafThickness' | 'hingeCount' | 'hingeTops' | 'hingeHeight' | 'strikeHeight'
>

/** What a sheet says of a leaf that hangs in its frame. */
export const hungSheet = (unit: HungMembers, leafBottom: Length | null): LeafSheet => ({
  leafWidth: unit.leafWidth,
  leafHeight: unit.leafHeight,
  leafThickness: unit.leafThickness,
  hingeCount: unit.hingeCount,
  hingeTops: unit.hingeTops,
  hingeHeight: unit.hingeHeight,
  strikeHeight: unit.strikeHeight,
  leafBottom,
})

/** A frame without fixed lights or a second leaf. */
export const plainFrame = (unit: Pick<FrameOf, 'jamb' | 'legThickness' | 'legMaterial'>): FrameOf => ({
  jamb: unit.jamb,
  legThickness: unit.legThickness,
  legMaterial: unit.legMaterial,
  sidelights: NO_LIGHTS,
  passiveLeaf: null,
})

/** What brings no frame of its own. */
export const noFrame = (): FrameOf => ({
  jamb: null,
  legThickness: null,
  legMaterial: null,
  sidelights: NO_LIGHTS,
  passiveLeaf: null,
})
export const asksNothing = (): MakerAsks => NOTHING_ASKED

/** What a sheet says of set screws in its hinges. */
type ScrewSheet = { readonly hingeTurn: Length | null; readonly hingesApart: boolean | null }
/** A steel frame's are turned alike unless its sheet says otherwise, others each by itself. */
export const screwsOf = (
  { hingeTurn, hingesApart }: ScrewSheet,
  { turnedAlike }: { readonly turnedAlike: boolean },
): HingeScrews | null => (hingeTurn === null ? null : { advance: hingeTurn, alike: !(hingesApart ?? !turnedAlike) })

/** What the sheet of a unit with a sill outside asks for when it is set. */
type SillSheet = SettingSheet & {
  readonly sillCap: string | null
  readonly asksHeadScrews: boolean | null
  readonly asksClip: boolean | null
}
export const sillAsks = (unit: SillSheet): MakerAsks => ({
  asksPan: unit.asksPan,
  asksBeads: unit.asksBeads,
  asksFoam: unit.asksFoam,
  asksHeadScrews: unit.asksHeadScrews,
  asksClip: unit.asksClip,
  hasCap: unit.sillCap === 'adjustable',
  form: null,
  hanging: null,
  hingeScrews: null,
  lock: null,
})
/** What the sheet of a leaf hung over such a sill asks for. */
export const hungAsks = (unit: SillSheet & ScrewSheet): MakerAsks => ({
  ...sillAsks(unit),
  hingeScrews: screwsOf(unit, { turnedAlike: false }),
})
export const nothingOnSite = () => ({})
/** What the old trim covered of the wall. */
export const trimOnSite = (survey: Survey) => ({ trimCovered: trimCovered(survey) })

/** One leaf inside, drawn with the bore of its lock. */
export const BORED_LEAF: Door['parts'] = {
  isOneLeaf: true,
  parts: bore,
  divisions: undivided,
  plan: 'one-leaf',
  surround: null,
  readsOutside: false,
}

/** What the order of one prehung leaf outside asks: everything, sized by its frame. */
export const ONE_LEAF_OUTSIDE_ORDER = {
  details: detailsWith(OUTSIDE_DETAILS),
  extras: EXTRAS,
  hand: ['hinges', 'swing'],
  sizeOf: 'frame',
  isDerived: true,
  spares: outsideSpares(1),
} as const satisfies UnitDoor<'hinged-outside'>['order']

/** One leaf outside, sealed at its four edges. */
export const ONE_LEAF_OUTSIDE_SEAL: Door['seal'] = {
  edges: oneLeafEdges,
  closes: true,
  isOutside: true,
  surveyIsOldLeaf: false,
}
