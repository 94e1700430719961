import { type Length, largestOf, minus, plus, roundUp, times } from '../units/length'

/** What a wrap-around frame's sizes come in, and how much over the wall its throat may be. */
export type WrapRules = {
  readonly step: Length
  readonly least: Length
  readonly most: Length
  readonly stripThickness: Length
  /** How far each leg returns over the wall's face. */
  readonly return: Length
  /** What the throat keeps over the wall when it is packed. */
  readonly room: Length
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
  /** Strips between frame and wall, so that the throat keeps only its room over. */
  readonly strips: number
}

/** Strips of one thickness that leave the throat its room over the wall. */
export const packStrips = (
  over: Length,
  { stripThickness, room }: Pick<WrapRules, 'stripThickness' | 'room'>,
): number => Math.max(0, Math.floor((over - room) / stripThickness))

/** The smallest frame of usual size whose throat takes the wall at its thickest; its throat is the overall width less two returns. */
export function wrapFrame(wall: Length, rules: WrapRules): WrapFrame {
  const returns = times(rules.return, 2)
  const overall = largestOf([rules.least, roundUp(plus(wall, returns), rules.step)])
  const throat = minus(overall, returns)
  const over = minus(throat, wall)
  const strips = over > rules.fitsUpTo ? packStrips(over, rules) : 0
  const verdict = overall > rules.most || over > rules.packsUpTo ? 'none' : over > rules.fitsUpTo ? 'pack' : 'fits'
  return { verdict, overall, throat, over, strips: verdict === 'pack' ? strips : 0 }
}
