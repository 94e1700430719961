import type { Point } from '../geometry/point'
import type { Length } from '../units/length'

/** What a mark is part of; colours and line weights are the shower's business. */
export type Role =
  | 'wall'
  /** How the face of a wall looks, lightly. */
  | 'texture'
  | 'stud'
  | 'hole'
  | 'frame'
  | 'leaf'
  | 'glass'
  | 'sill'
  | 'floor'
  | 'ground'
  | 'trim'
  | 'hinge'
  | 'handle'
  | 'swing'
  | 'shim'
  | 'seal'
  | 'gap'
  /** What air passes. */
  | 'air'
  | 'dimension'
  | 'reading'
  | 'point'
  | 'hook'
  | 'label'

/** How sure one is of what a mark shows. */
export type Certainty = 'sure' | 'unchecked' | 'doubtful' | 'assumed'

/** What is painted in a colour that is still chosen: the leaf, or its metal; and what one sees through. */
export type Paint = 'colour' | 'metal' | 'glass'

type Common = {
  readonly role: Role
  readonly id: string
  readonly certainty: Certainty
  readonly paint?: Paint | undefined
}

/** Marks as a drawing means them, in ticks, y up. */
export type Mark = Common &
  (
    | { readonly kind: 'path'; readonly points: readonly Point[]; readonly closed: boolean }
    | {
        readonly kind: 'arc'
        readonly centre: Point
        readonly radius: Length
        readonly fromDeg: number
        readonly toDeg: number
      }
    /** Lines that belong together, each by its two ends: x1, y1, x2, y2, and so on. */
    | { readonly kind: 'lines'; readonly ends: readonly number[] }
    | { readonly kind: 'dot'; readonly at: Point }
    /** Its text is worked out from its ends and can't lie. Drawn `offset` to the left of from → to. */
    | { readonly kind: 'dimension'; readonly from: Point; readonly to: Point; readonly offset: Length }
    /** Where a reading is taken, with the figure that was read, or open while there is none. */
    | {
        readonly kind: 'reading'
        readonly from: Point
        readonly to: Point
        readonly value: Length | null
        readonly along: number
        readonly upright: boolean
        /** What the other readings say it most likely is. */
        readonly likely: Length | null
        /** What it will be after what is proposed. */
        readonly after: Length | null
        /** How far it may be off where it was only assumed. */
        readonly spread: Length | null
      }
    /** A figure that stands at a place. */
    | { readonly kind: 'figure'; readonly at: Point; readonly value: Length; readonly anchor: Anchor }
    | { readonly kind: 'label'; readonly at: Point; readonly word: string; readonly anchor: Anchor }
  )

export type Anchor = 'start' | 'middle' | 'end'

/** A drawing: its marks, and the part of the plane it fills. */
export type Scene = { readonly name: string; readonly marks: readonly Mark[]; readonly from: Point; readonly to: Point }

/** A scene without the places of readings nobody has taken: once measuring is over they only stand in the way. */
export const withoutOpen = (scene: Scene): Scene => ({
  ...scene,
  marks: scene.marks.filter(mark => mark.kind !== 'reading' || mark.value !== null),
})

// Built member by member: a scene has hundreds of marks, drawn anew at each key.

export const path = (
  role: Role,
  id: string,
  points: readonly Point[],
  closed = true,
  certainty: Certainty = 'sure',
): Mark => ({ kind: 'path', role, id, certainty, points, closed })

export const lines = (role: Role, id: string, ends: readonly number[]): Mark => ({
  kind: 'lines',
  role,
  id,
  certainty: 'sure',
  ends,
})

export const arc = (role: Role, id: string, centre: Point, radius: Length, fromDeg: number, toDeg: number): Mark => ({
  kind: 'arc',
  role,
  id,
  certainty: 'sure',
  centre,
  radius,
  fromDeg,
  toDeg,
})

export const dot = (role: Role, id: string, at: Point, certainty: Certainty = 'sure'): Mark => ({
  kind: 'dot',
  role,
  id,
  certainty,
  at,
})

export const dimension = (id: string, from: Point, to: Point, offset: Length, certainty: Certainty = 'sure'): Mark => ({
  kind: 'dimension',
  role: 'dimension',
  id,
  certainty,
  from,
  to,
  offset,
})

export type ReadingLook = {
  readonly upright?: boolean
  readonly likely?: Length | null
  readonly after?: Length | null
  readonly spread?: Length | null
}

/** `upright` lettering stands level beside its span; else it runs along it. */
export const readingMark = (
  id: string,
  from: Point,
  to: Point,
  value: Length | null,
  along: number,
  certainty: Certainty,
  { upright = false, likely = null, after = null, spread = null }: ReadingLook = {},
): Mark => ({ kind: 'reading', role: 'reading', id, certainty, from, to, value, along, upright, likely, after, spread })

export const figure = (
  role: Role,
  id: string,
  at: Point,
  value: Length,
  anchor: Anchor,
  certainty: Certainty = 'sure',
): Mark => ({ kind: 'figure', role, id, certainty, at, value, anchor })

export const label = (id: string, at: Point, word: string, anchor: Anchor = 'middle'): Mark => ({
  kind: 'label',
  role: 'label',
  id,
  certainty: 'sure',
  at,
  word,
  anchor,
})
