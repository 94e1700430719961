import sharp from 'sharp'
import { v7 as uuidV7 } from 'uuid'
import type { Answer } from '@/core/survey/answer'
import type { Photo } from '@/core/survey/photo'
import { reading as made } from '@/core/test/fixtures'
import { ticks } from '@/core/units/length'
import type { Acting } from './acting'
import { companyOf } from './company'
import { countOpenings, findOpenings } from './find-openings'
import { exportJob, importJob } from './job-file'
import { addPhoto, findPicture, listPhotos } from './photos'
import { ANSWERS, addRows, listRows, READINGS } from './rows'
import { answer, opening as openingTable, photo as photoTable } from './tables'
import { sharedStore, someCompany } from './test/database'

const store = sharedStore()

const skip = (): Answer => ({
  id: uuidV7(),
  slot: 'wall.left',
  kind: 'skipped',
  code: 'not-accessible',
  note: 'behind the boiler',
  takenBy: 'Ida Marlow',
  takenAt: '2026-01-02T00:00:00.000Z',
})
const photo = (): Photo => ({
  id: uuidV7(),
  slot: 'wall.left',
  width: 8,
  height: 6,
  note: '',
  takenBy: 'Ida Marlow',
  takenAt: '2026-01-02T00:00:00.000Z',
})
const jpeg = (color: string) =>
  sharp({ create: { width: 8, height: 6, channels: 3, background: color } })
    .jpeg()
    .toBuffer()
const pictures = async () => ({ picture: await jpeg('#336699'), small: await jpeg('#C9D94F') })
const words = (...all: readonly string[]) => all.map(word => ({ word, families: [], code: null }))

describe('answers', () => {
  it('come back as they were given, once each', async () => {
    const { acting, opening } = await someCompany(store().db, 'Answers')
    const one = skip()
    for (let i = 0; i < 3; i++)
      expect((await addRows(store().db, ANSWERS, acting, opening.id, [one])).stored).toEqual([one.id])
    expect(await listRows(store().db, ANSWERS, acting, [opening.id])).toEqual([one])
  })
  it('of a taken id that say something else are refused', async () => {
    const { acting, opening } = await someCompany(store().db, 'Answers taken')
    const one = skip()
    await addRows(store().db, ANSWERS, acting, opening.id, [one])
    const added = await addRows(store().db, ANSWERS, acting, opening.id, [{ ...one, code: 'later' }])
    expect(added).toEqual({ stored: [], conflicting: [one.id] })
  })
  it('can’t be changed or deleted, and neither can photos', async () => {
    const { acting, opening } = await someCompany(store().db, 'Fixed')
    await addRows(store().db, ANSWERS, acting, opening.id, [skip()])
    await addPhoto(store().db, acting, opening.id, photo(), await pictures())
    await expect(store().db.update(answer).set({ code: 'later' })).rejects.toThrow()
    await expect(store().db.delete(answer)).rejects.toThrow()
    await expect(store().db.update(photoTable).set({ note: 'x' })).rejects.toThrow()
    await expect(store().db.delete(photoTable)).rejects.toThrow()
  })
})

it('a reading keeps its instrument’s exactness and the device it came from', async () => {
  const { acting, opening } = await someCompany(store().db, 'Device')
  const one = made('wall.left', '924.3 mm', {
    id: uuidV7(),
    instrument: 'laser',
    graduation: '0.1',
    deviation: ticks(3200),
    device: 'Stand-in laser SL-0117: 924.3 mm',
  })
  await addRows(store().db, READINGS, acting, opening.id, [one])
  expect(await listRows(store().db, READINGS, acting, [opening.id])).toEqual([one])
})

describe('photos', () => {
  it('come back with their pictures, byte for byte, once each', async () => {
    const { acting, opening } = await someCompany(store().db, 'Photos')
    const [one, bytes] = [photo(), await pictures()]
    for (let i = 0; i < 2; i++) expect(await addPhoto(store().db, acting, opening.id, one, bytes)).toBe(true)
    expect(await listPhotos(store().db, acting, opening.id)).toEqual([one])
    for (const size of ['picture', 'small'] as const)
      expect(await findPicture(store().db, acting, one.id, size)).toEqual(bytes[size])
  })
  it('of another company are not there', async () => {
    const { acting, opening } = await someCompany(store().db, 'Photo owner')
    const other = await someCompany(store().db, 'Photo thief')
    const one = photo()
    await addPhoto(store().db, acting, opening.id, one, await pictures())
    expect(await findPicture(store().db, other.acting, one.id, 'small')).toBeNull()
    expect(await listPhotos(store().db, other.acting, opening.id)).toEqual([])
  })
  it('of a taken id are refused', async () => {
    const { acting, opening } = await someCompany(store().db, 'Photo again')
    const one = photo()
    await addPhoto(store().db, acting, opening.id, one, await pictures())
    const later = { ...one, takenAt: '2026-03-03T00:00:00.000Z' }
    expect(await addPhoto(store().db, acting, opening.id, later, await pictures())).toBe(false)
  })
})

it('a job goes out and into another company with answers and photos', async () => {
  const { acting, job, opening } = await someCompany(store().db, 'From')
  const other = await someCompany(store().db, 'To')
  await addRows(store().db, ANSWERS, acting, opening.id, [skip()])
  await addPhoto(store().db, acting, opening.id, photo(), await pictures())
  const file = (await exportJob(store().db, acting, job.id, '2026-02-02T00:00:00.000Z'))!
  expect([file.openings[0]!.answers.length, file.openings[0]!.photos.length]).toEqual([1, 1])
  expect(await importJob(store().db, other.acting, file)).toBe(true)
  expect(await exportJob(store().db, other.acting, job.id, '2026-02-02T00:00:00.000Z')).toEqual(file)
})

describe('openings are found by any word', () => {
  let acting: Acting
  beforeAll(async () => {
    const made = await someCompany(store().db, 'Finder')
    acting = made.acting
    const rows = Array.from({ length: 5000 }, (_, i) => ({
      companyId: acting.companyId,
      jobId: made.job.id,
      id: uuidV7(),
      tag: `K${i}`,
      name: i % 500 === 7 ? `Gate 100% “quay” ${i}` : `Door ${i}`,
      family: i % 2 ? 'slider' : 'interior',
      position: i + 10,
    }))
    for (let i = 0; i < rows.length; i += 1000)
      await store()
        .db.insert(openingTable)
        .values(rows.slice(i, i + 1000))
  }, 60_000)
  it.each([
    ['nothing asked', [], 5001],
    ['a tag', ['K4321'], 1],
    ['part of a name, whatever its case', ['GATE'], 10],
    ['two words', ['gate', 'quay'], 10],
    ['a sign that is no wildcard', ['100%'], 10],
    ['a percent sign alone', ['%'], 10],
    ['the family’s own word', ['slider'], 2500],
    ['the job', ['finder', 'job', 'K17'], 111],
    ['what is not there', ['zebra'], 0],
  ])('%s', async (_, asked, count) => {
    const found = await findOpenings(store().db, acting, words(...asked), 200)
    expect([found.count, found.openings.length]).toEqual([count, Math.min(count, 200)])
  })
  it('or by a family that a word names', async () => {
    const named = [{ word: 'patio', families: ['slider' as const], code: null }]
    expect((await findOpenings(store().db, acting, named, 1)).count).toBe(2500)
  })
  it('and never those of another company', async () => {
    const other = await someCompany(store().db, 'Elsewhere')
    expect((await findOpenings(store().db, other.acting, words('K4321'), 10)).count).toBe(0)
    expect([...(await countOpenings(store().db, other.acting)).values()]).toEqual([1])
    expect((await companyOf(store().db, other.acting)).members).toEqual(['Elsewhere member'])
  })
})
