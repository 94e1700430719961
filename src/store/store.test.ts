import { v7 as uuidV7 } from 'uuid'
import { parseJobFile } from '@/core/job-file'
import type { LogEntry } from '@/core/log/log'
import { newEdits } from '@/core/new-edits'
import type { Wishes } from '@/core/specification/wishes'
import { done, jobRecord, reading as made, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { ticks } from '@/core/units/length'
import type { Acting } from './acting'
import { findKnown } from './company'
import { editOf, findEdits, saveChange } from './edits'
import { exportJob, importJob } from './job-file'
import { addOpening, findJob, findOpening, insertJob, listJobs, listOpenings } from './jobs'
import { findOrder, listOrders, releaseOrder } from './orders'
import { addRows, LOG_ENTRIES, listRows, READINGS } from './rows'
import { logEntry, orderLine, purchaseOrder, reading } from './tables'
import { sharedStore, someCompany } from './test/database'
import { addUnits, listUnits } from './units'

const store = sharedStore()

const fresh = (slot: string, text: string) => made(slot, text, { id: uuidV7() })
const entry = (): LogEntry => ({
  id: uuidV7(),
  kind: 'note',
  code: '',
  result: 'noted',
  value: null,
  text: 'rot under the sill',
  by: 'Ida Marlow',
  at: '2026-01-02T00:00:00.000Z',
})

describe('readings', () => {
  it('come back as they were sent', async () => {
    const { acting, opening } = await someCompany(store().db, 'Readings')
    const one = { ...fresh('trim-off/lean.left', '-1 3/16'), note: 'ümläut “quoted” 🚪' }
    expect(await addRows(store().db, READINGS, acting, opening.id, [one])).toEqual({
      stored: [one.id],
      conflicting: [],
    })
    expect(await listRows(store().db, READINGS, acting, [opening.id])).toEqual([one])
  })
  it('sent twice are stored once', async () => {
    const { acting, opening } = await someCompany(store().db, 'Twice')
    const one = fresh('wall.left', '4 1/2')
    for (let i = 0; i < 3; i++)
      expect((await addRows(store().db, READINGS, acting, opening.id, [one])).stored).toEqual([one.id])
    expect(await listRows(store().db, READINGS, acting, [opening.id])).toHaveLength(1)
  })
  it('of a taken id that say something else are refused, and what stands stays', async () => {
    const { acting, opening } = await someCompany(store().db, 'Conflict')
    const one = fresh('wall.left', '4 1/2')
    await addRows(store().db, READINGS, acting, opening.id, [one])
    const other = { ...one, value: ticks(one.value + 1) }
    expect(await addRows(store().db, READINGS, acting, opening.id, [other])).toEqual({
      stored: [],
      conflicting: [one.id],
    })
    expect(await listRows(store().db, READINGS, acting, [opening.id])).toEqual([one])
  })
})

describe('rows that are never changed', () => {
  it.each([
    ['reading', reading],
    ['log_entry', logEntry],
    ['purchase_order', purchaseOrder],
    ['order_line', orderLine],
  ] as const)('%s: the database itself refuses', async (name, table) => {
    const { acting, job, opening } = await someCompany(store().db, `Frozen ${name}`)
    await addRows(store().db, READINGS, acting, opening.id, [fresh('wall.left', '4 1/2')])
    await addRows(store().db, LOG_ENTRIES, acting, opening.id, [entry()])
    await releaseOne(acting, job.id, uuidV7(), '2026-01-03T00:00:00.000Z', opening.id)
    await expect(store().db.delete(table)).rejects.toMatchObject({
      cause: expect.objectContaining({ sqlState: '45000' }),
    })
    const column =
      name === 'reading'
        ? { note: 'x' }
        : name === 'log_entry'
          ? { text: 'x' }
          : name === 'purchase_order'
            ? { number: 'x' }
            : { line: 9 }
    await expect(
      store()
        .db.update(table)
        .set(column as never),
    ).rejects.toMatchObject({
      cause: expect.objectContaining({ sqlState: '45000' }),
    })
  })
})

const releaseOne = async (acting: Acting, jobId: string, id: string, releasedAt: string, openingId: string) => {
  const released = await releaseOrder(store().db, acting, jobId, {
    id,
    releasedAt,
    maker: unit().maker,
    lines: [lineFor(openingId)],
    supersedes: null,
  })
  if (!released.ok) throw new Error(released.why)
  return released.order
}

const lineFor = (openingId: string) => {
  const base = records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } })
  return done({ ...base, opening: { ...base.opening, id: openingId } }, trade()).line!
}

describe('an edited record', () => {
  const FIRST = newEdits('trim-off').wishes
  const save = (acting: Acting, openingId: string, revision: number, change: Partial<Wishes>, base = FIRST) =>
    saveChange(editOf(store().db, acting, openingId, 'wishes'), { revision, base, data: { ...base, ...change } })
  it('is saved from its revision; what somebody else changed beside it is kept', async () => {
    const { acting, opening } = await someCompany(store().db, 'Wishes')
    const first = { ...FIRST, hinges: 'left' as const }
    expect(await save(acting, opening.id, 1, { hinges: 'left' })).toEqual({
      ok: true,
      current: { revision: 2, data: first },
    })
    expect(await save(acting, opening.id, 1, { swing: 'out' })).toEqual({
      ok: true,
      current: { revision: 3, data: { ...first, swing: 'out' } },
    })
    expect(await save(acting, opening.id, 1, { hinges: 'right' })).toEqual({
      ok: false,
      current: { revision: 3, data: { ...first, swing: 'out' } },
      clashes: ['hinges'],
    })
  })
  it('has a revision of its own: two people on two stages don’t collide', async () => {
    const { acting, opening } = await someCompany(store().db, 'Two stages')
    const first = newEdits('trim-off')
    const sealed = saveChange(editOf(store().db, acting, opening.id, 'seal'), {
      revision: 1,
      base: first.seal,
      data: { ...first.seal, edges: { head: [] } },
    })
    const saved = await Promise.all([sealed, save(acting, opening.id, 1, { swing: 'in' })])
    expect(saved.map(one => [one.ok, one.current.revision])).toEqual([
      [true, 2],
      [true, 2],
    ])
    const { seal, wishes, order } = await findEdits(store().db, acting, opening.id)
    expect([seal.data.edges, wishes.data.swing, order.revision]).toEqual([{ head: [] }, 'in', 1])
  })
  it('changed otherwise by three at once is saved by one; the others are shown both sides', async () => {
    const { acting, opening } = await someCompany(store().db, 'Race')
    const ways = ['pocket', 'core', 'masonry'] as const
    const saved = await Promise.all(ways.map(way => save(acting, opening.id, 1, { way })))
    expect(saved.filter(one => one.ok)).toHaveLength(1)
    expect(saved.flatMap(one => (one.ok ? [] : one.clashes))).toEqual(['way', 'way'])
  })
  it('sent twice, because the answer was lost, is one change', async () => {
    const { acting, opening } = await someCompany(store().db, 'Lost answer')
    await save(acting, opening.id, 1, { swing: 'in' })
    expect((await save(acting, opening.id, 1, { swing: 'in' })).ok).toBe(true)
    expect((await findEdits(store().db, acting, opening.id)).wishes.data.swing).toBe('in')
  })
})

describe('orders', () => {
  it('released twice with one id are one; numbers are the company’s own', async () => {
    const { acting, job, opening } = await someCompany(store().db, 'Orders')
    const id = uuidV7()
    const at = '2026-01-03T00:00:00.000Z'
    const [first, again] = await Promise.all([1, 2].map(() => releaseOne(acting, job.id, id, at, opening.id)))
    expect(again).toEqual(first)
    const next = { id: uuidV7(), tag: 'A2', name: 'Back', family: 'hinged-outside' } as const
    await addOpening(store().db, acting, job.id, next, newEdits('trim-off'))
    const second = await releaseOne(acting, job.id, uuidV7(), at, next.id)
    expect([first!.number, second.number]).toEqual(['H-0001', 'H-0002'])
    expect(await listOrders(store().db, acting, job.id)).toHaveLength(2)
  })
})

describe('a second company', () => {
  it('finds nothing of the first by any id', async () => {
    const one = await someCompany(store().db, 'First')
    const { acting } = await someCompany(store().db, 'Second')
    await addRows(store().db, READINGS, one.acting, one.opening.id, [fresh('wall.left', '4 1/2')])
    await addRows(store().db, LOG_ENTRIES, one.acting, one.opening.id, [entry()])
    await addUnits(store().db, one.acting, [unit({ id: uuidV7() })])
    const order = await releaseOne(one.acting, one.job.id, uuidV7(), '2026-01-03T00:00:00.000Z', one.opening.id)
    expect(await findJob(store().db, acting, one.job.id)).toBeNull()
    expect(await findOpening(store().db, acting, one.opening.id)).toBeNull()
    expect(await findOrder(store().db, acting, order.id)).toBeNull()
    await expect(findEdits(store().db, acting, one.opening.id)).rejects.toThrow()
    expect(await exportJob(store().db, acting, one.job.id, 'now')).toBeNull()
    expect([
      await listRows(store().db, READINGS, acting, [one.opening.id]),
      await listRows(store().db, LOG_ENTRIES, acting, [one.opening.id]),
      await listOpenings(store().db, acting, one.job.id),
      await listOrders(store().db, acting, one.job.id),
      await listUnits(store().db, acting),
    ]).toEqual([[], [], [], [], []])
    expect((await listJobs(store().db, acting, '2026-01-01', 100)).map(job => job.id)).not.toContain(one.job.id)
  })
  it('can’t write into the first', async () => {
    const one = await someCompany(store().db, 'Target')
    const { acting } = await someCompany(store().db, 'Intruder')
    expect((await addRows(store().db, READINGS, acting, one.opening.id, [fresh('wall.left', '1')])).stored).toEqual([])
    await expect(
      addOpening(
        store().db,
        acting,
        one.job.id,
        { id: uuidV7(), tag: 'X', name: 'X', family: 'hinged-outside' },
        newEdits('core'),
      ),
    ).rejects.toThrow()
    const data = newEdits('core').fit
    await expect(
      saveChange(editOf(store().db, acting, one.opening.id, 'fit'), { revision: 1, base: data, data }),
    ).rejects.toThrow()
    expect(await listRows(store().db, READINGS, one.acting, [one.opening.id])).toEqual([])
    expect((await findEdits(store().db, one.acting, one.opening.id)).fit.revision).toBe(1)
  })
  it('is known by its members', async () => {
    const { acting } = await someCompany(store().db, 'Members')
    const known = await findKnown(store().db, acting.memberId)
    expect(known).toMatchObject(acting)
    expect(known!.company).toMatchObject({ name: 'Members', members: ['Members member'], catalogueRevision: 0 })
    expect(known!.company.firm.revision).toBe(0)
    expect(await findKnown(store().db, uuidV7())).toBeNull()
  })
})

describe('a job as a file', () => {
  async function fullJob() {
    const one = await someCompany(store().db, 'Exporter')
    const chosen = unit({ id: uuidV7() })
    await addUnits(store().db, one.acting, [chosen])
    await addRows(
      store().db,
      READINGS,
      one.acting,
      one.opening.id,
      Object.entries(TRUE_OPENING).map(([slot, text]) => fresh(slot, text)),
    )
    await addRows(store().db, LOG_ENTRIES, one.acting, one.opening.id, [entry()])
    const { order } = newEdits('trim-off')
    await saveChange(editOf(store().db, one.acting, one.opening.id, 'order'), {
      revision: 1,
      base: order,
      data: { ...order, chosen: { unit: chosen.id, reason: 'fits' } },
    })
    await releaseOne(one.acting, one.job.id, uuidV7(), '2026-01-03T00:00:00.000Z', one.opening.id)
    return { ...one, file: (await exportJob(store().db, one.acting, one.job.id, '2026-01-04T00:00:00.000Z'))! }
  }
  it('goes out, into an empty company and out again byte for byte', async () => {
    const { file } = await fullJob()
    const { acting } = await someCompany(store().db, 'Importer')
    const parsed = await parseJobFile(JSON.parse(JSON.stringify(file)))
    expect(parsed.issues).toEqual([])
    expect(await importJob(store().db, acting, parsed.file!)).toBe(true)
    expect(JSON.stringify(await exportJob(store().db, acting, file.job.id, '2026-01-04T00:00:00.000Z'))).toBe(
      JSON.stringify(file),
    )
  })
  it('that is here already is refused whole', async () => {
    const { file, acting } = await fullJob()
    expect(await importJob(store().db, acting, file)).toBe(false)
    const renamed = { ...file, job: { ...file.job, id: uuidV7() } }
    expect(await importJob(store().db, acting, renamed)).toBe(false)
    expect(await findJob(store().db, acting, renamed.job.id)).toBeNull()
  })
})

it('a job can’t hold an opening of another company, by the tables themselves', async () => {
  const one = await someCompany(store().db, 'Mine')
  const other = await someCompany(store().db, 'Theirs')
  await expect(
    store()
      .db.insert(reading)
      .values({
        ...fresh('wall.left', '1'),
        companyId: other.acting.companyId,
        openingId: one.opening.id,
        memberId: other.acting.memberId,
      }),
  ).rejects.toThrow()
})

it('JSON columns come back as values, not as text', async () => {
  const { acting, opening } = await someCompany(store().db, 'Json')
  const found = await findEdits(store().db, acting, opening.id)
  expect(typeof found.wishes.data).toBe('object')
  await insertJob(
    store().db,
    acting,
    jobRecord({ id: uuidV7(), name: 'Quay “7”', unit: 'mm', step: '1', visitOn: '2026-02-01' }),
  )
  expect((await listJobs(store().db, acting, '2026-01-01', 100)).map(job => job.name)).toEqual(['Quay “7”', 'Json job'])
})
