import { allowanceLeaf, type Leaf, step, type Trace } from '../base/trace'
import type { TradeLengthId, TradeLengths } from '../base/trade-lengths'
import { readingLeaf, type Survey, sizesRead } from '../survey/survey'
import type { Size } from '../units/call-size'
import type { Length } from '../units/length'
import type { DerivedUnit } from './derive-unit'
import { type HingeSheet, SILENT_HINGES } from './hinge-places'

/** The leaf that will hang, each size with how it came about. */
export type HungLeaf = {
  readonly width: Trace
  readonly height: Trace
  readonly thickness: Trace
  readonly hinges: HingeSheet
}

/** What a sheet says of its leaf; `null` where it is silent. */
export type LeafSheet = HingeSheet & {
  readonly leafWidth: Length | null
  readonly leafHeight: Length | null
  readonly leafThickness: Length | null
  /** Above the sub-sill. */
  readonly leafBottom: Length | null
  /** The strike's middle above the leaf's bottom. */
  readonly strikeHeight: Length | null
}

/** A sheet that says nothing of its leaf. */
export const SILENT_LEAF: LeafSheet = {
  ...SILENT_HINGES,
  leafWidth: null,
  leafHeight: null,
  leafThickness: null,
  leafBottom: null,
  strikeHeight: null,
}

/** A unit whose sheet is looked at: whose it is, how large it is over all, and what is said of its leaf. */
export type SheetLeaf = Size & { readonly origin: string; readonly sheet: LeafSheet }

/** What is known of the leaf that will hang. */
export type LeafKnown = {
  readonly survey: Survey
  readonly lengths: TradeLengths
  /** The chosen unit; `null` while none is chosen or it brings no leaf. */
  readonly unit: SheetLeaf | null
  /** The size that follows from the readings, before its pad is taken off: the leaf does not shrink with a pad unless it must. */
  readonly derived: DerivedUnit | null
}

export const sizeOf = ({ width, height }: HungLeaf): Size => ({ width: width.value, height: height.value })

const sheetLeaf = (name: string, value: Length, origin: string): Leaf => ({ kind: 'unit', name, value, origin })

/** A leaf's size in a frame of a size: the frame less what the trade's frames take. */
const lessFrame = (name: 'width' | 'height', frame: Trace, lengths: TradeLengths): Trace =>
  step(`leaf.in-frame-${name}`, 'difference', [frame, allowanceLeaf(lengths[`core-${name}` satisfies TradeLengthId])])

/** The leaf of a chosen unit: as its sheet says, else what its frame leaves. The old leaf never stands in for it. */
export function leafOfSheet({ width, height, origin, sheet }: SheetLeaf, lengths: TradeLengths): HungLeaf {
  const inFrame = (name: 'width' | 'height', size: Length) => lessFrame(name, sheetLeaf(name, size, origin), lengths)
  const { leafWidth, leafHeight, leafThickness } = sheet
  return {
    width: leafWidth === null ? inFrame('width', width) : sheetLeaf('leafWidth', leafWidth, origin),
    height: leafHeight === null ? inFrame('height', height) : sheetLeaf('leafHeight', leafHeight, origin),
    thickness:
      leafThickness === null
        ? allowanceLeaf(lengths['leaf-thickness'])
        : sheetLeaf('leafThickness', leafThickness, origin),
    hinges: sheet,
  }
}

/** The leaf of a unit that is only derived. */
export function leafOfDerived({ survey, lengths, derived }: LeafKnown): HungLeaf | null {
  if (!derived) return null
  return {
    width: lessFrame('width', derived.width, lengths),
    height: lessFrame('height', derived.height, lengths),
    thickness: thicknessRead(survey, lengths),
    hinges: SILENT_HINGES,
  }
}

/** The leaf that was read by itself: the one that stays, or the pattern of a new one. */
export function leafAsRead({ survey, lengths }: LeafKnown): HungLeaf | null {
  const [widths, heights] = [sizesRead(survey, 'core', 'widths'), sizesRead(survey, 'core', 'heights')]
  if (widths.length === 0 || heights.length === 0) return null
  return {
    width: step('unit.smallest-width', 'smallest', widths),
    height: step('unit.smallest-height', 'smallest', heights),
    thickness: thicknessRead(survey, lengths),
    hinges: hingesRead(survey),
  }
}

const thicknessRead = (survey: Survey, lengths: TradeLengths): Trace =>
  readingLeaf(survey, 'leaf.thickness') ?? allowanceLeaf(lengths['leaf-thickness'])

function hingesRead(survey: Survey): HingeSheet {
  const tops = (['hinge.1', 'hinge.2', 'hinge.3', 'hinge.4'] as const).flatMap(
    slot => readingLeaf(survey, slot)?.value ?? [],
  )
  const height = readingLeaf(survey, 'hinge.height')?.value ?? null
  return {
    hingeCount: tops.length > 1 ? tops.length : null,
    hingeTops: tops.length > 1 ? tops : null,
    hingeHeight: height,
  }
}
