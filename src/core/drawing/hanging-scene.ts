import { point } from '../geometry/point'
import { GAUGE_PLACES, type GaugePlace } from '../practice/hanging'
import { type HungLeaf, type Reveals, readHeights } from '../tuning/reveals'
import { ALIKE } from '../tuning/tune-measures'
import { inches, type Length, magnitude, minus, nearestTick, plus, times } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import { dot, type Mark, path, readingMark, type Scene } from './scene'

/** A margin is drawn so wide that it can be pointed at. */
const MARGIN = inches(3)
const FROM_END = inches(6)
const ROUND = inches(9)
const ASIDE = inches(3)

/** What is drawn of a hung leaf: on which side its hinges are, its margins as they were read, and as they are expected. */
export type HangingDrawn = {
  readonly hung: HungLeaf
  readonly hinges: 'left' | 'right'
  readonly read: { readonly [place in GaugePlace]?: Length | undefined }
  readonly expected?: Reveals
  /** The margins that are read of it at all. */
  readonly names?: readonly GaugePlace[]
}

/** A hung leaf in its frame with its margins. Ids: a margin's name, `level`. */
export function hangingScene({ hung, hinges, read, expected = {}, names = GAUGE_PLACES }: HangingDrawn): Scene {
  const { leaf, hinges: heights } = hung
  const { width, height } = leaf
  const turned = ([x, y]: Spot): Spot => [hinges === 'left' ? x : minus(width, nearestTick(x)), y]
  const mark = (name: GaugePlace, from: Spot, to: Spot): readonly Mark[] => {
    if (!names.includes(name)) return []
    const after = name === 'level' ? undefined : expected[name]
    const own = read[name] ?? null
    const look = {
      upright: /^(head|sill|level)/.test(name),
      after: after === undefined || (own !== null && magnitude(minus(after, own)) < ALIKE) ? null : after,
    }
    return [readingMark(name, at(turned(from)), at(turned(to)), own, 0.5, own === null ? 'assumed' : 'sure', look)]
  }
  const levels = readHeights(leaf)
  const ends = { hinge: FROM_END, strike: minus(width, FROM_END) }
  const middles = [heights.bottom, ...heights.inner, heights.top]
  const out = plus(width, MARGIN)
  return {
    name: 'hanging',
    marks: [
      path('frame', 'frame', cornersOf(boxOf(-MARGIN, -MARGIN, plus(out, MARGIN), plus(height, times(MARGIN, 2))))),
      path('leaf', 'leaf', cornersOf(boxOf(0, 0, width, height))),
      ...middles.map((y, i) => dot('point', `hinge-${i}`, at(turned([0, y])))),
      ...(['top', 'middle', 'bottom'] as const).flatMap(place => [
        ...mark(`hinge.${place}`, [-MARGIN, levels[place]], [0, levels[place]]),
        ...mark(`strike.${place}`, [width, levels[place]], [out, levels[place]]),
      ]),
      ...(['hinge', 'strike'] as const).flatMap(end => [
        ...mark(`head.${end}`, [ends[end], height], [ends[end], height + MARGIN]),
        ...mark(`sill.${end}`, [ends[end], -MARGIN], [ends[end], 0]),
      ]),
      ...mark('level', [-MARGIN - ASIDE, heights.bottom], [-MARGIN - ASIDE, heights.top]),
    ],
    from: point(-ROUND, -ROUND),
    to: point(plus(width, ROUND), plus(height, ROUND)),
  }
}

type Spot = readonly [x: number, y: number]
const at = ([x, y]: Spot) => point(nearestTick(x), nearestTick(y))
