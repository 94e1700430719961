import type { Stage } from '@/core/base/stages'
import { closedQuestions } from '@/core/seal/closed-answers'
import { GAP_SLOTS, isSigned, isSlot, type Slot } from '@/core/survey/slots'
import { readingsFor } from '@/core/survey/survey-of'
import type { Work } from '@/core/work'
import { shimName, sideName } from '@/words/names'
import { directionWords, slotName } from '@/words/walk'
import { directionId } from '../sheet/direction'
import { HAND_FACTS } from './hand-facts'

const HAND_NAMES: readonly (readonly [string, string])[] = [
  ['hand.left', 'Hinges on the left, seen from outside'],
  ['hand.right', 'Hinges on the right, seen from outside'],
  ['hand.in', 'Swings in'],
  ['hand.out', 'Swings out'],
]

/** What can be tapped on the drawings of a stage, and what each is called. While a signed reading is taken, its two sides too. */
export function tappable(
  stage: Stage,
  { door, measure, fit, seal }: Work,
  now: string | null,
): ReadonlyMap<string, string> {
  const slots = (all: readonly Slot[]): [string, string][] => all.map(slot => [slot, slotName(slot)])
  switch (stage) {
    case 'measure':
      return new Map([...slots(readingsFor(door.survey, measure.value.survey.way)), ...sides(now)])
    case 'specify':
      return new Map(HAND_NAMES.filter(([id]) => door.specify.settles.includes(HAND_FACTS[id]![0])))
    case 'fit':
      return new Map(fit.value.shims?.points.map(({ place }) => [`shim.${place}`, shimName(place)]))
    case 'seal':
      return new Map([
        ...slots(GAP_SLOTS),
        ...closedQuestions(seal.value.edges, seal.value.survey).map((slot): [string, string] => [slot, slotName(slot)]),
        ...seal.value.edges.map(({ id }): [string, string] => [`seal.${id}`, `Seal, ${sideName(id).toLowerCase()}`]),
      ])
    default:
      return new Map()
  }
}

function sides(now: string | null): readonly [string, string][] {
  if (now === null || !isSlot(now) || !isSigned(now)) return []
  const [minus, plus] = directionWords(now)
  return [
    [directionId('minus'), minus],
    [directionId('plus'), plus],
  ]
}
