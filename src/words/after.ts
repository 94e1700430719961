import type { CallBack } from '@/core/after/call-backs'
import type { CauseId, Evidence, SymptomId } from '@/core/after/causes'
import type { Deadline, DeadlineId } from '@/core/after/deadlines'
import type { TimelineEvent } from '@/core/after/timeline'
import type { Occasion } from '@/core/survey/reading'
import { type DisplayStep, formatRead } from '@/core/units/format-length'
import { placeName } from './finding-facts'
import { dayWords } from './moments'
import { sideName } from './names'
import { stepName } from './steps'
import { TEST_NAMES } from './tests'

/** What is due, what to do, by name. */
export const DEADLINE_WORDS: Readonly<Record<DeadlineId, readonly [name: string, what: string]>> = {
  'bare-wood': [
    'Bare wood primed and painted',
    'All six sides of it; without it wood swells, and its warranty commonly lapses.',
  ],
  'whole-finish': [
    'Whole unit finished',
    'All four edges too; of a leaf that swings out the top and bottom edge are seen by the rain.',
  ],
  'hinge-screws': [
    'Hinge screws looked at',
    'After the first heating season: tighten what the dry air let go, try the margins.',
  ],
  sealant: [
    'Sealant looked at',
    'Along the outside trim, the sill and the drip cap: cut out and renew what has opened. A seal is never painted: pull it first.',
  ],
  'bottom-edge': [
    'Bottom edge looked at',
    'For rot, open end grain and dull gloss: dull means a new coat. Look under the sweep’s fins.',
  ],
  closer: ['Closer timed', 'From a right angle to nearly shut; look for oil.'],
  track: ['Track cleaned', 'Track and drain holes; nothing oily on the rollers.'],
  'fire-inspection': [
    'Fire door looked at by its label',
    'Gaps, closer, latch, glass, label legible, nothing cut into it. Who may inspect, the local authority decides.',
  ],
  'seal-life': ['Seal renewed', 'It has worn as long as it is made to last.'],
  warranty: ['Warranty on the work ends', 'What is found until then is made good.'],
}

/** What is due, with the edge a seal lies on. */
export function deadlineName({ id, key }: Pick<Deadline, 'id' | 'key'>): string {
  const [name] = DEADLINE_WORDS[id]
  if (id !== 'seal-life') return name
  const edge = key.split('/')[1] ?? ''
  return `${name}: ${sideName(edge)}`
}

export const WHOSE_WORDS = { customer: 'the customer’s', firm: 'ours' } as const

/** How a due date stands on a day. */
export function dueWords({ due, done, isOver, id }: Deadline, today: string): string {
  if (isOver && done) return `done ${dayWords(done.at.slice(0, 10))}, ${done.by}`
  const when = id === 'warranty' ? `until ${dayWords(due)}` : `by ${dayWords(due)}`
  const again = done ? `, last done ${dayWords(done.at.slice(0, 10))}` : ''
  return due < today && id !== 'warranty' ? `was due ${dayWords(due)}${again}` : `${when}${again}`
}

export const SYMPTOM_NAMES: Readonly<Record<SymptomId, string>> = {
  'rubs-head': 'Rubs at the head or the strike',
  sags: 'Sags',
  'wont-latch': 'Won’t latch',
  rattles: 'Rattles',
  'draft-low': 'Draft, mostly low at the latch',
  water: 'Water at the sill',
  swings: 'Swings by itself',
  'hard-to-open': 'Hard to open',
  slams: 'Slams, or won’t shut by itself',
  'slides-hard': 'Slides hard',
  'lock-stiff': 'Lock is stiff',
  'light-or-noise': 'Light or noise comes through',
}

/** What it comes from, and the check to make. */
export const CAUSE_WORDS: Readonly<Record<CauseId, readonly [name: string, check: string]>> = {
  'top-hinge-loose': [
    'Top hinge has let go',
    'Lift the leaf by its handle: does it give? Are the long screws tight, and in the stud?',
  ],
  'leaf-swollen': ['Leaf has swollen', 'Feel the edges: bare or wet? Measure the leaf against what was ordered.'],
  'leg-bowed': ['Leg is bowed', 'Straightedge on the leg: foam or a pack pushes it in the middle.'],
  'strike-off': [
    'Strike or keeper stands wrong',
    'Chalk on the bolt: where does it meet the plate? Push and pull the shut leaf.',
  ],
  'seal-worn': ['Seal has worn', 'Is it flat, torn or painted? A bill slides where it should drag.'],
  'seal-too-hard': ['Seal pushes too hard', 'Spring scale at the handle with the seal in, and with it pulled.'],
  'contact-low': [
    'Leaf does not press its seal',
    'Chalk the edge, shut it: how wide does it come off at top, middle and bottom?',
  ],
  'cap-off': ['Threshold cap or sweep stands wrong', 'A bill over every screw: it drags and does not tear.'],
  'sealant-open': ['Sealant has opened', 'Along outside trim, sill and drip cap, mostly at the ends.'],
  'corner-pad-missing': [
    'Corner is open',
    'A lamp outside at both bottom corners: is the pad there, does light come past it?',
  ],
  'leg-out-of-plumb': ['Hinge leg is out of plumb', 'Long level on the leg, both ways.'],
  'closer-off': ['Closer is off', 'Time it from a right angle; is there oil, is its arm loose?'],
  'track-dirty': ['Track is dirty', 'Look along the track and into its drain holes.'],
  'rollers-off': ['Rollers stand wrong', 'Margins along the lock jamb: even, top and bottom?'],
  'sill-not-level': ['Sill is not level', 'Long level on the track.'],
  'sill-bedding': ['Sill lets water under', 'Hose from the bottom up: where does it come in first?'],
}

/** What in the file speaks for a cause. */
export function evidenceWords(one: Evidence, step: DisplayStep): string {
  switch (one.kind) {
    case 'margin-off':
      return `${placeName(one.place)}: ${formatRead(one.read, step)} now, out of what is wanted`
    case 'margin-near':
      return `${placeName(one.place)}: ${formatRead(one.read, step)} at hand-over, near its limit`
    case 'step-out':
      return `“${stepName(one.step)}” was left out when it was set`
    case 'test-out':
      return `“${TEST_NAMES[one.test]?.[0] ?? one.test}” was not passed at hand-over`
    case 'test-near':
      return `“${TEST_NAMES[one.test]?.[0] ?? one.test}” was passed near its limit`
    case 'overdue':
      return `${DEADLINE_WORDS[one.id][0]}: due ${dayWords(one.due)}, not noted as done`
  }
}

export const OCCASION_NAMES: Readonly<Record<Occasion, string>> = {
  survey: 'surveyed',
  'old-door': 'old door read',
  set: 'read as set',
  tuned: 'read while tuned',
  sealed: 'read sealed',
  'hand-over': 'read at hand-over',
  'call-back': 'read at a call-back',
}

const many = (count: number, one: string, more = `${one}s`): string =>
  count === 0 ? '' : `${count} ${count === 1 ? one : more}`
const listed = (...parts: readonly string[]): string => parts.filter(Boolean).join(', ')

/** One line of a door's time. `calls` tell what a call's entries are about. */
export function eventWords(one: TimelineEvent, calls: readonly CallBack[]): string {
  switch (one.kind) {
    case 'read':
      return listed(
        `${many(one.count, 'reading')} ${OCCASION_NAMES[one.occasion]}`,
        one.again ? `${one.again} again` : '',
      )
    case 'ordered':
      return `Ordered: ${one.number}${one.revision > 1 ? `, revision ${one.revision}` : ''}`
    case 'withdrawn':
      return `Withdrawn: ${one.number}`
    case 'received':
      return `Received: ${RECEIVED[one.state]}`
    case 'worked':
      return listed(
        many(one.done, 'step done', 'steps done'),
        one.notRight ? `${one.notRight} not right` : '',
        one.waived ? `${one.waived} left out` : '',
      )
    case 'moved':
      return many(one.count, 'move made', 'moves made')
    case 'sealed':
      return many(one.count, 'seal put on', 'seals put on') || 'Seals looked at'
    case 'tested':
      return listed(
        many(one.passed, 'test passed', 'tests passed'),
        one.failed ? `${one.failed} failed` : '',
        one.waived ? `${one.waived} left out` : '',
      )
    case 'signed':
      return one.what === 'offer' ? 'The customer chose and signed' : 'The record was signed'
    case 'upkeep':
      return listed(`${deadlineName({ id: one.code.split('/')[0] as DeadlineId, key: one.code })}`, one.text)
    case 'call':
      return callWords(one, calls)
  }
}

const RECEIVED = {
  accepted: 'accepted',
  'accepted-parts-owed': 'accepted, parts owed',
  hold: 'on hold',
  refused: 'refused',
} as const

function callWords({ what, code, text }: Extract<TimelineEvent, { kind: 'call' }>, calls: readonly CallBack[]): string {
  const [key, of] = code.split('/')
  const call = calls.find(one => one.key === key)
  const name = call ? SYMPTOM_NAMES[call.symptom].toLowerCase() : ''
  switch (what) {
    case 'opened':
      return listed(`Called back: ${name}`, text && `“${text}”`)
    case 'found':
      return listed(`Found: ${CAUSE_WORDS[of as CauseId]?.[0].toLowerCase() ?? of}`, text)
    case 'cured':
      return `Cured: ${text || 'done'}`
    case 'closed':
      return listed(`Call-back over: ${name}`, text)
    case 'reopened':
      return listed(`Call-back taken up again: ${name}`, text)
  }
}
