import type { Reveals } from '../tuning/reveals'
import type { Length } from '../units/length'

/** Why margins stand as they do. */
export const MARGIN_CAUSES = ['deep-mortises', 'unequal-hinges', 'frame-racked', 'legs-apart', 'leg-bowed'] as const
export type MarginCause = (typeof MARGIN_CAUSES)[number]

type Side = { readonly top: number; readonly middle: number | null; readonly bottom: number }

const sideOf = (margins: Reveals, side: 'hinge' | 'strike'): Side | null => {
  const [top, middle, bottom] = [margins[`${side}.top`], margins[`${side}.middle`], margins[`${side}.bottom`]]
  return top === undefined || bottom === undefined ? null : { top, middle: middle ?? null, bottom }
}
const taper = ({ top, bottom }: Side): number => top - bottom
const meanOf = ({ top, bottom }: Side): number => (top + bottom) / 2
/** How far the middle stands off the line of its ends. */
const bowOf = (side: Side): number => (side.middle === null ? 0 : side.middle - meanOf(side))

/** What the margins that were read speak for, the likeliest first; empty where they are even, or too few were read. A difference counts
 *  above `tolerance`. Source: common trade practice. */
export function causesOf(margins: Reveals, aim: Length, tolerance: Length): readonly MarginCause[] {
  const [hinge, strike] = [sideOf(margins, 'hinge'), sideOf(margins, 'strike')]
  if (!hinge || !strike) return []
  const is = (difference: number) => Math.abs(difference) > tolerance
  const [hingeTaper, strikeTaper] = [taper(hinge), taper(strike)]
  const ends = (at: 'head' | 'sill') => (margins[`${at}.hinge`] ?? 0) - (margins[`${at}.strike`] ?? 0)
  const hasEnds = (['head', 'sill'] as const).every(
    at => margins[`${at}.hinge`] !== undefined && margins[`${at}.strike`] !== undefined,
  )
  const isTight = aim - meanOf(hinge) > tolerance && meanOf(strike) - aim > tolerance
  const isOpposite = is(hingeTaper) && is(strikeTaper) && hingeTaper * strikeTaper < 0
  const isRacked =
    !is(hingeTaper) &&
    !is(strikeTaper) &&
    hasEnds &&
    is(ends('head')) &&
    is(ends('sill')) &&
    ends('head') * ends('sill') < 0
  return [
    ...(isTight && !is(hingeTaper) && !is(strikeTaper) ? (['deep-mortises'] as const) : []),
    ...(isOpposite ? (['unequal-hinges'] as const) : []),
    ...(isRacked ? (['frame-racked'] as const) : []),
    ...(is(strikeTaper) && !is(hingeTaper) ? (['legs-apart'] as const) : []),
    ...(bowOf(hinge) < -tolerance || bowOf(strike) < -tolerance ? (['leg-bowed'] as const) : []),
  ]
}
