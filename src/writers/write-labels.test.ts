import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { LABEL_SHEETS, SHEETS } from '@/core/plan/label'
import { type Label, writeLabels } from './write-labels'

const MADE = new Date('2026-11-27T08:00:00.000Z')
const label = (more: Partial<Label> = {}): Label => ({
  address: 'http://127.0.0.1:3000/l/7fa291bc',
  code: '7FA2-91BC',
  title: 'A1 Front entry',
  lines: ['Sandmartin Quay 4', 'Harbour side, brick front'],
  ...more,
})
const pagesIn = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b(?!s)/g)?.length ?? 0

it('loses no letter of a name that is read from the right', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'harvek-labels-')), 'labels.pdf')
  writeFileSync(file, await writeLabels([label({ title: 'باب المدخل' })], SHEETS[LABEL_SHEETS[0]], 0, MADE))
  const text = execFileSync('pdftotext', [file, '-'], { encoding: 'utf8' }).normalize('NFKC')
  for (const word of ['باب', 'المدخل']) expect(text).toContain(word)
})

describe.each(LABEL_SHEETS)('labels on %s', id => {
  const sheet = SHEETS[id]
  const count = sheet.across * sheet.down
  const many = (length: number) => Array.from({ length }, () => label())
  it.each([
    [1, 0, 1],
    [count, 0, 1],
    [count + 1, 0, 2],
    [1, count - 1, 1],
    [2, count - 1, 2],
  ])('%i from place %i are %i pages', async (n, first, pages) => {
    const pdf = await writeLabels(many(n), sheet, first, MADE)
    expect([pdf.subarray(0, 5).toString(), pagesIn(pdf)]).toEqual(['%PDF-', pages])
  })
  it('of a name of eighty letters, of none and of another script stay one page each', async () => {
    const odd = ['W'.repeat(80), '', 'باب المدخل', '=1+1', 'é 門'].map(title => label({ title, lines: [title, title] }))
    expect(pagesIn(await writeLabels(odd, sheet, 0, MADE))).toBe(1)
  })
})
