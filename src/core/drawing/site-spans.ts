import { point } from '../geometry/point'
import type { SiteSlot } from '../survey/slots'
import { inches } from '../units/length'
import type { Drawn, Extent } from './drawn'
import { borePlace, glassBox, hingeSide, hingeTops } from './family-parts'
import { MOULD, readOr, saidOr, USUAL_HANDLE, USUAL_HINGE_HEIGHT, USUAL_LOCK } from './opening-box'
import type { Span } from './reading-spans'

type SpanOf = (result: Drawn, extent: Extent) => Span

const span = (x1: number, y1: number, x2: number, y2: number, along: number): Span => ({
  from: point(Math.round(x1), Math.round(y1)),
  to: point(Math.round(x2), Math.round(y2)),
  along,
})

const mouldWidth =
  (share: number): SpanOf =>
  (_, { left, right, bottom, height }) =>
    span(left - MOULD, bottom + height * share, right + MOULD, bottom + height * share, 0.8)

/** A height up from the sill, on the lock side, its figure beside its upper end. */
const lockHeight =
  (slot: SiteSlot, usual: typeof USUAL_HANDLE, inward: number): SpanOf =>
  (result, { left, right, bottom }) => {
    const x = hingeSide(result) === 'left' ? right - inches(inward) : left + inches(inward)
    return span(x, bottom, x, bottom + readOr(result, slot, usual), 0.62)
  }

/** A panel between two of the door's divisions. */
const panel =
  (index: (result: Drawn) => number, share: number): SpanOf =>
  (result, extent) => {
    const edges = [extent.left, ...result.parts.divisions(result, extent), extent.right]
    const at = Math.min(index(result), edges.length - 2)
    const y = extent.bottom + extent.height * share
    return span(edges[at]!, y, edges[at + 1]!, y, 0.5)
  }

/** How far down a hinge sits: read at the top of the leaf, each a little further in than the one before. */
const hinge =
  (slot: SiteSlot, step: number): SpanOf =>
  (result, { left, right, top, height }) => {
    const inward = hingeSide(result) === 'left' ? 1 : -1
    const x = (inward > 0 ? left : right) + inward * inches(2 + step * 3)
    const fromTop = hingeTops(result).find(([name]) => name === slot)?.[1] ?? height * 0.95
    return span(x, top, x, top - fromTop, step === 0 ? 0.55 : 0.9)
  }

const contact =
  (share: number): SpanOf =>
  (result, { left, right, bottom, height }) => {
    const outward = hingeSide(result) === 'left' ? 1 : -1
    const x = outward > 0 ? right : left
    const y = bottom + height * share
    return span(x, y, x + outward * inches(2), y, 2)
  }

const activeIsLeft = (result: Drawn) => saidOr(result, 'fact.active-leaf', 'right') === 'left'

/** Where a reading that is not of the network is drawn on the elevation; those not listed stand in the plan or the section. */
export const ELEVATION_SPANS: { readonly [slot in SiteSlot]?: SpanOf } = {
  'mould.width.bottom': mouldWidth(0.13),
  'mould.width.middle': mouldWidth(0.56),
  'mould.width.top': mouldWidth(0.88),
  'mould.height': (_, { right, bottom, top }) => span(right + MOULD / 2, bottom, right + MOULD / 2, top + MOULD, 0.2),
  'mould.face': (_, { left, bottom, height }) =>
    span(left - MOULD, bottom + height * 0.72, left, bottom + height * 0.72, -1),
  'handle.height': lockHeight('handle.height', USUAL_HANDLE, 8),
  'lock.height': lockHeight('lock.height', USUAL_LOCK, 13),
  'leaf.active': panel(result => (activeIsLeft(result) ? 0 : 1), 0.14),
  'leaf.passive': panel(result => (activeIsLeft(result) ? 1 : 0), 0.14),
  'leaf.width': panel(() => 1, 0.14),
  'sidelight.left': panel(() => 0, 0.14),
  'sidelight.right': panel(() => 2, 0.14),
  'hinge.1': hinge('hinge.1', 0),
  'hinge.2': hinge('hinge.2', 1),
  'hinge.3': hinge('hinge.3', 2),
  'hinge.4': hinge('hinge.4', 3),
  'hinge.height': (result, { left, right, top }) => {
    const outward = hingeSide(result) === 'left' ? -1 : 1
    const x = (outward < 0 ? left : right) + outward * inches(3)
    const from = hingeTops(result)[0]![1]
    return span(x, top - from, x, top - from - readOr(result, 'hinge.height', USUAL_HINGE_HEIGHT), 1.6)
  },
  'bore.top': (result, extent) => {
    const { x, y } = borePlace(result, extent)
    return span(x, extent.top, x, y, 0.3)
  },
  backset: (result, extent) => {
    const { x, y } = borePlace(result, extent)
    const edge = hingeSide(result) === 'left' ? extent.right : extent.left
    const below = y - inches(4)
    return span(edge, below, x, below, 1.5)
  },
  'glass.width': (result, extent) => {
    const { x, y, width } = glassBox(result, extent)
    return span(x, y - inches(2), x + width, y - inches(2), 0.5)
  },
  'glass.height': (result, extent) => {
    const { x, y, width, height } = glassBox(result, extent)
    return span(x + width / 2, y, x + width / 2, y + height, 0.6)
  },
  'contact.top': contact(0.88),
  'contact.middle': contact(0.5),
  'contact.bottom': contact(0.12),
  'fall.threshold': (_, { left, right, bottom }) => span(left, bottom - inches(6), right, bottom - inches(6), 0.25),
}

/** Those whose lettering stands level beside a short span. */
export const UPRIGHT: ReadonlySet<SiteSlot> = new Set<SiteSlot>([
  'mould.face',
  'hinge.height',
  'backset',
  'contact.top',
  'contact.middle',
  'contact.bottom',
])
