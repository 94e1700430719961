import type { Leaf } from '../base/trace'
import type { TradeLengthId, TradeLengths } from '../base/trade-lengths'
import type { CallTrade } from '../call-trade'
import { type Reader, readerOf, reject } from '../calls-input'
import { chooseJamb, jambRules } from '../specification/choose-jamb'
import { deriveUnit } from '../specification/derive-unit'
import { fillThickness } from '../specification/fill-thickness'
import { fitStorm } from '../specification/fit-storm'
import { handingCodes } from '../specification/handing'
import { freeHeights } from '../specification/handle-window'
import { type LeafFacts, matchLeaf } from '../specification/match-leaf'
import { sillPan } from '../specification/sill-pan'
import { CHAIN_MEMBERS, sizeChain } from '../specification/size-chain'
import { leastClass, massByArea, massByVolume } from '../specification/weigh-leaf'
import { GRADUATIONS } from '../survey/reading'
import { UNIT_WAYS } from '../survey/ways'
import { parseSize } from '../units/call-size'
import { DISPLAY_STEPS, formatLength } from '../units/format-length'
import { isLength, type Length, ticks } from '../units/length'
import { parseLength } from '../units/parse-length'
import { aboveZero, type Calls, closing, notNegative, positive, sizeOr, spanFrom, taken } from './call'

/** What is asked of lengths, sizes, and the unit that is wanted. */
export const UNIT_CALLS: Calls = {
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
  'size.chain': (input, { lengths }) => {
    const known = input.choice('known', CHAIN_MEMBERS)
    const chain = sizeChain(known, positive(input, 'value'), {
      rebate: sizeOr(input, 'rebate', lengths.rebate.value),
      stop: sizeOr(input, 'stop', lengths['stop-thickness'].value),
      setback: sizeOr(input, 'setback', lengths['mould-setback'].value),
      mould: sizeOr(input, 'mould', lengths['mould-width'].value),
      allowance: sizeOr(input, 'allowance', lengths['room-width'].value),
    })
    for (const member of CHAIN_MEMBERS) aboveZero(chain[member], input.path('value'))
    return chain
  },
  'fill.layers': input => {
    const thickness = sizeOr(input, 'thickness', input.length('thickness'))
    const stock = input.lengths('stock').map((one, i) => aboveZero(one, `${input.path('stock')}[${i}]`))
    if (new Set(stock).size > MOST_STOCK) reject('input.size', input.path('stock'))
    return fillThickness(thickness, stock)
  },
  'sill.pan': (input, { lengths }) => {
    const parts = {
      end: sizeOr(input, 'end', input.length('end')),
      centre: positive(input, 'centre'),
      overlap: sizeOr(input, 'overlap', lengths['pan-overlap'].value),
    }
    if (parts.centre <= parts.overlap) reject('pan.centre', input.path('centre'))
    return sillPan(positive(input, 'opening'), parts)
  },
  'handle.window': (input, { lengths }) => {
    const body = positive(input, 'body')
    const [from, to] = spanFrom(input, 'between')
    const spare = sizeOr(input, 'spare', lengths['handle-spare'].value)
    const free = freeHeights(body, bandsFrom(input), { from: notNegative(from, input.path('between')), to }, spare)
    return { free: free.map(band => [band.from, band.to]) }
  },
  'leaf.mass': input => {
    const size = { width: positive(input, 'width'), height: positive(input, 'height') }
    const massKg = massFrom(input, size)
    const classes = input.optionalNumbers('classesKg')
    const wrong = classes?.findIndex((one, i) => one <= 0 || (i > 0 && one <= classes[i - 1]!)) ?? -1
    if (wrong >= 0) reject('input.rising', `${input.path('classesKg')}[${wrong}]`)
    const least = classes ? leastClass(massKg, classes) : -1
    return { massKg, class: least < 0 ? null : least }
  },
}

/** More sizes of stock than anybody keeps: every one of them doubles the ways to lay them. */
const MOST_STOCK = 20

/** Heights that are taken: `[[from, to], …]`, none at all allowed. */
function bandsFrom(input: Reader) {
  const all = input.value('taken')
  if (!Array.isArray(all)) return reject('input.list', input.path('taken'))
  return all.map((one: unknown, i) => {
    const path = `${input.path('taken')}[${i}]`
    const [from, to] = closing(readerOf({ [path]: one }), r => spanFrom(r, path))
    return { from: notNegative(from, path), to }
  })
}

/** By area, or by thickness and density: one of the two. */
function massFrom(input: Reader, size: { readonly width: Length; readonly height: Length }): number {
  const areal = input.optionalNumber('arealKgM2')
  const thickness = input.optionalLength('thickness')
  const density = input.optionalNumber('densityKgM3')
  if (areal !== undefined) {
    const second = thickness !== undefined ? 'thickness' : density !== undefined ? 'densityKgM3' : null
    if (second) reject('input.one-of', input.path(second))
    return massByArea(size, aboveNought(areal, input.path('arealKgM2')))
  }
  if (density === undefined)
    return reject('input.missing', input.path(thickness === undefined ? 'arealKgM2' : 'densityKgM3'))
  return massByVolume(size, positive(input, 'thickness'), aboveNought(density, input.path('densityKgM3')))
}

const aboveNought = (figure: number, path: string): number => (figure > 0 ? figure : reject('input.negative', path))

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

const leafFrom = (leaf: Reader): LeafFacts => ({
  width: leaf.length('width'),
  height: leaf.length('height'),
  thickness: leaf.length('thickness'),
  hinges: leaf.lengths('hinges'),
  bore: leaf.length('bore'),
  backset: leaf.length('backset'),
  labelMinutes: leaf.number('labelMinutes'),
})
