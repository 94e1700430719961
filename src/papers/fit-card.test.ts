import { fitLog } from '../core/log/fit-log'
import { entry, length, NOW, reading, shownJob, trade } from '../core/test/fixtures'
import { KIND_CASES, openingOf } from '../core/test/kind-cases'
import { work } from '../core/work'
import { writeFitLogCsv, writePacksCsv } from '../writers/write-fit-csv'
import { writePdf } from '../writers/write-pdf'
import { fitCard } from './fit-card'
import { marginBlocks } from './margin-blocks'

const textOf = (blocks: unknown): string => JSON.stringify(blocks)

const JOB = shownJob()

describe.each(Object.entries(KIND_CASES))('the fit card of %s', (_, one) => {
  const own = openingOf(one, 1)
  const worked = work(own, trade(one.unit ? [one.unit] : []), NOW)
  const paper = fitCard(JOB, own, worked)
  const text = textOf(paper.blocks)
  const points = worked.fit.value.shims?.points ?? []
  it('names every point with its gap, pack and screw, or says that nothing is packed', () => {
    const table = paper.blocks.find(it => it.kind === 'table')
    if (points.length === 0) return expect(text).toContain('Nothing is packed')
    expect(table && table.kind === 'table' ? table.rows.length : 0).toBe(points.length)
    expect(text).toContain('header')
  })
  it('has a row for every point in its list', () => {
    const lines = writePacksCsv(worked.fit.value, JOB.step).trim().split('\n')
    expect(lines.length).toBe(points.length + 1)
    expect(lines[0]).toContain('gapTicks')
  })
  it('is one page', async () => {
    const pdf = (await writePdf(paper, new Date(0))).toString('latin1')
    expect(pdf.match(/\/Type \/Page\b/g)?.length).toBe(1)
  })
})

it('the record says what the margins were, what they are, and how many moves it took against the fewest', () => {
  const one = KIND_CASES['a hinged outside unit']!
  const own = openingOf(one, 1)
  const at = (minute: number) => new Date(Date.UTC(2026, 0, 12, 9, minute)).toISOString()
  const tuned = (slot: 'gap.left.top' | 'gap.right.top', text: string, minute: number) =>
    reading(slot, text, { occasion: 'tuned', takenAt: at(minute) })
  const moved = entry('move', 'strike.top', 'moved', Date.UTC(2026, 0, 12, 9, 5), { value: { length: length('1/16') } })
  const readings = [
    ...own.readings,
    tuned('gap.right.top', '3/16', 1),
    tuned('gap.left.top', '1/8', 1),
    tuned('gap.right.top', '1/8', 9),
  ]
  const text = textOf(marginBlocks(JOB, work({ ...own, readings, log: [moved] }, trade([one.unit!]), NOW)))
  expect(text).toContain('Moves made: 1. The fewest from what was read first: 1.')
  expect(text).toContain('"Strike side, top","3/16 in","1/8 in"')
})

it('what was done while a door was set is there in the order in which it was done, as it was noted', () => {
  const log = [
    entry('move', 'card.top', 'moved', 2000, { value: { length: 2540 as never } }),
    entry('step', 'tip-in', 'done', 1000),
    entry('test', 'plumb', 'passed', 500),
    entry('step', 'tip-in', 'reopened', 4000, { text: '=1+1' }),
  ]
  const readings = [
    reading('gap.left.top', '1/8', { occasion: 'tuned', takenAt: new Date(3000).toISOString() }),
    reading('gap.left.middle', '1/8', { takenAt: new Date(3000).toISOString() }),
  ]
  const lines = fitLog({ log, readings })
  expect(lines.map(one => [one.kind, one.code, one.result])).toEqual([
    ['step', 'tip-in', 'done'],
    ['move', 'card.top', 'moved'],
    ['reading', 'gap.left.top', 'tuned'],
    ['step', 'tip-in', 'reopened'],
  ])
  const csv = writeFitLogCsv(lines, '1/16')
  expect(csv).toContain('Tip the unit in')
  expect(csv).not.toMatch(/(^|,)=1/m)
})
