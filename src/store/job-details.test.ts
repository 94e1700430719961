import { v7 as uuidV7 } from 'uuid'
import { newEdits } from '@/core/new-edits'
import { detailsOfJob } from '@/core/survey/new-job'
import { jobRecord } from '@/core/test/fixtures'
import { saveChange } from './edits'
import { countOpenings, findOpenings } from './find-openings'
import {
  addOpening,
  archiveJob,
  archiveOpening,
  findJob,
  findJobDetails,
  insertJob,
  insertJobOnce,
  jobPlace,
  listJobs,
  listOpenings,
  openingPlace,
  reorderOpenings,
} from './jobs'
import { sharedStore, someCompany } from './test/database'

const store = sharedStore()

describe('a job', () => {
  it('keeps between which hours it may be loud, and that nobody minds', async () => {
    const { acting } = await someCompany(store().db, 'Loud')
    const quiet = jobRecord({ id: uuidV7() })
    const loud = jobRecord({ id: uuidV7(), loud: { from: 540, to: 1020 } })
    for (const one of [quiet, loud]) await insertJob(store().db, acting, one)
    expect((await findJob(store().db, acting, loud.id))!.loud).toEqual({ from: 540, to: 1020 })
    expect((await findJob(store().db, acting, quiet.id))!.loud).toBeNull()
    await expect(
      insertJob(store().db, acting, jobRecord({ id: uuidV7(), loud: { from: 600, to: 600 } })),
    ).rejects.toThrow()
  })
  it('sent twice is one', async () => {
    const { acting } = await someCompany(store().db, 'Twice')
    const job = jobRecord({ id: uuidV7(), name: 'Quay 9' })
    await insertJobOnce(store().db, acting, job)
    await insertJobOnce(store().db, acting, job)
    expect((await listJobs(store().db, acting, '2026-01-01', 100)).filter(one => one.name === 'Quay 9')).toHaveLength(1)
  })
  it('keeps customer, delivery, place and clock; and what two people changed beside each other', async () => {
    const { acting, job } = await someCompany(store().db, 'Details')
    const place = jobPlace(store().db, acting, job.id)
    const base = detailsOfJob(job)
    const customer = { name: 'Wanda Selby', phone: '+00 555', email: 'w@example.com' }
    const mine = { ...base, customer, delivery: 'the yard' }
    expect(await saveChange(place, { revision: 1, base, data: mine })).toMatchObject({ ok: true })
    const theirs = { ...base, notes: 'beware of the dog', unit: 'mm' as const, step: '1' as const }
    expect(await saveChange(place, { revision: 1, base, data: theirs })).toMatchObject({ ok: true })
    expect((await findJobDetails(store().db, acting, job.id))!.data).toEqual({
      ...base,
      customer,
      delivery: 'the yard',
      notes: 'beware of the dog',
      unit: 'mm',
      step: '1',
    })
    const clash = await saveChange(place, { revision: 1, base, data: { ...base, delivery: 'the gate' } })
    expect(clash).toMatchObject({ ok: false, clashes: ['delivery'] })
  })
  it('without a place has none', async () => {
    const { acting } = await someCompany(store().db, 'Nowhere')
    const job = jobRecord({ id: uuidV7(), place: null, timeZone: null })
    await insertJobOnce(store().db, acting, job)
    expect(await findJob(store().db, acting, job.id)).toEqual(job)
  })
  it('put away is in no list but its own, and comes back whole', async () => {
    const { acting, job } = await someCompany(store().db, 'Away')
    const names = async (archived: boolean) =>
      (await listJobs(store().db, acting, '2026-01-01', 100, archived)).map(one => one.name)
    await archiveJob(store().db, acting, job.id, '2026-02-01T00:00:00.000Z')
    expect([await names(false), await names(true)]).toEqual([[], ['Away job']])
    expect((await findOpenings(store().db, acting, [], 10)).count).toBe(0)
    await archiveJob(store().db, acting, job.id, null)
    expect([await names(false), await names(true)]).toEqual([['Away job'], []])
  })
})

describe('the openings of a job', () => {
  it('that three add at once, sixty of them, are all there, each at a place of its own', async () => {
    const { acting, job, opening } = await someCompany(store().db, 'Three')
    const add = async (who: number) => {
      for (let i = 0; i < 20; i++)
        await addOpening(
          store().db,
          acting,
          job.id,
          { id: uuidV7(), tag: `${who}.${i}`, name: 'Door', family: 'interior' },
          newEdits('trim-off'),
        )
    }
    await Promise.all([1, 2, 3].map(add))
    const listed = await listOpenings(store().db, acting, job.id)
    expect([listed.length, new Set(listed.map(one => one.position)).size]).toEqual([61, 61])
    // Each one’s own stand in the order in which they were added.
    for (const who of [1, 2, 3])
      expect(listed.map(one => one.tag).filter(tag => tag.startsWith(`${who}.`))).toEqual(
        Array.from({ length: 20 }, (_, i) => `${who}.${i}`),
      )
    expect(listed[0]!.id).toBe(opening.id)
  })
  const add = (acting: Parameters<typeof addOpening>[1], jobId: string, tag: string) =>
    addOpening(store().db, acting, jobId, { id: uuidV7(), tag, name: tag, family: 'storm' }, newEdits('brickmould'))
  it('are put into another order, and one that was not named stays behind', async () => {
    const { acting, job, opening } = await someCompany(store().db, 'Order')
    for (const tag of ['A2', 'A3']) await add(acting, job.id, tag)
    const ids = (await listOpenings(store().db, acting, job.id)).map(one => one.id)
    await reorderOpenings(store().db, acting, job.id, [ids[2]!, ids[0]!])
    const tags = async () => (await listOpenings(store().db, acting, job.id)).map(one => one.tag)
    expect(await tags()).toEqual(['A3', 'A1', 'A2'])
    await reorderOpenings(store().db, acting, job.id, [uuidV7(), opening.id])
    expect(await tags()).toEqual(['A1', 'A3', 'A2'])
  })
  it('are called otherwise, and made another kind and back', async () => {
    const { acting, opening } = await someCompany(store().db, 'Kind')
    const place = openingPlace(store().db, acting, opening.id)
    const base = { tag: 'A1', name: 'Entry', family: 'hinged-outside' as const }
    const storm = { ...base, name: 'Side entry', family: 'storm' as const }
    expect(await saveChange(place, { revision: 1, base, data: storm })).toMatchObject({ ok: true })
    expect(
      await saveChange(place, { revision: 2, base: storm, data: { ...storm, family: base.family } }),
    ).toMatchObject({
      current: { revision: 3, data: { name: 'Side entry', family: 'hinged-outside' } },
    })
  })
  it('put away are not counted', async () => {
    const { acting, job, opening } = await someCompany(store().db, 'Count')
    await add(acting, job.id, 'A2')
    await archiveOpening(store().db, acting, opening.id, '2026-02-01T00:00:00.000Z')
    expect((await countOpenings(store().db, acting)).get(job.id)).toBe(1)
    expect((await listOpenings(store().db, acting, job.id)).map(one => one.archivedAt !== null)).toEqual([true, false])
  })
})
