import type { Material } from '@/core/catalogue/material'
import type { StepTool } from '@/core/fit/setting-step'
import type { Weather } from '@/core/plan/day-entry'
import type { Measure, Taking, Term, TermOf } from '@/core/plan/take-off'
import type { LoadItem } from '@/core/plan/van-load'
import type { CutOfSeal } from '@/core/seal/cut-list'
import { type DisplayStep, formatWithUnit, workStep } from '@/core/units/format-length'
import { isLength, nearestTick, TICKS_PER_INCH, TICKS_PER_MM } from '@/core/units/length'

/** What a material is called, one and many; `sized` says what its size is of. */
type Name = { readonly one: string; readonly many: string; readonly sized?: string }

export const MATERIAL_NAMES: Readonly<Record<Material, Name>> = {
  flat: { one: 'flat packer', many: 'flat packers', sized: 'thick' },
  'wedge-pair': { one: 'wedge pair', many: 'wedge pairs' },
  'hinge-screw': { one: 'screw behind a hinge, #10', many: 'screws behind hinges, #10', sized: 'long' },
  'point-screw': { one: 'frame screw, #8', many: 'frame screws, #8', sized: 'long' },
  anchor: { one: 'frame anchor', many: 'frame anchors' },
  plug: { one: 'plug', many: 'plugs' },
  'mould-screw': { one: 'trim screw with its plug', many: 'trim screws with their plugs' },
  'finish-nail': { one: 'finish nail', many: 'finish nails' },
  sealant: { one: 'tube of sealant', many: 'tubes of sealant' },
  foam: { one: 'can of low-expansion foam', many: 'cans of low-expansion foam' },
  'flashing-tape': { one: 'roll of flashing tape', many: 'rolls of flashing tape' },
  'backer-rod': { one: 'roll of backer rod', many: 'rolls of backer rod' },
  'pan-cement': { one: 'can of pan cement', many: 'cans of pan cement' },
  'corner-pad': { one: 'corner pad', many: 'corner pads' },
  fibre: { one: 'fibre insulation', many: 'fibre insulation' },
  'pan-end': { one: 'pan end', many: 'pan ends', sized: 'long' },
  'pan-centre': { one: 'pan centre piece', many: 'pan centre pieces', sized: 'long' },
  'pad-strip': { one: 'pad under the sill', many: 'pad under the sill', sized: 'thick' },
  'sill-shim': { one: 'pack under the sill', many: 'packs under the sill', sized: 'thick' },
  lumber: { one: 'lumber', many: 'lumber', sized: 'thick' },
  'flat-stock': { one: 'flat stock', many: 'flat stock', sized: 'thick' },
  casing: { one: 'piece of casing', many: 'pieces of casing', sized: 'long' },
  'drip-cap': { one: 'drip cap', many: 'drip caps', sized: 'long' },
}

const fine = (step: DisplayStep): DisplayStep => workStep(step)
const size = (length: Taking['size'], step: DisplayStep): string =>
  length === null ? '' : formatWithUnit(length, fine(step)).replaceAll(' ', '\u00a0')

/** What is loaded, without how much: its name, and of what comes in sizes which. */
export function itemName(
  { material, size: own, count, pack }: Pick<LoadItem, 'material' | 'size' | 'count' | 'pack'>,
  step: DisplayStep,
): string {
  const { one, many, sized } = MATERIAL_NAMES[material]
  const name = pack !== null && count === 1 ? one : many
  return own === null || !sized ? name : `${name}, ${size(own, step)} ${sized}`
}

/** How much is loaded: whole packs or pieces, or a run. */
export const itemCount = ({ count, pack }: Pick<LoadItem, 'count' | 'pack'>, step: DisplayStep): string =>
  pack === null ? runWords(count, step) : String(count)

const TERM_NAMES: Readonly<Record<TermOf, string>> = {
  sill: 'along the sill',
  'sill-bed': 'under the pan',
  'sill-lip': 'on the pan’s inner edge',
  sides: 'up each side',
  head: 'along the head',
  round: 'both sides and the head',
  'mould-back': 'behind the trim, both sides and the head',
  joint: 'along the joint, both sides and the head',
  points: 'by the packs and screws planned',
  work: 'by the work priced with the unit',
}

const percent = (share: number): string => `${Math.round(share * 1000) / 10} %`

const MEASURES: Readonly<Record<Exclude<Measure, 'piece' | 'run'>, string>> = { mL: 'mL', in3: 'in³' }

const FOOT = 12 * TICKS_PER_INCH

/** A run, longer than anything that is read of a door too: rolls, and boards over a whole day. */
function runWords(run: number, step: DisplayStep): string {
  if (isLength(Math.round(run))) return formatWithUnit(nearestTick(run), step, 'up')
  return step.includes('/')
    ? `${Math.ceil((run / FOOT) * 10) / 10} ft`
    : `${Math.ceil(run / (TICKS_PER_MM * 100)) / 10} m`
}

/** An amount in what it is counted in; in a metric job what foam fills is litres. */
function amountWords({ measure, amount }: Pick<Taking, 'measure' | 'amount'>, step: DisplayStep): string {
  if (measure === 'run') return runWords(amount, step)
  if (measure === 'piece') return String(Math.round(amount * 10) / 10)
  if (measure === 'in3' && !step.includes('/')) return `${(amount * 0.016387064).toFixed(2)} L`
  return `${amount.toFixed(measure === 'mL' ? 0 : 1)} ${MEASURES[measure]}`
}

function termWords(
  { of, count, length, across }: Term,
  { measure }: Pick<Taking, 'measure'>,
  step: DisplayStep,
): string {
  const run = length === null ? '' : formatWithUnit(length, fine(step))
  const times = count > 1 ? `${count} × ` : ''
  if (measure === 'piece') return `${count}${run ? ` of ${run}` : ''} ${TERM_NAMES[of]}`
  const thick = across.map(one => formatWithUnit(one, fine(step))).join(' × ')
  const section = measure === 'mL' ? `, bead ${thick}` : thick ? ` × ${thick}` : ''
  return `${times}${run}${section} ${TERM_NAMES[of]}`
}

/** The formula behind one amount, read out: its terms, by how much it was raised, what it comes to, and what a pack holds. */
export function takingWords(taking: Taking, step: DisplayStep): string {
  const { terms, share, measure, pack, material } = taking
  const sum = terms.map(one => termWords(one, taking, step)).join('; ')
  const raised = share > 0 ? `, + ${percent(share)}` : ''
  if (measure === 'piece') return share > 0 ? `${sum}${raised} = ${amountWords(taking, step)}` : sum
  const held = pack === null ? '' : amountWords({ measure, amount: pack }, step)
  const holds =
    pack === null
      ? ''
      : material === 'foam'
        ? `; of a can ${held} stay where wanted`
        : `; a ${PACK_NAMES[material] ?? 'pack'} holds ${held}`
  return `${sum}${raised} = ${amountWords(taking, step)}${holds}`
}
const PACK_NAMES: { readonly [material in Material]?: string } = {
  sealant: 'tube',
  'flashing-tape': 'roll',
  'backer-rod': 'roll',
}

/** Which openings a thing is for. */
export const itemWhere = ({ parts }: Pick<LoadItem, 'parts'>): string => parts.map(one => one.tag).join(', ')

/** What the van lacks of a thing; `null` where it has enough. */
export function shortWords({ held, short, count, pack }: LoadItem): string | null {
  if (short === 0) return null
  if (held === null) return pack === null ? null : 'not counted in the van'
  return held === 0 ? 'none in the van' : `the van holds ${held} of ${count}`
}

/** How many bars a strip takes: new ones, and off-cuts that are there. */
export function barsWords({ bars }: Pick<CutOfSeal, 'bars'>): string {
  const old = bars.filter(one => one.of).length
  const fresh = bars.length - old
  return [
    ...(fresh > 0 ? [`${fresh} ${fresh === 1 ? 'bar' : 'bars'}`] : []),
    ...(old > 0 ? [`${old} ${old === 1 ? 'off-cut' : 'off-cuts'} from the van`] : []),
  ].join(' and ')
}

export const toolKey = (tool: StepTool): string => `tool/${tool}`

export const WEATHER_NAMES: Readonly<Record<Weather, string>> = {
  dry: 'Dry',
  rain: 'Rain likely',
  wind: 'Strong wind likely',
  'rain-and-wind': 'Rain and strong wind likely',
}

/** What likely weather means where a hole is to be opened; `null` where nothing. */
export const weatherWatch = (weather: Weather | null): string | null =>
  weather === null || weather === 'dry'
    ? null
    : `${WEATHER_NAMES[weather]}: have what closes the hole ready before the old door comes out, or take another day. Whose call it is: who stands there.`
