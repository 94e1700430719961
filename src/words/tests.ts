import type { PlannedTest, TestVerdict } from '@/core/handover/plan-tests'
import type { HandoverTest } from '@/core/handover/tests-of'
import { type DisplayStep, formatRead } from '@/core/units/format-length'
import { type SayFigure, withFigures } from './figures'

/** Names of the hand-over tests and how each is done. */
/** In `{}` stands a figure of the trade, shown in the job’s unit. */
export const TEST_NAMES: Readonly<Record<string, readonly [name: string, how: string, limit: string]>> = {
  plumb: [
    'Frame plumb and level',
    'Long level on both legs and the head: the worst gap.',
    'at most {test-plumb} over the leg',
  ],
  margins: [
    'Margins even',
    'Feeler between leaf and frame at ten points: the worst difference from {hinge-gap}.',
    'at most {test-margins}',
  ],
  'stays-open': ['Opens and stays where it is left', 'Open to 30°, 60° and 90° and let go.', 'does not move'],
  latches: ['Closes and latches', 'From a hand’s breadth open, with a light push.', 'at most {latch-force}'],
  'opens-lightly': [
    'Opens with little force',
    'Spring scale at the handle, the latch held back: pull slowly until it moves, and read the most it shows.',
    'at most {opening-force}',
  ],
  contact: ['Weatherstrip touches all round', 'Look and feel at top, middle and bottom of both sides.', 'everywhere'],
  bill: ['Paper drags at the threshold', 'A strip of paper at each threshold screw.', 'drags and does not tear'],
  air: [
    'No air at the joints',
    'On a windy day, or with a fan in a window: smoke, else a damp hand, along every joint and at both bottom corners.',
    'the smoke stands still, nothing is felt',
  ],
  'no-light': ['No light', 'Lights off inside, a lamp outside.', 'none'],
  deadbolt: ['Deadbolt throws fully', 'Throw it with the door shut, without pulling.', 'full length, freely'],
  sweep: ['Sweep touches the threshold', 'Look along the bottom from inside.', 'full width'],
  'hinge-pins': ['Hinge pins secured', 'Out-swing: try to draw a pin with the door shut.', 'can’t be drawn'],
  rolls: ['Rolls with one finger', 'Slide the panel its whole way and back.', 'one finger moves it'],
  locks: ['Locks', 'Lock it, and try to slide it.', 'does not move'],
  keeper: ['Keeper meets the hook', 'Slide it to, without slamming.', 'catches by itself'],
  rattle: ['Does not rattle', 'Push and pull it when it is shut.', 'nothing moves'],
  'bolt-print': ['Passive leaf’s bolts go in', 'Shoot both bolts of the passive leaf.', 'full length, freely'],
  'closes-slowly': [
    'Closer shuts it slowly',
    'From a right angle to nearly shut: the seconds.',
    'at least {closer-seconds}',
  ],
  'label-seen': ['Fire label stays legible', 'Look at leaf and frame.', 'not painted over'],
}

/** A test's name, how it is done and its limit, figures as they hold for the opening. */
export function testWords(id: string, say: SayFigure): readonly [name: string, how: string, limit: string] {
  const [name, how, limit] = TEST_NAMES[id] ?? [id, '', '']
  return [name, withFigures(how, say), withFigures(limit, say)]
}

/** What was noted of a test: how it stands, the figure that was read, the reason. */
export function foundWords({ entry, unit, verdict }: PlannedTest, step: DisplayStep): string {
  if (!entry) return 'open'
  const { value } = entry
  const read =
    value === null ? '' : 'length' in value ? formatRead(value.length, step) : `${value.number} ${UNIT_SIGNS[unit]}`
  return [VERDICT_NAMES[verdict], read, entry.text].filter(Boolean).join(': ')
}

export const UNIT_SIGNS: Readonly<Record<HandoverTest['unit'], string>> = {
  none: '',
  length: '',
  newton: 'N',
  second: 's',
}
export const VERDICT_NAMES: Readonly<Record<TestVerdict, string>> = {
  open: 'open',
  passed: 'passed',
  failed: 'failed',
  waived: 'waived',
}
