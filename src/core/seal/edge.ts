import type { HingeSide } from '../specification/handing'
import type { GapSlot } from '../survey/slots'
import type { Length } from '../units/length'

/** What an edge of the closed door does. */
export type EdgeRole = 'head' | 'hinge' | 'latch' | 'meeting' | 'bottom' | 'interlock' | 'jamb'

/** One edge of a closed door: which leaf, which side, how long and how thick it is, and where its gaps are read. */
export type Edge = {
  readonly id: string
  readonly role: EdgeRole
  readonly leaf: 'one' | 'left' | 'right'
  readonly side: 'head' | 'left' | 'right' | 'bottom' | 'middle'
  readonly length: Length
  readonly thickness: Length
  /** In order along the edge; empty where no reading of it is asked yet. */
  readonly slots: readonly GapSlot[]
}

/** A closed door as far as its edges go. */
export type Closed = {
  readonly width: Length
  readonly height: Length
  readonly thickness: Length
  readonly hinges: HingeSide
}

/** What sealing asks of a kind of door. */
export type SealOf = {
  readonly edges: (closed: Closed) => readonly Edge[]
  /** Whether choosing seals is worked out for it: where it is not, the stage says so and plans none. */
  readonly isWorkedOut: boolean
  /** Whether weather stands against it. */
  readonly isOutside: boolean
  /** The gap readings of its survey are of the old leaf: they choose nothing for the new one. */
  readonly surveyIsOldLeaf: boolean
}

const SLOTS: Readonly<Record<'head' | 'left' | 'right' | 'bottom', readonly GapSlot[]>> = {
  head: ['gap.head.left', 'gap.head.centre', 'gap.head.right'],
  left: ['gap.left.top', 'gap.left.middle', 'gap.left.bottom'],
  right: ['gap.right.top', 'gap.right.middle', 'gap.right.bottom'],
  bottom: ['gap.bottom.left', 'gap.bottom.centre', 'gap.bottom.right'],
}

/** The four edges of one hinged leaf. */
export const oneLeafEdges = ({ width, height, thickness, hinges }: Closed): readonly Edge[] => {
  const edge = (side: keyof typeof SLOTS, role: EdgeRole, length: Length): Edge => ({
    id: side,
    role,
    leaf: 'one',
    side,
    length,
    thickness,
    slots: SLOTS[side],
  })
  return [
    edge('head', 'head', width),
    edge('left', hinges === 'left' ? 'hinge' : 'latch', height),
    edge('right', hinges === 'right' ? 'hinge' : 'latch', height),
    edge('bottom', 'bottom', width),
  ]
}

/** Seven edges of two leaves that meet. `left` is the left leaf's width. */
export const twoLeafEdges = ({ width, height, thickness }: Closed, left: Length, right: Length): readonly Edge[] => {
  const leaf = (of: 'left' | 'right', own: Length): readonly Edge[] => [
    { id: `head.${of}`, role: 'head', leaf: of, side: 'head', length: own, thickness, slots: [] },
    { id: `hinge.${of}`, role: 'hinge', leaf: of, side: of, length: height, thickness, slots: SLOTS[of] },
    { id: `bottom.${of}`, role: 'bottom', leaf: of, side: 'bottom', length: own, thickness, slots: [] },
  ]
  const meeting: Edge = {
    id: 'meeting',
    role: 'meeting',
    leaf: 'one',
    side: 'middle',
    length: height,
    thickness,
    slots: [],
  }
  return width > 0 ? [...leaf('left', left), ...leaf('right', right), meeting] : []
}

/** The edges of a panel that slides: its jamb, head, sill, and where it overlaps the fixed one. */
export const slidingEdges = ({ width, height, thickness }: Closed): readonly Edge[] => {
  const edge = (id: string, role: EdgeRole, side: Edge['side'], length: Length): Edge => ({
    id,
    role,
    leaf: 'one',
    side,
    length,
    thickness,
    slots: [],
  })
  return [
    edge('head', 'head', 'head', width),
    edge('jamb', 'jamb', 'left', height),
    edge('interlock', 'interlock', 'middle', height),
    edge('bottom', 'bottom', 'bottom', width),
  ]
}
