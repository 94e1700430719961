import type { ANCHORS } from '../specification/wish-values'
import { FACTS } from '../survey/facts'

// What a catalogue may say of a unit: apart from the schema, so that a page can offer it without carrying the parser.

export const GLAZINGS = ['none', 'plain', 'safety', 'impact'] as const
export type Glazing = (typeof GLAZINGS)[number]

/** What a unit may come without, that has to be bought with it. */
export const LACKS = ['lock', 'hinges', 'closer', 'casing', 'anchors'] as const
export type Lack = (typeof LACKS)[number]

export const STORM_KINDS = ['storm', 'screen', 'security'] as const
export type StormKind = (typeof STORM_KINDS)[number]
/** How a storm door's hinge rail is hung: cut to its opening, in a channel, on hooks, or on legs that are let down. */
export const HANGINGS = ['cut-rail', 'full-channel', 'hook-on', 'fixed-legs'] as const
export type Hanging = (typeof HANGINGS)[number]
export const CLOSER_PLACES = ['top', 'foot', 'under-glass'] as const
export type CloserPlace = (typeof CLOSER_PLACES)[number]
/** How a sliding door comes: its panels in its frame, or all of it in pieces. */
export const SLIDER_FORMS = ['assembled', 'in-parts'] as const
export const FRAME_FORMS = ['knock-down', 'welded'] as const

/** What the legs of a frame are made of. */
export const LEG_MATERIALS = ['timber', 'composite', 'pvc', 'aluminium', 'steel'] as const
/** A whole lock by its case; or a bolt of its own below a latch that stays. */
export const LOCK_KINDS = [...FACTS['fact.lock-case'], 'bolt-below'] as const
export type LockKind = (typeof LOCK_KINDS)[number]

export const SILL_CAPS = ['fixed', 'adjustable'] as const
/** What a threshold bears on: its whole underside, or ribs with hollows between. */
export const SILL_UNDERSIDES = ['flat', 'ribbed'] as const

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
  const right = wallKind === 'masonry' ? 'masonry' : 'stud-straps'
  const choices = detailChoices(offered)
  return choices.length === 0 || choices.includes(right) ? right : 'exposed-screws'
}
