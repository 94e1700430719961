import type { Source } from '../base/rule'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import { dateAfter } from '../units/date-after'

// What is to be done to a door once it stands, by when and by whom.

export const DEADLINES = [
  'bare-wood',
  'whole-finish',
  'hinge-screws',
  'sealant',
  'bottom-edge',
  'closer',
  'track',
  'fire-inspection',
  'seal-life',
  'warranty',
] as const
export type DeadlineId = (typeof DEADLINES)[number]

/** What must hold of a door for a deadline: its wood is bare; it is not finished yet; it hangs on hinges; it keeps the weather out; it is of
 *  wood; a closer shuts it; it slides; it has a label. */
export type DeadlineWhen = 'bare' | 'unfinished' | 'hangs' | 'outside' | 'wood' | 'closer' | 'slides' | 'label'

/** From when a deadline runs: the day the unit stood in the weather, the hand-over, or the end of the first heating season after it. */
export type DeadlineFrom = 'stood' | 'handed-over' | 'heating'

export type DeadlineRule = {
  readonly id: Exclude<DeadlineId, 'seal-life' | 'warranty'>
  readonly from: DeadlineFrom
  readonly months: number
  readonly days: number
  /** Again so many months after it was done; `null` where once is enough. */
  readonly everyMonths: number | null
  readonly whose: 'customer' | 'firm'
  readonly when: readonly DeadlineWhen[]
  readonly source: Source
}

export type Deadline = {
  /** The rule, and of a seal's life its edge and seal: what it is noted under when it was done. */
  readonly key: string
  readonly id: DeadlineId
  readonly due: string
  readonly whose: 'customer' | 'firm'
  /** When it was done last; `null` where it never was. */
  readonly done: { readonly at: string; readonly by: string; readonly text: string } | null
  /** Nothing more is due of it. */
  readonly isOver: boolean
}

/** A seal that is on, with how long it lasts. */
export type SealOn = { readonly key: string; readonly fittedOn: string; readonly years: number }

export type DeadlinesGiven = {
  readonly rules: readonly DeadlineRule[]
  readonly holds: ReadonlySet<DeadlineWhen>
  /** Days, `YYYY-MM-DD`; `null` while it does not stand, or is not handed over. */
  readonly stoodOn: string | null
  readonly handedOverOn: string | null
  /** Degrees, north positive; `null` while nobody said where it is. */
  readonly latitude: number | null
  readonly seals: readonly SealOn[]
  /** On the work, by the firm; `null` where it says none. */
  readonly warrantyMonths: number | null
  /** When a label is to be looked at again by its own list of items; `null` where they were not all looked at. */
  readonly labelAgainOn: string | null
  readonly log: readonly LogEntry[]
}

/** The day a unit stood in the weather: when it was tipped in, else when it was handed over. `dayOf` tells a moment's day there. */
export function stoodDay(
  log: readonly LogEntry[],
  handedOverOn: string | null,
  dayOf: (at: string) => string,
): string | null {
  const tipped = standingEntries('step', log).get('tip-in')
  return tipped?.result === 'done' ? dayOf(tipped.at) : handedOverOn
}

/** The end of the first heating season after a day: 1 May, south of the equator 1 November. */
export function heatingSeasonEnd(day: string, latitude: number | null): string {
  const end = (latitude ?? 1) < 0 ? '11-01' : '05-01'
  const year = Number(day.slice(0, 4))
  return day.slice(5) < end ? `${year}-${end}` : `${String(year + 1).padStart(4, '0')}-${end}`
}

const after = (day: string, months: number, days: number): string | null => {
  const then = dateAfter(day, months, days)
  return then.ok ? then.value : null
}

/** Everything that is due of a door, the earliest first. */
export function deadlinesOf(given: DeadlinesGiven): readonly Deadline[] {
  const done = standingEntries('upkeep', given.log)
  const all = [
    ...given.rules.flatMap(rule => ruled(rule, given, done) ?? []),
    ...given.seals.flatMap(one => worn(one, done) ?? []),
    ...(warranty(given) ?? []),
  ]
  return all.sort((a, b) => (a.due === b.due ? (a.key < b.key ? -1 : 1) : a.due < b.due ? -1 : 1))
}

type Done = ReadonlyMap<string, LogEntry>
const doneIn = (entry: LogEntry | undefined): Deadline['done'] =>
  entry ? { at: entry.at, by: entry.by, text: entry.text } : null

function ruled(rule: DeadlineRule, given: DeadlinesGiven, done: Done): Deadline | null {
  const { id, months, days, everyMonths, whose, when } = rule
  if (!when.every(one => given.holds.has(one))) return null
  const from = startOf(rule, given)
  const entry = done.get(id)
  if (from === null) return null
  const plain = entry && everyMonths !== null ? after(entry.at.slice(0, 10), everyMonths, 0) : after(from, months, days)
  // Looked at item by item it is due a year after the oldest of them, however it was noted as a whole.
  const due = id === 'fire-inspection' ? latest(plain, given.labelAgainOn) : plain
  return due === null
    ? null
    : { key: id, id, due, whose, done: doneIn(entry), isOver: entry !== undefined && everyMonths === null }
}

const latest = (a: string | null, b: string | null): string | null => (a === null || (b !== null && b > a) ? b : a)

function startOf({ from }: DeadlineRule, { stoodOn, handedOverOn, latitude }: DeadlinesGiven): string | null {
  if (from === 'stood') return stoodOn
  return from === 'heating' && handedOverOn ? heatingSeasonEnd(handedOverOn, latitude) : handedOverOn
}

/** A seal wears out so many years after it was put on; another one put on begins anew by itself. */
function worn({ key, fittedOn, years }: SealOn, done: Done): Deadline | null {
  const code = `seal-life/${key}`
  const entry = done.get(code)
  const from = entry && entry.at.slice(0, 10) > fittedOn ? entry.at.slice(0, 10) : fittedOn
  const due = after(from, Math.round(years * 12), 0)
  return due === null ? null : { key: code, id: 'seal-life', due, whose: 'firm', done: doneIn(entry), isOver: false }
}

function warranty({ warrantyMonths, handedOverOn }: DeadlinesGiven): readonly Deadline[] | null {
  const due = warrantyMonths !== null && handedOverOn ? after(handedOverOn, warrantyMonths, 0) : null
  return due ? [{ key: 'warranty', id: 'warranty', due, whose: 'firm', done: null, isOver: false }] : null
}
