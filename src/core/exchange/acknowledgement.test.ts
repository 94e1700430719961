import { z } from 'zod'
import { differencesOf } from '../base/differences'
import { memberOf, UNIT_MEMBER_NAMES } from '../catalogue/unit-members'
import type { Order } from '../order/order'
import { DETAILS } from '../specification/wish-values'
import { frameUnit, lockUnit } from '../test/family-units'
import { done, length, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { mm } from '../units/length'
import { readAcknowledgement, standingOf } from './acknowledgement'
import { type MessageLine, messageLineSchema, messageOf, messageSchema, type OrderMessage } from './message'
import { objectionTo } from './objection'

const COMPANY = { id: '01900000-0000-7000-8000-0000000000f1', name: 'Larkspur' }
const { line } = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade())
const ORDER: Order = {
  id: '01900000-0000-7000-8000-0000000000f2',
  number: 'H-0001',
  revision: 1,
  supersedes: null,
  maker: 'Test',
  releasedAt: '2026-01-02T00:00:00.000Z',
  releasedBy: 'Ida Marlow',
  withdrawn: null,
  lines: [line!],
}

/** Something for every member a sheet can have. */
const SAMPLES = {
  text: 'x',
  length: mm(12),
  lengths: [mm(12), mm(30)],
  count: 2,
  number: 1.5,
  kg: 12.5,
  cents: 100,
  yes: true,
  words: ['lock'],
}
const EVERY_MEMBER = Object.fromEntries(
  UNIT_MEMBER_NAMES.filter(name => memberOf(name).ordered).map(name => {
    const { of, choices } = memberOf(name)
    return [name, of === 'words' ? choices : (choices?.[0] ?? SAMPLES[of])]
  }),
)

/** A message whose line has something in every member, so that each can be misread. */
const FULL: OrderMessage = (() => {
  const sent = messageOf(ORDER, COMPANY)
  return {
    ...sent,
    lines: [
      {
        ...EVERY_MEMBER,
        ...sent.lines[0]!,
        activeLeaf: 'left',
        panels: 'OX',
        jambExtension: mm(12),
        frameForm: frameUnit().frameForm,
        throat: frameUnit().throat,
        lockBackset: lockUnit().lockBackset,
        lockFunction: 'privacy',
        cut: {
          pack: mm(12),
          rail: mm(2000),
          headGap: length('3/16'),
          bottomGap: length('1/8'),
          closer: 'foot',
          closerPin: length('3/4'),
        },
        agreed: [{ question: 'Glass as in the photo?', answer: 'yes' }],
        lacks: ['lock', 'closer'],
        details: Object.fromEntries(DETAILS.map(name => [name, 'as the sheet'])),
        spares: { 'long-screws': 3, plugs: 3, 'hinge-cards': 6, 'corner-pads': 2 },
      },
    ],
  }
})()

const reply = (more: Record<string, unknown> = {}) => ({
  format: 'harvek-acknowledgement',
  version: 1,
  company: COMPANY.id,
  order: ORDER.id,
  state: 'accepted',
  message: 'Thank you.',
  lines: JSON.parse(JSON.stringify(FULL.lines)) as unknown[],
  ...more,
})
const read = (value: unknown) => readAcknowledgement(typeof value === 'string' ? value : JSON.stringify(value), FULL)
const differencesIn = (value: unknown) => {
  const answer = read(value)
  if (!answer.ok) throw new Error(answer.code)
  return answer.value.lines.flatMap(one => one.differences)
}

type Schema = {
  readonly type?: string
  readonly enum?: readonly unknown[]
  readonly anyOf?: readonly Schema[]
  readonly properties?: Readonly<Record<string, Schema>>
  readonly propertyNames?: { readonly enum?: readonly string[] }
  readonly additionalProperties?: Schema | boolean
  readonly items?: Schema
}

/** Every member of a line by its path, as the published schema has them, with what it may be. */
function membersOf(schema: Schema, path = ''): readonly (readonly [path: string, schema: Schema])[] {
  const own = schema.anyOf?.find(one => one.type !== 'null') ?? schema
  const at = (name: string) => (path ? `${path}.${name}` : name)
  const named = Object.entries(own.properties ?? {})
  const open = (own.propertyNames?.enum ?? []).map(name => [name, own.additionalProperties as Schema] as const)
  const inside = [...named, ...open].flatMap(([name, member]) => membersOf(member, at(name)))
  const listed = own.items?.properties ? membersOf(own.items, `${path}[0]`).slice(1) : []
  return path ? [[path, own], ...inside, ...listed] : inside
}
const SCHEMA = z.toJSONSchema(messageLineSchema, { io: 'input' }) as Schema
const MEMBERS = membersOf(SCHEMA)
  .map(([path]) => path)
  .filter(path => path !== 'line')
/** Those that hold one value or several plain ones: a list of members is compared one by one. */
const VALUES = MEMBERS.filter(path => !MEMBERS.some(one => one.startsWith(`${path}[`)))
/** Those that hold members; '' is the line itself. */
const HOLDERS = [...new Set(MEMBERS.map(path => path.split('.').slice(0, -1).join('.')))]

const partsOf = (path: string) => path.split(/[.[\]]+/).filter(Boolean)
type Members = Record<string, unknown>
/** The line with one member set, or left out. */
function withMember(path: string, change: (value: unknown) => unknown): Members {
  const copy = JSON.parse(JSON.stringify(FULL.lines[0])) as Members
  const names = partsOf(path)
  let at = copy
  for (const name of names.slice(0, -1)) at = at[name] as Members
  const last = names.at(-1)!
  const next = change(at[last])
  if (next === undefined) delete at[last]
  else at[last] = next
  return copy
}

/** Another value of the same kind. */
function otherThan(value: unknown): unknown {
  if (typeof value === 'number') return value + 1
  if (typeof value === 'string') return `${value} or so`
  if (typeof value === 'boolean') return !value
  if (Array.isArray(value)) return value.slice(1)
  return 'something else'
}

describe('an acknowledgement that says the same', () => {
  it('agrees, whatever order its members stand in', () => {
    const turned = Object.fromEntries(Object.entries(FULL.lines[0]!).reverse())
    expect(differencesIn(reply({ lines: [turned] }))).toEqual([])
    const answer = read(reply())
    expect(answer.ok && standingOf(answer.value, [])).toBe('agrees')
  })
  it('names every member as read as it was sent', () => {
    const answer = read(reply())
    expect(answer.ok && [...answer.value.lines[0]!.same].sort()).toEqual(Object.keys(FULL.lines[0]!).sort())
  })
})

describe('every member of a line by the schema', () => {
  it('is there to be misread', () => {
    expect(messageSchema.safeParse(FULL).success).toBe(true)
    expect(MEMBERS.length).toBeGreaterThan(55)
    for (const path of MEMBERS)
      expect([path, partsOf(path).reduce<unknown>((at, name) => (at as Members)?.[name], FULL.lines[0])]).not.toEqual([
        path,
        undefined,
      ])
  })
  it.each(VALUES)('%s read otherwise is shown first, and nothing else', path => {
    const [first, ...others] = differencesIn(reply({ lines: [withMember(path, otherThan)] }))
    expect(others).toEqual([])
    expect(first).toMatchObject({ path, kind: 'changed' })
  })
  it.each(MEMBERS)('%s left out is shown first, and nothing else', path => {
    const [first, ...others] = differencesIn(reply({ lines: [withMember(path, () => undefined)] }))
    expect(others).toEqual([])
    expect(first).toMatchObject({ path, kind: 'missing' })
  })
  it.each(HOLDERS)('something added in “%s” is shown first, and nothing else', path => {
    const added = path
      ? withMember(path, value => ({ ...(value as Members), surcharge: 50 }))
      : { ...FULL.lines[0], surcharge: 50 }
    const [first, ...others] = differencesIn(reply({ lines: [added] }))
    expect(others).toEqual([])
    expect(first).toMatchObject({ path: path ? `${path}.surcharge` : 'surcharge', kind: 'added', second: 50 })
  })
})

describe('several differences', () => {
  it('stand the hand first, then sizes, then the rest', () => {
    const line: Members = { ...FULL.lines[0], leadDays: 99, width: 1, hinges: 'right', name: 'Other' }
    expect(differencesIn(reply({ lines: [line] })).map(one => one.path)).toEqual([
      'hinges',
      'width',
      'name',
      'leadDays',
    ])
  })
  it('a line that is not there at all is one', () => {
    const two = { ...FULL, lines: [FULL.lines[0]!, { ...FULL.lines[0]!, line: 2 }] }
    const answer = readAcknowledgement(JSON.stringify(reply()), two)
    expect(answer.ok && answer.value.lines[1]!.differences).toEqual([
      { path: 'line', kind: 'missing', first: 2, second: undefined },
    ])
  })
})

describe('what is no acknowledgement of this order', () => {
  it.each([
    ['not JSON', '{"format":', 'not-json'],
    ['empty', '', 'not-json'],
    ['a list', [], 'not-acknowledgement'],
    ['null', 'null', 'not-acknowledgement'],
    ['another format', reply({ format: 'harvek-order' }), 'not-acknowledgement'],
    ['without lines', reply({ lines: null }), 'not-acknowledgement'],
    ['of an unknown state', reply({ state: 'perhaps' }), 'not-acknowledgement'],
    ['for another company', reply({ company: ORDER.id }), 'other-company'],
    ['for another order', reply({ order: COMPANY.id }), 'other-order'],
    ['with an unknown line', reply({ lines: [{ ...FULL.lines[0], line: 7 }] }), 'unknown-line'],
    ['with a line that has no number', reply({ lines: ['x'] }), 'unknown-line'],
    ['with one line twice', reply({ lines: [FULL.lines[0], FULL.lines[0]] }), 'line-twice'],
  ])('%s is not understood', (_, value, code) => expect(read(value)).toMatchObject({ ok: false, code }))
  it('a query and a refusal are understood, and compare nothing', () => {
    for (const state of ['query', 'refused'] as const) {
      const answer = read(reply({ state, lines: [] }))
      expect(answer).toMatchObject({ ok: true, value: { state, lines: [] } })
      expect(answer.ok && standingOf(answer.value, [])).toBe(state)
    }
  })
})

describe('deciding', () => {
  const answer = read(reply({ lines: [{ ...FULL.lines[0], hinges: 'right', jamb: 1 }] }))
  if (!answer.ok) throw new Error('not read')
  const decided = (hinges: 'accepted' | 'objected', jamb?: 'accepted' | 'objected') => [
    { line: 1, path: 'hinges', verdict: hinges },
    ...(jamb ? [{ line: 1, path: 'jamb', verdict: jamb }] : []),
  ]
  it.each([
    ['nothing', [], 'open'],
    ['one of two', decided('accepted'), 'open'],
    ['both accepted', decided('accepted', 'accepted'), 'accepted'],
    ['one objected to', decided('objected', 'accepted'), 'objected'],
    ['one objected to, the other open', decided('objected'), 'objected'],
    ['objected to, then accepted', [...decided('objected', 'accepted'), ...decided('accepted')], 'accepted'],
  ])('%s: %s', (_, decisions, standing) => expect(standingOf(answer.value, decisions)).toBe(standing))
  it('an objection says what was ordered and what was read, of what was objected to only', () => {
    const { id, number, revision } = ORDER
    const objection = objectionTo(answer.value, decided('objected', 'accepted'), COMPANY.id, { id, number, revision })
    expect(objection!.lines).toEqual([{ line: 1, tag: 'A1', path: 'hinges', ordered: 'left', read: 'right' }])
    expect(objectionTo(answer.value, decided('accepted', 'accepted'), COMPANY.id, { id, number, revision })).toBeNull()
  })
})

describe('differences', () => {
  it.each([
    [1, 1, []],
    [{ a: 1 }, { a: 1 }, []],
    [{ a: [1, 2] }, { a: [2, 1] }, ['a']],
    [{ a: null }, { a: {} }, ['a']],
    [{ a: { b: 1, c: 2 } }, { a: { c: 3, d: 4 } }, ['a.b', 'a.c', 'a.d']],
    [{ a: [{ b: 1 }, { b: 2 }] }, { a: [{ b: 1 }] }, ['a[1]']],
    [{ a: [{ b: 1 }] }, { a: [{ b: 2 }] }, ['a[0].b']],
    [{ a: [{ b: 1 }] }, { a: 'x' }, ['a']],
    [{ a: [] }, { a: [] }, []],
  ])('of %j and %j are %j', (first, second, paths) =>
    expect(differencesOf(first, second).map(one => one.path)).toEqual(paths),
  )
})

it('a message holds nothing of what a unit costs here', () => {
  const text = JSON.stringify(messageOf(ORDER, COMPANY))
  for (const inner of ['materialCents', 'workCents', 'disposal', 'reason', 'measuredBy'])
    expect(text).not.toContain(inner)
  expect(messageSchema.parse(JSON.parse(text))).toEqual(messageOf(ORDER, COMPANY))
  expect((JSON.parse(text).lines as MessageLine[])[0]).toMatchObject({ hinges: 'left', swing: 'in', tag: 'A1' })
})
