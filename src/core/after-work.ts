import { TZDate } from '@date-fns/tz'
import { format } from 'date-fns'
import { type CallBack, callBacks } from './after/call-backs'
import type { AfterFile, FiledMargin } from './after/causes'
import { nearness } from './after/causes'
import {
  type Deadline,
  type DeadlineRule,
  type DeadlineWhen,
  deadlinesOf,
  type SealOn,
  stoodDay,
} from './after/deadlines'
import { figureOf } from './base/figure'
import type { PlannedTest } from './handover/plan-tests'
import { wantedMargins } from './handover/test-parts'
import { standingEntries } from './log/standing'
import { signedRecord } from './order/signed-choice'
import { progressOf } from './progress'
import { SEALED_BY_SHEET, type Sealed } from './seal/sealed'
import type { OpeningRecords, Trade } from './terms'
import type { Work } from './work'

/** What comes after a door was handed over: by when what is due, and what it was called back for. */
export type After = {
  readonly handedOverOn: string | null
  readonly stoodOn: string | null
  readonly due: readonly Deadline[]
  readonly calls: readonly CallBack[]
  /** What the file shows, for whoever asks where a fault comes from. */
  readonly file: AfterFile
}

export type AfterTrade = Pick<Trade, 'zone' | 'numbers'> & {
  readonly rules: readonly DeadlineRule[]
  readonly warrantyMonths: number | null
  readonly latitude: number | null
}

const dayIn = (zone: string) => (at: string) => format(new TZDate(at, zone), 'yyyy-MM-dd')

/** When a door was handed over: when its record was signed, else when the last of its tests was made; `null` while it is not. */
export function handedOverAt(work: Work, records: OpeningRecords): string | null {
  if (!progressOf(work, records).finished) return signedRecord(records.log)?.at ?? null
  const tested = work.handover.value.tests
    .flatMap(test => test.parts.flatMap(({ found }) => found?.at ?? []))
    .sort()
    .at(-1)
  return signedRecord(records.log)?.at ?? tested ?? null
}

/** What comes after a door was handed over, as its records and the trade say it on a day, `YYYY-MM-DD`. */
export function afterOf(work: Work, records: OpeningRecords, trade: AfterTrade, today: string): After {
  const dayOf = dayIn(trade.zone)
  const handedOver = handedOverAt(work, records)
  const handedOverOn = handedOver && dayOf(handedOver)
  const isSet = work.door.takes.length > 0
  const stoodOn = isSet ? stoodDay(records.log, handedOverOn, dayOf) : null
  const holds = holdsOf(work, records)
  const due = deadlinesOf({
    rules: trade.rules,
    holds,
    stoodOn,
    handedOverOn,
    latitude: trade.latitude,
    seals: handedOverOn ? sealsOn(work.seal.value, dayOf) : [],
    warrantyMonths: trade.warrantyMonths,
    labelAgainOn: work.seal.value.fire?.againOn ?? null,
    log: records.log,
  })
  const file: AfterFile = {
    holds,
    margins: marginsOf(work, records),
    stepsOut: stepsOut(records),
    tests: work.handover.value.tests.map(test => ({
      id: test.id,
      verdict: test.verdict,
      nearness: testNearness(test, work, trade),
    })),
    due,
    today,
  }
  return { handedOverOn, stoodOn, due, calls: callBacks(records.log), file }
}

const FINISHED = /white|green|slate|grey$|black|bronze|brown|red|blue|cream|galvani|anodi|colour|color/i
const BARE = /\bbare\b/i

/** What holds of a door, as far as what is due of it goes. */
export function holdsOf(
  { door, order, fit }: Work,
  { wishes, order: choices }: OpeningRecords,
): ReadonlySet<DeadlineWhen> {
  const unit = order.value.chosen?.unit ?? null
  const material = unit?.material ?? wishes.material
  const colour = choices.details['colour-outside'] ?? unit?.details['colour-outside'] ?? ''
  const isNew = unit !== null
  const all: Readonly<Record<DeadlineWhen, boolean>> = {
    bare: isNew && material === 'timber' && (colour === '' || BARE.test(colour)),
    unfinished: isNew && !FINISHED.test(colour) && material !== 'aluminium' && material !== 'pvc',
    hangs: isNew && door.fit.tunes !== null && door.fit.tunes !== 'panel',
    outside: door.fit.isOutside && door.seal.closes,
    wood: material === 'timber',
    closer: fit.value.hasCloser || (wishes.labelMinutes ?? 0) > 0,
    slides: door.fit.tunes === 'panel',
    label: (wishes.labelMinutes ?? 0) > 0,
  }
  return new Set((Object.keys(all) as DeadlineWhen[]).filter(one => all[one]))
}

/** The seals that were noted as put on, with how long each lasts. */
function sealsOn({ plan, fitted }: Sealed, dayOf: (at: string) => string): readonly SealOn[] {
  if (fitted.has(SEALED_BY_SHEET)) return []
  return (plan?.edges ?? []).flatMap(({ edge, chosen }) =>
    chosen.flatMap(({ seal }) => {
      const key = `${edge.id}/${seal.id}`
      const entry = fitted.get(key) ?? fitted.get(edge.id)
      return entry ? [{ key, fittedOn: dayOf(entry.at), years: seal.years }] : []
    }),
  )
}

/** Margins as they were read last at hand-over and since, with what is wanted of each. */
function marginsOf({ fit, terms }: Work, { readings }: OpeningRecords): readonly FiledMargin[] {
  const { hung } = fit.value
  return hung.flatMap((one, i) =>
    wantedMargins(one, hung[i - 1] ?? null, terms.lengths).flatMap(({ name, slot, wanted }): readonly FiledMargin[] => {
      if (!wanted?.most) return []
      const now = readings
        .filter(it => it.slot === slot && it.occasion === 'call-back')
        .reduce<(typeof readings)[number] | null>((last, it) => (last && last.takenAt > it.takenAt ? last : it), null)
      const atHandover = one.margins.states.find(it => it.name === name)?.read ?? null
      return [{ name, place: slot, least: wanted.least, most: wanted.most, atHandover, now: now?.value ?? null }]
    }),
  )
}

/** Steps that were left out, or never became right. */
const stepsOut = ({ log }: OpeningRecords): ReadonlySet<string> =>
  new Set(
    [...standingEntries('step', log).values()]
      .filter(one => one.result === 'waived' || one.result === 'failed')
      .map(one => one.code),
  )

/** How near what was read lies to its limit, the worst place of it: 0 well within, 1 at it. */
function testNearness({ parts, limit }: PlannedTest, { terms }: Work, { numbers }: AfterTrade): number {
  const near = parts.flatMap(({ wanted, found }) => {
    const value = found?.value
    if (!value) return []
    if (wanted && wanted.most !== null && 'length' in value) return [nearness(value.length, wanted.least, wanted.most)]
    if (!limit) return []
    const bound = figureOf(limit.figure, terms.lengths, numbers)
    const most = 'length' in bound ? bound.length : bound.number
    const read = 'length' in value ? value.length : value.number
    return limit.holds === 'at-most' ? [Math.abs(read) / most] : [read <= 0 ? 2 : most / read]
  })
  return Math.max(0, ...near)
}
