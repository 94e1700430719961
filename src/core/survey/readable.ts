import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import { inches, type Length, mm, ZERO } from '../units/length'
import type { Reading } from './reading'
import { isSigned, kindOfSlot, placeOf, type Slot } from './slots'

export type ReadableCode = 'reading-impossible'

/** What can be read at all at a place: beyond it somebody typed another unit, or slipped. */
type Bounds = { readonly least: Length; readonly most: Length }

const TINY = mm(1)
const SIZE: Bounds = { least: inches(1), most: mm(8000) }
const PART: Bounds = { least: TINY, most: mm(3000) }
/** Round a closed door nothing is wider than its frame. */
const CRACK: Bounds = { least: ZERO, most: mm(200) }

const BY_KIND: Readonly<Record<string, Bounds>> = {
  widths: SIZE,
  heights: SIZE,
  diagonals: SIZE,
  wall: PART,
  sill: PART,
  leaf: PART,
  backset: PART,
  throat: PART,
  hinge: PART,
  bore: PART,
  gap: CRACK,
  stop: CRACK,
  contact: CRACK,
}
const BY_PLACE: Readonly<Record<string, Bounds>> = {
  'mould.height': SIZE,
  'mould.width.bottom': SIZE,
  'mould.width.middle': SIZE,
  'mould.width.top': SIZE,
}

/** The least and the most a reading of a slot can be. One with a direction may go either way. */
export function boundsOf(slot: Slot): Bounds {
  if (isSigned(slot)) return { least: mm(-1000), most: mm(1000) }
  return BY_PLACE[placeOf(slot)] ?? BY_KIND[kindOfSlot(slot)] ?? { least: ZERO, most: mm(3000) }
}

/** Whether somebody can have read this value there. */
export function canBeRead(slot: Slot, value: Length): boolean {
  const { least, most } = boundsOf(slot)
  return value >= least && value <= most
}

/** Parts old rows nobody can have read from the others: each is a finding at its place, and none enters a sum. */
export function impossibleReadings(readings: readonly Reading[]): {
  readonly possible: readonly Reading[]
  readonly findings: readonly Finding<ReadableCode>[]
} {
  const wrong = readings.filter(one => !canBeRead(one.slot, one.value))
  return {
    possible: wrong.length ? readings.filter(one => !wrong.includes(one)) : readings,
    findings: wrong.map(({ slot, value, text }) => ({
      code: 'reading-impossible',
      place: slot,
      severity: 'correct',
      facts: {
        read: { length: value },
        text,
        least: { length: boundsOf(slot).least },
        most: { length: boundsOf(slot).most },
      },
      rule: 'readable',
      cures: [cure('reading.take-again')],
    })),
  }
}
