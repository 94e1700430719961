import type { Schools } from '../base/schools'
import type { TradeLengths } from '../base/trade-lengths'
import { fitStorm, type StormFit } from '../specification/fit-storm'
import { type Length, minus, plus, roundDown, ticks, ZERO } from '../units/length'
import type { TrimRead } from './request'
import type { StormSheet } from './unit'
import type { CloserPlace } from './unit-values'

/** How a storm door goes on its trim: packed behind its legs, its rail and drip cap cut, its closer placed. */
export type StormCut = {
  readonly fit: StormFit
  /** Behind the legs, all of it together: the middle of what may be packed, to the next stock strip; 0 where none is needed. */
  readonly pack: Length
  readonly rail: Length
  readonly headGap: Length
  /** What stays open under the hinge rail. */
  readonly bottomGap: Length
  readonly closer: CloserPlace
  readonly closerPin: Length
}

/** Packs, cuts and gaps of a storm door for the trim that was read. The rail is cut down, never nearest. */
export function cutStorm(sheet: StormSheet, trim: TrimRead, lengths: TradeLengths, schools: Schools): StormCut {
  const fit = fitStorm(
    trim.widths,
    trim.heights,
    { width: [sheet.widthLeast, sheet.widthMost], height: [sheet.heightLeast, sheet.heightMost] },
    lengths['storm-pack-most'].value,
  )
  const headGap = headGapBy(sheet, lengths, schools)
  const rail = roundDown(minus(fit.governing.height, sheet.deduction), lengths['storm-cut-step'].value)
  return {
    fit,
    pack: packBetween(fit, lengths['storm-pack-step'].value),
    rail,
    headGap,
    bottomGap: minus(fit.governing.height, plus(headGap, rail)),
    closer: schools.answers['closer-place'] === 'sheet' ? sheet.closerPlace : schools.answers['closer-place'],
    closerPin: sheet.closerPin,
  }
}

function headGapBy(sheet: StormSheet, lengths: TradeLengths, { answers }: Schools): Length {
  switch (answers['storm-head-gap']) {
    case 'sheet':
      return sheet.headGap
    case 'even':
      return lengths['storm-even-gap'].value
    case 'tight':
      return ZERO
  }
}

/** The middle of what may be packed, up to the next stock strip while that still lies inside; 0 where nothing must be packed. */
function packBetween({ packLeast, packMost }: StormFit, step: Length): Length {
  if (packLeast <= 0 || packLeast > packMost) return ZERO
  const middle = (packLeast + packMost) / 2
  const strip = Math.ceil(middle / step) * step
  return ticks(strip <= packMost ? strip : Math.floor(middle))
}
