import { FAMILIES } from '@/core/base/kinds'
import { DOORS } from '@/core/doors/doors'
import type { Answer } from '@/core/survey/answer'
import { ladderFor, readingsFor } from '@/core/survey/survey-of'
import { done, records, shownJob, TRUE_OPENING, trade } from '@/core/test/fixtures'
import { slotName } from '@/words/walk'
import { writePdf } from '@/writers/write-pdf'
import { measureSheet } from './measure-sheet'
import type { Block } from './paper'

const JOB = shownJob()
const skip: Answer = {
  id: '01900000-0000-7000-9000-000000000001',
  slot: 'sill.depth',
  kind: 'skipped',
  code: 'not-accessible',
  note: '',
  takenBy: 'Bram Oake',
  takenAt: '2026-02-01T00:00:00.000Z',
}
const own = { ...records({ ...TRUE_OPENING, 'trim-off/widths.top': '38 3/16-' }), answers: [skip] }
const filled = measureSheet(JOB, own, done(own, trade()).work, { blank: false, photos: [] })
const rowsOf = (blocks: readonly Block[]) =>
  blocks.flatMap(block => (block.kind === 'table' && block.head[0] === 'No.' ? block.rows : []))

describe('a filled measure sheet', () => {
  it('numbers every reading in walking order', () => {
    const ladder = ladderFor(DOORS['hinged-outside'].survey, 'trim-off')
    expect(rowsOf(filled.blocks).map(row => row[0])).toEqual(ladder.map((_, i) => String(i + 1)))
    expect(rowsOf(filled.blocks).map(row => row[1])).toEqual(ladder.map(slotName))
  })
  it('puts the same numbers on the drawings, each once', () => {
    const numbers = filled.blocks.flatMap(block =>
      block.kind === 'drawing'
        ? block.scene.marks.flatMap(mark => (mark.kind === 'reading' ? (block.numbers!.get(mark.id) ?? []) : []))
        : [],
    )
    expect([...numbers].sort((a, b) => a - b)).toEqual(
      Array.from({ length: readingsFor(DOORS['hinged-outside'].survey, 'trim-off').length }, (_, i) => i + 1),
    )
  })
  it('says what was read as typed, by whom, and what was skipped', () => {
    const rows = rowsOf(filled.blocks)
    expect(rows.find(row => row[1] === 'Width, top')![3]).toBe('≈ 38 3/16 in (“38 3/16-”)')
    expect(rows.find(row => row[1] === 'Sill depth')!.slice(3)).toEqual(['skipped: can’t be reached', 'Bram Oake'])
    expect(rows.find(row => row[1] === 'Step outside')![3]).toBe('open')
  })
})

describe('a reading that was struck', () => {
  const [first] = own.readings
  const strike = (id: string, code: string, note: string): Answer => ({
    ...skip,
    id: `01900000-0000-7000-9000-00000000000${id}`,
    slot: first!.slot,
    kind: 'withdrawn',
    code,
    note,
    takenAt: `2026-02-01T00:0${id}:00.000Z`,
  })
  const sheetWith = (...answers: readonly Answer[]) => {
    const struck = { ...own, answers }
    const { blocks } = measureSheet(JOB, struck, done(struck, trade()).work, { blank: false, photos: [] })
    const listed = blocks.flatMap(one =>
      one.kind === 'table' && one.head[2] === 'Why it does not hold' ? one.rows : [],
    )
    return { listed, read: rowsOf(blocks).find(row => row[1] === slotName(first!.slot))![3] }
  }
  it('is open again, and listed with who struck it and why', () => {
    const { listed, read } = sheetWith(strike('1', first!.id, 'read at the casing'))
    expect(listed).toEqual([
      [slotName(first!.slot), expect.stringContaining(`“${first!.text}”`), 'read at the casing', 'Bram Oake'],
    ])
    expect(read).toBe('open')
  })
  it('is not listed where it was only undone, and holds again where the strike was struck', () => {
    expect(sheetWith(strike('1', first!.id, '')).listed).toEqual([])
    const strikes = [strike('1', first!.id, 'read at the casing')]
    const { listed, read } = sheetWith(strike('2', strikes[0]!.id, ''), ...strikes)
    expect(listed).toEqual([])
    expect(read).toContain(first!.text)
  })
})

describe('a blank measure sheet', () => {
  it.each(FAMILIES)('of %s has an empty place for every reading, and the answers to ring', family => {
    const way = DOORS[family].survey.ways[0]!
    const nobody = { ...records({}, { way, chosen: null }), opening: { ...own.opening, family } }
    const blank = measureSheet(JOB, nobody, done(nobody, trade([])).work, { blank: true, photos: [] })
    const rows = rowsOf(blank.blocks)
    expect(rows).toHaveLength(ladderFor(DOORS[family].survey, way).length)
    for (const row of rows) expect(row[3]).toMatch(/^$|·/)
    expect(blank.blocks.filter(block => block.kind === 'drawing').length).toBeGreaterThan(0)
  })
})

it('becomes a PDF, with a photo if wished', async () => {
  const bare = await writePdf(filled, new Date(0))
  const jpeg = Buffer.from(
    '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AR//Z',
    'base64',
  )
  const photo = {
    id: '01900000-0000-7000-9000-000000000002',
    slot: null,
    width: 1,
    height: 1,
    note: '',
    takenBy: 'Ida Marlow',
    takenAt: '2026-02-01T00:00:00.000Z',
  }
  const sheet = measureSheet(JOB, own, done(own, trade()).work, { blank: false, photos: [{ photo, jpeg }] })
  const illustrated = await writePdf(sheet, new Date(0))
  expect([bare, illustrated].map(pdf => pdf.subarray(0, 5).toString())).toEqual(['%PDF-', '%PDF-'])
  const logo = { picture: jpeg, width: 1, height: 1 }
  const headed = await writePdf(filled, new Date(0), { size: 'letter', from: '', logo })
  expect([bare, illustrated, headed].map(pdf => pdf.includes('/DCTDecode'))).toEqual([false, true, true])
})
