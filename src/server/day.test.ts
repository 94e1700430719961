import { NEW_FIRM } from '@/core/catalogue/firm'
import type { LogEntry } from '@/core/log/log'
import { asWritten, type OpeningSheet, recordsOf } from '@/core/sheet'
import { sumUp } from '@/core/summary'
import type { OpeningRecords } from '@/core/terms'
import { done, entry, jobRecord, reading, records, stepEntry, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { KIND_CASES, openingOf } from '@/core/test/kind-cases'
import type { Work } from '@/core/work'
import { LENGTHS } from '@/trade/lengths'
import { NUMBERS } from '@/trade/rates'
import { SEALS } from '@/trade/seals'
import { dayOf } from './day'

const JOB = jobRecord({ visitOn: '2026-12-03' })
const NOW = new Date('2026-06-21T09:00:00.000Z')
const ZONE = 'UTC'
const AFTER = { zone: ZONE, numbers: NUMBERS, rules: [], warrantyMonths: null, latitude: null }

type OpeningCard = { readonly sheet: OpeningSheet; readonly work: Work; readonly records: OpeningRecords }
/** The day of a job with one opening, or with none. */
const dayWith = (one: Pick<OpeningCard, 'work' | 'records'> | null, job = JOB, now = NOW) =>
  dayOf(
    job,
    ZONE,
    one
      ? [
          {
            opening: one.records.opening,
            summary: sumUp(
              one.work,
              one.records,
              { lengths: LENGTHS, numbers: NUMBERS, after: AFTER },
              now.toISOString(),
            ).summary,
          },
        ]
      : [],
    now,
  )

function card(wished: Parameters<typeof records>[1], more: Partial<OpeningSheet> = {}): OpeningCard {
  const own = records(TRUE_OPENING, wished)
  const sheet: OpeningSheet = {
    job: asWritten(JOB, 'point'),
    opening: { ...own.opening, family: 'hinged-outside', position: 0, archivedAt: null },
    readings: own.readings,
    answers: [],
    photos: [],
    members: [],
    edits: {
      wishes: { revision: 1, data: own.wishes },
      order: { revision: 1, data: own.order },
      fit: { revision: 1, data: own.fit },
      seal: { revision: 1, data: own.seal },
      allowances: { revision: 1, data: own.allowances },
    },
    log: [],
    orders: [],
    receipts: [],
    firm: NEW_FIRM,
    jobSchools: { revision: 0, data: {} },
    catalogue: { count: 1, possible: 1 },
    units: [unit()],
    neighbours: { before: null, after: null },
    memberName: '',
    ...more,
  }
  const { work } = done(recordsOf(sheet), trade())
  return { sheet, work, records: recordsOf(sheet) }
}

const chosen = { chosen: { unit: unit().id, reason: '' } }
const ordered = () => {
  const line = card(chosen).work.order.value.line!
  return card(chosen, {
    orders: [
      {
        id: unit().id,
        number: 'H-1',
        revision: 1,
        supersedes: null,
        maker: 'Test',
        releasedAt: '2026-01-01T00:00:00.000Z',
        releasedBy: 'Ida Marlow',
        withdrawn: null,
        lines: [line],
      },
    ],
  })
}

describe('a day', () => {
  it('is short in December and long in June', () => {
    const sunset = (visitOn: string | null) => dayWith(null, { ...JOB, visitOn }).sunset!
    expect(sunset('2026-12-03') < '16:00').toBe(true)
    expect(sunset(null) > '20:00').toBe(true)
  })
  it('has no sunset where the sun does not set', () =>
    expect(
      dayWith(null, {
        ...JOB,
        visitOn: '2026-06-21',
        place: { name: 'North', latitudeE6: 80_000_000, longitudeE6: 0 },
      }).sunset,
    ).toBeNull())
  it('says on whom an opening waits', () => {
    const waits = (one: OpeningCard) => dayWith(one).openings[0]!.waits
    expect([waits(card({})), waits(card(chosen)), waits(ordered())]).toEqual([
      'the customer’s choice since Thu 1 Jan',
      null,
      'the supplier since Thu 1 Jan',
    ])
  })
  it('says until when foam hardens, once nothing else can be done', () => {
    const card = ordered()
    const waiting = card.work.fit.value.steps.map(one =>
      one.id === 'foam-latch'
        ? { ...one, state: 'waiting' as const, until: '2026-01-13T07:00:00.000Z' }
        : { ...one, state: 'done' as const },
    )
    const withSteps = (steps: typeof waiting): OpeningCard => ({
      ...card,
      work: { ...card.work, fit: { ...card.work.fit, value: { ...card.work.fit.value, steps } } },
    })
    const until = (steps: typeof waiting) => dayWith(withSteps(steps)).openings[0]!.until
    expect(until(waiting)).toBe('Tue 13 Jan, 07:00')
    expect(until(waiting.map(one => (one.id === 'inside-trim' ? { ...one, state: 'ready' as never } : one)))).toBeNull()
  })
  it('counts the setting work of what is ready to be set', () => {
    expect(dayWith(card(chosen)).minutes).toBe(0)
    expect(dayWith(ordered()).minutes).toBeGreaterThan(180)
  })
})

describe('a day on which seals are fitted', () => {
  const stop = SEALS.find(one => one.kind === 'bottom-stop')!
  const at = (minute: number) => Date.UTC(2026, 10, 20, 9, minute)
  /** An old door that stays, all tried, its bottom stop chosen by hand. */
  const sealing = (log: readonly LogEntry[], now: string) => {
    const one = KIND_CASES['a door that is only sealed']!
    const own = openingOf(one, 1)
    const read = ['left', 'centre', 'right'].map(place => reading(`gap.bottom.${place}` as 'gap.bottom.left', '1/4'))
    const records = {
      ...own,
      readings: [...own.readings.filter(it => !it.slot.startsWith('gap.bottom')), ...read],
      seal: { ...own.seal, edges: { head: [], left: [], right: [], bottom: [stop.id] }, corners: true },
      log,
    }
    const { work } = done(records, trade([]), now)
    return { work, records }
  }
  const steps = sealing([], NOW.toISOString()).work.fit.value.steps.map(one => stepEntry(one, at(0)))
  const record = entry('seal', `bottom/${stop.id}`, 'fitted', at(5))

  it('counts their minutes while it is at them, and says until when what is bonded hardens', () => {
    const dayAt = (log: readonly LogEntry[], now: string) => {
      return dayWith(sealing(log, now), JOB, new Date(now))
    }
    const before = dayAt(steps, '2026-11-20T10:00:00.000Z')
    expect([before.minutes > stop.minutes, before.openings[0]!.until]).toEqual([true, null])
    const bonded = dayAt([...steps, record], '2026-11-20T10:00:00.000Z')
    expect(bonded.minutes).toBeLessThan(before.minutes)
    expect(bonded.openings[0]!.until).toContain('7:00')
    expect(dayAt([...steps, record], '2026-11-23T12:00:00.000Z').openings[0]!.until).toBeNull()
  })
})
