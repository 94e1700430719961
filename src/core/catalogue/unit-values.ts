import { DETAILS, type Detail } from '../specification/wish-values'
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

/** Of an outside door everything but what belongs to steel and to storm doors. */
const OUTSIDE = DETAILS.filter(one => one !== 'closer' && one !== 'anchors')

const ASKED: Readonly<Record<Family, readonly Detail[]>> = {
  'hinged-outside': OUTSIDE,
  pair: OUTSIDE,
  sidelights: OUTSIDE,
  storm: ['style', 'colour-outside', 'closer', 'sweep'],
  slider: ['style', 'colour-outside', 'colour-inside', 'sill'],
  'steel-leaf': ['core', 'style', 'colour-outside', 'closer'],
  'steel-frame': ['core', 'style', 'colour-outside', 'hinge-finish', 'anchors'],
  interior: ['core', 'style', 'colour-inside', 'hinge-finish'],
  'seal-only': [],
}

/** What an order of a unit must name beside sizes and hand: of a lock set only its finish. */
export const detailsAsked = (family: Family, isLock: boolean): readonly Detail[] =>
  isLock ? ['hinge-finish'] : ASKED[family]

/** The values a sheet offers for a detail: none when it says nothing, one when it is given, several to settle. */
export const detailChoices = (offered: string | undefined): readonly string[] =>
  offered === undefined
    ? []
    : offered
        .split('|')
        .map(one => one.trim())
        .filter(Boolean)

/** What is ordered of a detail: the wish where it is one of the choices or none are given, else the only value; `null` is not settled. */
export function settledDetail(offered: string | undefined, wished: string | undefined): string | null {
  const choices = detailChoices(offered)
  if (choices.length === 1) return choices[0]!
  if (wished && (choices.length === 0 || choices.includes(wished))) return wished
  return null
}
