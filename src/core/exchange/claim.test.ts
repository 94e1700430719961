import { judgeReceipt } from '../order/judge-receipt'
import type { Receipt } from '../order/receipt'
import { done, LENGTHS, length, receipt, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { claimOf, isClaimOpen, readClaimAnswer, trackClaims } from './claim'

const line = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade()).line!
const ORDER = { id: '01900000-0000-7000-8000-0000000000dd', number: 'H-1', revision: 1 }
const of = (n: number, more: Partial<Receipt> = {}): Receipt => ({
  ...receipt(ORDER.id, more),
  id: `01900000-0000-7000-8000-00000000000${n}`,
  at: `2026-01-1${n}T07:00:00.000Z`,
})
const claim = (one: Receipt) => claimOf(one, line, judgeReceipt(line, one, LENGTHS), 'us', ORDER)

describe('a claim', () => {
  it('says what was found with its figures, what is missing, and nothing that was only not read', () => {
    const damage = [{ what: 'dent' as const, where: 'leaf' }]
    const made = claim(of(1, { readings: { 'width.top': length('38') }, damage, counts: { 'long-screws': 1 } }))!
    expect(made).toMatchObject({ claim: of(1).id, line: 1, tag: line.opening.tag, state: 'hold', order: ORDER })
    expect(made.found).toEqual([
      {
        what: 'size',
        place: 'width.top',
        facts: { ordered: length('37 1/2'), found: length('38'), limit: LENGTHS['receipt-accepts'].value },
      },
      { what: 'damage', place: 'unit', facts: damage[0] },
    ])
    expect(made.missing).toEqual([{ part: 'long-screws', ordered: line.spares['long-screws'], came: 1 }])
  })
  it('is not made of a unit that was only not looked at to the end', () => {
    expect(claim(of(1))).toBeNull()
    expect(claim(of(1, { note: 'box torn' }))).toMatchObject({ found: [], note: 'box torn' })
  })
  it('is not made of a unit that was accepted', () => expect(claim(of(1, { state: 'accepted' }))).toBeNull())
  it.each([
    ['accepted-parts-owed', 'parts-owed'],
    ['refused', 'refused'],
  ] as const)('of one that is %s is %s', (state, as) =>
    expect(claim(of(1, { state, note: 'see photo' }))!.state).toBe(as),
  )
})

describe('an answer to a claim', () => {
  const ANSWER = { format: 'harvek-claim-answer', company: 'us', order: ORDER.id, claim: of(1).id, remedy: 'replace' }
  const read = (change: object) => readClaimAnswer(JSON.stringify({ ...ANSWER, ...change }), 'us', ORDER.id)
  it('may leave out what it says beside, and by when', () =>
    expect(read({})).toMatchObject({ remedy: 'replace', message: '', by: null }))
  it.each([{ company: 'them' }, { order: 'other' }, { remedy: 'maybe' }, { by: 'soon' }, { format: 'harvek-order' }])(
    'with %j is none',
    change => expect(read(change)).toBeNull(),
  )
  it('that is no JSON is none', () => expect(readClaimAnswer('{', 'us', ORDER.id)).toBeNull())
})

describe('a claim is tracked to its end', () => {
  const carried = (sentAt: string | null, state: 'waiting' | 'sent' = 'sent') => ({
    id: of(1).id,
    state,
    sentAt,
    trouble: '',
  })
  const answer = {
    format: 'harvek-claim-answer' as const,
    company: 'us',
    order: ORDER.id,
    claim: of(1).id,
    remedy: 'replace' as const,
    message: 'sorry',
    by: '2026-02-01',
  }
  const track = (...given: Parameters<typeof trackClaims>) =>
    trackClaims(...given).map(one => [one.line, one.standing, isClaimOpen(one)])
  it('from not sent over waiting, sent and answered to settled', () => {
    const held = [of(1)]
    expect(track(held, [], [])).toEqual([[1, 'not-sent', true]])
    expect(track(held, [carried(null, 'waiting')], [])).toEqual([[1, 'waiting', true]])
    expect(track(held, [carried('2026-01-12T08:00:00.000Z')], [])).toEqual([[1, 'sent', true]])
    expect(track(held, [carried('2026-01-12T08:00:00.000Z')], [answer])).toEqual([[1, 'answered', true]])
    const accepted = [...held, of(2, { state: 'accepted' })]
    expect(track(accepted, [carried('2026-01-12T08:00:00.000Z')], [answer])).toEqual([[1, 'settled', false]])
  })
  it('for its own line, and is none where it was never sent and is made good', () => {
    const both = [of(1), of(2, { line: 2, state: 'refused' })]
    expect(track(both, [], [])).toEqual([
      [1, 'not-sent', true],
      [2, 'not-sent', true],
    ])
    expect(track([of(1), of(2, { state: 'accepted' })], [], [])).toEqual([])
  })
})
