import { type Length, ticks, ZERO } from '../units/length'

/** A point in ticks, seen from outside: x to the right, y up. */
export type Point = { readonly x: Length; readonly y: Length }

export const point = (x: number, y: number): Point => ({ x: ticks(x), y: ticks(y) })
export const ORIGIN: Point = { x: ZERO, y: ZERO }
export const shifted = (p: Point, dx: number, dy: number): Point => point(p.x + dx, p.y + dy)
