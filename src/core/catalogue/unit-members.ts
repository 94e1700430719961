import type { Quantity } from '../base/column'
import type { SHEETS, UnitKind } from '../base/kinds'
import { BORES, MATERIALS } from '../specification/wish-values'
import type { Length } from '../units/length'
import { ASKED_MEMBERS } from './asked-members'
import { LOCK_MEMBERS } from './lock-members'
import type { Member } from './member'
import { MOULD_MEMBERS } from './mould-members'
import { PANEL_MEMBERS } from './panel-members'
import { TRIM_MEMBERS } from './trim-members'
import { FRAME_FORMS, GLAZINGS, LACKS, LEG_MATERIALS, SILL_CAPS, SILL_UNDERSIDES } from './unit-values'

// The one table of what a unit's sheet can say, by member: record, type, list reader, order sheet, differences and schemas read it.

const ANY = ['any'] as const
const HUNG = ['hung', 'cut-in'] as const

export const UNIT_MEMBERS = {
  article: {
    of: 'text',
    column: 'article',
    in: ANY,
    needed: ANY,
    ordered: true,
    most: 40,
    alsoCalled: ['article number', 'item', 'item number', 'part', 'part number', 'sku', 'no'],
  },
  maker: {
    of: 'text',
    column: 'maker',
    in: ANY,
    needed: ANY,
    ordered: false,
    most: 80,
    alsoCalled: ['manufacturer', 'brand', 'supplier'],
  },
  name: {
    of: 'text',
    column: 'name',
    in: ANY,
    needed: ANY,
    ordered: true,
    most: 120,
    alsoCalled: ['description', 'product'],
  },
  width: {
    of: 'length',
    column: 'width',
    in: ANY,
    needed: ANY,
    ordered: true,
    alsoCalled: ['unit width', 'frame width', 'w', 'overall width'],
  },
  height: {
    of: 'length',
    column: 'height',
    in: ANY,
    needed: ANY,
    ordered: true,
    alsoCalled: ['unit height', 'frame height', 'h', 'overall height'],
  },
  leafWidth: {
    of: 'length',
    column: 'leaf width',
    in: ['hung'],
    ordered: true,
    alsoCalled: ['slab width', 'door width'],
  },
  leafHeight: {
    of: 'length',
    column: 'leaf height',
    in: ['hung'],
    ordered: true,
    alsoCalled: ['slab height', 'door height'],
  },
  passiveLeafWidth: {
    of: 'length',
    column: 'passive leaf width',
    in: ['paired'],
    ordered: true,
    alsoCalled: ['second leaf width'],
  },
  sidelightLeft: {
    of: 'length',
    column: 'sidelight left',
    in: ['sidelit'],
    ordered: true,
    mayBeZero: true,
    alsoCalled: ['left sidelight'],
  },
  sidelightRight: {
    of: 'length',
    column: 'sidelight right',
    in: ['sidelit'],
    ordered: true,
    mayBeZero: true,
    alsoCalled: ['right sidelight'],
  },
  jamb: { of: 'length', column: 'jamb', in: ['framed'], ordered: true, alsoCalled: ['jamb width', 'jamb depth'] },
  legThickness: {
    of: 'length',
    column: 'leg thickness',
    in: ['framed'],
    ordered: true,
    alsoCalled: ['jamb thickness'],
  },
  legMaterial: { of: 'text', choices: LEG_MATERIALS, column: 'leg material', in: ['framed'], ordered: true },
  stop: { of: 'length', column: 'stop', in: ['framed'], ordered: true, alsoCalled: ['stop width'] },
  hinges: {
    of: 'text',
    choices: ['both', 'left', 'right'],
    column: 'hinges',
    in: ['handed'],
    ordered: false,
    alsoCalled: ['hand', 'hinge side'],
  },
  swing: {
    of: 'text',
    choices: ['both', 'in', 'out'],
    column: 'swing',
    in: ['swung'],
    ordered: false,
    alsoCalled: ['opens'],
  },
  material: {
    of: 'text',
    choices: MATERIALS,
    column: 'material',
    in: ANY,
    needed: ANY,
    ordered: true,
    alsoCalled: ['made of'],
  },
  bore: { of: 'text', choices: BORES, column: 'bore', in: ['bored'], ordered: true, alsoCalled: ['lock bore', 'prep'] },
  labelMinutes: {
    of: 'count',
    column: 'label minutes',
    in: ANY,
    ordered: true,
    most: 180,
    alsoCalled: ['fire minutes', 'fire label', 'label', 'rating'],
  },
  leafBottom: {
    of: 'length',
    column: 'leaf bottom',
    in: ['raised'],
    ordered: false,
    alsoCalled: ['leaf bottom above sub-sill'],
  },
  sillDepth: { of: 'length', column: 'sill depth', in: ['silled'], ordered: true, alsoCalled: ['threshold depth'] },
  sillHorns: {
    of: 'length',
    column: 'sill horns',
    in: ['silled'],
    ordered: true,
    mayBeZero: true,
    alsoCalled: ['horns'],
  },
  sillCap: { of: 'text', choices: SILL_CAPS, column: 'sill cap', in: ['silled'], ordered: true },
  sillUnderside: {
    of: 'text',
    choices: SILL_UNDERSIDES,
    column: 'sill underside',
    in: ['silled'],
    ordered: false,
    alsoCalled: ['threshold underside'],
  },
  ...MOULD_MEMBERS,
  massKg: { of: 'kg', column: 'mass', in: ANY, ordered: false, alsoCalled: ['weight', 'kg', 'mass kg'] },
  priceCents: {
    of: 'cents',
    column: 'price',
    in: ANY,
    needed: ANY,
    ordered: true,
    alsoCalled: ['list price', 'net price', 'cost'],
  },
  leadDays: {
    of: 'count',
    column: 'days',
    in: ANY,
    needed: ANY,
    ordered: true,
    most: 400,
    alsoCalled: ['lead time', 'lead days', 'delivery days'],
  },
  stock: { of: 'yes', column: 'stock', in: ANY, ordered: false, alsoCalled: ['in stock', 'stocked'] },
  glass: { of: 'text', choices: GLAZINGS, column: 'glass', in: ['glazed'], ordered: true, alsoCalled: ['glass kind'] },
  lacks: {
    of: 'words',
    choices: LACKS,
    column: 'lacks',
    in: ANY,
    needed: ANY,
    ordered: true,
    alsoCalled: ['not included', 'without'],
  },
  ...PANEL_MEMBERS,
  frameForm: {
    of: 'text',
    choices: FRAME_FORMS,
    column: 'frame form',
    in: ['wrapped'],
    needed: ['wrapped'],
    ordered: true,
    alsoCalled: ['frame type'],
  },
  throat: { of: 'length', column: 'throat', in: ['wrapped'], needed: ['wrapped'], ordered: true },
  ...TRIM_MEMBERS,
  leafThickness: {
    of: 'length',
    column: 'thickness',
    in: HUNG,
    needed: ['cut-in'],
    ordered: true,
    alsoCalled: ['leaf thickness'],
  },
  hingeCount: {
    of: 'count',
    column: 'hinge count',
    in: ['hung'],
    ordered: false,
    most: 6,
    alsoCalled: ['number of hinges'],
  },
  hingeTops: {
    of: 'lengths',
    column: 'hinge tops',
    in: HUNG,
    needed: ['cut-in'],
    ordered: true,
    alsoCalled: ['hinges from top'],
  },
  hingeHeight: { of: 'length', column: 'hinge height', in: HUNG, needed: ['cut-in'], ordered: true },
  strikeHeight: {
    of: 'length',
    column: 'strike height',
    in: ['hung'],
    ordered: true,
    alsoCalled: ['strike above leaf bottom'],
  },
  boreTop: {
    of: 'length',
    column: 'bore top',
    in: ['cut-in'],
    needed: ['cut-in'],
    ordered: true,
    alsoCalled: ['bore from top'],
  },
  backset: { of: 'length', column: 'backset', in: ['cut-in'], needed: ['cut-in'], ordered: true },
  ...LOCK_MEMBERS,
  ...ASKED_MEMBERS,
} as const satisfies Readonly<Record<string, Member>>

type Table = typeof UNIT_MEMBERS
export type UnitMember = keyof Table
export const UNIT_MEMBER_NAMES = Object.keys(UNIT_MEMBERS) as readonly UnitMember[]
export const memberOf = (name: UnitMember): Member => UNIT_MEMBERS[name]
export const isUnitMember = (name: string): name is UnitMember => Object.hasOwn(UNIT_MEMBERS, name)

type Values = {
  text: string
  length: Length
  lengths: readonly Length[]
  count: number
  number: number
  kg: number
  cents: number
  yes: boolean
  words: readonly string[]
}
type Choice<M> = M extends { readonly choices: readonly (infer C)[] }
  ? M extends { readonly of: 'words' }
    ? readonly C[]
    : C
  : M extends { readonly of: infer Q extends Quantity }
    ? Values[Q]
    : never
type PartsOf<K extends UnitKind> = 'any' | (typeof SHEETS)[K][number]
type Needed<M, Part> = M extends { readonly needed: readonly (infer P)[] }
  ? Part & P extends never
    ? false
    : true
  : false
/** What the sheet of a kind says, member by member; `null` where it is silent. */
export type SheetOf<K extends UnitKind> = {
  readonly [N in UnitMember as PartsOf<K> & Table[N]['in'][number] extends never ? never : N]: Needed<
    Table[N],
    PartsOf<K>
  > extends true
    ? Choice<Table[N]>
    : Choice<Table[N]> | null
}
/** The value of a member as its schema reads it. */
export type MemberValue<N extends UnitMember> = Choice<Table[N]>
/** A member that is part of an order. */
export type OrderedMember = { [N in UnitMember]: Table[N]['ordered'] extends true ? N : never }[UnitMember]
