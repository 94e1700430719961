import type { CallTrade } from '../call-trade'
import { type Reader, reject } from '../calls-input'
import { checkCorner } from '../diagnosis/check-corner'
import { closureOfDiagonals, rackFromDiagonals } from '../diagnosis/rack'
import { twistLegs } from '../diagnosis/twist-legs'
import { point } from '../geometry/point'
import { adjustOpening } from '../opening/adjust-opening'
import { deviationsOf } from '../opening/observe-survey'
import { type AdjustedOpening, type Observations, type OpeningPoints, POINT_NAMES } from '../opening/opening'
import { goesThrough, placeUnit, sideGapsAt } from '../opening/place-unit'
import type { Length } from '../units/length'
import { type Calls, closing, positive, sizeOr, taken } from './call'

const NETWORK_GROUPS = {
  widths: ['bottom', 'middle', 'top'],
  heights: ['left', 'centre', 'right'],
  diagonals: ['risingRight', 'risingLeft'],
  lean: ['left', 'right'],
  fall: ['sill', 'head'],
  bow: ['left', 'right'],
  crown: ['sill', 'head'],
} as const

/** A unit placed in an opening that was read or whose points are given. */
export function placedFrom(input: Reader, trade: CallTrade) {
  const readings = input.optionalObject('readings')
  const points = readings ? closing(readings, r => adjusted(r, trade).points) : pointsFrom(input.object('points'))
  const unit = sizeFrom(input.object('unit'))
  const placement = placeUnit(points, { unit, pad: input.optionalLength('pad') })
  return { points, unit, placement, gap: input.optionalLength('leastGap') ?? trade.lengths['gap-least'].value }
}

/** What is asked of an opening: as read, adjusted, judged, with a unit in it. */
export const OPENING_CALLS: Calls = {
  'corner.check': input => {
    const legB = input.length('legB')
    const height = input.optionalLength('height') ?? legB
    return taken(checkCorner(input.length('legA'), legB, input.length('diagonal'), height))
  },
  'opening.adjust': (input, trade) => {
    const { points, suspect, unchecked, assumed } = adjusted(input, trade)
    return { points: asPairs(points), suspect, unchecked, assumed }
  },
  'fit.place': (input, trade) => {
    const { points, unit, placement, gap } = placedFrom(input, trade)
    const gaps = sideGapsAt(points, placement, unit.width, input.optionalLengths('shimHeights') ?? [])
    return { fits: goesThrough(placement, { gap, head: trade.lengths['head-least'].value }), ...placement, gaps }
  },
  'rack.diagonals': input => {
    const [width, right, left] = [
      positive(input, 'width'),
      positive(input, 'risingRight'),
      positive(input, 'risingLeft'),
    ]
    const lean = rackFromDiagonals(width, right, left)
    if (input.optionalLength('side') === undefined) return { lean }
    return { lean, closure: closureOfDiagonals(width, positive(input, 'side'), right, left) }
  },
  'twist.legs': (input, { lengths }) => {
    const fine = sizeOr(input, 'fine', lengths['twist-fine'].value)
    const split = sizeOr(input, 'split', lengths['twist-correct'].value)
    if (fine > split) reject('input.span', input.path('split'))
    return twistLegs(input.length('left'), input.length('right'), { fine, split })
  },
}

function adjusted(input: Reader, { lengths }: CallTrade): AdjustedOpening {
  const observations: Record<string, { value: Length }> = {}
  for (const [group, members] of Object.entries(NETWORK_GROUPS)) {
    const reader = input.optionalObject(group)
    if (!reader) continue
    for (const member of members) {
      const value = reader.optionalLength(member)
      if (value !== undefined) observations[`${group}.${member}`] = { value }
    }
    reader.close()
  }
  return taken(adjustOpening(observations satisfies Observations, deviationsOf(lengths)))
}

function pointsFrom(reader: Reader): OpeningPoints {
  const entries = POINT_NAMES.map(name => {
    const [x, y] = reader.lengths(name)
    return [name, y === undefined ? reject('input.point', reader.path(name)) : point(x!, y)] as const
  })
  reader.close()
  return Object.fromEntries(entries) as OpeningPoints
}

const asPairs = (points: OpeningPoints) =>
  Object.fromEntries(POINT_NAMES.map(name => [name, [points[name].x, points[name].y]]))

const sizeFrom = (reader: Reader) => closing(reader, r => ({ width: r.length('width'), height: r.length('height') }))
