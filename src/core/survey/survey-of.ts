import type { FactSlot } from './facts'
import type { PhotoView } from './photo-place'
import type { GapSlot, SiteSlot, Slot } from './slots'
import { waySlot } from './slots'
import { startsAtTheFloor, WAY_READINGS, type Way } from './ways'

/** A question of the survey: a length to read, or a fact to answer. */
export type Question = Slot | FactSlot

/** What the survey asks of a kind of door. */
export type SurveyOf = {
  /** The ways its size can be taken by, the usual one first. */
  readonly ways: readonly Way[]
  /** Its own readings after those of the way, in walking order. */
  readonly further: readonly (SiteSlot | GapSlot)[]
  /** Readings asked besides where the outside trim comes off: what the new trim has to cover. */
  readonly whereTrimComesOff?: readonly SiteSlot[]
  /** And where the jamb is set flush with siding or casing outside the sheathing. */
  readonly whereFlushOutside?: readonly SiteSlot[]
  readonly facts: readonly FactSlot[]
  /** What a photo is taken of at the first look, whatever is read. */
  readonly views: readonly PhotoView[]
  /** Those of its own readings and facts without which nothing can be ordered. */
  readonly essential: readonly Question[]
  /** Whether its trim is what it stands on, and must be flat and wide enough. */
  readonly standsOnTrim: boolean
}

/** Whether one of a kind's own readings is asked by a way: a hidden drop matters only where heights start at the floor. */
const isAskedBy = (slot: SiteSlot | GapSlot, way: Way): boolean => slot !== 'floor.drop' || startsAtTheFloor(way)

/** What becomes of an opening's outside, as far as it decides what is asked. */
export type Outside = {
  readonly trim: 'keep' | 'strip'
  /** Whether the jamb is set flush with what lies outside the sheathing. */
  readonly isFlushOutside: boolean
}

/** What is asked of an opening by what becomes of its outside. */
export function surveyWhere(of: SurveyOf, { trim, isFlushOutside }: Outside): SurveyOf {
  const more = [
    ...(trim === 'strip' ? (of.whereTrimComesOff ?? []) : []),
    ...(isFlushOutside ? (of.whereFlushOutside ?? []) : []),
  ].filter(slot => !of.further.includes(slot))
  return more.length ? { ...of, further: [...of.further, ...more] } : of
}

/** Whatever may be asked. */
export const ALL_OUTSIDE: Outside = { trim: 'strip', isFlushOutside: true }

/** The lengths of the Measure stage in walking order. */
export const readingsFor = ({ further }: SurveyOf, way: Way): readonly Slot[] => [
  ...WAY_READINGS[way].map(name => waySlot(way, name)),
  ...further.filter(slot => isAskedBy(slot, way)),
]

/** Every question of the Measure stage in walking order, for a kind of door and a way. */
export const ladderFor = (asked: SurveyOf, way: Way): readonly Question[] => [
  ...readingsFor(asked, way),
  ...asked.facts,
]

/** What must be answered before the survey is done: everything else makes it safer. */
export const essentialFor = ({ essential }: SurveyOf, way: Way): readonly Question[] => [
  ...WAY_READINGS[way].filter(name => /^(widths|heights)\./.test(name)).map(name => waySlot(way, name)),
  ...essential,
]

/** The way a kind of door is usually taken by: the practice that was chosen where the kind can be taken so, else the kind's own first. */
export const usualWay = ({ ways }: SurveyOf, practice: Way): Way => (ways.includes(practice) ? practice : ways[0]!)
