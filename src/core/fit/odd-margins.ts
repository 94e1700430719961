import type { RevealName, Reveals } from '../tuning/reveals'
import type { Length } from '../units/length'

/** What of the margins is asked for again: a leaf is straight and its frame nearly so, so that margins can't differ in every way. Asked for
 *  are a side whose middle is off the line of its ends by more than `most`, and head and bottom that open towards the same end by more than
 *  twice that in all, so that the frame were no rectangle but a wedge. Source: common trade practice. */
export function oddMargins(margins: Reveals, most: Length): readonly RevealName[] {
  const { 'head.hinge': hh, 'head.strike': hs, 'sill.hinge': sh, 'sill.strike': ss } = margins
  const bowed = (['hinge', 'strike'] as const).flatMap((side): readonly RevealName[] => {
    const [top, middle, bottom] = [margins[`${side}.top`], margins[`${side}.middle`], margins[`${side}.bottom`]]
    if (middle === undefined) return []
    if (top !== undefined && bottom !== undefined)
      return Math.abs(middle - (top + bottom) / 2) > most ? [`${side}.middle`] : []
    const end = top ?? bottom
    return end !== undefined && Math.abs(middle - end) > 2 * most ? [`${side}.middle`] : []
  })
  const isWedge =
    hh !== undefined &&
    hs !== undefined &&
    sh !== undefined &&
    ss !== undefined &&
    Math.abs(hh - hs + (sh - ss)) > 2 * most
  return [...bowed, ...(isWedge ? (['head.strike', 'sill.strike'] as const) : [])]
}
