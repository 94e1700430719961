import type { Finding } from '../base/finding'
import { chooseJamb, type JambOption, jambRules } from '../specification/choose-jamb'
import { fillThickness } from '../specification/fill-thickness'
import type { Size } from '../units/call-size'
import { type Length, largestOf, magnitude, minus, plus, smallestOf, sumOf, ticks, times } from '../units/length'
import type { Cents } from '../units/quantity'
import { because, type Filler, type ShapeCode, silent, type Work } from './offer'
import { prepare } from './preparation'
import type { Request } from './request'

/** What of a frame meets the wall. */
export type FrameSheet = { readonly jamb: Length | null }

/** Flat filler for the room over what packs take: from stock, nothing over, behind the hinge leg up to what filler takes there, the
 *  rest behind the other leg. `null` where none is wanted. */
export function fillerFor(sideRoom: Length, { lengths, wishes, fillers }: Request): Filler | null {
  const loose = largestOf([lengths['room-loose'].value, lengths['room-width'].value])
  const excess = minus(sideRoom, loose)
  if (excess <= 0) return null
  const atHinges = fillThickness(smallestOf([excess, lengths['fill-leg-most'].value]), fillers).layers
  const other = fillThickness(minus(excess, sumOf(atHinges)), fillers).layers
  if (atHinges.length + other.length === 0) return null
  return wishes.hinges === 'right' ? { left: other, right: atHinges } : { left: atHinges, right: other }
}

/** How a unit's own jamb meets the wall; `null` where its sheet does not say it. */
export const jambFor = (jamb: Length | null, wall: Length, { lengths }: Request): JambOption | null =>
  jamb === null ? null : chooseJamb(wall, jambRules([jamb], lengths)).options[0]!

/** A jamb that stands farther out of the wall than planing takes off, or that the sheet is silent on. */
export function jambReasons(
  unit: FrameSheet,
  jamb: JambOption | null,
  meetsWall: boolean,
  { wall, lengths }: Request,
): readonly Finding<ShapeCode>[] {
  if (meetsWall && wall !== null && unit.jamb === null) return [silent('jamb')]
  const limit = lengths['jamb-proud-most']
  if (jamb?.kind !== 'standard' || jamb.difference <= limit.value) return []
  const facts = { jamb: { length: jamb.jamb }, by: { length: jamb.difference }, limit: { length: limit.value } }
  return [because<ShapeCode>('jamb-too-deep', 'stop', facts, limit.id)]
}

/** What is done to a jamb so that it meets the wall, all round. */
export function jambWork(unit: Size, jamb: JambOption | null, { lengths }: Request): readonly Work[] {
  const run = plus(times(unit.height, 2), unit.width)
  switch (jamb?.kind) {
    case 'extension':
      return [['extend-jamb', 'jamb', jamb.difference, run]]
    case 'solid':
      return [['solid-jamb', 'jamb', jamb.jamb, run]]
    case 'standard':
      return magnitude(jamb.difference) > lengths['wall-spare'].value
        ? [['plane-jamb', 'jamb', ticks(Math.abs(jamb.difference)), run]]
        : []
    case undefined:
      return []
  }
}

/** What each way to make a jamb costs on site, material and work, for a unit of the derived size; `null` while its size is not known. */
export function jambCosts(
  options: readonly JambOption[],
  unit: { readonly width: { readonly value: Length }; readonly height: { readonly value: Length } } | null,
  request: Request,
): readonly (Cents | null)[] {
  if (!unit) return options.map(() => null)
  const size = { width: unit.width.value, height: unit.height.value }
  return options.map(option =>
    jambWork(size, option, request)
      .map(work => prepare(...work, request.rates))
      .reduce((cents, { materialCents, workCents }) => cents + materialCents + workCents, 0),
  )
}
