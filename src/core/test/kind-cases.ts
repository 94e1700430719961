import type { Family } from '../base/kinds'
import type { CatalogueUnit } from '../catalogue/unit'
import type { Door } from '../doors/door'
import { SEAL_PAIR, SEAL_SLIDER } from '../doors/seal-only'
import { DETAILS } from '../specification/wish-values'
import type { Way } from '../survey/ways'
import type { OpeningRecords } from '../terms'
import { inches } from '../units/length'
import {
  frameUnit,
  interiorUnit,
  leafUnit,
  lockUnit,
  pairUnit,
  sidelightsUnit,
  sliderUnit,
  stormUnit,
} from './family-units'
import { fact, records, type Settled, TRUE_OPENING, unit } from './fixtures'
import { OLD_LEAF } from './old-leaf'

// One opening of every kind of door, surveyed, wished and with a unit that is right for it.

const wide = (width: string) => ({
  ...TRUE_OPENING,
  'trim-off/widths.bottom': width,
  'trim-off/widths.middle': width,
  'trim-off/widths.top': width,
})
const without = (texts: object, part: RegExp) =>
  Object.fromEntries(Object.entries(texts).filter(([name]) => !part.test(name)))
const LEAF = {
  ...OLD_LEAF,
  'core/widths.bottom': '35 3/4',
  'core/widths.top': '35 3/4',
  'core/heights.right': '79 1/8',
}
/** A gap at every place of every edge of a door that is 36 in wide. */
const gapsAlong = ({ seal }: Door) =>
  Object.fromEntries(
    seal
      .edges({ ...CLOSED, leftLeaf: inches(18), moves: 'left', hinges: 'left' })
      .flatMap(one => one.slots.map(slot => [slot, one.role === 'bottom' ? '1/4' : '1/8'])),
  )
const CLOSED = { width: inches(36), height: inches(80), thickness: inches(1, 3, 4) }
const TRIM = {
  'brickmould/widths.bottom': '36',
  'brickmould/widths.middle': '36',
  'brickmould/widths.top': '36',
  'brickmould/heights.left': '80 1/2',
  'brickmould/heights.right': '80 1/2',
  'mould.face': '2',
  'mould.proud': '1 1/8',
  'handle.height': '36',
  'handle.proud': '2',
}
export const GAPS = Object.fromEntries(
  ['head', 'left', 'right', 'bottom'].flatMap(side =>
    (side === 'head' || side === 'bottom' ? ['left', 'centre', 'right'] : ['top', 'middle', 'bottom']).map(at => [
      `gap.${side}.${at}`,
      side === 'bottom' ? '1/4' : '1/8',
    ]),
  ),
)

export type KindCase = {
  readonly family: Family
  readonly way: Way
  readonly texts: object
  readonly facts?: Readonly<Record<string, string>>
  readonly wished?: Partial<Settled>
  readonly unit: CatalogueUnit | null
  /** What its line must say beside its size. */
  readonly says: readonly string[]
}

export const KIND_CASES: Readonly<Record<string, KindCase>> = {
  'a hinged outside unit': {
    family: 'hinged-outside',
    way: 'trim-off',
    texts: TRUE_OPENING,
    facts: { 'fact.old-door': 'in-place' },
    unit: unit(),
    says: ['Hinges on the LEFT', '37 1/2 in'],
  },
  'a pair': {
    family: 'pair',
    way: 'trim-off',
    texts: without(wide('74 1/2'), /diagonals/),
    facts: { 'fact.active-leaf': 'right' },
    wished: { hinges: null },
    unit: pairUnit(),
    says: ['The RIGHT leaf is ACTIVE', 'Passive leaf width'],
  },
  'a unit with sidelights': {
    family: 'sidelights',
    way: 'trim-off',
    texts: {
      ...without(wide('51 1/2'), /diagonals/),
      'leaf.width': '36',
      'sidelight.left': '12',
      'sidelight.right': '0',
    },
    unit: sidelightsUnit(),
    says: ['Sidelight left', '12 in'],
  },
  'a storm door': {
    family: 'storm',
    way: 'brickmould',
    texts: TRIM,
    wished: { swing: 'out', bore: null },
    unit: stormUnit(),
    says: ['hinge rail', 'Door, at its largest'],
  },
  'a slider': {
    family: 'slider',
    way: 'trim-off',
    texts: TRUE_OPENING,
    facts: { 'fact.moving-panel': 'left' },
    wished: { hinges: null, swing: null, bore: null },
    unit: sliderUnit(),
    says: ['The LEFT panel MOVES'],
  },
  'a steel leaf': {
    family: 'steel-leaf',
    way: 'core',
    texts: LEAF,
    facts: { 'fact.label': '90', 'fact.label-legible': 'yes', 'fact.pins': 'removable', 'fact.bore': 'single' },
    wished: { bore: null },
    unit: leafUnit(),
    says: ['Hinges, from the top down', '7 1/4 in'],
  },
  'a steel frame': {
    family: 'steel-frame',
    way: 'trim-off',
    facts: { 'fact.wall-state': 'finished', 'fact.wall-kind': 'wood-studs' },
    texts: { ...TRUE_OPENING, 'wall.left': '5', 'wall.head': '5', 'wall.right': '5' },
    wished: { bore: 'single' },
    unit: frameUnit(),
    says: ['Throat that takes the wall'],
  },
  'an inside door': {
    family: 'interior',
    way: 'trim-off',
    texts: {
      ...without(wide('32'), /diagonals|heights/),
      'trim-off/heights.left': '81 3/4',
      'trim-off/heights.centre': '81 3/4',
      'trim-off/heights.right': '81 3/4',
      'leaf.thickness': '1 3/8',
      backset: '2 3/8',
    },
    facts: { 'fact.lock-function': 'passage', 'fact.lock-case': 'tubular-latch' },
    wished: { bore: 'single' },
    unit: interiorUnit(),
    says: ['Hinges on the LEFT'],
  },
  'a lock set': {
    family: 'lock-set',
    way: 'lock-edge',
    texts: { 'leaf.thickness': '40 mm', backset: '57 mm' },
    facts: { 'fact.lock-case': 'mortise-case', 'fact.lock-function': 'privacy' },
    wished: { hinges: null, swing: null, bore: null },
    unit: lockUnit(),
    says: ['Faceplate', 'Lock backset'],
  },
  'a door that is only sealed': {
    family: 'seal-only',
    way: 'core',
    texts: { ...LEAF, ...GAPS },
    facts: {
      'fact.kerf': 'yes',
      'fact.threshold': 'fixed',
      'fact.floor': 'hard',
      'fact.airflow': 'not-needed',
      'fact.seal-why': 'draft',
    },
    wished: { material: 'timber' },
    unit: null,
    says: [],
  },
  'a pair that stays': {
    family: 'seal-pair',
    way: 'core',
    texts: {
      ...LEAF,
      ...gapsAlong(SEAL_PAIR),
      'leaf.active': '18',
      'leaf.passive': '17 1/2',
      'leaf.thickness': '1 3/4',
    },
    facts: { 'fact.active-leaf': 'left', 'fact.seal-why': 'draft' },
    wished: { material: 'timber' },
    unit: null,
    says: [],
  },
  'a slider that stays': {
    family: 'seal-slider',
    way: 'core',
    texts: { ...LEAF, ...gapsAlong(SEAL_SLIDER), 'leaf.thickness': '1 3/8' },
    facts: { 'fact.moving-panel': 'left', 'fact.seal-why': 'draft' },
    wished: { material: 'timber' },
    unit: null,
    says: [],
  },
}

const SETTLED = Object.fromEntries(DETAILS.map(name => [name, 'x']))
/** What a sheet offers to choose from. */
const OFFERED: { readonly [kind in CatalogueUnit['kind']]?: CatalogueUnit['details'] } = {
  slider: { 'frame-kind': 'block' },
  'steel-frame': { anchors: 'stud-straps|masonry' },
  'steel-leaf': { 'hinge-pins': 'removable|non-removable|spring' },
}

/** The unit with every detail its sheet can say. */
export const sealed = (one: CatalogueUnit): CatalogueUnit => ({
  ...one,
  details: { ...SETTLED, ...OFFERED[one.kind] },
})

/** The opening of a case, the n-th of its job. */
export function openingOf(
  { family, way, texts, facts = {}, wished = {}, unit: chosen }: KindCase,
  n: number,
): OpeningRecords {
  const base = records({ ...texts }, { way, chosen: chosen && { unit: chosen.id, reason: '' }, ...wished })
  return {
    ...base,
    opening: { ...base.opening, id: `01900000-0000-7000-8000-0000000000b${n}`, tag: `D${n}`, family },
    answers: Object.entries(facts).map(([slot, code]) => fact(slot as 'fact.kerf', code)),
  }
}
