import type { TradeLengths } from '../base/trade-lengths'
import { type Length, minus, nearestTick, plus } from '../units/length'
import { type HingeTrade, hingeCount } from './weigh-leaf'

/** What a sheet says of the hinges of a leaf; `null` where it is silent. */
export type HingeSheet = {
  readonly hingeCount: number | null
  /** From the top of the leaf to the top of each hinge, downward. */
  readonly hingeTops: readonly Length[] | null
  readonly hingeHeight: Length | null
}
export const SILENT_HINGES: HingeSheet = { hingeCount: null, hingeTops: null, hingeHeight: null }

/** Where the hinges of a leaf are, by its sheet, else as the trade sets them. */
export type HingePlaces = {
  readonly tops: readonly Length[]
  readonly height: Length
  /** Whether the places are the trade's and not the sheet's. */
  readonly isAssumed: boolean
}

/** The number, places and height of a leaf's hinges: from the sheet where it says them, else by the leaf's height, the outer ones at
 *  the trade's distances from its ends and the others evenly between. */
export function hingePlaces(
  leafHeight: Length,
  sheet: HingeSheet,
  lengths: TradeLengths,
  trade: Pick<HingeTrade, 'twoUpTo' | 'oneMorePer'>,
): HingePlaces {
  const height = sheet.hingeHeight ?? lengths['hinge-height'].value
  if (sheet.hingeTops) return { tops: sheet.hingeTops, height, isAssumed: false }
  const count = sheet.hingeCount ?? hingeCount(leafHeight, trade)
  const first = lengths['hinge-top'].value
  const last = minus(leafHeight, plus(lengths['hinge-bottom'].value, height))
  const tops = Array.from({ length: count }, (_, i) =>
    nearestTick(first + ((last - first) * i) / Math.max(1, count - 1)),
  )
  return { tops, height, isAssumed: true }
}

/** From the top hinge to the bottom one, the arm of the pull; not above zero on a leaf too low to have two. */
export const hingeSpacing = ({ tops }: HingePlaces): Length => minus(tops.at(-1)!, tops[0]!)

/** The middle of each hinge above the leaf's bottom, from the top down. */
export const hingeMiddles = ({ tops, height }: HingePlaces, leafHeight: Length): readonly Length[] =>
  tops.map(top => minus(leafHeight, plus(top, nearestTick(height / 2))))
