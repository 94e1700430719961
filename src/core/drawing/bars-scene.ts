import { point } from '../geometry/point'
import type { CutOfSeal } from '../seal/cut-list'
import { inches, nearestTick } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import { dot, label, type Mark, path, type Scene } from './scene'

const HIGH = inches(3)
const APART = inches(6)

/** Bars with the pieces that are cut out of them, to scale, each with its number and its holes. Ids: `bar.1`, `piece.7`. */
export function barsScene({ seal, bars }: Pick<CutOfSeal, 'seal' | 'bars'>): Scene {
  const marks = bars.flatMap(({ pieces, stock }, i): readonly Mark[] => {
    const y = -i * APART
    return [
      path('frame', `bar.${i + 1}`, cornersOf(boxOf(0, y, stock, HIGH)), true, 'assumed'),
      ...pieces.flatMap(({ number, from, piece, holes }): readonly Mark[] => [
        path('leaf', `piece.${number}`, cornersOf(boxOf(from, y, piece.length, HIGH))),
        ...holes.map((hole, k) =>
          dot('point', `hole.${number}.${k}`, point(nearestTick(from + hole), nearestTick(y + HIGH / 2))),
        ),
        label(`piece.${number}`, point(nearestTick(from + piece.length / 2), nearestTick(y + HIGH)), String(number)),
      ]),
    ]
  })
  return {
    name: 'bars',
    marks,
    from: point(-inches(1), nearestTick(-(bars.length - 1) * APART - inches(1))),
    to: point(nearestTick(seal.stock + inches(1)), nearestTick(HIGH + inches(3))),
  }
}
