import type { EdgeRole } from '../seal-stock/seal'
import type { HingeSide } from '../specification/handing'
import { type GapSlot, type StopSlot, stopOf } from '../survey/slots'
import type { Length } from '../units/length'

/** One edge of a closed door: which leaf, which side, how long and how thick it is, and where its gaps are read. */
export type Edge = {
  readonly id: string
  readonly role: EdgeRole
  readonly leaf: 'one' | 'left' | 'right'
  readonly side: 'head' | 'left' | 'right' | 'bottom' | 'middle'
  readonly moves: 'swings' | 'slides'
  readonly length: Length
  readonly thickness: Length
  /** Where the gap in the plane of the door is read, in order along the edge. */
  readonly slots: readonly GapSlot[]
  /** Where the gap between face and stop is read, at the same places; none where nothing stands behind. */
  readonly stops: readonly StopSlot[]
}

/** A closed door as far as its edges go. `leftLeaf` is the left leaf's width of two that meet; `moves` the side of a panel that slides. */
export type Closed = {
  readonly width: Length
  readonly height: Length
  readonly thickness: Length
  readonly hinges: HingeSide
  readonly leftLeaf: Length | null
  readonly moves: HingeSide | null
}

/** What sealing asks of a kind of door. */
export type SealOf = {
  readonly edges: (closed: Closed) => readonly Edge[]
  /** Whether it closes an opening at all: a lock alone does not. */
  readonly closes: boolean
  /** Whether weather stands against it. */
  readonly isOutside: boolean
  /** The gap readings of its survey are of the old leaf: they choose nothing for the new one. */
  readonly surveyIsOldLeaf: boolean
}

const SLOTS: Readonly<Record<'head' | 'left' | 'right' | 'bottom' | 'meeting' | 'interlock', readonly GapSlot[]>> = {
  head: ['gap.head.left', 'gap.head.centre', 'gap.head.right'],
  left: ['gap.left.top', 'gap.left.middle', 'gap.left.bottom'],
  right: ['gap.right.top', 'gap.right.middle', 'gap.right.bottom'],
  bottom: ['gap.bottom.left', 'gap.bottom.centre', 'gap.bottom.right'],
  meeting: ['gap.meeting.top', 'gap.meeting.middle', 'gap.meeting.bottom'],
  interlock: ['gap.interlock.top', 'gap.interlock.middle', 'gap.interlock.bottom'],
}

type Named = Omit<Edge, 'stops' | 'thickness' | 'moves'>
/** With its stops, where it has one at each of its places. */
const withStops = (edge: Named, thickness: Length): Edge => {
  const stops = edge.slots.flatMap(slot => stopOf(slot) ?? [])
  return { ...edge, moves: 'swings', thickness, stops: stops.length === edge.slots.length ? stops : [] }
}

/** The four edges of one hinged leaf. */
export const oneLeafEdges = ({ width, height, thickness, hinges }: Closed): readonly Edge[] => {
  const edge = (side: 'head' | 'left' | 'right' | 'bottom', role: EdgeRole, length: Length): Edge =>
    withStops({ id: side, role, leaf: 'one', side, length, slots: SLOTS[side] }, thickness)
  return [
    edge('head', 'head', width),
    edge('left', hinges === 'left' ? 'hinge' : 'latch', height),
    edge('right', hinges === 'right' ? 'hinge' : 'latch', height),
    edge('bottom', 'bottom', width),
  ]
}

/** Seven edges of two leaves that meet; none while the left leaf's width is not known. */
export const twoLeafEdges = ({ width, height, thickness, leftLeaf }: Closed): readonly Edge[] => {
  if (leftLeaf === null) return []
  const leaf = (of: 'left' | 'right', own: Length): readonly Edge[] => {
    const ends = (where: 'head' | 'bottom'): readonly GapSlot[] => {
      const [outer, meeting] = [`gap.${where}.${of}`, `gap.${where}.meeting-${of}`] as const
      return of === 'left' ? [outer, meeting] : [meeting, outer]
    }
    const named: readonly Named[] = [
      { id: `head.${of}`, role: 'head', leaf: of, side: 'head', length: own, slots: ends('head') },
      { id: `hinge.${of}`, role: 'hinge', leaf: of, side: of, length: height, slots: SLOTS[of] },
      { id: `bottom.${of}`, role: 'bottom', leaf: of, side: 'bottom', length: own, slots: ends('bottom') },
    ]
    return named.map(one => withStops(one, thickness))
  }
  const right = (width - leftLeaf) as Length
  if (right <= 0) return []
  const meeting = { id: 'meeting', role: 'meeting', leaf: 'one', side: 'middle', length: height } as const
  return [
    ...leaf('left', leftLeaf),
    ...leaf('right', right),
    withStops({ ...meeting, slots: SLOTS.meeting }, thickness),
  ]
}

/** The edges of a panel that slides: its jamb, head, sill, and where it overlaps the fixed one; it falls against no stop. */
export const slidingEdges = ({ width, height, thickness, moves }: Closed): readonly Edge[] => {
  const jamb = moves ?? 'left'
  const edge = (id: string, role: EdgeRole, side: Edge['side'], length: Length, slots: readonly GapSlot[]): Edge => ({
    id,
    role,
    leaf: 'one',
    side,
    length,
    thickness,
    moves: 'slides',
    slots,
    stops: [],
  })
  return [
    edge('head', 'head', 'head', width, SLOTS.head),
    edge('jamb', 'jamb', jamb, height, SLOTS[jamb]),
    edge('interlock', 'interlock', 'middle', height, SLOTS.interlock),
    edge('bottom', 'bottom', 'bottom', width, SLOTS.bottom),
  ]
}
