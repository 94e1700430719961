import { done, type Issue, type Outcome, refused } from '../outcome'
import { isLength, type Length, TICKS_PER_INCH, TICKS_PER_MM, ticks } from './length'
import { parseSpoken } from './parse-spoken'

export type LengthUnit = 'in' | 'mm'

/** A length as understood, beside what was typed. `rounded` when the text does not land on a tick. */
export type ParsedLength = { readonly ticks: Length; readonly rounded: boolean; readonly text: string }

export type LengthOptions = {
  /** The unit of a bare number. */
  readonly unit: LengthUnit
  /** The tape's graduation: `1/16` of an inch, or millimetres as `1` or `0.5`. Half of it is what strong and light add or take. */
  readonly graduation?: string
}

const DENOMINATORS = [2, 4, 8, 16, 32, 64]
const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}
const TICKS_PER: Readonly<Record<string, number>> = {
  "'": 12 * TICKS_PER_INCH,
  ft: 12 * TICKS_PER_INCH,
  '"': TICKS_PER_INCH,
  in: TICKS_PER_INCH,
  mm: TICKS_PER_MM,
  cm: 10 * TICKS_PER_MM,
  m: 1000 * TICKS_PER_MM,
}

/** The longest text that is read as a length, and how much of a longer one is shown. */
const MOST_TYPED = 200
const SHOWN = 40

/** Understands a length as typed on site: `36 3/8`, `3'-0 3/8"`, `924 mm`, `79 1/16+`, `-1 3/16`.
 *  in layers as `1/2 + 3 1/2 + 7/16`, and as a dictating keyboard types it: `thirty six and three eighths strong`, `two foot ten and a quarter`.
 *  A leading minus is a direction, a trailing minus means light. Nothing is guessed: what can mean two lengths is refused
 *  with both, in ticks, as `choices`.
 *  Issue codes: `length.empty`, `length.unreadable`, `length.denominator`, `length.fraction`, `length.mixed-units`,
 *  `length.inch-mark`, `length.comma`, `length.too-long`, `length.ambiguous`; facts hold the typed text. */
export function parseLength(typed: string, options: LengthOptions): Outcome<ParsedLength> {
  // What nobody types is not looked into: a pattern that has to be tried at every place of it takes its time squared.
  if (typed.length > MOST_TYPED) return refused('length.unreadable', { typed: `${typed.slice(0, SHOWN)}…` })
  const text = normalise(typed)
  const fail = (code: string, facts: Issue['facts'] = {}) => refused(`length.${code}`, { typed, ...facts })
  if (text === '') return fail('empty')
  if (text.includes(',')) return parseComma(typed, text, options) ?? fail('comma')
  const layers = text.split(LAYERS)
  if (layers.length > 1) return parseSum(typed, layers, options)
  const outer = /^([+-])?\s*(.*?)\s*([+-])?$/.exec(text)
  const body = outer?.[2] ?? ''
  const sizes = readParts(body, options.unit)
  if ('code' in sizes) return (isWords(text) ? parseWords(typed, text, options) : null) ?? fail(sizes.code, sizes.facts)
  const strength = outer?.[3] === '+' ? 1 : outer?.[3] === '-' ? -1 : 0
  const size = strength === 0 ? sizes.exact : sizes.exact + strength * halfGraduation(options, sizes.metric)
  const signed = outer?.[1] === '-' ? -size : size
  const nearest = Math.sign(signed) * Math.round(Math.abs(signed))
  if (!isLength(nearest)) return fail('too-long')
  return done({ ticks: ticks(nearest), rounded: Math.abs(nearest - signed) > 1e-6 || sizes.inexact, text: typed })
}

/** What is sold by the roll is up to a kilometre long. */
export const MOST_RUN = 1_000_000 * TICKS_PER_MM

/** How much of something a roll holds, in ticks, typed as a length alone: `75 ft` is no reading of a door, and may be longer than any.
 *  Issue codes `length.empty`, `length.unreadable` and what else a figure alone can be. */
export function parseRun(typed: string, unit: LengthUnit): Outcome<number> {
  if (typed.length > MOST_TYPED) return refused('length.unreadable', { typed: `${typed.slice(0, SHOWN)}…` })
  const text = normalise(typed)
  if (text === '') return refused('length.empty', { typed })
  const sizes = readParts(text, unit)
  if ('code' in sizes) return refused(`length.${sizes.code}`, { typed, ...sizes.facts })
  const run = Math.round(sizes.exact)
  return run <= MOST_RUN ? done(run) : refused('length.run', { typed })
}

/** A plus between two figures: what stands in layers is typed as it is read, `1/2 + 3 1/2 + 7/16`. */
const LAYERS = /(?<=[\d"'a-z.]\s*)\+(?=\s*[\d.])/

/** Lengths added up, each understood as if it stood alone; none of them with a direction. */
function parseSum(typed: string, layers: readonly string[], options: LengthOptions): Outcome<ParsedLength> {
  let total = 0
  let rounded = false
  for (const layer of layers) {
    const read = parseLength(layer, options)
    if (!read.ok) return read
    if (read.value.ticks < 0) return refused('length.unreadable', { typed })
    total += read.value.ticks
    rounded ||= read.value.rounded
  }
  return isLength(total) ? done({ ticks: ticks(total), rounded, text: typed }) : refused('length.too-long', { typed })
}

/** A comma is a decimal's, or parts thousands where three figures follow: where both can be meant, both are named. `null` where it is
 *  neither. */
function parseComma(typed: string, text: string, options: LengthOptions): Outcome<ParsedLength> | null {
  const match = /^([^,]*\d),(\d+)([^,]*)$/.exec(text)
  if (!match) return null
  const [, given, after, rest] = match
  // Points that part thousands make the comma a decimal's: 1.841,5.
  const isParted = /(^|[^\d.])\d{1,3}(\.\d{3})+$/.test(given!)
  const before = isParted ? given!.replaceAll('.', '') : given!
  const meant = [`${before}.${after}${rest}`, ...(after!.length === 3 && !isParted ? [`${before}${after}${rest}`] : [])]
  const read = meant.map(one => parseLength(one, options)).flatMap(one => (one.ok ? [one.value] : []))
  if (read.length > 1) return refused('length.ambiguous', { typed, choices: read.map(one => one.ticks).join(' ') })
  return read[0] ? done({ ...read[0], text: typed }) : null
}

const isWords = (text: string): boolean => /[a-z]{3}/.test(text)

/** A length said in words; `null` when the words hold none. */
function parseWords(typed: string, text: string, options: LengthOptions): Outcome<ParsedLength> | null {
  const spoken = parseSpoken(text, options.unit)
  if (!spoken) return null
  const all = spoken.sizes.map(
    size => spoken.sign * (size.ticks + spoken.strength * halfGraduation(options, size.metric)),
  )
  const nearest = all.map(one => Math.sign(one) * Math.round(Math.abs(one)))
  if (!nearest.every(isLength)) return refused('length.too-long', { typed })
  if (nearest.length > 1) return refused('length.ambiguous', { typed, choices: nearest.join(' ') })
  return done({ ticks: ticks(nearest[0]!), rounded: Math.abs(nearest[0]! - all[0]!) > 1e-6, text: typed })
}

/** Figures and marks alone: what nearly every reading is typed with. */
const PLAIN = /^[\d ./"+-]*$/

function normalise(typed: string): string {
  if (PLAIN.test(typed)) return typed.trim()
  const plain = typed
    .normalize('NFC')
    .replace(/[½¼¾⅛⅜⅝⅞]/g, sign => ` ${VULGAR[sign]}`)
    .replace(/[′’‘`´]/g, "'")
    .replace(/[″”“]|''/g, '"')
    .replace(/[−–—]/g, '-')
    .replace(/⁄/g, '/')
  return plain
    .toLowerCase()
    .replace(/\b(inches|inch|ins)\b/g, 'in')
    .replace(/\b(feet|foot)\b/g, 'ft')
    .replace(/(\d)\s*(inches|inch|ins)\b/g, '$1in')
    .replace(/(\d)\s*(feet|foot)\b/g, '$1ft')
    .trim()
}

type Sizes = { exact: number; inexact: boolean; metric: boolean } | { code: string; facts: Issue['facts'] }

/** Reads the unsigned body as feet and inches, inches with a fraction, or one metric number. */
function readParts(body: string, bare: LengthUnit): Sizes {
  const metric = /^(\d+\.?\d*|\.\d+)\s*(mm|cm|m)?$/.exec(body)
  if (metric && (metric[2] || bare === 'mm')) return decimal(metric[1]!, metric[2] ?? 'mm', true)
  const feet = /^(\d+\.?\d*)\s*(?:'|ft)\s*-?\s*/.exec(body)
  const rest = body.slice(feet?.[0].length ?? 0)
  const inch = readInches(rest.replace(/\s*(?:"|in)$/, ''))
  if (inch === null && !(feet && rest === '')) return unreadable(mixes(body) ? 'mixed-units' : 'unreadable')
  if (inch && 'code' in inch) return inch
  if (bare === 'mm' && !/['"]|ft|in/.test(body)) return unreadable('inch-mark')
  const feetPart = decimal(feet?.[1] ?? '0', 'ft', false)
  return {
    exact: feetPart.exact + (inch?.exact ?? 0),
    inexact: feetPart.inexact || (inch?.inexact ?? false),
    metric: false,
  }
}

/** Inches as `36 3/8`, `36-3/8`, `3/8` or `36.375`, without a unit; null when they are none of these. */
function readInches(text: string): Sizes | null {
  const withFraction = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/.exec(text)
  if (withFraction) {
    const fraction = readFraction(withFraction[2]!, withFraction[3]!)
    if (typeof fraction !== 'number') return fraction
    return { exact: Number(withFraction[1] ?? 0) * TICKS_PER_INCH + fraction, inexact: false, metric: false }
  }
  return /^(\d+\.?\d*|\.\d+)$/.test(text) ? decimal(text, 'in', false) : null
}

const unreadable = (code: string) => ({ code, facts: {} })
const mixes = (body: string): boolean => /mm|cm|\dm\b/.test(body) && /['"/]|in|ft/.test(body)

function readFraction(numerator: string, denominator: string): number | { code: string; facts: Issue['facts'] } {
  const [top, bottom] = [Number(numerator), Number(denominator)]
  if (!DENOMINATORS.includes(bottom)) return { code: 'denominator', facts: { denominator } }
  if (top >= bottom) return { code: 'fraction', facts: { fraction: `${numerator}/${denominator}` } }
  return (top * TICKS_PER_INCH) / bottom
}

/** Whole numbers of so many digits are exact as they are, in any unit. */
const SHORT = 8

/** The digits read as an integer over a power of ten, so that no float stands between the text and the ticks. */
function decimal(digits: string, unit: string, metric: boolean): { exact: number; inexact: boolean; metric: boolean } {
  if (digits.length <= SHORT && !digits.includes('.'))
    return { exact: Number(digits) * TICKS_PER[unit]!, inexact: false, metric }
  const [whole = '0', fraction = ''] = digits.split('.')
  const scale = 10n ** BigInt(fraction.length)
  const scaled = BigInt(`${whole || '0'}${fraction}`) * BigInt(TICKS_PER[unit]!)
  const rest = scaled % scale
  const nearest = scaled / scale + (rest * 2n >= scale ? 1n : 0n)
  return { exact: Number(nearest), inexact: rest !== 0n, metric }
}

/** Half of the tape's graduation in ticks: what strong adds and light takes. */
function halfGraduation({ graduation, unit }: LengthOptions, metric: boolean): number {
  const given = graduation ?? (unit === 'mm' ? '1' : '1/16')
  const inchTape = given.includes('/')
  if (inchTape && metric) return TICKS_PER_MM / 2
  if (!inchTape && !metric) return TICKS_PER_INCH / 32
  if (inchTape) return TICKS_PER_INCH / Number(given.split('/')[1]) / 2
  return Math.round((Number(given) * TICKS_PER_MM) / 2)
}

/** The smallest step of a tape, in ticks; `1/16` is of an inch, a bare number is millimetres. */
export function graduationTicks(graduation: string): Length {
  const [, denominator] = graduation.split('/')
  return ticks(denominator ? TICKS_PER_INCH / Number(denominator) : Math.round(Number(graduation) * TICKS_PER_MM))
}
