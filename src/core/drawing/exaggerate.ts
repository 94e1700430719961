import { type Point, point } from '../geometry/point'
import type { OpeningPoints, PointName } from '../opening/opening'

/** A rectangle, plumb and level, against which deviations are shown larger. */
export type Frame = { readonly left: number; readonly right: number; readonly bottom: number; readonly top: number }

/** The mean rectangle of an opening. */
export const meanFrame = (p: OpeningPoints): Frame => ({
  left: (p.L0.x + p.L1.x + p.L2.x) / 3,
  right: (p.R0.x + p.R1.x + p.R2.x) / 3,
  bottom: (p.L0.y + p.S.y + p.R0.y) / 3,
  top: (p.L2.y + p.T.y + p.R2.y) / 3,
})

/** Moves each side's points `factor` times as far from the frame's edge as they are: a factor of 1 is the truth. */
export function exaggerate(points: OpeningPoints, frame: Frame, factor: number): OpeningPoints {
  const away = (value: number, edge: number) => Math.round(edge + (value - edge) * factor)
  const move = (name: PointName, p: Point): Point => {
    const x = name.startsWith('L') ? away(p.x, frame.left) : name.startsWith('R') ? away(p.x, frame.right) : p.x
    const y = /0|S/.test(name) ? away(p.y, frame.bottom) : /2|T/.test(name) ? away(p.y, frame.top) : p.y
    return point(x, y)
  }
  const { L0, L1, L2, R0, R1, R2, S, T } = points
  return {
    L0: move('L0', L0),
    L1: move('L1', L1),
    L2: move('L2', L2),
    R0: move('R0', R0),
    R1: move('R1', R1),
    R2: move('R2', R2),
    S: move('S', S),
    T: move('T', T),
  }
}
