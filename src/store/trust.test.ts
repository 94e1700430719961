import { v7 as uuidV7 } from 'uuid'
import { newEdits } from '@/core/new-edits'
import { done, jobRecord, reading as made, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { MessageTaken, withdraw } from '@/server/withdraw'
import { listOutgoing, putOutgoing } from './exchange'
import { exportJob } from './job-file'
import { addOpening, insertJob } from './jobs'
import { findOrder, releaseOrder } from './orders'
import { addPhoto, photoBytes } from './photos'
import { addRows, LOG_ENTRIES, listRows, READINGS } from './rows'
import { sharedStore, someCompany } from './test/database'
import { addUnit, listUnits, putUnits } from './units'

// What somebody sends who means harm, whose clock is wrong, or who presses twice: nothing is lost, doubled or believed.

const store = sharedStore()
const LINE = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade()).line!
const AT = '2026-01-03T00:00:00.000Z'
type Company = Awaited<ReturnType<typeof someCompany>>

const release = ({ acting, opening }: Company, jobId: string, supersedes: string | null = null) =>
  releaseOrder(store().db, acting, jobId, {
    id: uuidV7(),
    releasedAt: AT,
    maker: 'Test',
    lines: [{ ...LINE, opening: { ...LINE.opening, id: opening.id } }],
    supersedes,
  })
const ordered = async (company: Company) => {
  const released = await release(company, company.job.id)
  if (!released.ok) throw new Error(released.why)
  return released.order
}

describe('a clock that is ahead', () => {
  const AHEAD = '2099-01-01T00:00:00.000Z'
  it('does not make a reading stand for ever: it counts as made when it came, and sent again it is the same', async () => {
    const { acting, opening } = await someCompany(store().db, 'Ahead')
    const late = { ...made('wall.left', '4', { id: uuidV7() }), takenAt: AHEAD }
    for (let i = 0; i < 2; i++)
      expect(await addRows(store().db, READINGS, acting, opening.id, [late])).toEqual({
        stored: [late.id],
        conflicting: [],
      })
    const after = { ...made('wall.left', '6', { id: uuidV7() }), takenAt: new Date(Date.now() + 1000).toISOString() }
    await addRows(store().db, READINGS, acting, opening.id, [after])
    const [first, second] = await listRows(store().db, READINGS, acting, [opening.id])
    expect([first?.text, second?.text, first!.takenAt < AHEAD]).toEqual(['4', '6', true])
  })
  it('by less than ten minutes is let be', async () => {
    const { acting, opening } = await someCompany(store().db, 'A little ahead')
    const at = new Date(Date.now() + 9 * 60_000).toISOString()
    const entry = {
      id: uuidV7(),
      kind: 'note',
      code: '',
      result: 'noted',
      value: null,
      text: 'x',
      by: 'A',
      at,
    } as const
    await addRows(store().db, LOG_ENTRIES, acting, opening.id, [entry])
    expect(await listRows(store().db, LOG_ENTRIES, acting, [opening.id])).toEqual([entry])
  })
  it('and another text under the same id is refused all the same', async () => {
    const { acting, opening } = await someCompany(store().db, 'Ahead and other')
    const late = { ...made('wall.left', '4', { id: uuidV7() }), takenAt: AHEAD }
    await addRows(store().db, READINGS, acting, opening.id, [late])
    const other = await addRows(store().db, READINGS, acting, opening.id, [{ ...late, text: '5' }])
    expect(other.conflicting).toEqual([late.id])
  })
})

describe('articles that differ in case or accents alone', () => {
  const alike = ['zz-1', 'ZZ-1', 'žž-1'].map(article => ({ ...unit(), id: uuidV7(), article }))
  it('are taken in as so many, each as it is', async () => {
    const { acting } = await someCompany(store().db, 'Alike')
    await putUnits(store().db, acting, alike)
    const there = await listUnits(store().db, acting)
    expect(there.map(one => [one.id, one.article]).sort()).toEqual(alike.map(one => [one.id, one.article]).sort())
  })
  it('entered by hand by fifty at once are one', async () => {
    const { acting } = await someCompany(store().db, 'By hand')
    const all = await Promise.all(Array.from({ length: 50 }, () => addUnit(store().db, acting, alike[0]!)))
    expect([all.filter(Boolean).length, (await listUnits(store().db, acting)).length]).toEqual([1, 1])
  })
})

describe('an order', () => {
  it('of one job is not the next revision of another’s', async () => {
    const company = await someCompany(store().db, 'Two jobs')
    const first = await ordered(company)
    const job = { ...jobRecord(), id: uuidV7() }
    await insertJob(store().db, company.acting, job)
    const opening = { id: uuidV7(), tag: 'B1', name: 'Other', family: 'hinged-outside' } as const
    await addOpening(store().db, company.acting, job.id, opening, newEdits('trim-off'))
    expect(await release({ ...company, opening: { ...company.opening, id: opening.id } }, job.id, first.id)).toEqual({
      ok: false,
      why: 'superseded',
    })
  })
  it('that was withdrawn is not taken up again, at the same moment neither', async () => {
    const company = await someCompany(store().db, 'Taken back')
    const { acting, job } = company
    const order = await ordered(company)
    const back = { messageId: uuidV7(), reason: 'x' }
    const [, revised] = await Promise.all([
      withdraw(store().db, acting, order, back, new Date()),
      release(company, job.id, order.id),
    ])
    const now = await findOrder(store().db, acting, order.id)
    // Either it was taken back first and nothing followed, or it was followed first: then what holds is the next one.
    if (!revised.ok) expect([revised.why, now?.order.withdrawn?.reason]).toEqual(['withdrawn', 'x'])
    expect(await release(company, job.id, order.id)).toMatchObject({ ok: false })
  })
  it('withdrawn three times at once tells its supplier once', async () => {
    const company = await someCompany(store().db, 'Three times')
    const order = await ordered(company)
    const asked = [1, 2, 3].map(i => ({ messageId: uuidV7(), reason: `reason ${i}` }))
    await Promise.all(asked.map(one => withdraw(store().db, company.acting, order, one, new Date())))
    const told = await listOutgoing(store().db, company.acting, [order.id])
    expect(told.filter(one => one.kind === 'withdrawal')).toHaveLength(1)
  })
  it('stands where the word to its supplier could not go out', async () => {
    const company = await someCompany(store().db, 'Taken id')
    const order = await ordered(company)
    const messageId = uuidV7()
    const other = { id: messageId, orderId: order.id, kind: 'claim', body: '{}', createdAt: AT } as const
    await putOutgoing(store().db, company.acting, other, 0)
    const back = withdraw(store().db, company.acting, order, { messageId, reason: 'x' }, new Date())
    await expect(back).rejects.toBeInstanceOf(MessageTaken)
    expect((await findOrder(store().db, company.acting, order.id))?.order.withdrawn).toBeNull()
  })
})

it('a job goes out with its photos or without, and what they take is known before', async () => {
  const { acting, job, opening } = await someCompany(store().db, 'Photos')
  const id = uuidV7()
  const photo = { id, slot: null, width: 4, height: 4, note: '', takenBy: 'A', takenAt: AT }
  await addPhoto(store().db, acting, opening.id, photo, { picture: Buffer.alloc(5000, 1), small: Buffer.alloc(700, 1) })
  expect(await photoBytes(store().db, acting, job.id)).toBe(5700)
  const photos = async (which: 'photos' | 'no-photos') =>
    (await exportJob(store().db, acting, job.id, AT, which))!.openings.flatMap(one => one.photos).length
  expect([await photos('photos'), await photos('no-photos')]).toEqual([1, 0])
})

it('ten thousand readings of one opening come in at once', async () => {
  const { acting, opening } = await someCompany(store().db, 'Many')
  const all = Array.from({ length: 10_000 }, () => made('wall.left', '4', { id: uuidV7() }))
  const { stored } = await addRows(store().db, READINGS, acting, opening.id, all)
  expect(stored).toHaveLength(10_000)
}, 30_000)
