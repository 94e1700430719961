import { PREPARATIONS, type PreparationId } from '@/core/catalogue/preparation'
import { prepareStep } from '@/core/fit/plan-steps'
import type { StepPlace } from '@/core/fit/setting-step'
import { HOLE_IS_BARE } from './removal'
import { atMost, step } from './step'

// Putting the opening right: what was priced with the unit, each piece a step; then the sill, its bed and what drains it.

/** What is done when the frame is fast, where its outside is closed. The pad under a sill is a step of its own. */
const LATER: readonly PreparationId[] = ['patch-siding', 'pad-siding', 'rework-trim']
const ELSEWHERE: readonly PreparationId[] = [...LATER, 'pad-sill']
const PLACES: { readonly [id in PreparationId]?: StepPlace } = {
  'pack-sides': 'hinge',
  'build-down-head': 'head',
  'relieve-pinch': 'leg',
  'rip-bucks': 'leg',
  'grind-crown': 'sill',
  'level-sill': 'sill',
  'move-wall': 'leg',
  'chop-case': 'lock',
  'fill-edge': 'lock',
  'bore-bolt': 'lock',
  'change-handle': 'lock',
}
// How long each takes is what it was priced with.
const prepare = (id: PreparationId, needs: readonly string[]) =>
  step(prepareStep(id), needs, 0, ['tape'], {
    when: [`prep:${id}`],
    place: PLACES[id] ?? 'whole',
    shows: 'preparation',
  })

/** The work that was priced, as far as it comes before the unit stands. */
export const PREPARED = PREPARATIONS.filter(id => !ELSEWHERE.includes(id)).map(id => prepare(id, HOLE_IS_BARE))
export const PREPARED_LATER = (needs: readonly string[]) => LATER.map(id => prepare(id, needs))
const ALL_PREPARED = PREPARED.map(one => one.id)
export const IS_PREPARED = [...HOLE_IS_BARE, ...ALL_PREPARED] as const

/** A sill that is level and sound, and the unit tried on it dry. */
export const SILL_READY = step('sill-ready', IS_PREPARED, 30, ['long-level', 'chisel', 'plane'], {
  place: 'sill',
  shows: 'supports',
  reads: atMost('sill-fine'),
  cure: 'sill-ready',
})
export const DRY_FIT = step('dry-fit', ['sill-ready'], 15, ['long-level', 'gauge'], {
  crew: 2,
  caution: 'lift',
  wantsUnit: true,
  cure: 'sill-ready',
})

/** What lies under an outside sill: laid in shingle order, the lower layer first. */
export const BED = [
  step('pad', ['dry-fit'], 15, ['handsaw', 'level', 'caulk-gun'], {
    shows: 'pad',
    when: ['pad'],
    place: 'sill',
  }),
  step('sill-flashing', ['dry-fit', 'pad'], 15, ['knife', 'tape-roller'], { when: ['pan'], place: 'sill' }),
  step('sill-pan', ['dry-fit', 'pad', 'sill-flashing'], 25, ['handsaw', 'caulk-gun'], {
    shows: 'pan',
    when: ['pan'],
    place: 'sill',
    irreversible: true,
    caution: 'vapour',
  }),
  step('sill-membrane', ['dry-fit', 'pad'], 25, ['knife', 'tape-roller', 'caulk-gun'], {
    when: ['membrane'],
    place: 'sill',
    caution: 'vapour',
  }),
  step('sill-beads', ['dry-fit', 'pad'], 15, ['caulk-gun'], { when: ['beads'], place: 'sill', caution: 'vapour' }),
] as const
export const IS_BEDDED = ['dry-fit', 'pad', 'sill-pan', 'sill-membrane', 'sill-beads'] as const
