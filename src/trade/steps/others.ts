import type { SettingStep } from '@/core/fit/setting-step'
import { PREPARED } from './opening'
import { CHECK_UNIT, CLEAR } from './removal'
import { atMost, push, seconds, step } from './step'

// What hangs on its trim, goes into a leaf, or only makes a door work that stays.

const hung = (hanging: 'cut-rail' | 'full-channel' | 'hook-on' | 'fixed-legs') =>
  ({ when: [`hanging:${hanging}`] }) as const
const RAIL_TOOLS = ['driver', 'level', 'drill'] as const

/** A storm door on the outside trim, by the way its hinge rail is hung. */
export const STORM: readonly SettingStep[] = [
  CHECK_UNIT,
  ...CLEAR.filter(one => one.id !== 'protect-floor'),
  step('old-storm-off', ['check-unit', 'clear-way', 'bell-wire', 'save-hardware'], 15, ['screwdriver', 'driver'], {
    when: ['old-door'],
    crew: 2,
    wantsUnit: true,
  }),
  ...PREPARED.map(one => ({ ...one, needs: ['check-unit', 'old-storm-off'] })),
  step('trim-ready', ['check-unit', 'old-storm-off', ...PREPARED.map(one => one.id)], 15, ['long-level', 'square'], {
    place: 'leg',
    cure: 'trim-ready',
  }),
  step('hinge-side-set', ['trim-ready'], 10, ['screwdriver'], { place: 'hinge', wantsUnit: true }),
  step('rail-cut', ['hinge-side-set'], 10, ['hacksaw', 'tape', 'file'], {
    ...hung('cut-rail'),
    place: 'hinge',
    irreversible: true,
  }),
  step('rail-cut', ['hinge-side-set'], 10, ['hacksaw', 'tape', 'file'], {
    ...hung('full-channel'),
    place: 'hinge',
    irreversible: true,
  }),
  step('drip-cap', ['hinge-side-set'], 10, RAIL_TOOLS, { place: 'head', caution: 'ladder' }),
  step('rail-screwed', ['rail-cut', 'drip-cap'], 15, RAIL_TOOLS, {
    ...hung('cut-rail'),
    place: 'hinge',
    crew: 2,
    reads: atMost('test-plumb'),
    cure: 'rail-screwed',
  }),
  step('channel-screwed', ['rail-cut', 'drip-cap'], 15, RAIL_TOOLS, {
    ...hung('full-channel'),
    place: 'hinge',
    reads: atMost('test-plumb'),
    cure: 'channel-screwed',
  }),
  step('hooks-screwed', ['hinge-side-set', 'drip-cap'], 15, RAIL_TOOLS, {
    ...hung('hook-on'),
    place: 'hinge',
    reads: atMost('test-plumb'),
    cure: 'hooks-screwed',
  }),
  step('legs-let-down', ['hinge-side-set', 'drip-cap'], 15, RAIL_TOOLS, {
    ...hung('fixed-legs'),
    place: 'leg',
    reads: atMost('test-plumb'),
    cure: 'legs-let-down',
  }),
  step('hang-storm', ['rail-screwed', 'channel-screwed', 'hooks-screwed', 'legs-let-down'], 10, ['gloves'], {
    place: 'leaf',
    crew: 2,
    caution: 'glass',
  }),
  step('latch-rail', ['hang-storm'], 15, RAIL_TOOLS, { place: 'strike', cure: 'latch-rail' }),
  step('margins-even', ['latch-rail'], 10, ['gauge'], {
    place: 'leaf',
    reads: atMost('test-margins'),
    cure: 'latch-rail',
  }),
  step('storm-handle', ['margins-even'], 20, ['drill', 'screwdriver'], { place: 'lock', irreversible: true }),
  step('storm-strike', ['storm-handle'], 10, ['screwdriver'], { place: 'lock', cure: 'storm-strike' }),
  step('storm-sweep', ['margins-even'], 10, ['screwdriver'], { place: 'sill' }),
  step('storm-closer', ['storm-strike', 'storm-sweep'], 15, ['screwdriver', 'drill'], {
    place: 'leaf',
    caution: 'spring',
  }),
  step('operation-test', ['storm-closer'], 10, [], { place: 'leaf', reads: seconds, cure: 'storm-closer' }),
  step('rail-sealed', ['operation-test'], 15, ['caulk-gun'], { place: 'leg', caution: 'vapour' }),
]

/** A lock set alone, in the leaf that hangs. */
export const LOCK_SET: readonly SettingStep[] = [
  step('check-unit', [], 5, ['tape'], { wantsUnit: true, place: 'lock' }),
  step('old-lock-off', ['check-unit'], 10, ['screwdriver'], { when: ['whole-lock'], wantsUnit: true, place: 'lock' }),
  // A case that is chopped in anew is the step of cutting its mortise.
  ...PREPARED.filter(one => one.id !== 'prepare-chop-case').map(one => ({ ...one, needs: ['old-lock-off'] })),
  step(
    'bolt-in',
    PREPARED.map(one => one.id),
    10,
    ['screwdriver', 'chisel'],
    {
      when: ['bolt-below'],
      place: 'lock',
      cure: 'bolt-in',
    },
  ),
  step('mortise-cut', ['old-lock-off', ...PREPARED.map(one => one.id)], 40, ['drill', 'chisel', 'square', 'pencil'], {
    when: ['mortise-case'],
    place: 'lock',
    irreversible: true,
  }),
  step('bore-cut', ['old-lock-off', ...PREPARED.map(one => one.id)], 25, ['hole-saw', 'drill', 'chisel', 'pencil'], {
    when: ['tubular-latch'],
    place: 'lock',
    irreversible: true,
  }),
  step('latch-turned', ['mortise-cut', 'bore-cut'], 5, ['screwdriver'], { when: ['whole-lock'], place: 'lock' }),
  step('latch-in', ['latch-turned'], 10, ['screwdriver', 'chisel'], {
    when: ['whole-lock'],
    place: 'lock',
    cure: 'latch-in',
  }),
  step('knobs-on', ['latch-in'], 10, ['screwdriver'], { when: ['whole-lock'], place: 'lock', cure: 'knobs-on' }),
  step('dust-box', ['knobs-on', 'bolt-in'], 15, ['chisel', 'pencil'], { place: 'strike', irreversible: true }),
  step('keep-on', ['dust-box'], 10, ['screwdriver'], { place: 'strike', cure: 'strike-adjust' }),
  step('strike-adjust', ['keep-on'], 5, ['screwdriver', 'file'], { place: 'lock', cure: 'strike-adjust' }),
  step('operation-test', ['strike-adjust'], 5, ['spring-scale'], { place: 'leaf', reads: push, cure: 'strike-adjust' }),
]

const HINGES_TIGHT = step('hinges-tight', [], 10, ['screwdriver'], { place: 'hinge' })
const MADE_TO_LATCH: readonly SettingStep[] = [
  step('strike-adjust', ['margins-even'], 10, ['screwdriver', 'file'], { place: 'lock', cure: 'strike-adjust' }),
  step('operation-test', ['strike-adjust'], 5, ['spring-scale'], { place: 'leaf', reads: push, cure: 'strike-adjust' }),
]
const EDGES_CLEAN = step('edges-clean', ['operation-test'], 15, ['knife'], { place: 'whole' })

/** A door that stays and is only sealed: it must work before a seal presses on it. */
export const SEAL_ONLY: readonly SettingStep[] = [
  HINGES_TIGHT,
  step('margins-even', ['hinges-tight'], 10, ['gauge', 'cards'], { place: 'leaf', cure: 'tuning' }),
  ...MADE_TO_LATCH,
  EDGES_CLEAN,
]
/** Two that stay: the passive one stands firm before the other is made to meet it. */
export const SEAL_PAIR: readonly SettingStep[] = [
  HINGES_TIGHT,
  step('passive-firm', ['hinges-tight'], 10, ['screwdriver', 'file'], { place: 'meeting', cure: 'passive-firm' }),
  step('margins-even', ['passive-firm'], 20, ['gauge', 'cards'], { place: 'leaf', cure: 'tuning' }),
  ...MADE_TO_LATCH,
  EDGES_CLEAN,
]
/** A panel that stays: it rolls, stands level and locks before anything brushes on it. */
export const SEAL_SLIDER: readonly SettingStep[] = [
  step('track-clean', [], 15, ['brush'], { place: 'sill' }),
  step('rollers-level', ['track-clean'], 15, ['screwdriver', 'gauge'], {
    place: 'leaf',
    reads: atMost('test-margins'),
    cure: 'tuning',
  }),
  step('keeper-set', ['rollers-level'], 10, ['screwdriver'], { place: 'lock', cure: 'keeper-set' }),
  step('operation-test', ['keeper-set'], 10, [], { place: 'leaf', cure: 'rollers-level' }),
  EDGES_CLEAN,
]
