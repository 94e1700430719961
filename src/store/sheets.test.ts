import { v7 as uuidV7 } from 'uuid'
import { newEdits } from '@/core/new-edits'
import { reading as made, unit } from '@/core/test/fixtures'
import type { SeenSheet } from '@/server/sheets'
import { sheetAt } from '@/server/sheets'
import type { Acting } from './acting'
import { findKnown, type Known } from './company'
import { editOf, saveChange } from './edits'
import { firmPlace, schoolsPlace } from './firm'
import { addOpening, archiveOpening, jobPlace, openingPlace } from './jobs'
import { ANSWERS, addRows, LOG_ENTRIES, READINGS } from './rows'
import { sharedStore, someCompany } from './test/database'
import { addUnit } from './units'

const store = sharedStore()
const AT = '2026-01-02T00:00:00.000Z'

const knownOf = async ({ memberId }: Acting): Promise<Known> => (await findKnown(store().db, memberId))!

async function change<T extends object>(place: Parameters<typeof saveChange<T>>[0], more: Partial<T>) {
  const { revision, data } = await place.find()
  await saveChange(place, { revision, base: data, data: { ...data, ...more } })
}

/** What a sheet brings, read again with whoever acts looked up anew. */
const look = async (acting: Acting, id: string, now = AT) => {
  const brought = await sheetAt(store().db, await knownOf(acting), id, 'measure', now)
  return brought && { ...brought, seen: JSON.parse(brought.seen) as SeenSheet, text: brought.seen }
}

type Some = Awaited<ReturnType<typeof someCompany>>

describe('a sheet that was looked at before', () => {
  it('is brought as it was while nothing it stands on is changed', async () => {
    const { acting, opening } = await someCompany(store().db, 'Kept')
    const [first, second] = [await look(acting, opening.id), await look(acting, opening.id)]
    expect(second).toEqual(first)
    expect(first?.seen.sheet.readings).toEqual([])
  })
  it.each<[string, (some: Some) => Promise<unknown>, (seen: SeenSheet) => unknown, unknown]>([
    [
      'a reading',
      ({ acting, opening }) =>
        addRows(store().db, READINGS, acting, opening.id, [made('wall.left', '4', { id: uuidV7() })]),
      seen => seen.sheet.readings.length,
      1,
    ],
    [
      'an answer',
      ({ acting, opening }) =>
        addRows(store().db, ANSWERS, acting, opening.id, [
          {
            id: uuidV7(),
            slot: 'wall.left',
            kind: 'skipped',
            code: 'later',
            note: '',
            takenBy: 'A',
            takenAt: AT,
          } as never,
        ]),
      seen => seen.sheet.answers.length,
      1,
    ],
    [
      'a log entry',
      ({ acting, opening }) =>
        addRows(store().db, LOG_ENTRIES, acting, opening.id, [
          { id: uuidV7(), kind: 'note', code: '', result: 'noted', value: null, text: 'x', by: 'A', at: AT },
        ]),
      seen => seen.sheet.log.length,
      1,
    ],
    [
      'a wish',
      ({ acting, opening }) => change(editOf(store().db, acting, opening.id, 'wishes'), { hinges: 'left' }),
      seen => seen.sheet.edits.wishes.data.hinges,
      'left',
    ],
    [
      'its name',
      ({ acting, opening }) => change(openingPlace(store().db, acting, opening.id), { name: 'Other' }),
      seen => seen.sheet.opening.name,
      'Other',
    ],
    [
      'that it was put away',
      ({ acting, opening }) => archiveOpening(store().db, acting, opening.id, AT),
      seen => seen.sheet.opening.archivedAt,
      AT,
    ],
    [
      'its job',
      ({ acting, job }) => change(jobPlace(store().db, acting, job.id), { name: 'Other' }),
      seen => seen.sheet.job.name,
      'Other',
    ],
    [
      'the job’s practices',
      ({ acting, job }) => change(schoolsPlace(store().db, acting, job.id), { sill: 'pan' } as never),
      seen => seen.sheet.jobSchools.data,
      { sill: 'pan' },
    ],
    [
      'the firm',
      ({ acting }) => change(firmPlace(store().db, acting), { currency: 'CHF' }),
      seen => seen.sheet.firm.currency,
      'CHF',
    ],
    [
      'the catalogue',
      ({ acting }) => addUnit(store().db, acting, unit({ id: uuidV7() })),
      seen => seen.sheet.units.length,
      1,
    ],
  ])('shows %s', async (name, write, of, expected) => {
    const some = await someCompany(store().db, `Changed ${name}`)
    const before = await look(some.acting, some.opening.id)
    expect(of(before!.seen)).not.toEqual(expected)
    await write(some)
    expect(of((await look(some.acting, some.opening.id))!.seen)).toEqual(expected)
  })
  it('shows what stands beside it since', async () => {
    const { acting, job, opening } = await someCompany(store().db, 'Beside')
    expect((await look(acting, opening.id))!.beside.neighbours.after).toBeNull()
    const next = { id: uuidV7(), tag: 'A2', name: 'Next', family: 'hinged-outside' } as const
    await addOpening(store().db, acting, job.id, next, newEdits('trim-off'))
    expect((await look(acting, opening.id))!.beside.neighbours.after).toBe(next.id)
  })
  it('is nobody else’s', async () => {
    const [mine, other] = [await someCompany(store().db, 'Mine'), await someCompany(store().db, 'Other')]
    await look(mine.acting, mine.opening.id)
    expect(await look(other.acting, mine.opening.id)).toBeNull()
  })
  it('shows no money to whom it is not, however often somebody else looked', async () => {
    const { acting, opening } = await someCompany(store().db, 'Money')
    await addUnit(store().db, acting, unit({ id: uuidV7(), priceCents: 123_450 }))
    const trainee = { ...(await knownOf(acting)), role: 'trainee' } as const
    const [owner, learns] = [
      await look(acting, opening.id),
      await sheetAt(store().db, trainee, opening.id, 'measure', AT),
    ]
    expect([owner!.text.includes('123450'), learns!.seen.includes('123450')]).toEqual([true, false])
  })
})
