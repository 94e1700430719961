import type { SettingStep } from '@/core/fit/setting-step'
import { CAVITY, OUTSIDE } from './closing'
import { BED, DRY_FIT, IS_BEDDED, PREPARED, SILL_READY } from './opening'
import { REMOVAL } from './removal'
import { atMost, needed, step } from './step'

// Panels that slide: a level sill, one side square to it, and the panel's own edge as the straightedge for the other.

const PACKING = ['wedges', 'long-level'] as const
const ASSEMBLED = { when: ['form:assembled'] } as const
const IN_PARTS = { when: ['form:in-parts'] } as const

const FRAME: readonly SettingStep[] = [
  step('frame-joined', ['sill-ready'], 30, ['driver', 'caulk-gun', 'square'], { ...IN_PARTS, cure: 'frame-joined' }),
  step('tip-in', [...IS_BEDDED, 'frame-joined'], 15, ['gloves'], {
    crew: 2,
    irreversible: true,
    caution: 'lift',
    wantsUnit: true,
  }),
  step('sill-level', ['tip-in'], 15, ['long-level', 'wedges'], {
    place: 'sill',
    reads: atMost('sill-fine'),
    cure: 'sill-level',
  }),
  step('side-square', ['sill-level'], 15, ['square', 'long-level'], {
    place: 'first-leg',
    reads: atMost('test-plumb'),
    cure: 'sill-level',
  }),
  step('first-leg', ['side-square'], 20, [...PACKING, 'driver'], {
    shows: 'packs',
    place: 'first-leg',
    cure: 'side-square',
  }),
]

const PANELS: readonly SettingStep[] = [
  step('panel-spacers', ['first-leg'], 10, ['tape'], { ...IN_PARTS, place: 'sill' }),
  step('riser', ['panel-spacers'], 10, ['driver'], { ...IN_PARTS, place: 'sill' }),
  step('fixed-panel', ['riser'], 20, ['gloves', 'hammer'], { ...IN_PARTS, place: 'leaf', crew: 2, caution: 'glass' }),
  step('panel-clips', ['fixed-panel'], 10, ['driver'], { ...IN_PARTS, place: 'leaf' }),
  step('interlock', ['panel-clips', 'riser', 'fixed-panel'], 5, ['hammer'], {
    ...IN_PARTS,
    place: 'meeting',
    irreversible: true,
  }),
  step('sill-pad', ['interlock'], 5, [], { ...IN_PARTS, place: 'sill' }),
  step('moving-panel', ['first-leg', 'sill-pad'], 15, ['gloves'], { place: 'leaf', crew: 2, caution: 'glass' }),
  step('rollers-level', ['moving-panel'], 15, ['screwdriver', 'gauge'], {
    place: 'leaf',
    reads: atMost('test-margins'),
    cure: 'tuning',
  }),
  step('second-leg', ['rollers-level'], 20, [...PACKING, 'driver'], {
    shows: 'packs',
    place: 'other-leg',
    cure: 'rollers-level',
  }),
  step('stands-true', ['second-leg'], 5, ['long-level', 'gauge'], {
    reads: needed(atMost('test-plumb')),
    cure: 'second-leg',
  }),
  step('head-pad', ['stands-true'], 5, [], { ...IN_PARTS, place: 'head' }),
  step('fillers', ['head-pad'], 10, ['hammer'], { ...IN_PARTS, place: 'leg' }),
  step('handle-on', ['stands-true', 'fillers'], 10, ['screwdriver'], { place: 'lock' }),
  step('keeper-set', ['handle-on'], 10, ['screwdriver'], { place: 'lock', cure: 'keeper-set' }),
  step('operation-test', ['keeper-set'], 10, [], { place: 'leaf', cure: 'rollers-level' }),
]

export const SLIDER: readonly SettingStep[] = [
  ...REMOVAL,
  ...PREPARED,
  SILL_READY,
  step('dry-fit', DRY_FIT.needs, DRY_FIT.minutes, DRY_FIT.tools, { ...DRY_FIT, ...ASSEMBLED }),
  ...BED.map(one => ({ ...one, needs: [...one.needs, 'sill-ready'] })),
  ...FRAME,
  ...PANELS,
  ...CAVITY,
  ...OUTSIDE.filter(one => one.id !== 'mould-screws'),
]
