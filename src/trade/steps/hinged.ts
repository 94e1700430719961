import type { SettingStep } from '@/core/fit/setting-step'
import { CAVITY, FINISH, OUTSIDE, THRESHOLD } from './closing'
import { clipOff, contact, LEGS, LEGS_ARE_SET, LOOSE, latchOf, marginsOf, STANDS, standsTrue } from './hanging'
import { BED, DRY_FIT, IS_PREPARED, PREPARED, SILL_READY } from './opening'
import { REMOVAL } from './removal'
import { atMost, needed, push, step } from './step'

// Doors that hang on hinges in a frame of their own.

const READY: readonly SettingStep[] = [...REMOVAL, ...PREPARED]
const AFTER: readonly SettingStep[] = [...THRESHOLD, ...CAVITY, ...OUTSIDE, ...FINISH]
const LATCH_AFTER = ['margins-even', 'long-screws'] as const

/** One leaf in a prehung frame outside. */
export const PREHUNG: readonly SettingStep[] = [
  ...READY,
  SILL_READY,
  DRY_FIT,
  ...BED,
  ...STANDS,
  ...LEGS,
  ...marginsOf(LEGS_ARE_SET),
  step('head-screws', ['margins-even', 'long-screws'], 5, ['driver', 'wedges'], {
    shows: 'screws',
    when: ['header-held'],
    place: 'head',
    irreversible: true,
  }),
  ...latchOf([...LATCH_AFTER, 'head-screws']),
  ...AFTER,
]

const SCREWING = ['driver', 'drill', 'long-level'] as const
const PACKING = ['wedges', 'long-level', 'handsaw'] as const

/** Two leaves: the passive one first and locked, then the active one to it. */
export const PAIR: readonly SettingStep[] = [
  ...READY,
  SILL_READY,
  DRY_FIT,
  ...BED,
  ...STANDS.filter(one => one.id !== 'hinge-plumb'),
  step('passive-plumb', ['tip-in', 'tack-closed', 'open-at-once'], 15, ['long-level'], {
    place: 'first-leg',
    reads: atMost('test-plumb'),
    cure: 'passive-plumb',
  }),
  { ...LOOSE, needs: ['passive-plumb'], place: 'first-leg' },
  step('passive-shims', ['passive-plumb', 'loose-screws'], 20, PACKING, {
    shows: 'packs',
    place: 'first-leg',
    cure: 'passive-plumb',
  }),
  step('passive-screws', ['passive-shims'], 15, SCREWING, {
    shows: 'screws',
    place: 'first-leg',
    cure: 'passive-shims',
  }),
  step('bolt-prints', ['passive-screws'], 5, ['caulk-gun'], { place: 'meeting' }),
  step('bolt-holes', ['bolt-prints'], 15, ['drill', 'chisel'], { place: 'meeting', irreversible: true }),
  step('bolt-keepers', ['bolt-holes'], 10, ['screwdriver'], { place: 'head' }),
  step('active-plumb', ['bolt-keepers'], 15, ['long-level'], {
    place: 'other-leg',
    reads: atMost('test-plumb'),
    cure: 'active-plumb',
  }),
  step('active-shims', ['active-plumb'], 20, PACKING, { shows: 'packs', place: 'other-leg', cure: 'active-plumb' }),
  standsTrue(['active-shims'], 'active-shims'),
  step('active-screws', ['stands-true'], 15, SCREWING, { shows: 'screws', place: 'other-leg', cure: 'active-shims' }),
  contact(['active-screws'], 'meeting'),
  clipOff(['contact-even']),
  step('meeting-shim', ['first-opening', 'contact-even'], 5, ['wedges'], {
    shows: 'packs',
    when: ['header-held'],
    place: 'meeting',
  }),
  step('meeting-screw', ['meeting-shim'], 5, ['driver'], {
    shows: 'screws',
    when: ['header-held'],
    place: 'meeting',
    irreversible: true,
  }),
  step('meeting-shim-out', ['meeting-screw'], 5, ['pry-bar'], { when: ['header-held'], place: 'meeting' }),
  ...marginsOf(['first-opening', 'contact-even', 'meeting-shim-out']),
  step('astragal-strike', [...LATCH_AFTER], 15, ['chisel', 'screwdriver', 'pencil'], { place: 'meeting' }),
  ...latchOf(['astragal-strike']),
  ...AFTER,
]

/** A leaf between fixed lights: the fixed side first, held over its mullions beside their packs. */
export const SIDELIGHTS: readonly SettingStep[] = [
  ...READY,
  SILL_READY,
  DRY_FIT,
  ...BED,
  ...STANDS.filter(one => one.id !== 'hinge-plumb'),
  step('fixed-plumb', ['tip-in', 'tack-closed', 'open-at-once'], 15, ['long-level'], {
    place: 'first-leg',
    reads: atMost('test-plumb'),
    cure: 'fixed-plumb',
  }),
  { ...LOOSE, needs: ['fixed-plumb'], when: ['shims-and-screws:rest-on-screws'], place: 'first-leg' },
  step('fixed-shims', ['fixed-plumb', 'loose-screws'], 20, PACKING, {
    shows: 'packs',
    place: 'first-leg',
    cure: 'fixed-plumb',
  }),
  step('fixed-screws', ['fixed-shims'], 15, SCREWING, { shows: 'screws', place: 'first-leg', cure: 'fixed-shims' }),
  step('mullion-shims', ['fixed-screws'], 10, ['wedges', 'long-level'], {
    shows: 'packs',
    place: 'mullion',
    cure: 'mullion-shims',
  }),
  step('mullion-screws', ['mullion-shims'], 10, ['driver'], {
    shows: 'screws',
    when: ['header-held'],
    place: 'mullion',
    irreversible: true,
  }),
  step('leg-shims', ['mullion-shims', 'mullion-screws'], 20, PACKING, {
    shows: 'packs',
    place: 'other-leg',
    cure: 'mullion-shims',
  }),
  standsTrue(['leg-shims'], 'leg-shims'),
  step('leg-screws', ['stands-true'], 15, SCREWING, { shows: 'screws', place: 'other-leg', cure: 'leg-shims' }),
  contact(['leg-screws']),
  clipOff(['contact-even']),
  ...marginsOf(['first-opening', 'contact-even']),
  ...latchOf(LATCH_AFTER),
  ...AFTER,
]

/** Inside: legs cut to the finished floor, no sill, no bed, nothing to keep water out of. */
export const INTERIOR: readonly SettingStep[] = [
  ...READY,
  step('floor-read', IS_PREPARED, 10, ['long-level', 'tape'], { place: 'sill' }),
  step('legs-cut', ['floor-read'], 10, ['handsaw', 'square', 'pencil'], { place: 'leg', irreversible: true }),
  step('legs-packed', ['legs-cut'], 5, ['tape'], { shows: 'pad', when: ['pad'], place: 'leg' }),
  step('dry-fit', ['legs-cut', 'legs-packed'], 10, ['long-level', 'gauge'], {
    wantsUnit: true,
    reads: atMost('sill-fine'),
    cure: 'floor-read',
  }),
  ...STANDS.map(one =>
    one.id === 'tip-in' ? { ...one, needs: ['dry-fit'], irreversible: false, crew: 1 as const } : one,
  ),
  ...LEGS.filter(one => one.id !== 'contact-even').map(one => ({
    ...one,
    needs: one.needs.flatMap(id => (id === 'contact-even' ? ['stands-true'] : [id])),
  })),
  ...marginsOf(LEGS_ARE_SET),
  ...latchOf(LATCH_AFTER),
  step('inside-trim', ['operation-test'], 40, ['hammer', 'nail-punch', 'handsaw'], { place: 'leg' }),
]

/** A knock-down frame of steel goes into a finished wall: its head first, then a leg, the second at an angle. */
export const STEEL_FRAME: readonly SettingStep[] = [
  ...READY,
  step('frame-order', IS_PREPARED, 10, ['tape', 'square'], { wantsUnit: true, when: ['form:knock-down'] }),
  step('head-in', ['frame-order'], 10, ['gloves'], {
    when: ['form:knock-down'],
    place: 'head',
    crew: 2,
    caution: 'lift',
  }),
  step('hinge-leg-in', ['head-in'], 10, ['gloves'], { when: ['form:knock-down'], place: 'hinge', crew: 2 }),
  step('strike-leg-in', ['hinge-leg-in'], 10, ['gloves'], { when: ['form:knock-down'], place: 'strike', crew: 2 }),
  step('frame-stands', IS_PREPARED, 20, ['long-level', 'gloves'], {
    when: ['form:welded'],
    crew: 2,
    caution: 'lift',
    wantsUnit: true,
    irreversible: true,
  }),
  step('hinge-plumb', ['strike-leg-in', 'frame-stands'], 15, ['long-level', 'square'], {
    place: 'hinge',
    reads: atMost('test-plumb'),
    cure: 'hinge-plumb',
  }),
  step('head-level', ['hinge-plumb'], 10, ['level'], {
    place: 'head',
    reads: atMost('sill-fine'),
    cure: 'hinge-plumb',
  }),
  step('tension-screws', ['head-level'], 15, ['screwdriver', 'square'], {
    when: ['form:knock-down'],
    place: 'leg',
    cure: 'head-level',
  }),
  step('clear-width', ['tension-screws', 'head-level'], 5, ['tape'], { place: 'strike', cure: 'tension-screws' }),
  step('stands-true', ['clear-width'], 5, ['long-level', 'square'], {
    reads: needed(atMost('test-plumb')),
    cure: 'tension-screws',
  }),
  step('few-anchors', ['stands-true'], 15, ['driver', 'drill'], { place: 'leg', cure: 'stands-true' }),
  step('hang-leaf', ['few-anchors'], 15, ['screwdriver'], { place: 'hinge', crew: 2, caution: 'lift' }),
  step('margins-even', ['hang-leaf'], 20, ['gauge', 'cards', 'screwdriver'], {
    place: 'leaf',
    reads: atMost('test-margins'),
    cure: 'tuning',
  }),
  step('all-anchors', ['margins-even'], 30, ['driver', 'drill', 'masonry-bit'], {
    place: 'leg',
    irreversible: true,
    cure: 'tuning',
  }),
  step('all-hinge-screws', ['all-anchors'], 10, ['screwdriver'], { place: 'hinge', cure: 'tuning' }),
  ...latchOf(['all-hinge-screws']),
  step('strips-on', ['operation-test'], 15, ['knife'], { place: 'leg' }),
  step('label-clean', ['operation-test'], 5, [], { place: 'hinge' }),
]

/** A new leaf of steel into the frame that stays. */
export const STEEL_LEAF: readonly SettingStep[] = [
  ...REMOVAL.filter(one => ['check-unit', 'clear-way', 'protect-floor'].includes(one.id)),
  step('frame-read', ['check-unit'], 15, ['tape', 'level', 'square'], { place: 'hinge', cure: 'frame-read' }),
  ...PREPARED.map(one => ({ ...one, needs: ['frame-read'] })),
  step('leaf-off', ['check-unit', 'frame-read', 'clear-way', 'protect-floor'], 15, ['hammer', 'screwdriver'], {
    place: 'hinge',
    crew: 2,
    caution: 'lift',
    wantsUnit: true,
  }),
  step('move-hardware', ['leaf-off'], 20, ['screwdriver', 'drill'], { place: 'lock', irreversible: true }),
  step('hang-leaf', ['move-hardware', 'frame-read', ...PREPARED.map(one => one.id)], 20, ['screwdriver'], {
    place: 'hinge',
    crew: 2,
    caution: 'lift',
  }),
  step('margins-even', ['hang-leaf'], 20, ['gauge', 'cards', 'screwdriver'], {
    place: 'leaf',
    reads: atMost('test-margins'),
    cure: 'tuning',
  }),
  step('all-hinge-screws', ['margins-even'], 10, ['screwdriver'], { place: 'hinge', cure: 'tuning' }),
  step('closer-set', ['all-hinge-screws'], 20, ['screwdriver', 'drill'], {
    when: ['closer'],
    place: 'leaf',
    caution: 'spring',
  }),
  step('strike-adjust', ['all-hinge-screws'], 10, ['screwdriver', 'file'], { place: 'lock', cure: 'strike-adjust' }),
  step('operation-test', ['strike-adjust', 'closer-set'], 10, ['spring-scale'], {
    place: 'leaf',
    reads: push,
    cure: 'strike-adjust',
  }),
  step('label-clean', ['operation-test'], 5, [], { place: 'hinge' }),
]
