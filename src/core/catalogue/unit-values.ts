import { type ANCHORS, type Detail, EXTRAS } from '../specification/wish-values'
import type { Family } from '../survey/families'

// What a catalogue may say of a unit: apart from the schema, so that a page can offer it without carrying the parser.

export const GLAZINGS = ['none', 'plain', 'safety', 'impact'] as const
export type Glazing = (typeof GLAZINGS)[number]

/** What a unit may come without, that has to be bought with it. */
export const LACKS = ['lock', 'hinges', 'closer', 'casing', 'anchors'] as const
export type Lack = (typeof LACKS)[number]

export const STORM_KINDS = ['storm', 'screen', 'security'] as const
/** How a storm door's hinge rail is hung: cut to its opening, in a channel, on hooks, or on legs that are let down. */
export const HANGINGS = ['cut-rail', 'full-channel', 'hook-on', 'fixed-legs'] as const
export type Hanging = (typeof HANGINGS)[number]
export const CLOSER_PLACES = ['top', 'foot', 'under-glass'] as const
export type CloserPlace = (typeof CLOSER_PLACES)[number]
export const FRAME_FORMS = ['knock-down', 'welded'] as const

const COLOURS = ['colour-outside', 'colour-inside'] as const satisfies readonly Detail[]
const HINGES = ['hinge-size', 'hinge-finish'] as const satisfies readonly Detail[]
const OUTSIDE: readonly Detail[] = [
  'core',
  'style',
  ...COLOURS,
  'sill',
  'brickmould',
  'frame-material',
  ...HINGES,
  'weatherstrip',
  'sweep',
]

const ASKED: Readonly<Record<Family, readonly Detail[]>> = {
  'hinged-outside': OUTSIDE,
  pair: OUTSIDE,
  sidelights: OUTSIDE,
  storm: ['style', 'colour-outside', 'closer', 'sweep'],
  slider: ['style', ...COLOURS, 'sill', 'frame-material', 'frame-kind'],
  'steel-leaf': ['core', 'style', 'colour-outside', 'closer', 'closer-prep', 'exit-device'],
  'steel-frame': ['core', 'style', 'colour-outside', ...HINGES, 'anchors'],
  interior: ['core', 'style', 'colour-inside', ...HINGES],
  'seal-only': [],
}
/** A slider has an energy figure, but nobody puts a mail slot or a viewer into it. */
const EXTRAS_OF: { readonly [family in Family]?: readonly Detail[] } = {
  'hinged-outside': EXTRAS,
  pair: EXTRAS,
  sidelights: EXTRAS,
  slider: ['energy'],
  'steel-frame': EXTRAS,
}

/** As much of a unit as decides what its order names. */
export type Described = {
  readonly family: Family
  readonly lock: object | null
  readonly leaf: object | null
  readonly bore: string
  readonly glass: Glazing
  readonly labelMinutes: number
}

/** What an order of a unit must name beside sizes and hand: of a lock set only its finish; of a bored leaf its backset, of glass its
 *  size and build, of a labelled door whether it stops smoke. */
export function detailsAsked(unit: Described): readonly Detail[] {
  if (unit.lock !== null) return ['hinge-finish']
  const isBored = unit.bore !== 'none' && unit.leaf === null && unit.family !== 'storm'
  return [
    ...ASKED[unit.family],
    ...(isBored ? (['bore-backset'] as const) : []),
    ...(unit.glass === 'none' ? [] : (['glazing'] as const)),
    ...(unit.labelMinutes > 0 ? (['smoke-gasket'] as const) : []),
  ]
}

/** What may be named besides. */
export const extrasOf = ({ family, lock }: Described): readonly Detail[] =>
  lock === null ? (EXTRAS_OF[family] ?? []) : []

/** The values a sheet offers for a detail: none when it says nothing, one when it is given, several to settle. */
export const detailChoices = (offered: string | undefined): readonly string[] =>
  offered === undefined
    ? []
    : offered
        .split('|')
        .map(one => one.trim())
        .filter(Boolean)

/** What is ordered of a detail: the only value; else the wish where it is one of the choices or none are given; `null` is not settled. */
export function settledDetail(offered: string | undefined, wished: string | undefined): string | null {
  const choices = detailChoices(offered)
  if (choices.length === 1) return choices[0]!
  if (wished && (choices.length === 0 || choices.includes(wished))) return wished
  return null
}

/** What a wall of this kind holds a frame by: of what the maker offers the right one, else screws through the face; `null` while the
 *  wall is not known. */
export function anchorsFor(offered: string | undefined, wallKind: string | undefined): (typeof ANCHORS)[number] | null {
  if (wallKind === undefined) return null
  const right = wallKind === 'masonry' ? 'masonry' : 'stud straps'
  const choices = detailChoices(offered)
  return choices.length === 0 || choices.includes(right) ? right : 'exposed screws'
}
