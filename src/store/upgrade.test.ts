import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { eq, sql } from 'drizzle-orm'
import { goesIn } from '@/core/catalogue/judge-unit'
import { EDIT_KINDS } from '@/core/new-edits'
import { recordsOf } from '@/core/sheet'
import { loadOpening, workOf } from '@/server/load-opening'
import { setUp } from '@/server/setup'
import type { Acting } from './acting'
import { unit } from './list-tables'
import { member, openingEdit, opening as openings } from './tables'
import { sharedStore } from './test/database'
import { restore } from './test/former'

const store = sharedStore()
const HERE = 'src/store/test'

/** What the Harvek that wrote the dump said of each of its openings. */
type Former = {
  readonly readings: number
  readonly answers: number
  readonly log: number
  readonly orders: number
  readonly receipts: number
  readonly unit: readonly number[] | null
  readonly jamb: number | null
  readonly pad: number | null
  readonly hands: readonly (string | null)[]
  readonly chosen: readonly [article: string, verdict: string, totalCents: number, days: number] | null
  readonly goIn: readonly string[]
  readonly ordered: readonly unknown[]
}
const FORMER: Readonly<Record<string, Former>> = JSON.parse(readFileSync(join(HERE, 'former-figures.json'), 'utf8'))

/** What is said otherwise, because it was wrong: first as it was, then as it is. */
const CORRECTED = {
  // The packing under the sill belongs to the height that is ordered.
  'A2.unit': [
    [2717800, 6619240, 2758440, 6659880],
    [2717800, 6563360, 2758440, 6659880],
  ],
  'B4.unit': [
    [2804160, 6436360, 2844800, 6477000],
    [2804160, 6426200, 2844800, 6477000],
  ],
  'C6.unit': [
    [5360960, 6679360, 5401600, 6720000],
    [5360960, 6651680, 5401600, 6720000],
  ],
  // A solid timber leaf may go between garage and house.
  'A3.goIn': [
    ['HG-200', 'HG-202'],
    ['CL-503', 'CL-505', 'CL-506', 'HG-200', 'HG-202'],
  ],
  // A fire label’s clearance over the floor holds from the specification on.
  'B4.pad': [20320, 10160],
  // A frame of steel and an inside door stand on no sill that could be packed.
  'B3.chosen': [
    ['NS-501', 'fits', 77162, 9],
    ['NS-501', 'fits', 72500, 9],
  ],
  'B3.pad': [20320, null],
  'C2.pad': [0, null],
  'C3.pad': [5280, null],
}

async function everyOpening() {
  const { db } = store()
  const [one] = await db.select().from(member)
  const acting: Acting = { companyId: one!.companyId, memberId: one!.id, name: one!.name, role: 'owner' }
  const rows = await db.select().from(openings).where(eq(openings.companyId, acting.companyId))
  return Promise.all(
    rows.map(async row => {
      const sheet = (await loadOpening(db, acting, row.id))!
      return { tag: row.tag, sheet, records: recordsOf(sheet), work: workOf(sheet, new Date('2026-11-20T08:00:00Z')) }
    }),
  )
}

describe('a database of an older Harvek', () => {
  beforeAll(async () => {
    await restore(store().database.url, join(HERE, 'former-demo.sql'))
    // Two servers start on it at once, and one later.
    const both = await Promise.all([1, 2].map(() => setUp(store().database.url, process.cwd())))
    expect([...both, await setUp(store().database.url, process.cwd())]).toEqual([false, false, false])
  }, 60_000)

  it('keeps every row of every opening', async () => {
    const found = await everyOpening()
    expect(found.map(one => one.tag).sort()).toEqual(Object.keys(FORMER).sort())
    for (const { tag, sheet } of found) {
      const { readings, answers, log, orders, receipts } = FORMER[tag]!
      expect([
        tag,
        ...[sheet.readings, sheet.answers, sheet.log, sheet.orders, sheet.receipts].map(all => all.length),
      ]).toEqual([tag, readings, answers, log, orders, receipts])
    }
  })
  it('keeps what was settled, in a record for each part of the work', async () => {
    for (const { tag, records } of await everyOpening()) {
      const { hinges, swing, bore } = records.wishes
      expect([tag, hinges, swing, bore]).toEqual([tag, ...FORMER[tag]!.hands])
      expect([tag, records.order.chosen === null]).toEqual([tag, FORMER[tag]!.chosen === null])
    }
    const rows = await store().db.select({ n: sql<number>`count(*)` }).from(openingEdit)
    expect(Number(rows[0]!.n)).toBe(Object.keys(FORMER).length * EDIT_KINDS.length)
  })
  it('keeps every order as it was released', async () => {
    for (const { tag, sheet } of await everyOpening())
      expect([
        tag,
        sheet.orders.map(({ number, revision, lines }) => [
          number,
          revision,
          lines.map(line => [line.unit.article, line.cents.total]),
        ]),
      ]).toEqual([tag, FORMER[tag]!.ordered])
  })
  it('says the same of each opening, but for what was wrong before', async () => {
    const seen: Record<string, readonly unknown[]> = {}
    for (const { tag, work } of await everyOpening()) {
      const { unit, jamb, floor } = work.specify.value.specification
      const { offers, chosen } = work.order.value
      const now = {
        unit: unit && [unit.width, unit.height, unit.roughWidth, unit.roughHeight].map(one => one.value),
        jamb: jamb?.options[jamb.pick]?.jamb ?? null,
        pad: floor?.pad.value ?? null,
        chosen: chosen && [chosen.unit.article, chosen.verdict, chosen.cents.total, chosen.days],
        goIn: offers
          .filter(goesIn)
          .map(one => one.unit.article)
          .sort(),
      }
      const was = FORMER[tag]!
      for (const name of Object.keys(now) as (keyof typeof now)[])
        if (JSON.stringify(now[name]) !== JSON.stringify(was[name])) seen[`${tag}.${name}`] = [was[name], now[name]]
    }
    expect(seen).toEqual(CORRECTED)
  })
  it('with a record of a version nobody knows is refused with a sentence, and nothing is touched', async () => {
    const { db } = store()
    const [one] = await db.select().from(unit).limit(1)
    const only = eq(unit.id, one!.id)
    await db.update(unit).set({ version: 99 }).where(only)
    await expect(setUp(store().database.url, process.cwd())).rejects.toThrow(/version 99/)
    await db.update(unit).set({ version: one!.version }).where(only)
    await expect(setUp(store().database.url, process.cwd())).resolves.toBe(false)
  })
})
