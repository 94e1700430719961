import type { Stage } from '@/core/drawing/stage'
import { SHIM_PLACES } from '@/core/fit/plan-shims'
import { DOOR_SIDES } from '@/core/seal/seal'
import { FAMILY_RULES, type Family, readingsFor } from '@/core/survey/families'
import { GAP_SLOTS, isSigned, isSlot, type Slot } from '@/core/survey/slots'
import type { Way } from '@/core/survey/ways'
import { SHIM_NAMES, SIDE_NAMES } from '@/words/names'
import { directionWords, slotName } from '@/words/walk'
import { directionId } from './direction'

/** What a tap on the drawing says of the hand: one of its two facts. */
export const HAND_FACTS: Readonly<
  Record<string, readonly ['hinges', 'left' | 'right'] | readonly ['swing', 'in' | 'out']>
> = {
  'hand.left': ['hinges', 'left'],
  'hand.right': ['hinges', 'right'],
  'hand.in': ['swing', 'in'],
  'hand.out': ['swing', 'out'],
}

const HAND_NAMES: readonly (readonly [string, string])[] = [
  ['hand.left', 'Hinges on the left, seen from outside'],
  ['hand.right', 'Hinges on the right, seen from outside'],
  ['hand.in', 'Swings in'],
  ['hand.out', 'Swings out'],
]

/** What can be tapped on the drawings of a stage, and what each is called. While a signed reading is taken, its two sides too. */
export function tappable(stage: Stage, family: Family, way: Way, now: string | null): ReadonlyMap<string, string> {
  const slots = (all: readonly Slot[]): [string, string][] => all.map(slot => [slot, slotName(slot)])
  switch (stage) {
    case 'measure':
      return new Map([...slots(readingsFor(family, way)), ...sides(now)])
    case 'specify':
      return new Map(HAND_NAMES.filter(([id]) => FAMILY_RULES[family].settles.includes(HAND_FACTS[id]![0])))
    case 'fit':
      return new Map(SHIM_PLACES.map(place => [`shim.${place}`, SHIM_NAMES[place]]))
    case 'seal':
      return new Map([
        ...slots(GAP_SLOTS),
        ...DOOR_SIDES.map((side): [string, string] => [`seal.${side}`, `Seal, ${SIDE_NAMES[side].toLowerCase()}`]),
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
