import { type Column, type Matching, matchHeads } from '../base/column'
import type { UnitKind } from '../base/kinds'
import { DETAILS, type Detail } from '../specification/wish-values'
import { memberOf, UNIT_MEMBER_NAMES, type UnitMember } from './unit-members'
import { standsOn } from './unit-parts'

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

/** Every column a catalogue may have: its member is one of the unit, or `details.` and the detail. A kind's own count only for units of it. */
export const COLUMNS: readonly Column[] = [KIND, ...UNIT_MEMBER_NAMES.map(ofMember), ...DETAILS.map(ofDetail)]

/** Which columns say something of a kind of unit, those of its own members first. */
export function columnsFor(kind: UnitKind, details: readonly Detail[]): readonly Column[] {
  const named = new Set(details.map(one => `details.${one}`))
  return COLUMNS.filter(one => {
    if (one.member === 'kind') return false
    return one.member.startsWith('details.') ? named.has(one.member) : standsOn(one.member as UnitMember, kind)
  })
}

/** Finds each column of a catalogue among a file's heads. */
export const matchColumns = (heads: readonly string[]): Matching => matchHeads(COLUMNS, heads)
