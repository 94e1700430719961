import Papa from 'papaparse'
import { FIGURE_WORDS, figureOfWords } from '@/words/figures-of-all'
import { writeFigureCsv } from '@/writers/write-figure-csv'
import { FIGURE_IDS, type Figured, figureRows, type OpeningFigures, ownMinutes, supplierRows } from './figures'

const NONE: OpeningFigures = {
  handedOverOn: null,
  maker: '',
  article: '',
  calls: [],
  readings: 0,
  again: 0,
  caught: 0,
  missed: 0,
  moves: null,
  steps: [],
  draft: null,
}
const opening = (tag: string, figures: Partial<OpeningFigures>): Figured => ({
  id: tag,
  tag,
  name: `Door ${tag}`,
  job: 'Quay',
  figures: { ...NONE, ...figures },
})
const step = (taken: number, id = 'tip-in') => ({ id, planned: 15, taken })
const ALL: readonly Figured[] = [
  opening('A', {
    handedOverOn: '2026-01-01',
    maker: 'Tern',
    article: 'T-1',
    calls: [
      { symptom: 'rubs-head', cause: 'strike-off', on: '2026-02-01' },
      { symptom: 'sags', cause: null, on: '2026-03-01' },
    ],
    readings: 20,
    again: 2,
    moves: { made: 4, least: 2 },
    steps: [step(20), step(9, 'foam')],
    draft: { before50: 100, after50: 10.5, kwhBefore: 400, kwhAfter: 40 },
  }),
  opening('B', {
    handedOverOn: '2026-02-01',
    maker: 'Tern',
    article: 'T-1',
    calls: [{ symptom: 'rattles', cause: 'strike-off', on: '2026-04-01' }],
    caught: 1,
    readings: 11,
    steps: [step(10)],
  }),
  opening('C', { maker: '=1+1', article: 'X', missed: 1, handedOverOn: '2026-02-01' }),
]
const rows = (id: (typeof FIGURE_IDS)[number]) =>
  figureRows(id, ALL).map(one => [one.of, one.values, one.openings.map(it => it.tag)])

describe('figures over all jobs', () => {
  it('count call-backs by cause, those not found yet by what was said, each with the openings behind it', () =>
    expect(rows('calls-by-cause')).toEqual([
      ['strike-off', [2], ['A', 'B']],
      ['open/sags', [1], ['A']],
    ]))
  it('count them by article, against how many of it were handed over', () =>
    expect(rows('calls-by-article')).toEqual([['Tern T-1', [3, 2], ['A', 'B']]]))
  it('have what was read again, what was wrong, moves, minutes and draft', () => {
    expect(rows('again')).toEqual([['A Door A', [2, 20], ['A']]])
    expect(rows('order-errors')).toEqual([
      ['Tern', [1, 0], ['B']],
      ['=1+1', [0, 1], ['C']],
    ])
    expect(rows('moves')).toEqual([['A Door A', [4, 2], ['A']]])
    expect(rows('hours')).toEqual([
      ['tip-in', [30, 30, 2], ['A', 'B']],
      ['foam', [9, 15, 1], ['A']],
    ])
    expect(rows('draft')).toEqual([['A Door A', [89.5, 100, 10.5, 360], ['A']]])
  })
  it.each(FIGURE_IDS)('%s: is nothing where nothing happened, and has words for that', id => {
    expect(figureRows(id, [opening('Z', {})])).toEqual([])
    expect(FIGURE_WORDS[id].none).toBeTruthy()
  })
  it.each(FIGURE_IDS)('%s: every line has a value for each of its names', id => {
    for (const row of figureRows(id, ALL)) {
      expect(row.values).toHaveLength(FIGURE_WORDS[id].columns.length)
      expect(figureOfWords(id, row.of)).not.toMatch(/undefined|open\//)
      expect(row.openings.length).toBeGreaterThan(0)
    }
  })
  it.each(FIGURE_IDS)('%s: goes out as CSV that reads back, and no cell of it is a formula', id => {
    const { data, errors } = Papa.parse<Record<string, string>>(writeFigureCsv(id, ALL), {
      header: true,
      skipEmptyLines: true,
    })
    expect(errors).toEqual([])
    expect(data).toHaveLength(figureRows(id, ALL).length)
    for (const row of data) for (const cell of Object.values(row)) expect(cell).not.toMatch(/^=/)
  })
  it('say how long a step takes here, once it was timed often enough', () => {
    expect([ownMinutes('tip-in', ALL, 2), ownMinutes('tip-in', ALL, 3), ownMinutes('foam', ALL, 1)]).toEqual([
      15,
      null,
      9,
    ])
  })
})

describe('how makers keep to what they list', () => {
  const line = (
    maker: string,
    listDays: number,
    cameAfterDays: number | null,
    listCents = 1000,
    saidCents: number | null = 1000,
  ) => ({
    maker,
    listDays,
    cameAfterDays,
    listCents,
    saidCents,
  })
  it('is the mean of the lines that came, how many late, and what was confirmed over what was listed', () => {
    const rows = [
      line('Tern', 5, 9),
      line('Tern', 5, 5, 1000, 1200),
      line('Tern', 5, null, 1000, null),
      line('Calder', 10, null),
    ]
    expect(supplierRows(rows)).toEqual([
      { maker: 'Tern', lines: 3, days: { listed: 5, came: 7 }, late: 1, otherPrice: 1, priceFactor: 1.1 },
      { maker: 'Calder', lines: 1, days: null, late: 0, otherPrice: 0, priceFactor: 1 },
    ])
    expect(supplierRows([])).toEqual([])
  })
})
