import type { Stage } from '@/core/drawing/stage'
import { SHIM_PLACES } from '@/core/fit/plan-shims'
import { DOOR_SIDES } from '@/core/seal/seal'
import { GAP_SLOTS, SITE_SLOTS, type Slot, waySlot } from '@/core/survey/slots'
import { WAY_READINGS, type Way } from '@/core/survey/ways'
import { SHIM_NAMES, SIDE_NAMES, slotName } from '@/words/names'

/** What can be tapped on the drawings of a stage, and what each is called. */
export function tappable(stage: Stage, way: Way): ReadonlyMap<string, string> {
  const slots = (all: readonly Slot[]): [string, string][] => all.map(slot => [slot, slotName(slot)])
  switch (stage) {
    case 'measure':
      return new Map(slots([...WAY_READINGS[way].map(name => waySlot(way, name)), ...SITE_SLOTS]))
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
