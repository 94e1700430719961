import type { TradeNumbers } from '../base/figure'
import { type Limit, meetsLimit } from '../base/limit'
import type { TradeLengths } from '../base/trade-lengths'
import type { Hung } from '../fit/fitted'
import { marginSlots } from '../fit/hanging'
import { aimsOf, targetOf } from '../fit/margin-aims'
import { SINCE_SET } from '../fit/margin-log'
import type { LogEntry } from '../log/log'
import type { Answer } from '../survey/answer'
import type { FactSlot } from '../survey/facts'
import type { Reading } from '../survey/reading'
import type { Slot } from '../survey/slots'
import { REVEALS, type RevealName, type Reveals } from '../tuning/reveals'
import { type Length, minus, plus } from '../units/length'
import type { HandoverTest, TestPoints } from './tests-of'

// The places one test is made at: what is read or seen at each, and how it is judged.

export type TestVerdict = 'open' | 'passed' | 'failed' | 'waived'

/** What is read at a place: a length that stands in the survey, an answer of it, or what is noted in the log. */
export type PartOf =
  | { readonly reads: 'slot'; readonly slot: Slot }
  | { readonly reads: 'fact'; readonly slot: FactSlot }
  | { readonly reads: 'log' }

/** One place of a test with what was found there; `point` is what its words go by, `null` where a test has one place. */
export type TestPart = PartOf & {
  /** What it is noted under in the log. */
  readonly code: string
  readonly point: string | null
  /** From which to which length is right; `null` where none is read, or where the figure of the test decides. */
  readonly wanted: { readonly least: Length; readonly most: Length | null } | null
  readonly found: Found | null
  readonly verdict: TestVerdict
}

/** What was noted of a place: a figure, an answer's code or words, by whom and when. */
export type Found = {
  readonly value: LogEntry['value']
  /** The answer's code, where an answer was given. */
  readonly code: string | null
  readonly text: string
  readonly by: string
  readonly at: string
}

export type PartsGiven = {
  readonly lengths: TradeLengths
  readonly numbers: TradeNumbers
  readonly log: readonly LogEntry[]
  /** What stands: without what was struck. */
  readonly readings: readonly Reading[]
  /** What was answered last, by question. */
  readonly facts: ReadonlyMap<FactSlot, Answer>
  readonly hung: readonly Hung[]
  /** What is answered at the closed door, bills and air among it. */
  readonly closed: readonly FactSlot[]
}

/** What a fact says of the door: the first answer is right, every other is not. */
const RIGHT: ReadonlySet<string> = new Set(['drags', 'still'])
const ANGLES = ['30', '60', '90'] as const
const CONTACTS = ['contact.top', 'contact.middle', 'contact.bottom'] as const
/** What is read of a leaf as it is handed over: once its seals are on, or then. */
const AT_HANDOVER: ReadonlySet<Reading['occasion']> = new Set<Reading['occasion']>(['sealed', 'hand-over'])
/** What may move a frame after its margins were read. */
const MAY_MOVE_FRAME: ReadonlySet<string> = new Set(['foam'])

/** The latest moment at which something of these was done; empty where nothing was. */
const lastOf = (log: readonly LogEntry[], isMeant: (one: LogEntry) => boolean): string =>
  log.reduce((last, one) => (isMeant(one) && one.at > last ? one.at : last), '')
const isSeal = ({ kind, result }: LogEntry): boolean => kind === 'seal' && result === 'fitted'
const movesFrame = ({ kind, code, result }: LogEntry): boolean =>
  kind === 'step' && result === 'done' && MAY_MOVE_FRAME.has(code)

type Point = PartOf & Pick<TestPart, 'point' | 'wanted'> & { readonly since: string; readonly isStale?: boolean }

/** The places of a test on this door; `null` where it has none of its own, and is noted as a whole. */
function pointsOf(points: TestPoints, given: PartsGiven): readonly Point[] | null {
  const { log, lengths, closed } = given
  const sealed = lastOf(log, isSeal)
  if (points === 'angles') return ANGLES.map(point => ({ reads: 'log', point, wanted: null, since: '' }))
  if (points === 'contacts') {
    const wanted = { least: lengths['contact-least'].value, most: lengths['contact-most'].value }
    return CONTACTS.map(slot => ({ reads: 'slot', slot, point: slot, wanted, since: sealed }))
  }
  if (points === 'margins') {
    const all = given.hung.flatMap((one, i) => marginPoints(one, given.hung[i - 1] ?? null, given))
    return all.length > 0 ? all : null
  }
  const stem = points === 'sides' ? 'fact.air-' : 'fact.bill-'
  const facts = closed.filter(slot => slot.startsWith(stem))
  return facts.length > 0
    ? facts.map(slot => ({ reads: 'fact', slot, point: slot, wanted: null, since: sealed }) as const)
    : null
}

/** A margin round a leaf with what is wanted of it: as far from its aim as tuning lets it; of the sill's, which is no eighth, only that it is alike
 *  at both ends. */
export type WantedMargin = { readonly name: RevealName; readonly slot: Slot; readonly wanted: TestPart['wanted'] }

/** The margins round one leaf. `before` is the leaf it meets, where that one is shut first. */
export function wantedMargins(
  { hanging, margins }: Hung,
  before: Hung | null,
  lengths: TradeLengths,
): readonly WantedMargin[] {
  const slots = marginSlots(hanging)
  const now = nowOf(margins)
  const headAim = hanging.meets && before ? nowOf(before.margins)['head.strike'] : undefined
  const aims = aimsOf(now, targetOf(hanging, lengths), headAim)
  const within = lengths['test-margins'].value
  return REVEALS.flatMap((name): readonly WantedMargin[] => {
    const [slot, aim] = [slots[name], aims[name]]
    if (!slot) return []
    const hasLimit = name !== 'sill.hinge' && aim !== undefined
    return [{ name, slot, wanted: hasLimit ? { least: minus(aim, within), most: plus(aim, within) } : null }]
  })
}

function marginPoints(one: Hung, before: Hung | null, { lengths, log }: PartsGiven): readonly Point[] {
  const since = lastOf(log, movesFrame)
  return wantedMargins(one, before, lengths).map(({ name, slot, wanted }): Point => {
    const state = one.margins.states.find(it => it.name === name)
    return { reads: 'slot', slot, point: slot, wanted, since, isStale: state !== undefined && state.now !== state.read }
  })
}

const nowOf = ({ states }: Hung['margins']): Reveals => Object.fromEntries(states.map(one => [one.name, one.now]))

/** The places of a test, each with what was found last. Where the whole of it was noted before `partedOn`, that stands at every place
 *  at which nothing was found since. */
export function partsOf(test: HandoverTest, given: PartsGiven, partedOn: string): readonly TestPart[] {
  const notes = new Map<string, LogEntry>()
  for (const one of given.log)
    if (one.kind === 'test' && one.at >= (notes.get(one.code)?.at ?? '')) notes.set(one.code, one)
  const whole = notes.get(test.id) ?? null
  const points = test.points ? pointsOf(test.points, given) : null
  if (!points)
    return [{ reads: 'log', code: test.id, point: null, wanted: null, ...judgedNote(test.limit, whole, given) }]
  const stands = whole && (whole.at < partedOn || whole.result === 'waived') ? whole : null
  const found = points.map(({ since, isStale, ...point }) => {
    const code = `${test.id}/${point.point}`
    const noted = notes.get(code) ?? null
    const read = isStale ? null : foundAt(point, since, given)
    const last = [noted, stands].reduce((at, one) => (one && one.at > at ? one.at : at), '')
    if (read && read.at >= last) return { ...point, code, found: read, verdict: verdictOf(point, read) }
    const limit = point.reads === 'log' ? test.limit : null
    if (noted && noted.at === last) return { ...point, code, ...judgedNote(limit, noted, given, point.reads !== 'log') }
    return { ...point, code, ...judgedNote(test.limit, stands, given), isOfWhole: stands !== null }
  })
  // What was noted of the whole is no figure of any one place.
  if (stands && found.every(one => 'isOfWhole' in one && one.isOfWhole))
    return [{ reads: 'log', code: test.id, point: null, wanted: null, ...judgedNote(test.limit, stands, given) }]
  return found.map(one => {
    const { isOfWhole, ...part } = { isOfWhole: false, ...one }
    return isOfWhole && part.found ? { ...part, found: { ...part.found, value: null } } : part
  })
}

/** What was read or answered of a place since what may have changed it was done. */
function foundAt(point: Pick<Point, 'point' | 'wanted'> & PartOf, since: string, given: PartsGiven): Found | null {
  if (point.reads === 'log') return null
  if (point.reads === 'fact') {
    const said = given.facts.get(point.slot)
    if (!said || said.takenAt <= since) return null
    return { value: null, code: said.code, text: said.note, by: said.takenBy, at: said.takenAt }
  }
  const occasions = isMargin(point.slot) ? SINCE_SET : AT_HANDOVER
  const read = latest(
    given.readings.filter(one => one.slot === point.slot && occasions.has(one.occasion) && one.takenAt > since),
  )
  return read && { value: { length: read.value }, code: null, text: '', by: read.takenBy, at: read.takenAt }
}

const isMargin = (slot: Slot): boolean => slot.startsWith('gap.')

function latest<T extends { readonly takenAt: string }>(rows: readonly T[]): T | null {
  return rows.reduce<T | null>((last, one) => (last && last.takenAt > one.takenAt ? last : one), null)
}

function verdictOf({ wanted, ...of }: PartOf & Pick<TestPart, 'wanted'>, { value, code }: Found): TestVerdict {
  if (of.reads === 'fact') return code !== null && RIGHT.has(code) ? 'passed' : 'failed'
  if (!wanted || !value || !('length' in value)) return 'passed'
  const isRight = value.length >= wanted.least && (wanted.most === null || value.length <= wanted.most)
  return isRight ? 'passed' : 'failed'
}

/** What was noted in the log, judged: a figure by its limit, else as somebody saw it. Passed without the figure that is wanted counts for
 *  nothing. */
function judgedNote(
  limit: Limit | null,
  entry: LogEntry | null,
  figures: Pick<PartsGiven, 'lengths' | 'numbers'>,
  wantsFigure = limit !== null,
): Pick<TestPart, 'found' | 'verdict'> {
  if (!entry) return { found: null, verdict: 'open' }
  const { result, value, text, by, at } = entry
  const found = { value, code: null, text, by, at }
  if (result === 'waived' || result === 'failed') return { found, verdict: result }
  if (wantsFigure && !value) return { found: null, verdict: 'open' }
  return { found, verdict: !limit || !value || meetsLimit(value, limit, figures) ? 'passed' : 'failed' }
}
