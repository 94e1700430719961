import type { Column, ListedMember } from '../base/column'
import { MATERIALS } from '../specification/wish-values'
import { FACTS } from '../survey/facts'
import { EDGE_ROLES, LISTINGS, SEAL_KINDS, SPANS } from './seal'

// The one table of what a seal's sheet says, by member: record, list reader, form and list writer read it.

type SealMember = ListedMember & {
  readonly column: string
  /** Without it nothing can be judged or priced. */
  readonly needed?: true
  readonly alsoCalled?: readonly string[]
}

export const SEAL_MEMBERS = {
  article: {
    of: 'text',
    column: 'article',
    needed: true,
    most: 40,
    alsoCalled: ['article number', 'item', 'part', 'part number', 'sku', 'no'],
  },
  name: { of: 'text', column: 'name', needed: true, most: 120, alsoCalled: ['description', 'product'] },
  kind: { of: 'text', column: 'kind', choices: SEAL_KINDS, needed: true, alsoCalled: ['type'] },
  on: { of: 'words', column: 'edges', choices: EDGE_ROLES, needed: true, alsoCalled: ['on', 'place', 'goes on'] },
  moves: { of: 'words', column: 'leaves', choices: ['swings', 'slides'], alsoCalled: ['moves'] },
  closes: { of: 'text', column: 'closes', choices: ['edge', 'stop'], needed: true, alsoCalled: ['gap closed'] },
  gapLeast: {
    of: 'length',
    column: 'gap from',
    needed: true,
    mayBeZero: true,
    alsoCalled: ['smallest gap', 'gap least'],
  },
  gapMost: { of: 'length', column: 'gap to', needed: true, alsoCalled: ['largest gap', 'gap most'] },
  against: { of: 'words', column: 'against', choices: FACTS['fact.seal-why'], needed: true, alsoCalled: ['purposes'] },
  forceNPerMetre: {
    of: 'number',
    column: 'force n a metre',
    needed: true,
    most: 500,
    alsoCalled: ['force', 'push n a metre', 'n/m'],
  },
  leakM3hPerMetreAt50: {
    of: 'number',
    column: 'leakage m3/h a metre at 50 pa',
    needed: true,
    most: 200,
    alsoCalled: ['leakage', 'air leakage'],
  },
  soundDb: { of: 'number', column: 'sound db', most: 70, alsoCalled: ['sound', 'joint db'] },
  listing: { of: 'text', column: 'listing', choices: LISTINGS, alsoCalled: ['listed', 'fire listing'] },
  standsWeather: { of: 'yes', column: 'stands weather', alsoCalled: ['weather'] },
  leastLeaf: { of: 'length', column: 'leaf at least', mayBeZero: true, alsoCalled: ['least leaf', 'leaf thickness'] },
  needsKerf: { of: 'yes', column: 'needs kerf', alsoCalled: ['kerf'] },
  notOnThresholds: { of: 'words', column: 'not on thresholds', choices: FACTS['fact.threshold'] },
  notOnFloors: { of: 'words', column: 'not on floors', choices: FACTS['fact.floor'] },
  span: { of: 'text', column: 'length of', choices: SPANS, alsoCalled: ['span'] },
  stock: { of: 'length', column: 'bar', needed: true, alsoCalled: ['stock length', 'bar length', 'length'] },
  firstHole: { of: 'length', column: 'first hole', mayBeZero: true },
  holePitch: { of: 'length', column: 'hole pitch', alsoCalled: ['pitch'] },
  holeCount: { of: 'count', column: 'holes', most: 200, alsoCalled: ['hole count'] },
  isCutFromFreeEnd: { of: 'yes', column: 'cut from one end' },
  overlength: { of: 'length', column: 'rubber longer by', mayBeZero: true, alsoCalled: ['overlength'] },
  centsPerMetre: { of: 'cents', column: 'price a metre', alsoCalled: ['price per metre'] },
  centsPerPiece: { of: 'cents', column: 'price a piece', alsoCalled: ['price per piece', 'price'] },
  years: { of: 'number', column: 'years', needed: true, most: 60, alsoCalled: ['life', 'wear years'] },
  minutes: { of: 'count', column: 'minutes', needed: true, most: 1000, alsoCalled: ['minutes to fit'] },
  tools: { of: 'text', column: 'tools', most: 200 },
  difficulty: { of: 'count', column: 'difficulty', most: 3 },
  never: { of: 'words', column: 'never on outside leaves of', choices: MATERIALS },
  askedOn: { of: 'words', column: 'only bedded on outside leaves of', choices: MATERIALS },
} as const satisfies Readonly<Record<string, SealMember>>

export type SealMemberName = keyof typeof SEAL_MEMBERS
export const SEAL_MEMBER_NAMES = Object.keys(SEAL_MEMBERS) as readonly SealMemberName[]
export const sealMember = (name: SealMemberName): SealMember => SEAL_MEMBERS[name]

/** Every column a list of seals may have. */
export const SEAL_COLUMNS: readonly Column[] = SEAL_MEMBER_NAMES.map(name => {
  const { of, choices, column, needed, alsoCalled = [] } = sealMember(name)
  return { id: column, member: name, of, choices: choices ?? null, isNeeded: needed ?? false, alsoCalled }
})
