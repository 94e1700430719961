import type { Fact } from '@/core/base/facts'
import type { ConditionPlace } from '@/core/specification/visit'
import { isFactSlot } from '@/core/survey/facts'
import type { PhotoView } from '@/core/survey/photo-place'
import { isSlot, kindOfSlot } from '@/core/survey/slots'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import { shimName } from './names'
import { stepName } from './steps'
import { TEST_NAMES } from './tests'
import { CONDITION_PLACE_NAMES, PHOTO_VIEW_NAMES } from './visit'
import { slotName } from './walk'

/** What is taken for a reading that was not taken. */
export function assumedWords(place: string): string {
  switch (isSlot(place) ? kindOfSlot(place) : '') {
    case 'lean':
      return 'Taken as plumb until it is read.'
    case 'fall':
    case 'crown':
      return 'Taken as level and flat until it is read.'
    case 'bow':
      return 'Taken as straight until it is read.'
    default:
      return 'Nothing is taken in its place.'
  }
}

/** A fact of a finding in words; the empty text where it has none of this name. */
export function factText(name: string, fact: Fact | undefined, step: DisplayStep): string {
  if (fact === undefined) return ''
  if (typeof fact === 'object') return formatWithUnit(fact.length, step)
  if (name === 'slot' || name === 'deciding') return listWords(String(fact), 'and')
  if (name === 'others') return listWords(String(fact), 'or')
  if (name === 'checkedBy') return fact === '' ? 'A second reading by another person' : listWords(String(fact), 'and')
  return String(fact)
}

const listWords = (places: string, joined: 'and' | 'or'): string =>
  joinWords(places.split(' ').filter(Boolean).map(placeName), joined)

/** Two joined by a word; more as a list, since the names have commas of their own. */
const joinWords = (names: readonly string[], joined: 'and' | 'or'): string =>
  names.length > 2 ? names.join('; ') : names.join(` ${joined} `)

/** A place in words: a reading's name, else the place itself made readable. */
export function placeName(place: string): string {
  if (place.startsWith('shim.')) return shimName(place.slice('shim.'.length))
  if (isSlot(place) || isFactSlot(place)) return slotName(place)
  if (place.startsWith('view.')) return PHOTO_VIEW_NAMES[place.slice('view.'.length) as PhotoView] ?? place
  if (place.startsWith('condition.'))
    return CONDITION_PLACE_NAMES[place.slice('condition.'.length) as ConditionPlace] ?? place
  if (place === 'seal.door') return 'The closed door'
  if (place === 'test.call-back') return 'A call-back'
  if (place.startsWith('test.')) return TEST_NAMES[place.slice('test.'.length)]?.[0] ?? place
  if (place.startsWith('step.')) return stepName(place.slice('step.'.length))
  return place.replace(/^(shim|seal|wish|test|step|detail|fact)\./, '').replaceAll('.', ', ')
}
