import { eq, inArray } from 'drizzle-orm'
import ICAL from 'ical.js'
import { v7 as uuidV7 } from 'uuid'
import { signedChoice } from '@/core/order/signed-choice'
import { paceOf } from '@/core/plan/own-pace'
import type { OfferShown, Signing } from '@/core/sharing/share'
import { dueCalendar, loadDue, loadFigured } from '@/server/load-after'
import { loadPlan } from '@/server/load-plan'
import { openLink, shareOpening, signLink } from '@/server/share'
import { sharedPaper } from '@/server/shared-paper'
import { writePdf } from '@/writers/write-pdf'
import { unit } from './list-tables'
import { LOG_ENTRIES, listRows } from './rows'
import { share, shareEnd, signing } from './share-tables'
import { endShare, findShare, listShares } from './shares'
import { opening } from './tables'
import { demoOwner } from './test/counted'
import { sharedStore, someCompany } from './test/database'
import { timedSteps } from './timed-steps'
import { findUnits, putUnits } from './units'

const store = sharedStore('demo')
const NOW = new Date('2026-11-27T09:00:00.000Z')
const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000)
const owner = () => demoOwner(store().db)
const idOf = async (tag: string) => (await store().db.select().from(opening).where(eq(opening.tag, tag)))[0]!.id

/** An offer of what goes into D2, by a link. */
async function offered(more: { readonly mails?: boolean; readonly id?: string } = {}) {
  const who = await owner()
  const openingId = await idOf('D2')
  const units = await findUnits(store().db, who, await unitIds())
  const asked = {
    id: more.id ?? uuidV7(),
    kind: 'offer' as const,
    units: units.map(one => one.id),
    note: 'Holds for a month.',
    mails: more.mails ?? false,
  }
  const made = await shareOpening(store().db, who, openingId, asked, 'https://doors.example', NOW)
  return { who, openingId, asked, made }
}
const unitIds = async (): Promise<readonly string[]> =>
  (
    await store()
      .db.select()
      .from(unit)
      .where(inArray(unit.article, ['TW-150', 'TW-151']))
  ).map(one => one.id)
const signingOf = (shown: OfferShown, more: Partial<Signing> = {}): Signing => {
  const [one] = shown.choices
  return {
    name: 'Orla Fenn',
    choice: one!.id,
    colour: one!.colours.length > 1 ? one!.colours[0]! : '',
    reason: 'The light.',
    strokes: [
      [
        [1, 1],
        [5, 5],
      ],
    ],
    ...more,
  }
}

describe('an offer by a link', () => {
  it('opens for whoever has it, until its time is over; of the link itself only a print is kept', async () => {
    const { made } = await offered()
    if (!('token' in made)) throw new Error(made.refused)
    const opened = await openLink(store().db, made.token, NOW)
    expect(opened!.shown).toMatchObject({ kind: 'offer', note: 'Holds for a month.', opening: { tag: 'D2' } })
    expect((opened!.shown as OfferShown).choices.length).toBeGreaterThan(0)
    expect(await openLink(store().db, made.token, later(29))).not.toBeNull()
    expect(await openLink(store().db, made.token, later(31))).toBeNull()
    expect(await openLink(store().db, `${made.token}x`, NOW)).toBeNull()
    expect(JSON.stringify(await store().db.select().from(share))).not.toContain(made.token)
  })
  it('is signed once, however often it is sent, and stands in the opening’s log', async () => {
    const { made, who, openingId, asked } = await offered()
    if (!('token' in made)) throw new Error(made.refused)
    const one = (await openLink(store().db, made.token, NOW))!
    const own = signingOf(one.shown as OfferShown)
    const answers = await Promise.all([1, 2, 3].map(() => signLink(store().db, one, own, null, NOW)))
    expect(answers.filter(Boolean)).toHaveLength(1)
    const log = await listRows(store().db, LOG_ENTRIES, who, [openingId])
    expect(log.filter(it => it.kind === 'choice' && it.code.startsWith('offer/'))).toHaveLength(1)
    expect(signedChoice(log)).toMatchObject({ unit: own.choice, reason: 'The light.', by: 'Orla Fenn' })
    const line = (await listShares(store().db, who, openingId)).find(it => it.id === asked.id)
    expect(line).toMatchObject({ kind: 'offer', signed: { name: 'Orla Fenn', witness: null } })
  })
  it('stays as it was shown when the firm changes its mind, and prints what was signed', async () => {
    const { made } = await offered()
    if (!('token' in made)) throw new Error(made.refused)
    const one = (await openLink(store().db, made.token, NOW))!
    const before = JSON.stringify(one.shown)
    const who = await owner()
    const dearer = (await findUnits(store().db, who, await unitIds())).map(it => ({
      ...it,
      priceCents: it.priceCents + 100_000,
    }))
    await putUnits(store().db, who, dearer)
    const again = (await openLink(store().db, made.token, NOW))!
    expect(JSON.stringify(again.shown)).toBe(before)
    await signLink(store().db, one, signingOf(one.shown as OfferShown), 'Bram Oake', NOW)
    const signed = (await openLink(store().db, made.token, NOW))!
    const paper = JSON.stringify(sharedPaper(signed))
    for (const part of ['Orla Fenn', 'The light.', 'beside Bram Oake', 'In all']) expect(paper).toContain(part)
    expect((await writePdf(sharedPaper(signed), NOW)).subarray(0, 5).toString()).toBe('%PDF-')
  })
  it('ended opens nothing, and what was signed of it stays for the firm', async () => {
    const { made, who, openingId, asked } = await offered()
    if (!('token' in made)) throw new Error(made.refused)
    expect(await endShare(store().db, who, asked.id, NOW.toISOString())).toBe(true)
    expect(await endShare(store().db, who, asked.id, NOW.toISOString())).toBe(true)
    expect(await openLink(store().db, made.token, NOW)).toBeNull()
    expect((await findShare(store().db, who, asked.id))!.shown.kind).toBe('offer')
    expect((await listShares(store().db, who, openingId)).find(it => it.id === asked.id)).toMatchObject({
      endedBy: 'Ida Marlow',
    })
  })
  it('of another company is neither seen nor ended, and a second of the same id is none', async () => {
    const { asked, openingId } = await offered()
    const { acting } = await someCompany(store().db, 'Others')
    expect([
      await findShare(store().db, acting, asked.id),
      await endShare(store().db, acting, asked.id, NOW.toISOString()),
    ]).toEqual([null, false])
    expect(await listShares(store().db, acting, openingId)).toEqual([])
    expect((await offered({ id: asked.id })).made).toEqual({ refused: 'there' })
  })
  it('is not made of nothing, nor mailed to nobody', async () => {
    const who = await owner()
    const asked = { id: uuidV7(), kind: 'offer' as const, units: [], note: '', mails: false }
    expect(await shareOpening(store().db, who, await idOf('D2'), asked, '', NOW)).toEqual({ refused: 'nothing-fits' })
    expect(await shareOpening(store().db, who, uuidV7(), asked, '', NOW)).toEqual({ refused: 'not-found' })
    const mailed = await offered({ mails: true })
    expect(mailed.made).toMatchObject({ mailedTo: 'orla.fenn@example.org' })
  })
  it.each([
    ['share', share],
    ['share_end', shareEnd],
    ['signing', signing],
  ] as const)('%s: a row is never changed or taken out', async (_, table) => {
    expect(
      (
        await store()
          .db.select()
          .from(table as never)
      ).length,
    ).toBeGreaterThan(0)
    await expect(store().db.delete(table as never)).rejects.toThrow()
    await expect(
      store()
        .db.update(table as never)
        .set({ companyId: 'x' } as never),
    ).rejects.toThrow()
  })
})

describe('what is due and what doors tell', () => {
  it('is of every door that stands, those of a job that was put away too, the earliest first', async () => {
    const { rows, calls } = await loadDue(store().db, await owner(), NOW)
    const days = rows.map(one => one.deadline.due)
    expect(days).toEqual([...days].sort())
    expect(new Set(rows.map(one => one.tag))).toEqual(
      new Set(['A5', 'E1', 'E2', 'E3', 'E4', 'E5', 'E6', ...rows.map(one => one.tag).filter(tag => /^[DE]/.test(tag))]),
    )
    expect(calls).toMatchObject([{ tag: 'A5', call: { symptom: 'draft-low' } }])
    expect((await loadDue(store().db, (await someCompany(store().db, 'Nobody')).acting, NOW)).rows).toEqual([])
  })
  it('opens as a calendar in a program not ours, a whole day each, the same id however often it is asked for', async () => {
    const read = async (now: Date) => {
      const parsed = new ICAL.Component(ICAL.parse(await dueCalendar(store().db, await owner(), now)))
      return parsed.getAllSubcomponents('vevent').map(one => new ICAL.Event(one))
    }
    const [events, again] = [await read(NOW), await read(later(1))]
    expect(events.length).toBe((await loadDue(store().db, await owner(), NOW)).rows.length)
    expect(events.every(one => one.startDate.isDate)).toBe(true)
    expect(new Set(events.map(one => one.uid)).size).toBe(events.length)
    expect(again.map(one => one.uid)).toEqual(events.map(one => one.uid))
  })
  it('is a year of figures in the demo', async () => {
    const figured = await loadFigured(store().db, await owner(), NOW)
    const past = figured.filter(one => one.figures.handedOverOn !== null)
    expect(past.length).toBeGreaterThanOrEqual(7)
    expect(past.flatMap(one => one.figures.calls).length).toBeGreaterThanOrEqual(5)
    expect(
      past
        .map(one => one.figures.handedOverOn!)
        .sort()[0]!
        .startsWith('2025'),
    ).toBe(true)
  })
  it('tells how long steps take here, by which the plan’s hours go', async () => {
    const who = await owner()
    const timed = await timedSteps(store().db, who)
    const taken = (await loadFigured(store().db, who, NOW)).flatMap(one => one.figures.steps)
    expect(timed).toEqual({
      planned: taken.reduce((sum, one) => sum + one.planned, 0),
      taken: taken.reduce((sum, one) => sum + one.taken, 0),
      count: taken.length,
    })
    expect((await loadPlan(store().db, who, NOW)).pace).toEqual(paceOf(timed))
    expect(await timedSteps(store().db, (await someCompany(store().db, 'New')).acting)).toEqual({
      planned: 0,
      taken: 0,
      count: 0,
    })
  })
})
