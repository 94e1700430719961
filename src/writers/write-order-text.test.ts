import { messageOf } from '@/core/exchange/message'
import type { Order } from '@/core/order/order'
import { lockUnit } from '@/core/test/family-units'
import { done, length, records, TRUE_OPENING, trade, unit } from '@/core/test/fixtures'
import { writeOrderText } from './write-order-text'

const line = done(
  records(TRUE_OPENING, {
    chosen: { unit: unit().id, reason: 'cheap' },
    questions: [{ question: 'Glass as in the photo?', answer: 'yes' }],
  }),
  trade(),
).line!
const textOf = (lines: Order['lines']) =>
  writeOrderText(
    messageOf(
      {
        id: '01900000-0000-7000-8000-0000000000f2',
        number: 'H-0007',
        revision: 2,
        supersedes: null,
        maker: 'Tern',
        releasedAt: '2026-01-05T08:00:00.000Z',
        releasedBy: 'Ida Marlow',
        withdrawn: null,
        lines,
      },
      { id: '01900000-0000-7000-8000-0000000000f1', name: 'Larkspur' },
    ),
    '1/16',
  )

describe('an order as text', () => {
  const rows = textOf([
    line,
    { ...line, unit: lockUnit(), hinges: null, swing: null, jambExtension: length('1') },
  ]).split('\n')
  it('begins with its number and revision, from whom and to whom', () =>
    expect(rows.slice(0, 2)).toEqual(['Order H-0007, revision 2', 'From Larkspur to Tern, 2026-01-05']))
  it('says the hand in words at the head of a line, and of a lock none', () => {
    const at = rows.findIndex(row => row.startsWith('Line 1,'))
    expect(rows[at]).toBe('Line 1, for A1: 1 × T-1 Entry')
    expect(rows[at + 1]).toBe('Hinges on the LEFT, seen from outside. Swings IN (into the building).')
    expect(rows[rows.findIndex(row => row.startsWith('Line 2,')) + 1]).not.toContain('Hinges on')
  })
  it.each([
    'Width: 37 1/2 in (952.5 mm)',
    'Height: 81 3/4 in (≈ 2076.5 mm)',
    'Jamb: 4 9/16 in (≈ 115.9 mm)',
    'Jamb extension: 1 in (25.4 mm)',
    'Lock bore: double',
    'Kind of door: Hinged outside unit',
    'Hand’s convention: From outside',
    'Tolerance: 1/16 in (≈ 1.5 mm)',
    'Rough opening width: 38 in (965.2 mm)',
    'Agreed with the maker: Glass as in the photo? yes',
    'Plugs: 3',
  ])('has “%s”', row => expect(rows).toContain(row))
  it('has nothing of what it costs on site, and no member without a name', () => {
    expect(rows.join('\n')).not.toMatch(/work|disposal|cheap|undefined|“/i)
    expect(rows.filter(row => row.startsWith('Not included: '))).toHaveLength(2)
  })
})
