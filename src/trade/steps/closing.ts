import type { SettingStep } from '@/core/fit/setting-step'
import { PREPARED_LATER } from './opening'
import { celsius, OVERNIGHT, step } from './step'

// After the door works: threshold, what fills the gap round the frame, flashing from below upward, trim and finish.

export const THRESHOLD: readonly SettingStep[] = [
  step('threshold-cap', ['operation-test'], 10, ['screwdriver', 'paper-strip'], { when: ['cap'], place: 'sill' }),
  step('corner-pads', ['operation-test', 'threshold-cap'], 10, ['caulk-gun'], { when: ['in-swing'], place: 'sill' }),
]

/** The gap round the frame: never before the door was tried. Foam waits for the next working morning, fibre and rod for nothing. */
export const CAVITY: readonly SettingStep[] = [
  step('foam', ['operation-test'], 20, ['foam-gun', 'thermometer', 'gloves'], {
    by: 'foam-trim:next-day',
    when: ['foam'],
    place: 'leg',
    reads: celsius,
    irreversible: true,
    wait: OVERNIGHT,
    caution: 'vapour',
  }),
  step('foam', ['operation-test'], 20, ['foam-gun', 'thermometer', 'gloves'], {
    by: 'foam-trim:same-day',
    when: ['foam'],
    place: 'leg',
    reads: celsius,
    irreversible: true,
    wait: { hours: 2, untilMorning: false, longerInCold: true },
    caution: 'vapour',
  }),
  step('foam-latch', ['foam'], 5, ['spring-scale'], { when: ['foam'], place: 'lock', cure: 'foam-latch' }),
  step('foam-trim', ['foam-latch'], 15, ['handsaw'], { when: ['foam'], place: 'leg' }),
  step('fibre', ['operation-test'], 20, ['gloves'], { when: ['fibre'], place: 'leg', cure: 'fibre' }),
  step('backer-rod', ['operation-test'], 30, ['caulk-gun'], { when: ['backer-rod'], place: 'leg', caution: 'vapour' }),
]
export const IS_FILLED = ['foam-trim', 'fibre', 'backer-rod'] as const

const LATER = PREPARED_LATER(IS_FILLED)
const CLOSED = [...IS_FILLED, ...LATER.map(one => one.id)]

/** Outside, from below upward: each layer laps over the one under it, and none goes on before that one. */
export const OUTSIDE: readonly SettingStep[] = [
  step('mould-screws', ['operation-test'], 10, ['driver', 'drill'], {
    by: 'mould-screw:early',
    when: ['trim-off'],
    place: 'leg',
  }),
  ...LATER,
  step('flange-fast', CLOSED, 20, ['hammer', 'caulk-gun'], {
    when: ['flange', 'trim-off'],
    place: 'leg',
    irreversible: true,
  }),
  step('side-flashing', [...CLOSED, 'flange-fast'], 15, ['knife', 'tape-roller'], {
    when: ['trim-off'],
    place: 'leg',
    irreversible: true,
  }),
  step('head-flashing', ['side-flashing'], 15, ['knife', 'tape-roller', 'hacksaw'], {
    when: ['trim-off'],
    place: 'head',
    irreversible: true,
    caution: 'ladder',
  }),
  step('casing-sealed', CLOSED, 15, ['caulk-gun'], { when: ['trim-kept'], place: 'leg', caution: 'vapour' }),
  step('outside-seal', [...CLOSED, 'head-flashing', 'casing-sealed'], 30, ['caulk-gun', 'handsaw'], {
    caution: 'ladder',
  }),
  step('mould-screws', ['outside-seal'], 10, ['driver', 'drill'], {
    by: 'mould-screw:late',
    when: ['trim-off'],
    place: 'leg',
  }),
  step('inside-trim', ['operation-test', ...IS_FILLED], 30, ['hammer', 'nail-punch', 'handsaw'], { place: 'leg' }),
]

/** A finish on every edge of the leaf, so that it does not drink water. */
export const FINISH: readonly SettingStep[] = [
  step('finish-edges', ['operation-test'], 20, ['gloves'], { place: 'leaf' }),
]
