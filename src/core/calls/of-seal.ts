import { lengthFrom, type Reader, reject } from '../calls-input'
import {
  crackFlowM3h,
  holeFlowM3h,
  type LeakySide,
  leakageAreaCm2,
  SEASONAL_PRESSURE_PA,
  sealedFlowM3h,
  seriesLeak,
  yearlyKwh,
} from '../physics/leakage'
import { cutStrip } from '../seal/cut-strip'
import { type GapRule, judgeGaps } from '../seal/fire-gaps'
import { latchForceN } from '../seal/latch-force'
import { nestDrilled } from '../seal/nest-drilled'
import { nestPieces } from '../seal/nest-pieces'
import { centsYear } from '../seal/yearly'
import { inches, type Length, metresOf } from '../units/length'
import { aboveZero, type Calls, closing, isEmpty, notNegative, positive, sizeOr, taken } from './call'

const EDGES = ['head', 'latch', 'hinge', 'meeting', 'bottom'] as const
const RULED = ['head', 'hinge', 'latch', 'meeting', 'bottom'] as const
const MOST_PIECES = 200

/** What is asked of seals: what leaks, what pushes, how strips are cut, and what a label allows. */
export const SEAL_CALLS: Calls = {
  'strip.cut': (input, { lengths }) =>
    taken(
      cutStrip({
        stock: input.length('stock'),
        first: input.length('first'),
        pitch: input.length('pitch'),
        holes: input.number('holes'),
        length: input.length('length'),
        leastEnd: input.optionalLength('leastEnd') ?? lengths['seal-least-end'].value,
      }),
    ),
  'strip.nest': (input, { lengths }) => {
    const [stock, kerf] = [positive(input, 'stock'), notNegative(input.length('kerf'), input.path('kerf'))]
    const pieces = isEmpty(input, 'pieces') ? [] : input.lengths('pieces')
    for (const [i, one] of pieces.entries()) aboveZero(one, `${input.path('pieces')}[${i}]`)
    if (pieces.length > MOST_PIECES) reject('strip.many', input.path('pieces'), { most: MOST_PIECES })
    const holes = input.optionalObject('holes')
    return holes
      ? drilled(input, holes, stock, kerf, pieces, lengths['seal-least-end'].value)
      : undrilled(input, stock, kerf, pieces)
  },
  'gap.leakage': input => {
    const sides = input.objects('sides').map(side => closing(side, sideFrom))
    const pressures = pressuresFrom(input)
    const hdd = input.optionalNumber('hdd')
    const flowAt = (pressure: number) => sides.reduce((total, side) => total + crackFlowM3h(side, pressure), 0)
    const seasonal = flowAt(SEASONAL_PRESSURE_PA)
    return {
      flowM3h: pressures.map(flowAt),
      elaCm2: leakageAreaCm2(seasonal),
      ...(hdd === undefined ? {} : { kwhYear: yearlyKwh(seasonal, hdd) }),
    }
  },
  'seal.leakage': input => {
    const parts = objectsOf(input, 'parts').map(part => closing(part, sealedFrom))
    const corners =
      input.optionalValue('corners') === undefined
        ? []
        : objectsOf(input, 'corners').map(one => closing(one, cornerFrom))
    const flowAt = (pressure: number) =>
      parts.reduce((sum, one) => sum + sealedFlowM3h(seriesLeak(one.leaks), one.length, pressure), 0) +
      corners.reduce((sum, area) => sum + holeFlowM3h(area, pressure), 0)
    return { flowM3h: pressuresFrom(input).map(flowAt) }
  },
  'latch.force': input => ({
    forceN: latchForceN(
      objectsOf(input, 'parts').map(part =>
        closing(part, one => ({
          role: one.choice('edge', EDGES),
          length: notNegative(one.length('length'), one.path('length')),
          forceNPerMetre: notBelow(one, 'forceNPerMetre'),
        })),
      ),
    ),
  }),
  'fire.gaps': input => fireGaps(input),
  'seal.cost': input => {
    const months = input.number('lifeMonths')
    if (months <= 0) reject('input.negative', input.path('lifeMonths'))
    return { centsYear: centsYear(notBelow(input, 'cents'), months / 12) }
  },
}

const objectsOf = (input: Reader, name: string): readonly Reader[] => (isEmpty(input, name) ? [] : input.objects(name))

function notBelow(input: Reader, name: string): number {
  const figure = input.number(name)
  return figure >= 0 ? figure : reject('input.negative', input.path(name))
}

function pressuresFrom(input: Reader): readonly number[] {
  const pressures = input.numbers('pressuresPa')
  const wrong = pressures.findIndex(pressure => pressure < 0)
  if (pressures.length === 0) reject('input.missing', input.path('pressuresPa'))
  return wrong < 0 ? pressures : reject('input.negative', `${input.path('pressuresPa')}[${wrong}]`)
}

function gapsFrom(side: Reader): readonly Length[] {
  const gaps = side.lengths('gaps')
  const negative = gaps.findIndex(gap => gap < 0)
  return negative < 0 ? gaps : reject('input.negative', `${side.path('gaps')}[${negative}]`)
}

function sideFrom(side: Reader): LeakySide {
  const gaps = gapsFrom(side)
  const own = { gaps, length: positive(side, 'length'), depth: positive(side, 'depth'), bends: bendsOf(side) }
  const stop = side.optionalObject('stop')
  if (!stop) return own
  const behind = closing(stop, one => ({ gaps: gapsFrom(one), depth: positive(one, 'depth'), bends: bendsOf(one) }))
  if (behind.gaps.length !== gaps.length) reject('seal.places', stop.path('gaps'))
  return { ...own, stop: behind }
}

function bendsOf(side: Reader): number {
  const bends = side.optionalNumber('bends') ?? 0
  return bends >= 0 ? bends : reject('input.negative', side.path('bends'))
}

function sealedFrom(part: Reader) {
  const length = notNegative(part.length('length'), part.path('length'))
  const leaks = part.numbers('leaks')
  if (leaks.length === 0 || leaks.length > 2) reject('seal.leaks', part.path('leaks'))
  const wrong = leaks.findIndex(one => one < 0)
  if (wrong >= 0) reject('input.negative', `${part.path('leaks')}[${wrong}]`)
  return { length, leaks }
}

const cornerFrom = (corner: Reader): number =>
  metresOf(notNegative(corner.length('width'), corner.path('width'))) *
  metresOf(notNegative(corner.length('height'), corner.path('height')))

function undrilled(input: Reader, stock: Length, kerf: Length, pieces: readonly Length[]) {
  const nest = nestPieces(stock, kerf, pieces) ?? reject('strip.too-long', input.path('pieces'))
  return { bars: nest.bars, barCount: nest.bars.length, lowerBound: nest.lowerBound, optimal: nest.optimal }
}

function drilled(input: Reader, holes: Reader, stock: Length, kerf: Length, pieces: readonly Length[], usual: Length) {
  const leastEnd = sizeOr(input, 'leastEnd', usual)
  const bar = closing(holes, one => {
    const count = one.number('count')
    if (!Number.isInteger(count) || count < 1 || count > 1000) reject('strip.sizes', one.path('count'))
    return { first: notNegative(one.length('first'), one.path('first')), pitch: positive(one, 'pitch'), count }
  })
  const nest = nestDrilled({ stock, kerf, leastEnd, ...bar }, pieces)
  if ('issue' in nest)
    return reject(nest.issue, `${input.path('pieces')}[${nest.piece}]`, { length: pieces[nest.piece]!, leastEnd })
  return { bars: nest.bars, barCount: nest.bars.length, optimal: nest.optimal }
}

const MOST_GAPS_OFF = inches(0, 1, 64)

function fireGaps(input: Reader) {
  const deviation = sizeOr(input, 'deviation', MOST_GAPS_OFF)
  const rules = closing(input.object('rules'), one =>
    Object.fromEntries(
      RULED.flatMap(edge => (one.optionalValue(edge) === undefined ? [] : [[edge, ruleFrom(one, edge)]])),
    ),
  )
  const edges = closing(input.object('gaps'), one =>
    RULED.flatMap(edge => {
      if (one.optionalValue(edge) === undefined || isEmpty(one, edge)) return []
      const gaps = one.lengths(edge).map((gap, i) => notNegative(gap, `${one.path(edge)}[${i}]`))
      const rule = rules[edge] ?? reject('fire.no-rule', one.path(edge))
      return [[edge, judgeGaps(gaps, rule, deviation)!] as const]
    }),
  )
  return {
    edges: Object.fromEntries(edges),
    ok: edges.length > 0 && edges.every(([, verdict]) => verdict === 'within'),
  }
}

/** A list of two limits, either of which may be `null`. */
function ruleFrom(input: Reader, edge: string): GapRule {
  const both = input.value(edge)
  if (!Array.isArray(both) || both.length !== 2) return reject('input.span', input.path(edge))
  const [least, most] = both.map((one, i) => (one === null ? null : limitFrom(one, `${input.path(edge)}[${i}]`)))
  if (least != null && most != null && least > most) return reject('input.span', input.path(edge))
  return [least ?? null, most ?? null]
}

const limitFrom = (value: unknown, path: string): Length => notNegative(lengthFrom(value, path), path)
