import { FAMILIES, UNIT_KINDS } from '@/core/base/kinds'
import type { SchoolAnswer } from '@/core/base/schools'
import type { Counting } from '@/core/catalogue/firm'
import { isUnitMember, memberOf } from '@/core/catalogue/unit-members'
import { type Lack, LOCK_KINDS } from '@/core/catalogue/unit-values'
import type { NotUnderstood } from '@/core/exchange/acknowledgement'
import type { ReceiptCode } from '@/core/order/judge-receipt'
import type { OrderLine } from '@/core/order/order'
import { NO_CASING } from '@/core/order/order-line'
import type { Check, Damage, PartCount, ReceiptState, UnitReading } from '@/core/order/receipt-values'
import type { Spare } from '@/core/order/spares'
import { HAND_CONVENTIONS } from '@/core/specification/handing'
import { ANCHORS } from '@/core/specification/wish-values'
import { FACTS } from '@/core/survey/facts'
import { codeWords } from './codes'
import { FAMILY_NAMES, unitKindName } from './kinds'
import { money } from './money'
import { HAND_WORDS } from './names'
import { type Words, words } from './say'
import { HINGE_CLASS_WORDS } from './settings'

/** The hand in words: the facts nobody can misread; empty for what has none. */
export function handWords({
  hinges,
  swing,
  activeLeaf = null,
  panels = null,
}: Pick<OrderLine, 'hinges' | 'swing'> & Partial<Pick<OrderLine, 'activeLeaf' | 'panels'>>): string {
  const swings =
    swing && `Swings ${swing.toUpperCase()} (${swing === 'in' ? 'into the building' : 'towards the person outside'}).`
  if (panels)
    return `The ${panels === 'OX' ? 'LEFT' : 'RIGHT'} panel MOVES, seen from outside; the ${panels === 'OX' ? 'right' : 'left'} one is fixed (${panels}, O moves).`
  if (activeLeaf)
    return [`The ${activeLeaf.toUpperCase()} leaf is ACTIVE, seen from outside.`, swings].filter(Boolean).join(' ')
  if (!hinges) return ''
  return [`Hinges on the ${hinges.toUpperCase()}, seen from outside.`, swings].filter(Boolean).join(' ')
}

export const LACK_NAMES: Readonly<Record<Lack, string>> = {
  lock: 'lock and handle',
  hinges: 'hinges',
  closer: 'closer',
  casing: 'casing',
  anchors: 'anchors',
}
export const SPARE_NAMES: Readonly<Record<Spare, string>> = {
  'long-screws': 'long screws',
  plugs: 'plugs',
  'hinge-cards': 'hinge cards',
  'corner-pads': 'corner pads',
}
export const PAD_NAMES: Readonly<Record<SchoolAnswer<'sill-lumber'> | 'under-legs', string>> = {
  'under-legs': 'under both legs',
  pvc: 'PVC',
  'untreated-wrapped': 'untreated lumber, wrapped in tape',
  treated: 'treated lumber',
}
export const FLUSH_NAMES: Readonly<Record<SchoolAnswer<'flush-face'>, string>> = {
  ask: 'not said which face',
  inside: 'the inside wall',
  sheathing: 'the sheathing',
  siding: 'the siding',
  casing: 'the kept casing',
}
export const TRIM_NAMES: Readonly<Record<SchoolAnswer<'outside-trim'>, string>> = {
  keep: 'stays; its nails are cut behind it',
  strip: 'comes off; the unit brings its own',
}
export const SILL_NAMES: Readonly<Record<string, string>> = {
  pan: 'a pan',
  membrane: 'membrane and beads',
  beads: 'beads only',
} satisfies Readonly<Record<SchoolAnswer<'sill'>, string>>
export const CAVITY_NAMES: Readonly<Record<SchoolAnswer<'cavity'>, string>> = {
  foam: 'low-expansion foam',
  fibre: 'loose fibre',
  'backer-rod': 'backer rod and sealant',
}
export const CLOSER_NAMES: Readonly<Record<'top' | 'foot' | 'under-glass', string>> = {
  top: 'at the top',
  foot: 'at the foot',
  'under-glass': 'a hand under the glass',
}

/** What is owed, from `part:how many` and the note that was taken down. */
export function owedWords(parts: string, note: string): string {
  const counted = parts.split(' ').flatMap(one => {
    const [part, missing] = one.split(':')
    return part && missing ? [`${missing} ${PART_NAMES[part as PartCount] ?? part}`] : []
  })
  return [...counted, note].filter(Boolean).join(', ') || 'see its receipt'
}

/** What is never in the box, whoever makes it. */
export const notIncluded = (lacks: readonly Lack[]): string =>
  `Not included: ${[...lacks.map(one => LACK_NAMES[one]), 'spare trim', 'packs', 'sealant', 'foam'].join(', ')}.`

export const NOT_UNDERSTOOD_WORDS: Readonly<Record<NotUnderstood, string>> = {
  'not-json': 'This is not JSON. It is kept as it came; nothing was changed.',
  'not-acknowledgement': 'This is no acknowledgement. It is kept as it came; nothing was changed.',
  'other-company': 'This is for another company. It is kept as it came; nothing was changed.',
  'other-order': 'This is for another order. It is kept as it came; nothing was changed.',
  'unknown-line': 'It names a line this order does not have. It is kept as it came; nothing was changed.',
  'line-twice': 'It has one line twice. It is kept as it came; nothing was changed.',
}

export const RECEIPT_STATE_NAMES: Readonly<Record<ReceiptState, string>> = {
  accepted: 'Accepted',
  'accepted-parts-owed': 'Accepted, parts owed',
  hold: 'On hold',
  refused: 'Refused',
}
export const UNIT_READING_NAMES: Readonly<Record<UnitReading, string>> = {
  'width.top': 'Width, top',
  'width.middle': 'Width, middle',
  'width.bottom': 'Width, bottom',
  'height.left': 'Height, left',
  'height.right': 'Height, right',
  'diagonal.one': 'One diagonal',
  'diagonal.other': 'The other diagonal',
  jamb: 'Jamb',
  thickness: 'Leaf thickness',
  'bow.left': 'Bow of the left leg',
  'bow.right': 'Bow of the right leg',
  'head.ends': 'Head, one end against the other',
  'mortise.jamb.top': 'Mortise in the jamb, top',
  'mortise.jamb.middle': 'Mortise in the jamb, middle',
  'mortise.jamb.bottom': 'Mortise in the jamb, bottom',
  'mortise.leaf.top': 'Mortise in the leaf, top',
  'mortise.leaf.middle': 'Mortise in the leaf, middle',
  'mortise.leaf.bottom': 'Mortise in the leaf, bottom',
  plate: 'Hinge plate’s thickness',
  'leaf.gap': 'Gap between the closed hinge leaves',
}
export const DAMAGE_NAMES: Readonly<Record<Damage, string>> = {
  dent: 'Dent',
  crack: 'Crack',
  scratch: 'Scratch',
  stain: 'Stain',
  missing: 'Missing part',
  other: 'Damage',
}
export const CHECK_NAMES: Readonly<Record<Check, string>> = {
  weatherstrip: 'Weatherstrip whole',
  sill: 'Sill as ordered, not bent',
  finish: 'Finish whole, colours right',
  'glass-label': 'Safety mark on the glass',
  'fire-label': 'Fire label as ordered',
  kerf: 'Kerf whole',
  clip: 'Transport clip still in',
}
export const PART_NAMES: Readonly<Record<PartCount, string>> = { ...SPARE_NAMES, keys: 'keys' }

/** What something on a delivered unit is called. */
export const placeName = (place: string): string =>
  UNIT_READING_NAMES[place as UnitReading] ??
  CHECK_NAMES[place as Check] ??
  PART_NAMES[place as PartCount] ??
  { hinges: 'Hinge side', swing: 'Swing' }[place] ??
  place

/** What is found on a delivered unit, in words, by code. */
export const RECEIPT_WORDS: Readonly<Record<ReceiptCode, Words>> = {
  'receipt-size': words(
    f => `${placeName(f('unitPlace'))}: ${f('found')} instead of ${f('ordered')}`,
    f => `Within ${f('limit')} it is as ordered.`,
  ),
  'receipt-goes-in': words(
    () => 'Still goes into its opening',
    f => `By its largest readings ${f('side')} stays at the sides together and ${f('head')} at the head.`,
  ),
  'receipt-does-not-go-in': words(
    () => 'Does not go into its opening',
    f => `By its largest readings ${f('side')} stays at the sides together and ${f('head')} at the head.`,
  ),
  'receipt-hand': words(
    f => `${placeName(f('unitPlace'))} ${f('found')} instead of ${f('ordered')}`,
    'The wrong hand can’t be turned on site.',
  ),
  'receipt-diagonals': words(
    f => `Its diagonals differ by ${f('found')}`,
    f => `Limit ${f('limit')}. It may only be racked by the way it stands: lay it flat and read again.`,
  ),
  'receipt-bow': words(
    f => `${placeName(f('unitPlace'))}: ${f('found')}`,
    f => `Limit ${f('limit')}. A bowed leg shows in the gap.`,
  ),
  'receipt-head-ends': words(
    f => `Head out by ${f('found')}`,
    f => `Limit ${f('limit')}. The head gap will taper.`,
  ),
  'receipt-mortises': words(
    f => `Mortises differ by ${f('found')}`,
    f => `Limit ${f('limit')}. The leaf will hang tilted; pack the deeper ones.`,
  ),
  'receipt-hinge-gap': words(
    f => `Hinge side will gap ${f('gap')}, ${placeName(f('unitPlace')).split(', ').at(-1)} hinge`,
    f =>
      Number(f('cards')) > 0
        ? `Wanted ${f('wanted')}: ${f('cards')} cards of ${f('card')} behind this hinge, now, while it lies on trestles.`
        : `Wanted ${f('wanted')}: let the plates in deeper.`,
  ),
  'receipt-check': words(
    f => `Not right: ${placeName(f('unitPlace')).toLowerCase()}`,
    'Take a photo before anything else is unpacked.',
  ),
  'receipt-damage': words(
    f => `${DAMAGE_NAMES[f('what') as Damage]}: ${f('where')}`,
    'Take a photo of it before it is moved; the claim goes with it.',
  ),
  'receipt-parts': words(
    f => `${f('came')} of ${f('wanted')} ${placeName(f('unitPlace'))}`,
    'The rest is owed. Keep all packaging until every small part is ticked.',
  ),
  'receipt-not-read': words(
    () => 'Not read yet',
    f => `${f('what').split(' ').map(placeName).join('; ')}.`,
  ),
  'receipt-as-ordered': words(() => 'As ordered, and true', 'It may be set.'),
}

const inWords = (codes: readonly string[]) => Object.fromEntries(codes.map(one => [one, codeWords(one)]))

/** What the codes of some members are called. */
const VALUE_NAMES: { readonly [path: string]: { readonly [code: string]: string } | undefined } = {
  family: Object.fromEntries(FAMILIES.map(one => [one, FAMILY_NAMES[one].name])),
  kind: Object.fromEntries(UNIT_KINDS.map(one => [one, unitKindName(one)])),
  'details.brickmould': { [NO_CASING]: 'none, the outside casing stays' },
  'details.anchors': inWords(ANCHORS),
  'details.exit-device': inWords(FACTS['fact.exit-device']),
  lockKind: inWords(LOCK_KINDS),
  'code.convention': Object.fromEntries(HAND_CONVENTIONS.map(one => [one, HAND_WORDS[one][0]])),
  'cut.closer': CLOSER_NAMES,
  padOf: PAD_NAMES,
  hingeClass: HINGE_CLASS_WORDS,
  release: { complete: 'can go out', 'kept-back': 'kept back until it is corrected' },
  sill: SILL_NAMES,
  cavity: CAVITY_NAMES,
  flushFace: FLUSH_NAMES,
  outsideTrim: TRIM_NAMES,
}

/** A member's value as one reads it: money (without a sign where it is not said what is counted in), days, words. Lengths are written by whoever knows the job's unit. */
export function plainValue(path: string, value: unknown, counting: Counting | null = null): string {
  if (value === undefined) return 'not there'
  if (value === null) return 'none'
  if (/cents/i.test(path) && typeof value === 'number')
    return counting ? money(value, counting) : (value / 100).toFixed(2)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  const named = typeof value === 'string' ? VALUE_NAMES[path.replace(/^unit\./, '')]?.[value] : undefined
  if (named !== undefined) return named
  if (Array.isArray(value)) return value.length ? value.map(String).join(', ') : 'none'
  if (typeof value === 'object') return JSON.stringify(value)
  return String(value)
}

/** Lengths of a line beside its unit's own. */
const LINE_LENGTHS: ReadonlySet<string> = new Set([
  'jambExtension',
  'tolerance',
  'pad',
  'wall',
  'cut.pack',
  'cut.rail',
  'cut.headGap',
  'cut.bottomGap',
  'cut.closerPin',
  'roughOpening.width',
  'roughOpening.height',
  'trimOutside.width',
  'trimOutside.height',
  'derived.width',
  'derived.height',
  'frame.throat',
  'lock.backset',
])

/** Whether a member is a length in ticks: as the table of members says it. */
export function isLengthMember(path: string, value: unknown): value is number {
  if (typeof value !== 'number' || !Number.isInteger(value)) return false
  const plain = path.replace(/^unit\./, '').replace(/\[\d+\]/g, '')
  return LINE_LENGTHS.has(plain) || (isUnitMember(plain) && memberOf(plain).of === 'length')
}

/** Whether a member is a list of lengths in ticks. */
export const isLengthsMember = (path: string, value: unknown): value is readonly number[] => {
  const plain = path.replace(/^unit\./, '')
  return Array.isArray(value) && isUnitMember(plain) && memberOf(plain).of === 'lengths'
}
