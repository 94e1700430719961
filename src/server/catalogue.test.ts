import { requestFrom } from '@/core/ask-work'
import { hasPart, UNIT_KINDS, type UnitKind } from '@/core/base/kinds'
import { COLUMNS, columnsFor, matchColumns } from '@/core/catalogue/columns'
import { indexCatalogue } from '@/core/catalogue/rank-catalogue'
import { isUnitMember } from '@/core/catalogue/unit-members'
import { standsOn } from '@/core/catalogue/unit-parts'
import { DETAILS } from '@/core/specification/wish-values'
import { records, trade, unit } from '@/core/test/fixtures'
import { inches, mm } from '@/core/units/length'
import { readCatalogue, readUnit } from '@/readers/read-catalogue'
import { shortList } from './catalogue'
import { searchCatalogue, UNITS_SHOWN, WHOLE_CATALOGUE } from './search-catalogue'

const HEAD = 'article,maker,name,kind,width,height,material,price,days'
const ROW = 'A-1,Tern,Entry,hinged-outside,37 1/2,81 3/4,timber,612.00,5'
const read = (head: string, ...rows: string[]) => readCatalogue([head, ...rows].join('\n'))

describe('columns', () => {
  it('are found by the names makers use, whatever their case and signs', () => {
    const matching = matchColumns([
      'ITEM NO.',
      'Item number',
      'Description',
      'FRAME_WIDTH',
      'H',
      'Made of',
      'Net price',
      'Lead time',
    ])
    expect(matching).toMatchObject({
      article: 'Item number',
      name: 'Description',
      width: 'FRAME_WIDTH',
      height: 'H',
      price: 'Net price',
      days: 'Lead time',
      maker: null,
    })
  })
  it('stand for one thing each: what has its own name goes first', () =>
    expect(matchColumns(['width', 'W'])).toMatchObject({ width: 'width' }))
  it('that are needed and not there are named, and nothing is read', () =>
    expect(read('article,name,width,height,material,days', 'A,B,1,2,timber,3')).toMatchObject({
      lacking: ['price'],
      taken: [],
      rejected: [],
    }))
  it('are matched by hand where somebody did', () => {
    const csv = `${HEAD.replace('price', 'p')}\n${ROW}`
    expect(readCatalogue(csv).lacking).toEqual(['price'])
    expect(readCatalogue(csv, { matching: { price: 'p' } }).taken).toHaveLength(1)
  })
})

describe('rows', () => {
  it.each([
    ['a size is missing', ROW.replace('37 1/2', ''), 'width'],
    ['a text stands in a price', ROW.replace('612.00', 'on request'), 'price'],
    ['a material is unknown', ROW.replace('timber', 'marzipan'), 'material'],
    ['days are no number', ROW.replace(',5', ',soon'), 'days'],
    ['a kind is unknown', ROW.replace('hinged-outside', 'catflap'), 'kind'],
    ['no maker is named', ROW.replace('Tern', ''), 'maker'],
    ['there are more cells than heads', `${ROW},x,y`, '(whole row)'],
  ])('where %s are left out with row and column, the rest is taken', (_, row, column) => {
    const { taken: units, rejected } = read(HEAD, row, ROW.replace('A-1', 'A-2'))
    expect(rejected).toEqual([{ row: 2, column, reason: expect.stringMatching(/.{8,}/) }])
    expect(units.map(one => one.article)).toEqual(['A-2'])
  })
  it('of one article twice: the first is taken, the second named', () =>
    expect(read(HEAD, ROW, ROW, ROW.replace('Tern', 'Holm'))).toMatchObject({
      taken: [{ maker: 'Tern' }, { maker: 'Holm' }],
      rejected: [{ row: 3, column: 'article', reason: '“A-1” is there 2 times; the first is taken.' }],
    }))
  it('of a storm door with its range upside down name the column that is wrong', () => {
    const head = `${HEAD},storm kind,width least,width most,height least,height most,hanging,rail deduction,head gap,bottom gap,handle at,handle half,handle proud,closer pin,closer place,face least,proud least`
    const row = (most: string) =>
      `S-1,Holm,Storm,storm,36,80,aluminium,328,4,storm,35 3/4,${most},80,81,cut-rail,1/4,1/8,1/8,45,3,1,3/4,foot,1,1`
    expect(read(head, row('36 1/4')).taken).toMatchObject([
      { kind: 'storm', widthMost: inches(36, 1, 4), keyInside: null },
    ])
    expect(read(head, row('35 1/2')).rejected).toMatchObject([{ row: 2, column: 'width most' }])
    expect(read(HEAD, ROW.replace('hinged-outside', 'storm')).rejected).toMatchObject([{ row: 2 }])
  })
  it('in millimetres, of one maker the file does not name', () => {
    const { taken: units } = readCatalogue(
      `article,name,width,height,material,price,days\nA,Entry,952.5,2076.5,steel,600,3`,
      {
        maker: 'Tern',
        unit: 'mm',
      },
    )
    expect(units).toMatchObject([{ maker: 'Tern', width: mm(952.5), leafWidth: null, stock: null }])
  })
  it('a mark at the start of the file and empty lines do no harm', () =>
    expect(readCatalogue(`\uFEFF${HEAD}\n\n${ROW}\n,,,,,,,,\n`)).toMatchObject({
      taken: [{ article: 'A-1' }],
      rejected: [],
    }))
})

const many = Array.from({ length: 1000 }, (_, i) =>
  unit({
    id: `01900000-0000-7000-8000-${String(i).padStart(12, '0')}`,
    article: `N-${String(i).padStart(4, '0')}`,
    maker: i % 2 ? 'Holm' : 'Tern',
    name: i % 10 ? 'Plain' : 'Panelled oak',
    width: inches(30 + (i % 12)),
    priceCents: 100_000 - i,
    stock: i % 4 === 0,
  }),
)
const catalogue = indexCatalogue(many)

describe('searching', () => {
  const found = (more: Partial<typeof WHOLE_CATALOGUE>) => searchCatalogue(catalogue, { ...WHOLE_CATALOGUE, ...more })
  it('shows a hundred, and says how many there are', () =>
    expect([found({}).units.length, found({}).count, found({ from: 950 }).units.length]).toEqual([
      UNITS_SHOWN,
      1000,
      50,
    ]))
  it('wants every word, in article, maker or name', () => {
    expect(found({ words: 'tern  OAK' }).count).toBe(100)
    expect(found({ words: 'holm oak' }).count).toBe(0)
    expect(found({ words: 'n-0999' }).units[0]!.article).toBe('N-0999')
  })
  it('narrows to a kind and to stock', () =>
    expect([found({ kind: 'storm' }).count, found({ onlyStock: true }).count]).toEqual([0, 250]))
  it.each([
    ['price', false, 'N-0999'],
    ['price', true, 'N-0000'],
    ['article', true, 'N-0999'],
    ['maker', false, 'N-0001'],
    ['width', true, 'N-0011'],
  ] as const)('sorts by %s, downwards %s', (sort, isDescending, first) =>
    expect(found({ sort, isDescending }).units[0]!.article).toBe(first),
  )
})

describe('what of a large catalogue a page gets', () => {
  const own = records()
  const request = requestFrom(own, trade([]))!
  it('the best that go in, some that don’t, and what was chosen', () => {
    const { units, catalogue: counted } = shortList(catalogue, ['hinged-outside'], request, many[995]!.id)
    expect(counted.count).toBe(1000)
    expect(counted.possible).toBeGreaterThan(60)
    expect(units).toHaveLength(101)
    expect(units.at(-1)!.id).toBe(many[995]!.id)
    const totals = units.slice(0, 60).map(one => one.priceCents)
    expect(Math.min(...totals)).toBeLessThan(Math.max(...totals))
  })
  it('all of a small one', () => {
    const small = indexCatalogue(many.slice(0, 20))
    expect(shortList(small, ['hinged-outside'], request, null).units).toHaveLength(20)
    expect(shortList(small, ['slider'], request, null)).toEqual({ units: [], catalogue: { count: 0, possible: 0 } })
  })
  it('nothing is judged while nothing was read', () => {
    expect(requestFrom(records({}), trade([]))).toBeNull()
    expect(shortList(catalogue, ['hinged-outside'], null, null).catalogue.possible).toBe(0)
  })
})

describe('a unit entered by hand', () => {
  /** What somebody could type into every cell of a kind. */
  const cellsOf = (kind: UnitKind) =>
    Object.fromEntries([
      ['kind', kind],
      ...columnsFor(kind, DETAILS).map(({ id, of, choices }) => {
        const typed = {
          text: 'x',
          words: 'lock',
          length: '2',
          lengths: '7; 37',
          cents: '612.00',
          count: '5',
          number: '1.5',
          kg: '12.5',
          yes: 'yes',
        }
        return [id, choices?.[0] ?? typed[of]]
      }),
    ])
  it.each(UNIT_KINDS)('%s: what it asks for is enough, and is kept', kind => {
    const read = readUnit(cellsOf(kind), { unit: 'in' })
    expect(read).toMatchObject({ kind, article: 'x', maker: 'x', priceCents: 61_200, width: inches(2), massKg: 12.5 })
    if (hasPart(kind, 'locking')) expect(read).toMatchObject({ lockBackset: inches(2) })
  })
  it.each(UNIT_KINDS)('%s: asks for no column of another kind’s sheet', kind => {
    const members = columnsFor(kind, []).map(one => one.member)
    expect(members.filter(isUnitMember)).toEqual(members)
    expect(members.filter(isUnitMember).filter(one => !standsOn(one, kind))).toEqual([])
  })
  it('in millimetres is millimetres; what is wrong is named', () => {
    const cells = cellsOf('interior')
    expect(readUnit({ ...cells, width: '762' }, { unit: 'mm' })).toMatchObject({ width: mm(762) })
    expect(readUnit({ ...cells, width: 'wide' }, { unit: 'mm' })).toMatchObject({ column: 'width' })
    expect(readUnit({ ...cells, width: '' }, { unit: 'mm' })).toMatchObject({ column: 'width' })
    const { 'width least': _, ...storm } = cellsOf('storm')
    expect(readUnit(storm, { unit: 'in' })).toMatchObject({
      column: 'width least',
      reason: 'Nothing stands here; this is needed.',
    })
    expect(readUnit({ ...cells, maker: '' }, { unit: 'mm' })).toMatchObject({ column: 'maker' })
  })
  it('every column of few words takes each of them', () => {
    for (const { id, choices, of } of COLUMNS.filter(one => one.choices !== null)) {
      const kind = UNIT_KINDS.find(one => columnsFor(one, DETAILS).some(column => column.id === id))!
      for (const choice of choices!)
        expect([id, choice, of, readUnit({ ...cellsOf(kind), [id]: choice }, { unit: 'in' })]).toMatchObject([
          id,
          choice,
          of,
          { id: expect.any(String) },
        ])
    }
  })
})
