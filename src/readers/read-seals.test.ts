import { MOST_OWN_SEALS, type OwnSeal, sealOf, sealsToChoose, sheetOf } from '@/core/seal-stock/own-seal'
import { ownSealsSchema } from '@/core/seal-stock/own-seal-record'
import { SEAL_COLUMNS, SEAL_MEMBER_NAMES } from '@/core/seal-stock/seal-members'
import { inches, mm, ZERO } from '@/core/units/length'
import { SEALS } from '@/trade/seals'
import { sealColumnName } from '@/words/columns'
import { writeSealsCsv } from '@/writers/write-seals-csv'
import { isRejected } from './read-list'
import { readSeal, readSeals } from './read-seals'

const CELLS = {
  article: 'F-1',
  name: 'Grey bulb',
  kind: 'bulb',
  edges: 'head; latch; hinge',
  closes: 'stop',
  'gap from': '1/16',
  'gap to': '5/16',
  against: 'draft; sound',
  'force n a metre': '9.5',
  'leakage m3/h a metre at 50 pa': '0.8',
  bar: '84',
  'price a metre': '9.80',
  years: '12',
  minutes: '20',
}
type Cells = { readonly [id: string]: string }
const csv = (...rows: readonly Cells[]) => {
  const heads = [...new Set(rows.flatMap(one => Object.keys(one)))]
  return [heads, ...rows.map(one => heads.map(head => `"${one[head] ?? ''}"`))].map(one => one.join(',')).join('\n')
}
const taken = (cells: Cells): OwnSeal => {
  const read = readSeal(cells, { unit: 'in' })
  if (isRejected(read)) throw new Error(`${read.column}: ${read.reason}`)
  return read
}

describe('a list of seals', () => {
  it('written and read again is the same list: every seal that ships, with every member', () => {
    const sheets = SEALS.map(sheetOf)
    const read = readSeals(writeSealsCsv(sheets))
    expect(read).toMatchObject({ lacking: [], rejected: [] })
    expect(read.taken).toHaveLength(SEALS.length)
    const withoutSource = (one: (typeof SEALS)[number]) => ({
      ...one,
      source: null,
      never: one.never.map(it => it.material),
    })
    expect(read.taken.map(sealOf).map(withoutSource)).toEqual(SEALS.map(withoutSource))
  })
  it('every member is a column with a name of its own, and some seal that ships says it', () => {
    expect(SEAL_COLUMNS.map(one => one.member)).toEqual(SEAL_MEMBER_NAMES)
    expect(new Set(SEAL_COLUMNS.map(one => sealColumnName(one.id))).size).toBe(SEAL_COLUMNS.length)
    const sheets = SEALS.map(sheetOf)
    for (const name of SEAL_MEMBER_NAMES) expect([name, sheets.some(one => one[name] !== null)]).toEqual([name, true])
  })
  it('takes the rows it can, and names row, column and reason of every other', () => {
    const read = readSeals(
      csv(CELLS, { ...CELLS, article: 'F-2', kind: 'rope' }, CELLS, { ...CELLS, article: 'F-3', 'gap to': 'wide' }),
    )
    expect(read.taken.map(one => one.article)).toEqual(['F-1'])
    expect(read.rejected).toMatchObject([
      { row: 3, column: 'kind' },
      { row: 4, column: 'article' },
      { row: 5, column: 'gap to' },
    ])
    expect(read.rejected[1]!.reason).toContain('there 2 times')
  })
  it('without a column that is needed says which, and takes one by another name', () => {
    const { 'gap to': most, ...without } = CELLS
    expect(readSeals(csv(without)).lacking).toEqual(['gap to'])
    expect(readSeals(csv({ ...without, 'largest gap': most })).taken).toHaveLength(1)
    expect(readSeals(csv({ ...without, widest: most }), { matching: { 'gap to': 'widest' } }).taken).toHaveLength(1)
  })
  it.each([
    { cell: 'article', text: 'A/1', says: 'no slash' },
    { cell: 'gap to', text: '1/32', says: 'below the smallest' },
    { cell: 'years', text: '0', says: 'no time at all' },
    { cell: 'years', text: '-3', says: 'not a number' },
    { cell: 'price a metre', text: '0', says: 'price of nothing' },
    { cell: 'price a metre', text: '', says: 'price of nothing' },
    { cell: 'price a metre', text: 'dear', says: 'not a price' },
    { cell: 'edges', text: 'roof', says: 'one of' },
    { cell: 'edges', text: ';', says: 'no edge' },
    { cell: 'edges', text: '', says: 'no edge' },
    { cell: 'against', text: 'ghosts', says: 'one of' },
    { cell: 'force n a metre', text: '9,5', says: 'not a number' },
    { cell: 'force n a metre', text: '9999', says: 'above 500' },
    { cell: 'bar', text: '0', says: 'above zero' },
    { cell: 'gap from', text: '-1', says: 'not negative' },
    { cell: 'holes', text: '5', says: 'together or not at all' },
    { cell: 'difficulty', text: '4', says: 'above 3' },
    { cell: 'name', text: '', says: 'needed' },
    { cell: 'minutes', text: '', says: 'needed' },
    { cell: 'needs kerf', text: 'perhaps', says: 'neither yes nor no' },
  ])('$cell “$text” is refused at its column: $says', ({ cell, text, says }) => {
    const read = readSeal({ ...CELLS, [cell]: text }, { unit: 'in' })
    expect(read).toMatchObject({ column: cell, reason: expect.stringContaining(says) })
  })
  it('bare numbers are what somebody says they are', () => {
    const cells = { ...CELLS, 'gap from': '2', 'gap to': '8', bar: '2135' }
    expect(readSeal(cells, { unit: 'mm' })).toMatchObject({ gapLeast: mm(2), gapMost: mm(8), stock: mm(2135) })
  })
  it('with holes that run off the bar is refused', () => {
    const holes = { 'first hole': '3', 'hole pitch': '12 1/2', holes: '9' }
    expect(readSeal({ ...CELLS, ...holes }, {})).toMatchObject({ column: 'hole pitch' })
    expect(sealOf(taken({ ...CELLS, ...holes, holes: '7' })).holes).toEqual({
      first: inches(3),
      pitch: inches(12, 1, 2),
      count: 7,
    })
  })
})

describe('a seal whose sheet is silent', () => {
  it('is taken on the safe side', () =>
    expect(sealOf(taken(CELLS))).toMatchObject({
      moves: ['swings'],
      listing: 'none',
      standsWeather: false,
      soundDb: null,
      needsKerf: false,
      span: 'stops',
      leastLeaf: ZERO,
      holes: null,
      overlength: ZERO,
    }))
  it.each([
    { kind: 'push-in', wants: { needsKerf: true, span: 'rebate' } },
    { kind: 'drop', wants: { leastLeaf: inches(1, 3, 4), isCutFromFreeEnd: true } },
    { kind: 'u-shoe', wants: { leastLeaf: inches(1, 3, 4), isCutFromFreeEnd: false } },
    { kind: 'threshold-cap', wants: { span: 'jambs' } },
    { kind: 'fin', wants: { span: 'leaf', needsKerf: false } },
  ])('$kind: as that kind usually is', ({ kind, wants }) =>
    expect(sealOf(taken({ ...CELLS, kind }))).toMatchObject(wants),
  )
})

describe('what is chosen among', () => {
  const own = taken(CELLS)
  const [first] = SEALS
  it('is what ships while the firm has none, its own before them, and alone where it says so', () => {
    expect(sealsToChoose(SEALS, { own: [], withShipped: true })).toBe(SEALS)
    expect(sealsToChoose(SEALS, { own: [own], withShipped: true })[0]).toEqual(sealOf(own))
    expect(sealsToChoose(SEALS, { own: [own], withShipped: true })).toHaveLength(SEALS.length + 1)
    expect(sealsToChoose(SEALS, { own: [own], withShipped: false })).toEqual([sealOf(own)])
  })
  it('is the firm’s where an article stands for one that ships', () => {
    const same = { ...own, article: first!.id }
    const all = sealsToChoose(SEALS, { own: [same], withShipped: true })
    expect(all.filter(one => one.id === first!.id)).toEqual([sealOf(same)])
  })
  it('holds no article twice, and no more than are kept', () => {
    expect(ownSealsSchema.safeParse({ own: [own, own], withShipped: true }).success).toBe(false)
    const many = (n: number) => Array.from({ length: n }, (_, i) => ({ ...own, article: `F-${i}` }))
    expect(ownSealsSchema.safeParse({ own: many(MOST_OWN_SEALS), withShipped: true }).success).toBe(true)
    expect(ownSealsSchema.safeParse({ own: many(MOST_OWN_SEALS + 1), withShipped: true }).success).toBe(false)
  })
})
