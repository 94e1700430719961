import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { readValue, type Survey } from '../survey/survey'
import type { Size } from '../units/call-size'
import { type Length, largestOf, minus, nearestTick, plus } from '../units/length'
import { type ChainParts, sizeChain } from './size-chain'

/** What a sheet says of the trim its frame comes with; `null` where it is silent, and the usual counts. */
export type MouldSheet = { readonly mouldWidth?: Length | null; readonly mouldSetback?: Length | null }

/** What the old outside trim covered, outer edge to outer edge; a height from the underside of the sill. */
export type TrimCovered = { readonly width: Length | null; readonly height: Length | null }

const MOULD_WIDTHS = ['mould.width.bottom', 'mould.width.middle', 'mould.width.top'] as const

/** The parts of a unit's size chain: by its sheet where it speaks of its trim, else as usual. */
export const chainParts = (lengths: TradeLengths, sheet: MouldSheet = {}): ChainParts => ({
  rebate: lengths.rebate.value,
  stop: lengths['stop-thickness'].value,
  setback: sheet.mouldSetback ?? lengths['mould-setback'].value,
  mould: sheet.mouldWidth ?? lengths['mould-width'].value,
  allowance: lengths['room-width'].value,
})

/** A unit with its trim, outer edge to outer edge: a width by the size chain; a height the unit's with one trim over the head. */
export function trimOutside(unit: Size & MouldSheet, lengths: TradeLengths): Size {
  const parts = chainParts(lengths, unit)
  const setBack = minus(lengths['head-stop-thickness'].value, parts.setback)
  return {
    width: sizeChain('unit', unit.width, parts).mouldOutside,
    height: plus(unit.height, minus(parts.mould, setBack)),
  }
}

/** The widest and the highest the old trim covered: the new one must reach both, or bare wall shows beside it. */
export function trimCovered(survey: Survey): TrimCovered {
  const widths = MOULD_WIDTHS.flatMap(slot => readValue(survey, slot) ?? [])
  return { width: widths.length ? largestOf(widths) : null, height: readValue(survey, 'mould.height') }
}

/** How far the new trim falls short of the old one at each side and over the head; nothing where it covers it. */
export function trimShort(
  unit: Size & MouldSheet,
  covered: TrimCovered,
  lengths: TradeLengths,
): { readonly side: Length; readonly head: Length } {
  const own = trimOutside(unit, lengths)
  const short = (old: Length | null, now: Length): number => (old === null ? 0 : Math.max(0, old - now))
  return {
    side: nearestTick(short(covered.width, own.width) / 2),
    head: nearestTick(short(covered.height, own.height)),
  }
}

export type TrimCode = 'trim-narrower'

/** Trim round a frame is wider outside than the frame itself. */
export function judgeTrimRead(survey: Survey, frameWidth: Length | null): readonly Finding<TrimCode>[] {
  if (frameWidth === null) return []
  return MOULD_WIDTHS.flatMap((slot): readonly Finding<TrimCode>[] => {
    const width = readValue(survey, slot)
    if (width === null || width > frameWidth) return []
    const facts = { width: { length: width }, inside: { length: frameWidth } }
    return [
      {
        code: 'trim-narrower',
        place: slot,
        severity: 'correct',
        facts,
        rule: 'mould-width',
        cures: [cure('reading.take-again')],
      },
    ]
  })
}
