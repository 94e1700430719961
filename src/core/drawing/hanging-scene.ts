import { point } from '../geometry/point'
import type { GaugePlace } from '../practice/hanging'
import { type HungLeaf, type RevealName, readHeights } from '../tuning/reveals'
import { inches, type Length, minus, nearestTick, plus, times } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import { dot, type Mark, path, readingMark, type Scene } from './scene'

/** A margin is drawn so wide that it can be pointed at. */
const MARGIN = inches(3)
const FROM_END = inches(6)
const ROUND = inches(9)

/** A hung leaf in its frame, hinges on the left, with its margins as they were noted. Ids: a margin's name, `level`. */
export function hangingScene(
  { leaf, hinges }: HungLeaf,
  noted: { readonly [place in GaugePlace]?: Length | undefined },
): Scene {
  const { width, height } = leaf
  const margin = (name: RevealName, from: readonly [number, number], to: readonly [number, number]): Mark =>
    readingMark(name, at(from), at(to), noted[name] ?? null, 0.5, noted[name] === undefined ? 'assumed' : 'sure', {
      upright: /^(head|sill)/.test(name),
    })
  const heights = readHeights(leaf)
  const ends = { hinge: FROM_END, strike: minus(width, FROM_END) }
  const middles = [hinges.bottom, hinges.middle, hinges.top].flatMap(one => one ?? [])
  return {
    name: 'hanging',
    marks: [
      path(
        'frame',
        'frame',
        cornersOf(boxOf(-MARGIN, -MARGIN, plus(width, times(MARGIN, 2)), plus(height, times(MARGIN, 2)))),
      ),
      path('leaf', 'leaf', cornersOf(boxOf(0, 0, width, height))),
      ...middles.map((y, i) => dot('point', `hinge-${i}`, point(0, y))),
      ...(['top', 'middle', 'bottom'] as const).flatMap(place => [
        margin(`hinge.${place}`, [-MARGIN, heights[place]], [0, heights[place]]),
        margin(`strike.${place}`, [width, heights[place]], [width + MARGIN, heights[place]]),
      ]),
      ...(['hinge', 'strike'] as const).flatMap(end => [
        margin(`head.${end}`, [ends[end], height], [ends[end], height + MARGIN]),
        margin(`sill.${end}`, [ends[end], -MARGIN], [ends[end], 0]),
      ]),
      readingMark(
        'level',
        at([-MARGIN - inches(3), heights.bottom]),
        at([-MARGIN - inches(3), heights.top]),
        noted.level ?? null,
        0.5,
        noted.level === undefined ? 'assumed' : 'sure',
        { upright: true },
      ),
    ],
    from: point(-ROUND, -ROUND),
    to: point(plus(width, ROUND), plus(height, ROUND)),
  }
}

const at = ([x, y]: readonly [number, number]) => point(nearestTick(x), nearestTick(y))
