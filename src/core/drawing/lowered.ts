import type { Point } from '../geometry/point'
import type { Anchor, Certainty, Paint, Role } from './scene'

/** The four marks a writer knows. Positions stay in ticks, real-valued only where an angle makes them so. */
export type LoweredMark = {
  readonly role: Role
  readonly id: string
  readonly certainty: Certainty
  readonly paint?: Paint | undefined
} & (
  | { readonly kind: 'line'; readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number }
  | { readonly kind: 'path'; readonly points: readonly Point[]; readonly closed: boolean }
  | {
      readonly kind: 'arc'
      readonly centre: Point
      readonly radius: number
      readonly fromDeg: number
      readonly toDeg: number
    }
  | {
      readonly kind: 'text'
      readonly x: number
      readonly y: number
      readonly text: string
      readonly turnDeg: number
      readonly anchor: Anchor
    }
)
