import type { SchoolAnswer } from '../base/schools'
import type { FasteningPoint } from './fastening'
import type { FrameOf, MakerAsks } from './fit-of'

/** What of a frame's head goes into the header: nothing, as on every ordinary unit; beside a pack over a mullion or a meeting point; or
 *  whatever its sheet asks for, or forbids. A header that sags would carry the frame down with it. */
export type HeaderRule = 'no-screw' | 'beside-pack' | 'by-sheet' | 'not-by-sheet'

export function headerRule(
  frame: Pick<FrameOf, 'passiveLeaf' | 'sidelights'> | null,
  practice: SchoolAnswer<'header'>,
  { asksHeadScrews }: Pick<MakerAsks, 'asksHeadScrews'>,
): HeaderRule {
  const isDouble = frame !== null && (frame.passiveLeaf !== null || frame.sidelights.left + frame.sidelights.right > 0)
  if (asksHeadScrews === true) return isDouble ? 'beside-pack' : 'by-sheet'
  if (!isDouble || practice === 'never') return 'no-screw'
  return asksHeadScrews === false ? 'not-by-sheet' : 'beside-pack'
}

/** Places of a frame in the order in which they are screwed fast: up the hinge leg by the practice, then the other legs alike, the head last. */
export function screwOrder(
  points: readonly FasteningPoint[],
  practice: SchoolAnswer<'screw-order'>,
): readonly string[] {
  const legs = ['left', 'right'] as const
  const hingeLeg = points.find(one => one.why === 'hinge')?.member
  const inOrder = [...legs].sort((a, b) => Number(b === hingeLeg) - Number(a === hingeLeg))
  const ofLeg = (member: FasteningPoint['member']) => {
    const down = points.filter(one => one.member === member).sort((a, b) => b.at - a.at)
    if (practice === 'top-first' || down.length < 3) return down
    return [...down.slice(1, -1), down[0]!, down.at(-1)!]
  }
  return [...inOrder.flatMap(ofLeg), ...points.filter(one => one.member === 'head')].map(one => one.place)
}
