import { eq } from 'drizzle-orm'
import { changePerson, invite } from '@/server/people'
import { writeAuditCsv } from '@/writers/write-audit-csv'
import { listAudit } from './audit'
import { audit } from './audit-table'
import { editOf, saveChange } from './edits'
import { firmPlace, schoolsPlace } from './firm'
import { archiveOpening, jobPlace, openingPlace } from './jobs'
import { sharedStore, someCompany } from './test/database'

const store = sharedStore()

/** What was written down of a change of a record. */
const change = async <T extends object>(place: Parameters<typeof saveChange<T>>[0], more: Partial<T>) => {
  const { revision, data } = await place.find()
  return saveChange(place, { revision, base: data, data: { ...data, ...more } })
}

describe('who changed what', () => {
  it('is written down with what it was and is, of every edited record, and only where something was changed', async () => {
    const { acting, job, opening } = await someCompany(store().db, 'Audit')
    const { db } = store()
    await change(jobPlace(db, acting, job.id), { name: 'Another name' })
    await change(openingPlace(db, acting, opening.id), { tag: 'A9' })
    await change(editOf(db, acting, opening.id, 'wishes'), { hinges: 'left' })
    await change(editOf(db, acting, opening.id, 'wishes'), {})
    await change(schoolsPlace(db, acting, job.id), { sill: 'pan' } as never)
    await archiveOpening(db, acting, opening.id, '2026-11-27T00:00:00.000Z')
    const said = (await listAudit(db, acting, { job: job.id }, 50)).toReversed()
    expect(
      said.map(one => [one.verb, one.subject, one.about, one.changes.map(it => [it.path, it.before, it.after])]),
    ).toEqual([
      ['changed', 'job', '', [['name', job.name, 'Another name']]],
      ['changed', 'opening', '', [['tag', 'A1', 'A9']]],
      ['changed', 'opening', 'wishes', [['hinges', null, 'left']]],
      ['changed', 'job', 'schools', [['sill', null, 'pan']]],
      ['put-away', 'opening', '', []],
    ])
    expect(new Set(said.map(one => one.by))).toEqual(new Set([acting.name]))
    const csv = writeAuditCsv(said).split('\n')
    expect(csv[0]).toBe('at,by,what,subject,id,about,member,before,after')
    expect(csv).toHaveLength(7)
  })
  it('of the firm and its people stands apart, and belongs to nobody else', async () => {
    const { acting } = await someCompany(store().db, 'Audit firm')
    const other = await someCompany(store().db, 'Audit other')
    const { db } = store()
    await change(firmPlace(db, acting), { paper: 'letter' })
    await invite(db, acting, { email: 'a@b.example', name: 'Ada', role: 'installer' }, 'http://127.0.0.1', new Date())
    expect(await changePerson(db, acting, { ...acting, id: acting.memberId }, 'trainee', new Date())).toBe(false)
    const said = (await listAudit(db, acting, { firm: true }, 50)).map(one => [
      one.verb,
      one.about,
      one.changes.map(it => it.path),
    ])
    expect(said.toReversed()).toEqual([
      ['changed', '', ['paper']],
      ['invited', 'Ada', ['role']],
    ])
    expect(await listAudit(db, other.acting, { firm: true }, 50)).toEqual([])
  })
  it('is in the transaction of the change: what is given up is not written down', async () => {
    const { acting, job } = await someCompany(store().db, 'Audit gone')
    const failing = store().db.transaction(async tx => {
      await change(jobPlace(tx, acting, job.id), { name: 'Gone' })
      throw new Error('given up')
    })
    await expect(failing).rejects.toThrow('given up')
    expect(await listAudit(store().db, acting, { job: job.id }, 50)).toEqual([])
  })
  it('is never changed or taken away', async () => {
    const { acting, job } = await someCompany(store().db, 'Audit kept')
    await change(jobPlace(store().db, acting, job.id), { name: 'Kept' })
    const mine = eq(audit.companyId, acting.companyId)
    await expect(store().db.update(audit).set({ by: 'X' }).where(mine)).rejects.toThrow()
    await expect(store().db.delete(audit).where(mine)).rejects.toThrow()
  })
  it('keeps of a long text as much as tells', async () => {
    const { acting, job } = await someCompany(store().db, 'Audit long')
    await change(jobPlace(store().db, acting, job.id), { notes: 'x'.repeat(3000) })
    const [one] = await listAudit(store().db, acting, { job: job.id }, 1)
    expect(String(one!.changes[0]!.after).length).toBeLessThan(410)
  })
})
