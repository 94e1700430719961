import { v7 as uuidV7 } from 'uuid'
import { newEdits } from '@/core/new-edits'
import { done, reading as made, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { pageStanding } from '@/server/page-standing'
import { signMember } from '@/server/sign'
import { MEMBER_COOKIE } from '@/server/who'
import type { Acting } from './acting'
import { editOf, saveChange } from './edits'
import { firmPlace, schoolsPlace } from './firm'
import { addOpening, archiveOpening, jobPlace, openingPlace, reorderOpenings } from './jobs'
import { releaseOrder, withdrawOrder } from './orders'
import { changeRole, letGo } from './people'
import { addRows, LOG_ENTRIES, READINGS } from './rows'
import { member } from './tables'
import { sharedStore, someCompany } from './test/database'
import { addUnit } from './units'

const store = sharedStore()
const AT = '2026-01-02T00:00:00.000Z'
const SECRET = 'a secret of the test'
const before = { ...process.env }
beforeAll(() =>
  Object.assign(process.env, {
    HARVEK_DATABASE_URL: store().database.url,
    HARVEK_DEMO: '1',
    HARVEK_COOKIE_SECRET: SECRET,
  }),
)
afterAll(() => {
  process.env = before
})

/** A company with an order, two openings in its job, and somebody who only learns. */
async function some(name: string) {
  const company = await someCompany(store().db, name)
  const { acting, job, opening } = company
  const next = { id: uuidV7(), tag: 'A2', name: 'Next', family: 'slider' } as const
  await addOpening(store().db, acting, job.id, next, newEdits('trim-off'))
  const base = records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } })
  const { line } = done({ ...base, opening: { ...base.opening, id: opening.id } }, trade())
  const asked = { id: uuidV7(), releasedAt: AT, maker: 'Test', lines: [line!], supersedes: null }
  const released = await releaseOrder(store().db, acting, job.id, asked)
  if (!released.ok) throw new Error(released.why)
  return { ...company, next, order: released.order }
}
type Some = Awaited<ReturnType<typeof some>>

const asking = ({ memberId }: Pick<Acting, 'memberId'>, host = '127.0.0.1:3000') =>
  new Headers({ host, cookie: `a=b; ${MEMBER_COOKIE}=${signMember(memberId, SECRET)}` })

const PAGES = ['sheet', 'other sheet', 'job', 'order'] as const
const pathsOf = ({ opening, next, job, order }: Some) => ({
  sheet: `/openings/${opening.id}/measure`,
  'other sheet': `/openings/${next.id}/measure`,
  job: `/jobs/${job.id}`,
  order: `/orders/${order.id}`,
})
/** What each page stands on for somebody. */
const standingsOf = (one: Some, headers: Headers) =>
  Promise.all(PAGES.map(page => pageStanding(pathsOf(one)[page], headers)))

async function change<T extends object>(place: Parameters<typeof saveChange<T>>[0], more: Partial<T>) {
  const { revision, data } = await place.find()
  await saveChange(place, { revision, base: data, data: { ...data, ...more } })
}

type Change = readonly [what: string, act: (one: Some) => Promise<unknown>, pages: readonly (typeof PAGES)[number][]]
const ALL = PAGES
const OWN = ['sheet', 'job', 'order'] as const
const CHANGES: readonly Change[] = [
  ['nothing', async () => {}, []],
  [
    'a reading',
    ({ acting, opening }) =>
      addRows(store().db, READINGS, acting, opening.id, [made('wall.left', '4', { id: uuidV7() })]),
    OWN,
  ],
  [
    'a step',
    ({ acting, opening }) =>
      addRows(store().db, LOG_ENTRIES, acting, opening.id, [
        { id: uuidV7(), kind: 'note', code: '', result: 'noted', value: null, text: 'x', by: 'A', at: AT },
      ]),
    OWN,
  ],
  ['a wish', one => change(editOf(store().db, one.acting, one.opening.id, 'wishes'), { hinges: 'left' }), OWN],
  ['its name', one => change(openingPlace(store().db, one.acting, one.opening.id), { name: 'Other' }), OWN],
  [
    'that the one beside it was put away',
    one => archiveOpening(store().db, one.acting, one.next.id, AT),
    ['other sheet', 'job'],
  ],
  [
    'another opening',
    ({ acting, job }) =>
      addOpening(
        store().db,
        acting,
        job.id,
        { id: uuidV7(), tag: 'A3', name: 'Third', family: 'storm' },
        newEdits('trim-off'),
      ),
    ['other sheet', 'job'],
  ],
  [
    'their order',
    ({ acting, job, opening, next }) => reorderOpenings(store().db, acting, job.id, [next.id, opening.id]),
    ALL,
  ],
  ['the job', one => change(jobPlace(store().db, one.acting, one.job.id), { name: 'Other' }), ALL],
  ['its practices', one => change(schoolsPlace(store().db, one.acting, one.job.id), { sill: 'pan' } as never), ALL],
  ['the firm', one => change(firmPlace(store().db, one.acting), { currency: 'CHF' }), ALL],
  ['the catalogue', one => addUnit(store().db, one.acting, unit({ id: uuidV7() })), ALL],
  [
    'that the order was withdrawn',
    ({ acting, order }) => withdrawOrder(store().db, acting, order.id, { at: AT, by: acting.name, reason: 'x' }),
    OWN,
  ],
  ['whose it is to see', one => changeRole(store().db, one.acting, one.acting.memberId, 'trainee'), ALL],
]

it.each(CHANGES)('what a page stands on changes with %s', async (what, act, pages) => {
  const one = await some(`Standing ${what}`)
  const first = await standingsOf(one, asking(one.acting))
  expect(first).not.toContain(null)
  await act(one)
  const second = await standingsOf(one, asking(one.acting))
  expect(PAGES.filter((_, i) => first[i] !== second[i])).toEqual(pages)
})

describe('what a page stands on', () => {
  it('is another for another member', async () => {
    const one = await some('Members')
    const other = { id: uuidV7(), name: 'Other', role: 'owner' as const }
    await store()
      .db.insert(member)
      .values({ ...other, companyId: one.acting.companyId })
    const [mine, theirs] = [
      await standingsOf(one, asking(one.acting)),
      await standingsOf(one, asking({ memberId: other.id })),
    ]
    expect([mine.includes(null), theirs.includes(null)]).toEqual([false, false])
    expect(PAGES.filter((_, i) => mine[i] === theirs[i])).toEqual([])
  })
  it.each<[string, (one: Some) => Headers | Promise<Headers>]>([
    ['a member of another company', async () => asking((await someCompany(store().db, 'Foreign')).acting)],
    [
      'who left',
      async ({ acting }) => {
        await letGo(store().db, acting, acting.memberId, AT)
        return asking(acting)
      },
    ],
    ['who comes by another name of this place', ({ acting }) => asking(acting, 'elsewhere.example')],
    ['who forged a cookie', () => new Headers({ host: '127.0.0.1', cookie: `${MEMBER_COOKIE}=${uuidV7()}.00` })],
  ])('is not known to %s', async (who, headers) => {
    const one = await some(`Nobody ${who}`)
    expect(await standingsOf(one, await headers(one))).toEqual(PAGES.map(() => null))
  })
  it.each(['/', '/jobs', '/plan', '/openings/x/measure', `/jobs/${uuidV7()}`, `/orders/${uuidV7()}`])(
    'is not known of %s',
    async path => expect(await pageStanding(path, asking((await some(`Other ${path}`)).acting))).toBeNull(),
  )
})
