import { BORES, MATERIALS } from '../specification/wish-values'
import { FACTS } from '../survey/facts'
import { FAMILIES } from '../survey/families'
import { CLOSER_PLACES, detailsAsked, extrasOf, FRAME_FORMS, GLAZINGS, HANGINGS, STORM_KINDS } from './unit-values'

/** How a cell is read. */
export type CellKind = 'text' | 'length' | 'lengths' | 'price' | 'count' | 'yes' | 'words'

/** A column of a catalogue: where its value goes in a unit, how a cell is read, and what makers call it besides. */
export type Column = {
  readonly id: string
  /** Dotted: `storm.widthMost` stands on the storm door's own sheet. */
  readonly member: string
  readonly kind: CellKind
  readonly isNeeded: boolean
  readonly alsoCalled: readonly string[]
}

const column = (
  id: string,
  member: string,
  kind: CellKind,
  alsoCalled: readonly string[] = [],
  isNeeded = false,
): Column => ({ id, member, kind, isNeeded, alsoCalled })
const needed = (id: string, member: string, kind: CellKind, alsoCalled: readonly string[] = []): Column =>
  column(id, member, kind, alsoCalled, true)

/** Every column a catalogue may have. A sheet's own columns count only for units of its kind. */
export const COLUMNS: readonly Column[] = [
  needed('article', 'article', 'text', ['article number', 'item', 'item number', 'part', 'part number', 'sku', 'no']),
  column('maker', 'maker', 'text', ['manufacturer', 'brand', 'supplier']),
  needed('name', 'name', 'text', ['description', 'product']),
  column('kind', 'family', 'text', ['family', 'door type', 'type']),
  needed('width', 'width', 'length', ['unit width', 'frame width', 'w', 'overall width']),
  needed('height', 'height', 'length', ['unit height', 'frame height', 'h', 'overall height']),
  column('leaf width', 'leafWidth', 'length', ['slab width', 'door width']),
  column('leaf height', 'leafHeight', 'length', ['slab height', 'door height']),
  column('jamb', 'jamb', 'length', ['jamb width', 'jamb depth']),
  column('hinges', 'hinges', 'text', ['hand', 'hinge side']),
  column('swing', 'swing', 'text', ['opens']),
  needed('material', 'material', 'text', ['made of']),
  column('bore', 'bore', 'text', ['lock bore', 'prep']),
  column('label minutes', 'labelMinutes', 'count', ['fire minutes', 'fire label', 'label', 'rating']),
  column('leaf bottom', 'leafBottom', 'length', ['leaf bottom above sub-sill']),
  column('sill depth', 'sillDepth', 'length', ['threshold depth']),
  needed('price', 'priceCents', 'price', ['list price', 'net price', 'cost']),
  needed('days', 'leadDays', 'count', ['lead time', 'lead days', 'delivery days']),
  column('stock', 'stock', 'yes', ['in stock', 'stocked']),
  column('glass', 'glass', 'text', ['glass kind']),
  column('lacks', 'lacks', 'words', ['not included', 'without']),
  column('core', 'details.core', 'text'),
  column('style', 'details.style', 'text', ['panel style']),
  column('colour outside', 'details.colour-outside', 'text', ['color outside', 'exterior colour', 'exterior color']),
  column('colour inside', 'details.colour-inside', 'text', ['color inside', 'interior colour', 'interior color']),
  column('sill', 'details.sill', 'text', ['threshold', 'sill type']),
  column('brickmould', 'details.brickmould', 'text', ['brick mould', 'brickmold', 'casing']),
  column('finish', 'details.hinge-finish', 'text', ['hinge finish', 'hardware finish']),
  column('frame material', 'details.frame-material', 'text', ['frame of']),
  column('hinge size', 'details.hinge-size', 'text'),
  column('bore backset', 'details.bore-backset', 'text'),
  column('glazing', 'details.glazing', 'text', ['glass size', 'glass build']),
  column('energy', 'details.energy', 'text', ['u value', 'u factor']),
  column('smoke gasket', 'details.smoke-gasket', 'text', ['smoke']),
  column('kick plate', 'details.kick-plate', 'text'),
  column('mail slot', 'details.mail-slot', 'text', ['letter plate']),
  column('viewer', 'details.viewer', 'text'),
  column('weatherstrip', 'details.weatherstrip', 'text', ['weather strip', 'seal']),
  column('sweep', 'details.sweep', 'text', ['door bottom']),
  column('closer', 'details.closer', 'text'),
  column('anchors', 'details.anchors', 'text'),
  column('frame kind', 'details.frame-kind', 'text'),
  column('closer prep', 'details.closer-prep', 'text', ['closer preparation']),
  column('exit device', 'details.exit-device', 'text'),
  column('panels', 'panels', 'text', ['panel order', 'operating panel']),
  column('frame form', 'frame.form', 'text', ['frame type']),
  column('throat', 'frame.throat', 'length'),
  column('storm kind', 'storm.kind', 'text'),
  column('width least', 'storm.widthLeast', 'length', ['min width', 'width min', 'width from']),
  column('width most', 'storm.widthMost', 'length', ['max width', 'width max', 'width to']),
  column('height least', 'storm.heightLeast', 'length', ['min height', 'height min', 'height from']),
  column('height most', 'storm.heightMost', 'length', ['max height', 'height max', 'height to']),
  column('hanging', 'storm.hanging', 'text'),
  column('rail deduction', 'storm.deduction', 'length', ['deduction']),
  column('head gap', 'storm.headGap', 'length'),
  column('bottom gap', 'storm.bottomGap', 'length'),
  column('reversible', 'storm.reversible', 'yes'),
  column('handle at', 'storm.handleAt', 'length', ['handle height']),
  column('handle half', 'storm.handleHalf', 'length'),
  column('handle proud', 'storm.handleProud', 'length', ['handle projection']),
  column('closer pin', 'storm.closerPin', 'length'),
  column('closer place', 'storm.closerPlace', 'text'),
  column('face least', 'storm.faceLeast', 'length'),
  column('proud least', 'storm.proudLeast', 'length'),
  column('key inside', 'storm.keyInside', 'yes'),
  column('thickness', 'leaf.thickness', 'length', ['leaf thickness']),
  column('hinge tops', 'leaf.hinges', 'lengths', ['hinges from top']),
  column('hinge height', 'leaf.hingeHeight', 'length'),
  column('bore top', 'leaf.boreTop', 'length', ['bore from top']),
  column('backset', 'leaf.backset', 'length'),
  column('lock kind', 'lock.kind', 'text'),
  column('function', 'lock.function', 'text', ['lock function']),
  column('lock backset', 'lock.backset', 'length'),
  column('case', 'lock.case', 'length', ['case depth']),
  column('thickness least', 'lock.thicknessLeast', 'length'),
  column('thickness most', 'lock.thicknessMost', 'length'),
]

/** What may stand in a column, where that is one of few words. */
export const COLUMN_CHOICES: { readonly [id: string]: readonly string[] | undefined } = {
  hinges: ['both', 'left', 'right'],
  swing: ['both', 'in', 'out'],
  material: MATERIALS,
  bore: BORES,
  glass: GLAZINGS,
  panels: ['both', 'OX', 'XO'],
  'frame form': FRAME_FORMS,
  'storm kind': STORM_KINDS,
  hanging: HANGINGS,
  'closer place': CLOSER_PLACES,
  'lock kind': FACTS['fact.lock-case'],
  function: FACTS['fact.lock-function'],
}

/** Every kind of unit as it is entered by hand: a family's, or a lock set for an inside door. */
export const UNIT_KINDS = [...FAMILIES.filter(one => one !== 'seal-only'), 'lock-set'] as const
export type UnitKind = (typeof UNIT_KINDS)[number]

const ALWAYS = ['article', 'maker', 'name', 'width', 'height', 'material', 'price', 'days', 'stock']
const HUNG = ['leaf width', 'leaf height', 'jamb', 'hinges', 'swing', 'bore', 'label minutes', 'glass']
const OUTSIDE = [...HUNG, 'leaf bottom', 'sill depth']
const sheetOf = (name: string): readonly string[] =>
  COLUMNS.filter(one => one.member.startsWith(`${name}.`)).map(one => one.id)
const OWN: Readonly<Record<UnitKind, readonly string[]>> = {
  'hinged-outside': OUTSIDE,
  pair: OUTSIDE,
  sidelights: OUTSIDE,
  interior: HUNG,
  slider: ['jamb', 'sill depth', 'panels', 'glass'],
  'steel-frame': [...HUNG, 'leaf bottom', ...sheetOf('frame')],
  'steel-leaf': ['label minutes', 'glass', ...sheetOf('leaf')],
  storm: ['hinges', 'glass', ...sheetOf('storm')],
  'lock-set': sheetOf('lock'),
}

/** Which columns say something of a kind of unit, those of its sizes first. */
export function columnsFor(kind: UnitKind): readonly Column[] {
  const isLock = kind === 'lock-set'
  const described = {
    family: isLock ? 'interior' : kind,
    lock: isLock ? {} : null,
    leaf: kind === 'steel-leaf' ? {} : null,
    bore: 'single',
    glass: 'plain',
    labelMinutes: 20,
  } as const
  const details = new Set([...detailsAsked(described), ...extrasOf(described)].map(one => `details.${one}`))
  const own = new Set([...ALWAYS, ...OWN[kind]])
  return [...COLUMNS.filter(one => own.has(one.id)), ...COLUMNS.filter(one => details.has(one.member))]
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
  const own = COLUMNS.map(one => [one.id, take(one.id)] as const)
  return Object.fromEntries(
    own.map(([id, head]) => {
      if (head !== null) return [id, head]
      const { alsoCalled } = COLUMNS.find(one => one.id === id)!
      return [id, alsoCalled.map(take).find(one => one !== null) ?? null]
    }),
  )
}
