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

/** What is asked of an opening whose outside trim stays, or comes off. */
export const surveyWhere = (of: SurveyOf, trim: 'keep' | 'strip'): SurveyOf =>
  trim === 'strip' && of.whereTrimComesOff ? { ...of, further: [...of.further, ...of.whereTrimComesOff] } : of

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
