import type { UnitKind } from '../base/kinds'
import { DETAILS, type Detail } from '../specification/wish-values'
import type { Quantity } from './member'
import { memberOf, UNIT_MEMBER_NAMES, type UnitMember } from './unit-members'
import { standsOn } from './unit-parts'

/** A column of a catalogue: where its value goes in a unit, how a cell is read, and what makers call it besides. */
export type Column = {
  readonly id: string
  /** A member of the unit, or `details.` and the detail. */
  readonly member: string
  readonly of: Quantity
  readonly choices: readonly string[] | null
  /** A list without it can't be read at all. */
  readonly isNeeded: boolean
  readonly alsoCalled: readonly string[]
}

const KIND: Column = {
  id: 'kind',
  member: 'kind',
  of: 'text',
  choices: null,
  isNeeded: false,
  alsoCalled: ['family', 'door type', 'type'],
}

/** Whose list it is and what it comes without may be said beside the file, or not at all. */
const OPTIONAL: ReadonlySet<UnitMember> = new Set<UnitMember>(['maker', 'lacks'])

const ofMember = (name: UnitMember): Column => {
  const { of, choices, column, alsoCalled = [], needed } = memberOf(name)
  return {
    id: column,
    member: name,
    of,
    choices: choices ?? null,
    isNeeded: (needed ?? []).includes('any') && !OPTIONAL.has(name),
    alsoCalled,
  }
}

/** What details are called in a list, where it is not their own name. */
const DETAIL_COLUMNS: { readonly [detail in Detail]?: readonly [id: string, ...alsoCalled: string[]] } = {
  style: ['style', 'panel style'],
  'colour-outside': ['colour outside', 'color outside', 'exterior colour', 'exterior color'],
  'colour-inside': ['colour inside', 'color inside', 'interior colour', 'interior color'],
  sill: ['sill', 'threshold', 'sill type'],
  brickmould: ['brickmould', 'brick mould', 'brickmold', 'casing'],
  'hinge-finish': ['finish', 'hinge finish', 'hardware finish'],
  'frame-material': ['frame material', 'frame of'],
  glazing: ['glazing', 'glass size', 'glass build'],
  energy: ['energy', 'u value', 'u factor'],
  'smoke-gasket': ['smoke gasket', 'smoke'],
  'mail-slot': ['mail slot', 'letter plate'],
  weatherstrip: ['weatherstrip', 'weather strip', 'seal'],
  sweep: ['sweep', 'door bottom'],
  'closer-prep': ['closer prep', 'closer preparation'],
}

const ofDetail = (name: Detail): Column => {
  const [id, ...alsoCalled] = DETAIL_COLUMNS[name] ?? [name.replaceAll('-', ' ')]
  return { id: id!, member: `details.${name}`, of: 'text', choices: null, isNeeded: false, alsoCalled }
}

/** Every column a catalogue may have. A kind's own count only for units of it. */
export const COLUMNS: readonly Column[] = [KIND, ...UNIT_MEMBER_NAMES.map(ofMember), ...DETAILS.map(ofDetail)]

/** Which columns say something of a kind of unit, those of its own members first. */
export function columnsFor(kind: UnitKind, details: readonly Detail[]): readonly Column[] {
  const named = new Set(details.map(one => `details.${one}`))
  return COLUMNS.filter(one => {
    if (one.member === 'kind') return false
    return one.member.startsWith('details.') ? named.has(one.member) : standsOn(one.member as UnitMember, kind)
  })
}

/** Which of a file's heads stands for which column; `null` where none does. */
export type Matching = { readonly [column: string]: string | null }

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()

/** Finds each column among a file's heads: by its own name, else by one of those makers use. A head stands for one column only. */
export function matchColumns(heads: readonly string[]): Matching {
  const free = new Map(heads.map(head => [plain(head), head]))
  const take = (name: string): string | null => {
    const head = free.get(plain(name)) ?? null
    if (head !== null) free.delete(plain(name))
    return head
  }
  const own = COLUMNS.map(one => [one, take(one.id)] as const)
  return Object.fromEntries(
    own.map(([{ id, alsoCalled }, head]) => [id, head ?? alsoCalled.map(take).find(one => one !== null) ?? null]),
  )
}
