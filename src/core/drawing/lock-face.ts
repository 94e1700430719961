import { type Point, point } from '../geometry/point'
import { readValue } from '../survey/survey'
import { inches, ZERO } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import type { Drawn } from './drawn'
import { boreMark, hingeSide } from './family-parts'
import { leverMarks } from './lever'
import { readOr, saidOr, USUAL_BACKSET, USUAL_HANDLE } from './opening-box'
import { type Certainty, type Mark, path, readingMark, type Scene } from './scene'

const HALF = inches(10)
const LEAF = inches(13)
const GAP = inches(0, 1, 8)
const JAMB = inches(2)
const MARGIN = inches(1, 1, 2)
const STRIKE = { thick: inches(0, 3, 16), half: inches(1, 3, 8) }
const CASE = { depth: inches(3, 3, 8), half: inches(3) }
const USUAL_LEAF = [inches(36), inches(80)] as const
const BACKSET_BELOW = inches(4, 1, 2)

/** The edge of a leaf that stays round its lock, as seen from outside: all that is read of it, and all that is changed. From the leaf's edge at x 0 and the
 *  middle of its lock at y 0. Ids: `leaf`, `jamb`, `strike`, `bore`, `case`, `handle`, a reading's slot. */
export function lockFace(drawn: Drawn, isMeasured: boolean): Scene {
  const inward = hingeSide(drawn) === 'left' ? -1 : 1
  const at = (x: number, y: number): Point => point(Math.round(inward * x), Math.round(y))
  const box = (x: number, width: number, half: number) =>
    cornersOf(boxOf(inward > 0 ? x : -x - width, -half, width, 2 * half))
  const backset = readValue(drawn.survey, 'backset')
  const middle = readOr(drawn, 'backset', USUAL_BACKSET)
  const read: Certainty = backset === null ? 'assumed' : 'sure'
  const hasCase = saidOr(drawn, 'fact.lock-case', '') === 'mortise-case'
  const marks: readonly Mark[] = [
    path('leaf', 'leaf', box(0, LEAF, HALF), true, 'assumed'),
    path('leaf', 'leaf.edge', [at(0, -HALF), at(0, HALF)], false),
    path('frame', 'jamb', box(-GAP - JAMB, JAMB, HALF), true, 'assumed'),
    path('hinge', 'strike', box(-GAP - STRIKE.thick, STRIKE.thick, STRIKE.half), true, 'assumed'),
    ...(hasCase
      ? [path('gap', 'case', box(0, readOr(drawn, 'case.depth', CASE.depth), CASE.half), true, 'assumed')]
      : []),
    ...(isMeasured
      ? [
          ...(hasCase ? [] : [boreMark(at(middle, 0), read)]),
          readingMark('backset', at(0, -BACKSET_BELOW), at(middle, -BACKSET_BELOW), backset, 1.35, read, {
            upright: true,
          }),
        ]
      : leverMarks('handle', 0, inward > 0 ? 1 : -1, ZERO, middle)),
  ]
  const [in_, out] = [LEAF + MARGIN, GAP + JAMB + MARGIN]
  const [left, right] = inward < 0 ? [-in_, out] : [-out, in_]
  return {
    name: 'elevation',
    marks,
    from: point(Math.round(left), -HALF - MARGIN),
    to: point(Math.round(right), HALF + MARGIN),
  }
}

/** The leaf that stays as a whole, with its lever: nobody reads how large it is. */
export function leafWithLock(drawn: Drawn): Scene {
  const isLeft = hingeSide(drawn) === 'left'
  const [width, height] = USUAL_LEAF
  return {
    name: 'elevation',
    marks: [
      path('leaf', 'leaf', cornersOf(boxOf(0, 0, width, height)), true, 'assumed'),
      ...leverMarks(
        'handle',
        isLeft ? width : 0,
        isLeft ? -1 : 1,
        USUAL_HANDLE,
        readOr(drawn, 'backset', USUAL_BACKSET),
      ),
      path('ground', 'ground', [point(-JAMB, 0), point(width + JAMB, 0)], false),
    ],
    from: point(-inches(11), -inches(9)),
    to: point(width + inches(11), height + inches(10)),
  }
}
