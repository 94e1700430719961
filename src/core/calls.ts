import type { Leaf } from './base/trace'
import type { TradeLengthId, TradeLengths } from './base/trade-lengths'
import type { CallTrade } from './call-trade'
import { InputError, type Reader, readerOf, reject } from './calls-input'
import { checkCorner } from './diagnosis/check-corner'
import { packGap } from './fit/pack-gap'
import { point } from './geometry/point'
import { adjustOpening } from './opening/adjust-opening'
import { deviationsOf } from './opening/observe-survey'
import { type AdjustedOpening, type Observations, type OpeningPoints, POINT_NAMES } from './opening/opening'
import { goesThrough, placeUnit, sideGapsAt } from './opening/place-unit'
import { openingWork } from './opening-call/opening-work'
import { done, type Outcome } from './outcome'
import { hingePullN } from './physics/hinge-load'
import { crackFlowM3h, type LeakySide, leakageAreaCm2, SEASONAL_PRESSURE_PA, yearlyKwh } from './physics/leakage'
import { cutStrip } from './seal/cut-strip'
import { chooseJamb, jambRules } from './specification/choose-jamb'
import { deriveUnit } from './specification/derive-unit'
import { fitStorm } from './specification/fit-storm'
import { handingCodes } from './specification/handing'
import { type LeafFacts, matchLeaf } from './specification/match-leaf'
import { GRADUATIONS } from './survey/reading'
import { UNIT_WAYS } from './survey/ways'
import { parseSize } from './units/call-size'
import { DISPLAY_STEPS, formatLength } from './units/format-length'
import { inches, isLength, type Length, ticks } from './units/length'
import { parseLength } from './units/parse-length'

type Call = (input: Reader, trade: CallTrade) => unknown
/** A call that reads its whole input by a schema of its own. */
type WholeCall = (input: unknown, trade: CallTrade) => unknown

const WHOLE: Readonly<Record<string, WholeCall>> = { 'opening.work': openingWork }

const NETWORK_GROUPS = {
  widths: ['bottom', 'middle', 'top'],
  heights: ['left', 'centre', 'right'],
  diagonals: ['risingRight', 'risingLeft'],
  lean: ['left', 'right'],
  fall: ['sill', 'head'],
  bow: ['left', 'right'],
  crown: ['sill', 'head'],
} as const

/** Every call of the core by name. Lengths come in as typed text or ticks and go out as ticks. */
export const CALLS: Readonly<Record<string, Call>> = {
  'length.parse': input => {
    const unit = input.choice('unit', ['in', 'mm'] as const)
    const graduation = input.optionalText('graduation') ? input.choice('graduation', GRADUATIONS) : undefined
    const { ticks: length, rounded } = taken(parseLength(input.text('text'), { unit, graduation }))
    return { ticks: length, rounded }
  },
  'length.format': input => {
    const given = input.number('ticks')
    const unit = input.choice('unit', ['in', 'mm'] as const)
    const to = input.optionalText('to') ? input.choice('to', DISPLAY_STEPS) : unit === 'in' ? '1/16' : '1'
    if (to.includes('/') !== (unit === 'in'))
      reject('input.choice', input.path('to'), { choices: 'a step of the same unit' })
    const text = formatLength(isLength(given) ? ticks(given) : reject('input.ticks', input.path('ticks')), to)
    return { text, exact: !text.startsWith('≈') }
  },
  'size.parse': input => taken(parseSize(input.text('text'))),
  'unit.derive': derive,
  'jamb.choose': (input, trade) =>
    chooseJamb(input.length('wall'), {
      ...jambRules(input.optionalLengths('standards') ?? trade.jambStandards, trade.lengths),
      extensionLimit: input.optionalLength('extensionLimit') ?? trade.lengths['jamb-extension'].value,
    }),
  'handing.codes': input =>
    handingCodes(input.choice('hinges', ['left', 'right'] as const), input.choice('swing', ['in', 'out'] as const)),
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
    const readings = input.optionalObject('readings')
    const points = readings ? closing(readings, r => adjusted(r, trade).points) : pointsFrom(input.object('points'))
    const unit = sizeFrom(input.object('unit'))
    const placement = placeUnit(points, { unit, pad: input.optionalLength('pad') })
    const gaps = sideGapsAt(points, placement, unit.width, input.optionalLengths('shimHeights') ?? [])
    const gap = input.optionalLength('leastGap') ?? trade.lengths['gap-least'].value
    return { fits: goesThrough(placement, { gap, head: trade.lengths['head-least'].value }), ...placement, gaps }
  },
  'shim.pack': (input, { lengths, flats }) => {
    const wedge = input.optionalObject('wedge')
    return taken(
      packGap(input.length('gap'), {
        wedge: wedge
          ? closing(wedge, w => ({ tip: w.length('tip'), butt: w.length('butt'), length: w.length('length') }))
          : {
              tip: lengths['wedge-tip'].value,
              butt: lengths['wedge-butt'].value,
              length: lengths['wedge-length'].value,
            },
        bearing: input.optionalLength('bearing') ?? inches(4, 9, 16),
        flats: input.optionalLengths('flats') ?? flats,
        slack: lengths['pack-slack'].value,
      }),
    )
  },
  'storm.fit': (input, { lengths }) => {
    const range = input.object('range')
    const span = (name: 'width' | 'height') => spanFrom(range, name)
    return closing(range, () =>
      fitStorm(
        input.lengths('widths'),
        input.lengths('heights'),
        { width: span('width'), height: span('height') },
        input.optionalLength('packLimit') ?? lengths['storm-pack-most'].value,
      ),
    )
  },
  'leaf.match': (input, { lengths }) =>
    matchLeaf(closing(input.object('existing'), leafFrom), closing(input.object('candidate'), leafFrom), {
      size: lengths['leaf-size'].value,
      exact: lengths['leaf-exact'].value,
      shift: lengths['leaf-shift'].value,
      pitch: lengths['leaf-pitch'].value,
      bore: lengths['leaf-bore'].value,
    }),
  'hinge.load': input => {
    const [width, spacing] = [input.length('leafWidth'), input.length('hingeSpacing')]
    const mass = input.number('massKg')
    if (mass <= 0) reject('input.negative', input.path('massKg'))
    if (width <= 0) reject('input.negative', input.path('leafWidth'))
    if (spacing <= 0) reject('input.negative', input.path('hingeSpacing'))
    return { pullN: hingePullN(mass, width, spacing) }
  },
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
  'gap.leakage': input => {
    const sides = input.objects('sides').map(side => closing(side, sideFrom))
    const pressures = input.numbers('pressuresPa')
    const wrong = pressures.findIndex(pressure => pressure < 0)
    if (wrong >= 0) reject('input.negative', `${input.path('pressuresPa')}[${wrong}]`)
    const hdd = input.optionalNumber('hdd')
    const flowAt = (pressure: number) => sides.reduce((total, side) => total + crackFlowM3h(side, pressure), 0)
    const seasonal = flowAt(SEASONAL_PRESSURE_PA)
    return {
      flowM3h: pressures.map(flowAt),
      elaCm2: leakageAreaCm2(seasonal),
      ...(hdd === undefined ? {} : { kwhYear: yearlyKwh(seasonal, hdd) }),
    }
  },
}

export type Reply =
  | { readonly ok: unknown }
  | {
      readonly error: {
        readonly code: string
        readonly path: string
        readonly facts: Readonly<Record<string, string | number>>
      }
    }

/** Answers one request `{ call, input }`, already parsed from JSON. Never throws for a person's mistake. */
export function answer(request: unknown, trade: CallTrade): Reply {
  try {
    return { ok: taken(run(request, trade)) }
  } catch (error) {
    if (error instanceof InputError) return { error: error.issue }
    // A length beyond 20 m is refused by its constructor; out of a call it is the input's doing.
    if (error instanceof RangeError) return { error: { code: 'input.range', path: 'input', facts: {} } }
    throw error
  }
}

function run(request: unknown, trade: CallTrade): Outcome<unknown> {
  const door = readerOf(request)
  const name = door.text('call')
  const whole = Object.hasOwn(WHOLE, name) ? WHOLE[name] : undefined
  if (whole) return done(whole(door.value('input'), trade))
  const call = Object.hasOwn(CALLS, name) ? CALLS[name]! : reject('call.unknown', 'call', { call: name.slice(0, 80) })
  return done(closing(door.root('input'), input => call(input, trade)))
}

function taken<T>(outcome: Outcome<T>): T {
  if (outcome.ok) return outcome.value
  throw new InputError(outcome.issues[0]!)
}

function closing<T>(reader: Reader, read: (reader: Reader) => T): T {
  const value = read(reader)
  reader.close()
  return value
}

function derive(input: Reader, { lengths }: CallTrade): unknown {
  const way = input.choice('way', UNIT_WAYS)
  const drop = input.optionalLength('sillDrop')
  const leaves = (member: 'width' | 'height') =>
    input
      .lengths(member)
      .map((value, i): Leaf => ({ kind: 'reading', name: `${member}[${i}]`, value, origin: 'input' }))
  const given: Partial<Record<TradeLengthId, Length>> = {
    rebate: input.optionalLength('rebate'),
    'stop-thickness': input.optionalLength('stopThickness'),
    'head-stop-thickness': input.optionalLength('headStopThickness'),
    buck: input.optionalLength('buck'),
    'room-width': input.optionalLength('allowanceWidth'),
    'room-height': input.optionalLength('allowanceHeight'),
  }
  const derived = deriveUnit(
    {
      way,
      widths: leaves('width'),
      heights: leaves('height'),
      drop: drop === undefined ? null : { kind: 'reading', name: 'sillDrop', value: drop, origin: 'input' },
    },
    withValues(lengths, given),
  )
  return {
    unit: { width: derived.width.value, height: derived.height.value },
    roughOpening: { width: derived.roughWidth.value, height: derived.roughHeight.value },
    governing: derived.governing,
  }
}

function withValues(lengths: TradeLengths, given: Partial<Record<TradeLengthId, Length>>): TradeLengths {
  const entries = Object.values(lengths).map(one => [
    one.id,
    { ...one, value: given[one.id as TradeLengthId] ?? one.value },
  ])
  return Object.fromEntries(entries)
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

function spanFrom(range: Reader, name: string): readonly [Length, Length] {
  const [least, most, more] = range.lengths(name)
  if (most === undefined || more !== undefined || least! > most) return reject('input.span', range.path(name))
  return [least!, most]
}

const leafFrom = (leaf: Reader): LeafFacts => ({
  width: leaf.length('width'),
  height: leaf.length('height'),
  thickness: leaf.length('thickness'),
  hinges: leaf.lengths('hinges'),
  bore: leaf.length('bore'),
  backset: leaf.length('backset'),
  labelMinutes: leaf.number('labelMinutes'),
})

function sideFrom(side: Reader): LeakySide {
  const gaps = side.lengths('gaps')
  const negative = gaps.findIndex(gap => gap < 0)
  if (negative >= 0) reject('input.negative', `${side.path('gaps')}[${negative}]`)
  const [length, depth] = [side.length('length'), side.length('depth')]
  if (length <= 0) reject('input.negative', side.path('length'))
  if (depth <= 0) reject('input.negative', side.path('depth'))
  return { gaps, length, depth, bends: side.optionalNumber('bends') ?? 0 }
}
