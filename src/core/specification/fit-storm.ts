import { type Length, largestOf, minus, smallestOf, ZERO } from '../units/length'

/** What a maker's sheet says a storm, screen or security door covers. */
export type StormRange = {
  readonly width: readonly [least: Length, most: Length]
  readonly height: readonly [least: Length, most: Length]
}

/** How a range covers an opening, the first that applies: trim must come in; too wide to be packed; the trim tapers, so that
 *  no one pack serves top and bottom; too low; too high; pack behind a leg; fits. */
export const STORM_VERDICTS = ['trim in', 'custom', 'taper', 'too low', 'too high', 'pack', 'fits'] as const
export type StormVerdict = (typeof STORM_VERDICTS)[number]

export type StormFit = {
  readonly verdict: StormVerdict
  /** The smallest readings: they govern. */
  readonly governing: { readonly width: Length; readonly height: Length }
  /** Packing behind the legs: at least what brings the widest place into the range, at most what leaves the narrowest in it. */
  readonly packLeast: Length
  readonly packMost: Length
  /** How far inside its range the door is, at the nearest limit; negative outside. */
  readonly margin: Length
}

/** Judges a range for brickmould readings. @throws RangeError without a width or a height: ask first. */
export function fitStorm(
  widths: readonly Length[],
  heights: readonly Length[],
  range: StormRange,
  packLimit: Length,
): StormFit {
  const governing = { width: smallestOf(widths), height: smallestOf(heights) }
  const [[widthLeast, widthMost], [heightLeast, heightMost]] = [range.width, range.height]
  const packLeast = largestOf([ZERO, minus(largestOf(widths), widthMost)])
  const packMost = minus(governing.width, widthLeast)
  const margin = smallestOf([
    packMost,
    minus(widthMost, governing.width),
    minus(governing.height, heightLeast),
    minus(heightMost, governing.height),
  ])
  const applies: Readonly<Record<StormVerdict, boolean>> = {
    'trim in': packMost < 0,
    custom: packLeast > packLimit,
    taper: packLeast > packMost,
    'too low': governing.height < heightLeast,
    'too high': governing.height > heightMost,
    pack: packLeast > 0,
    fits: true,
  }
  return { verdict: STORM_VERDICTS.find(one => applies[one])!, governing, packLeast, packMost, margin }
}
