import type { Schools } from '../base/schools'
import type { TradeLengths } from '../base/trade-lengths'
import { fitStorm, type StormFit } from '../specification/fit-storm'
import { type Length, minus, plus, roundDown, ticks, ZERO } from '../units/length'
import type { TrimRead } from './site'
import type { CloserPlace, StormKind } from './unit-values'

/** What the sheet of a door on the trim says: the opening it covers, and how it is cut and hung. */
export type StormSheet = {
  readonly stormKind: StormKind
  readonly widthLeast: Length
  readonly widthMost: Length
  readonly heightLeast: Length
  readonly heightMost: Length
  /** The hinge rail is the opening's height less this. */
  readonly deduction: Length
  readonly headGap: Length
  /** Its handle: the middle above the sill, half its height, how far it stands out inward. */
  readonly handleAt: Length | null
  readonly handleHalf: Length | null
  readonly handleProud: Length | null
  readonly closerPin: Length | null
  readonly closerPlace: CloserPlace | null
  readonly faceLeast: Length | null
  readonly proudLeast: Length | null
}

/** How a storm door goes on its trim: packed behind its legs, its rail and drip cap cut, its closer placed. */
export type StormCut = {
  readonly fit: StormFit
  /** Behind the legs, all of it together: the strip nearest to the middle of what may be packed; 0 where none is needed. */
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
    pack: packBetween(fit, lengths['storm-pack-step'].value, lengths['storm-near-limit'].value),
    rail,
    headGap,
    bottomGap: minus(fit.governing.height, plus(headGap, rail)),
    closer: closerBy(sheet, schools),
    closerPin: sheet.closerPin ?? lengths['closer-pin'].value,
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

/** By the practice; by the sheet, the foot where the sheet is silent. */
const closerBy = (sheet: StormSheet, { answers }: Schools): CloserPlace =>
  answers['closer-place'] === 'sheet' ? (sheet.closerPlace ?? 'foot') : answers['closer-place']

/** The strip nearest to the middle of what may be packed, the thicker of two equally near; where none lies clear of both ends, the next
 *  finer strip, and at last as near to the middle as a strip can be planed. 0 where nothing must be packed. */
function packBetween({ packLeast, packMost }: StormFit, step: Length, near: Length): Length {
  if (packLeast <= 0 || packLeast > packMost) return ZERO
  const middle = (packLeast + packMost) / 2
  for (const size of [step, step / 2, step / 4]) {
    const strip = Math.floor(middle / size + 0.5) * size
    if (strip - packLeast > near && packMost - strip > near) return ticks(strip)
  }
  return ticks(Math.floor(middle))
}
