import { findingWords } from '@/words/findings'
import { done, entry, records, trade, unit } from '../test/fixtures'
import { signedChoice, signedRecord } from './signed-choice'

const at = (day: number) => Date.UTC(2026, 10, day)
const signed = (id: string, day: number, colour = '', reason = 'Soonest.') => [
  entry('choice', `offer/${id}`, 'signed', at(day), { text: reason, by: 'Wanda Selby' }),
  entry('choice', 'offer-name', 'signed', at(day), { text: 'TW-1 Entry', by: 'Wanda Selby' }),
  ...(colour ? [entry('choice', 'offer-colour', 'signed', at(day), { text: colour, by: 'Wanda Selby' })] : []),
]

describe('what a customer signed', () => {
  it('is the latest choice, with its own name, colour and reason', () => {
    const log = [...signed('u1', 3, 'slate', 'Later.'), ...signed('u2', 2, 'white')]
    expect(signedChoice(log)).toMatchObject({
      unit: 'u1',
      name: 'TW-1 Entry',
      colour: 'slate',
      reason: 'Later.',
      by: 'Wanda Selby',
    })
    expect(signedChoice(signed('u2', 5))).toMatchObject({ unit: 'u2', colour: '' })
    expect(signedChoice([entry('note', '', 'noted', 1)])).toBeNull()
  })
  it('of a record is who signed for it, and when', () => {
    expect(signedRecord([entry('choice', 'record', 'signed', at(4), { by: 'Wanda Selby' })])).toMatchObject({
      by: 'Wanda Selby',
    })
    expect(signedRecord(signed('u1', 3))).toBeNull()
  })
})

describe('an order against what was signed', () => {
  const own = records(undefined, { chosen: { unit: unit().id, reason: '' } })
  const found = (log: ReturnType<typeof signed>, waived = {}) =>
    done(
      { ...own, log, order: { ...own.order, details: { ...own.order.details, 'colour-outside': 'white' }, waived } },
      trade(),
    ).findings.order.filter(one => one.facts.of === 'signed-otherwise')
  it('stands still while another unit, or another colour, is chosen', () => {
    expect(found([])).toEqual([])
    expect(found(signed(unit().id, 3, 'white'))).toEqual([])
    expect(found(signed('another', 3))).toMatchObject([
      { code: 'order-correct-first', severity: 'correct', place: 'unit' },
    ])
    expect(found(signed('repair', 3))).toHaveLength(1)
    expect(found(signed(unit().id, 3, 'slate'))).toMatchObject([
      { place: 'detail.colour-outside', facts: { wanted: 'slate', made: 'white' } },
    ])
  })
  it('goes on only with a typed reason, which is said', () => {
    const [one] = found(signed('another', 3), { 'signed-otherwise unit': 'Changed by phone on Monday.' })
    expect(one).toMatchObject({ code: 'order-went-on', severity: 'watch' })
    expect(findingWords(one!, '1/16').why).toContain('Changed by phone on Monday.')
  })
  it('says in words who signed for what', () =>
    expect(findingWords(found(signed('another', 3))[0]!, '1/16').title).toBe(
      'Correct first: Not what Wanda Selby signed for',
    ))
})
