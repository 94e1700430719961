import type { Family, UnitKind } from '../base/kinds'
import type { Judges } from '../catalogue/request'
import type { CatalogueUnit } from '../catalogue/unit'
import type { Scene } from '../drawing/scene'
import { type HandOrdered, orderedFront } from '../drawing/unit-front'
import type { Door, UnitDoor } from './door'
import { HINGED_OUTSIDE, HINGED_OUTSIDE_UNIT } from './hinged-outside'
import { INTERIOR, INTERIOR_UNIT } from './interior'
import { LOCK_SET, LOCK_SET_UNIT } from './lock-set'
import { PAIR, PAIR_UNIT } from './pair'
import { SEAL_ONLY, SEAL_PAIR, SEAL_SLIDER } from './seal-only'
import { SIDELIGHTS, SIDELIGHTS_UNIT } from './sidelights'
import { SLIDER, SLIDER_UNIT } from './slider'
import { STEEL_FRAME, STEEL_FRAME_UNIT } from './steel-frame'
import { STEEL_LEAF, STEEL_LEAF_UNIT } from './steel-leaf'
import { STORM, STORM_UNIT } from './storm'

/** Every kind of door an opening can be measured for. */
export const DOORS: Readonly<Record<Family, Door>> = {
  'hinged-outside': HINGED_OUTSIDE,
  pair: PAIR,
  sidelights: SIDELIGHTS,
  storm: STORM,
  slider: SLIDER,
  'steel-leaf': STEEL_LEAF,
  'steel-frame': STEEL_FRAME,
  interior: INTERIOR,
  'lock-set': LOCK_SET,
  'seal-only': SEAL_ONLY,
  'seal-pair': SEAL_PAIR,
  'seal-slider': SEAL_SLIDER,
}

/** Every kind of unit a catalogue can hold. */
export const UNIT_DOORS: { readonly [K in UnitKind]: UnitDoor<K> } = {
  'hinged-outside': HINGED_OUTSIDE_UNIT,
  pair: PAIR_UNIT,
  sidelights: SIDELIGHTS_UNIT,
  storm: STORM_UNIT,
  slider: SLIDER_UNIT,
  'steel-leaf': STEEL_LEAF_UNIT,
  'steel-frame': STEEL_FRAME_UNIT,
  interior: INTERIOR_UNIT,
  'lock-set': LOCK_SET_UNIT,
}

/** What a unit's kind answers. */
export const doorOfUnit = (unit: CatalogueUnit): UnitDoor<UnitKind> =>
  UNIT_DOORS[unit.kind] as unknown as UnitDoor<UnitKind>

/** What is ordered as it looks from outside, with its sizes; `null` for a kind without a front. */
export const frontOf = (line: HandOrdered & { readonly unit: CatalogueUnit }): Scene | null =>
  orderedFront(line.unit, doorOfUnit(line.unit).front(line.unit as never, line))

export const JUDGES: Judges = Object.fromEntries(
  Object.entries(UNIT_DOORS).map(([kind, door]) => [kind, door.judge]),
) as unknown as Judges
