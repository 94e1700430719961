import type { PlannedTest, TestPart, TestVerdict } from '@/core/handover/plan-tests'
import type { HandoverTest } from '@/core/handover/tests-of'
import { isFactSlot } from '@/core/survey/facts'
import { isSlot } from '@/core/survey/slots'
import { type DisplayStep, formatRead } from '@/core/units/format-length'
import { codeWords } from './codes'
import { type SayFigure, withFigures } from './figures'
import { slotName } from './walk'

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
    'Gauge between leaf and frame at every place round the leaf; what was read since it was last moved counts.',
    'within {test-margins} of what is wanted',
  ],
  'stays-open': ['Opens and stays where it is left', 'Open to 30°, 60° and 90° and let go.', 'does not move'],
  latches: ['Closes and latches', 'From a hand’s breadth open, with a light push.', 'at most {latch-force}'],
  'opens-lightly': [
    'Opens with little force',
    'Spring scale at the handle, the latch held back: pull slowly until it moves, and read the most it shows.',
    'at most {opening-force}',
  ],
  'clear-width': [
    'Clear width',
    'Door at a right angle: from its face to the stop of the other leg.',
    'at least {clear-width}',
  ],
  contact: [
    'Weatherstrip touches all round',
    'Chalk on the leaf’s edge, shut it: the width that comes off, at top, middle and bottom.',
    'from {contact-least} to {contact-most}, alike within {contact-even}',
  ],
  hose: [
    'Keeps water out',
    'Garden hose without a nozzle, from the bottom up, some minutes each height, where the house allows it; look inside with a lamp.',
    'no drop inside',
  ],
  strike: ['Latch engages', 'Chalk on the bolt, shut it: how far it went into the strike.', 'at least {latch-engages}'],
  'self-closes': ['Shuts and latches by itself', 'Let go at 30°, 60° and 90°.', 'latches each time'],
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

/** What was found at a place: how it stands, the figure that was read, the answer, the reason. */
export function partWords({ found, verdict, point }: TestPart, unit: PlannedTest['unit'], step: DisplayStep): string {
  if (!found) return VERDICT_NAMES.open
  const { value, code, text } = found
  const read =
    value === null
      ? ''
      : 'length' in value
        ? formatRead(value.length, step)
        : `${value.number} ${UNIT_SIGNS[unit]}`.trim()
  const answer = code === null || point === null ? '' : codeWords(code)
  return [VERDICT_NAMES[verdict], read, answer, text].filter(Boolean).join(': ')
}

/** What was found of a test, place by place where it has several. */
export function foundWords({ parts, unit }: PlannedTest, step: DisplayStep): string {
  const said = parts.map(part => partWords(part, unit, step))
  // What nobody looked at anywhere is said once.
  if (parts.every(part => part.found === null) && new Set(said).size === 1) return said[0]!
  return parts
    .map((part, i) => [part.point === null ? '' : pointName(part.point), said[i]].filter(Boolean).join(': '))
    .join('; ')
}

/** The latest that was found of a test; `null` where nothing was. */
export const lastFound = ({ parts }: PlannedTest): TestPart['found'] =>
  parts.reduce<TestPart['found']>((last, { found }) => (found && (!last || found.at > last.at) ? found : last), null)

/** A place of a test by itself, as it begins a line. */
export function pointName(point: string): string {
  if (/^\d+$/.test(point)) return `${point}°`
  return isSlot(point) || isFactSlot(point) ? slotName(point) : point
}

/** A place of a test within a sentence. */
export const pointWords = (point: string): string => {
  const name = pointName(point)
  return name.charAt(0).toLowerCase() + name.slice(1)
}

const cap = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** What was seen at a place that is not right. */
export const foundAtWords = (point: string, code: string): string =>
  isFactSlot(point) ? `${cap(codeWords(code))}.` : 'It was not right there.'

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
