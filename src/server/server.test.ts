import { readFileSync } from 'node:fs'
import { FAMILIES } from '@/core/base/kinds'
import { isSlot } from '@/core/survey/slots'
import { reading } from '@/core/test/fixtures'
import { inches } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { readCatalogue } from '@/readers/read-catalogue'
import { writeReadingsCsv } from '@/writers/write-csv'
import { likenesses } from './demo-likeness'
import { scenarioSchema } from './demo-scenario'
import { download } from './download'
import { readSigned, signMember } from './sign'

const HEAD =
  'article,maker,name,width,height,leaf width,leaf height,jamb,hinges,swing,material,bore,label minutes,leaf bottom,sill depth,price,days,stock'
const ROW = 'A-1,Tern,Entry,37 1/2,81 3/4,36,80,4 9/16,both,in,timber,double,0,1 1/8,5 9/16,612.00,5,yes'
const withCell = (column: string, cell: string) => {
  const cells = ROW.split(',')
  cells[HEAD.split(',').indexOf(column)] = cell
  return cells.join(',')
}

describe('a catalogue', () => {
  it('that ships is read whole', () => {
    const { taken: units, rejected } = readCatalogue(readFileSync('demo/catalogue.csv', 'utf8'))
    expect(rejected).toEqual([])
    expect(units.length).toBeGreaterThanOrEqual(56)
    expect(new Set(units.map(one => one.id)).size).toBe(units.length)
  })
  it('gives sizes to the tick and prices to the cent', () => {
    const { taken: units } = readCatalogue(`${HEAD}\n${ROW}\n`)
    expect(units[0]).toMatchObject({ width: inches(37, 1, 2), priceCents: 61_200, stock: true })
  })
  it.each([
    ['width', '', 'Nothing was typed. Type a length such as 36 3/8 or 924 mm.'],
    ['width', '37 3/10', /a tape has no fractions of 10/],
    ['width', '0', '“0”: above zero.'],
    ['price', 'cheap', '“cheap” is not a price. Write it as 612.00.'],
    ['price', '-5', /is not a price/],
    ['hinges', 'middle', '“middle”: one of “both”, “left”, “right” is wanted.'],
    ['days', 'soon', '“soon” is not a whole number.'],
    ['days', '4000', '“4000” is above 400, the most there is.'],
    ['article', '', 'Nothing stands here; this is needed.'],
    ['article', 'A'.repeat(41), 'This is longer than the 40 letters that fit.'],
    ['maker', '', 'No maker is named. Say whose it is.'],
  ])('with %s “%s” lists the row and the column with a plain reason, and takes the rest', (column, cell, reason) => {
    const { taken: units, rejected } = readCatalogue(`${HEAD}\n${withCell(column, cell)}\n${ROW}\n`)
    expect(rejected).toEqual([{ row: 2, column, reason: expect.stringMatching(reason) }])
    expect(units).toHaveLength(1)
  })
  it('with an article twice takes the first', () =>
    expect(readCatalogue(`${HEAD}\n${ROW}\n${ROW}\n`)).toMatchObject({
      taken: [{ article: 'A-1' }],
      rejected: [{ row: 3, column: 'article' }],
    }))
})

describe('the demo’s readings', () => {
  const scenario = scenarioSchema.parse(likenesses(JSON.parse(readFileSync('demo/scenario.json', 'utf8'))))
  it('are lengths at known places', () => {
    const all = scenario.jobs.flatMap(job =>
      job.openings.flatMap(one => Object.entries(one.readings).map(row => [...row, job.unit] as const)),
    )
    expect(all.length).toBeGreaterThan(300)
    expect(all.filter(([slot, text, unit]) => !isSlot(slot) || !parseLength(text, { unit }).ok)).toEqual([])
  })
  it('cover every family, in four jobs and one that is done', () => {
    expect(scenario.jobs.map(one => one.archivedAt === null)).toEqual([true, true, true, true, false])
    const families = scenario.jobs.flatMap(job => job.openings.map(one => one.family))
    expect([...new Set(families)].sort()).toEqual([...FAMILIES].sort())
  })
})

describe('who a cookie names', () => {
  it('is believed with our signature', () => expect(readSigned(signMember('m-1', 'secret'), 'secret')).toBe('m-1'))
  it.each([
    ['m-1', 'secret'],
    ['m-1.0000', 'secret'],
    ['', 'secret'],
    [signMember('m-1', 'other'), 'secret'],
    [signMember('m-1', ''), ''],
  ])('%p is not', (signed, secret) => expect(readSigned(signed, secret)).toBeNull())
  it('can’t be changed under a signature', () =>
    expect(readSigned(signMember('m-1', 'secret').replace('m-1', 'm-2'), 'secret')).toBeNull())
})

describe('a download’s name', () => {
  const nameOf = (name: string) => download('x', 'text/plain', name).headers.get('content-disposition')
  it('is one that any disk takes', () =>
    expect(nameOf('Quay "7"/\r\nb.json')).toBe('attachment; filename="Quay-7-b.json"'))
  it('keeps its letters, and is told in plain ones to who reads no others', () => {
    const said = nameOf('Café Þór 7.csv')!
    expect(said).toContain(`filename*=UTF-8''${encodeURIComponent('Café-Þór-7.csv')}`)
    expect(said).toContain('filename="Cafe-')
    expect(nameOf('بيت.csv')).toContain(`filename*=UTF-8''${encodeURIComponent('بيت.csv')}`)
  })
  it('is for a window where it is shown', () =>
    expect(download('x', 'text/plain', 'a.pdf', true).headers.get('content-disposition')).toBe(
      'inline; filename="a.pdf"',
    ))
})

describe('readings as CSV', () => {
  it('keep what was typed, and no text becomes a formula', () => {
    const csv = writeReadingsCsv([reading('wall.left', '4 1/2', { note: '=1+1', takenBy: 'O"Hara, I.' })], '1/16')
    expect(csv.split('\n')[0]).toContain('slot,name,ticks,mm,shown,typed')
    expect(csv).toContain('4 1/2')
    expect(csv).toContain("'=1+1")
    expect(csv).toContain('"O""Hara, I."')
  })
})
