import { inches, type Length, largestOf, minus, plus, roundUp, times } from '../units/length'

/** What a wrap-around frame's sizes come in, and how much over the wall its throat may be. */
export type WrapRules = {
  readonly step: Length
  readonly least: Length
  readonly most: Length
  readonly stripThickness: Length
  readonly fitsUpTo: Length
  readonly packsUpTo: Length
}

/** `fits` when the throat is little over the wall, `pack` when strips take the rest, `none` when no usual frame takes the wall. */
export type WrapVerdict = 'fits' | 'pack' | 'none'

export type WrapFrame = {
  readonly verdict: WrapVerdict
  /** Outside to outside through the wall. */
  readonly overall: Length
  readonly throat: Length
  /** Throat less wall, before packing. */
  readonly over: Length
  /** Strips between frame and wall, so that the throat is not more than 1/8 over. */
  readonly strips: number
}

const RETURN = inches(0, 1, 2)
const ROOM_KEPT = inches(0, 1, 8)

/** Strips of one thickness that leave the throat not more than 1/8 over. */
export const packStrips = (over: Length, thickness: Length): number =>
  Math.max(0, Math.floor((over - ROOM_KEPT) / thickness))

/** The smallest frame of usual size whose throat takes the wall at its thickest; its throat is the overall width less two returns. */
export function wrapFrame(wall: Length, rules: WrapRules): WrapFrame {
  const returns = times(RETURN, 2)
  const overall = largestOf([rules.least, roundUp(plus(wall, returns), rules.step)])
  const throat = minus(overall, returns)
  const over = minus(throat, wall)
  const strips = over > rules.fitsUpTo ? packStrips(over, rules.stripThickness) : 0
  const verdict = overall > rules.most || over > rules.packsUpTo ? 'none' : over > rules.fitsUpTo ? 'pack' : 'fits'
  return { verdict, overall, throat, over, strips: verdict === 'pack' ? strips : 0 }
}
