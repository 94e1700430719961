import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { wordScene } from '@/core/drawing/word-scenes'
import type { Block, Paper } from '@/papers/paper'
import { type Stationery, writePdf } from './write-pdf'

const folder = mkdtempSync(join(tmpdir(), 'harvek-paper-'))
const MADE = new Date('2026-03-04T10:00:00Z')
const ours: Stationery = { size: 'a4', from: 'Larkspur Door & Frame · Sandmartin Quay 2', logo: null }

const paperOf = (blocks: readonly Block[], title = 'Measure sheet: A1'): Paper => ({
  title,
  subtitle: 'Sandmartin Quay 4 · Wanda Selby',
  footer: 'Seen from outside.',
  step: '1',
  blocks,
})

/** What stands on each page, read back by another program. */
async function pagesOf(paper: Paper, stationery?: Stationery): Promise<readonly string[]> {
  const file = join(folder, `${Math.random()}.pdf`)
  writeFileSync(file, await writePdf(paper, MADE, stationery))
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
  return text.split('\f').filter(page => page.trim())
}

const rows = (count: number) => Array.from({ length: count }, (_, i) => [`Point ${i + 1}`, `${i}`] as const)

it('says on each page whose paper it is of, when it was made and which page', async () => {
  const pages = await pagesOf(paperOf([{ kind: 'facts', rows: rows(120) }]), ours)
  expect(pages.length).toBeGreaterThan(2)
  expect(pages[0]).toContain('Larkspur Door & Frame · Sandmartin Quay 2')
  for (const [i, page] of pages.entries()) {
    expect(page).toContain('Seen from outside.')
    expect(page).toContain('Measure sheet: A1 · 2026-03-04')
    expect(page).toContain(`${i + 1} of ${pages.length}`)
  }
})

it('says again what the columns of a table are on every page it runs over', async () => {
  const pages = await pagesOf(
    paperOf([{ kind: 'table', head: ['Where', 'How much'], widths: [0.5, 0.5], rows: rows(110) }]),
  )
  expect(pages.length).toBeGreaterThan(2)
  for (const page of pages) expect(page).toMatch(/Where\s+How much/)
  expect(pages.join('\n').match(/Point \d+/g)).toHaveLength(110)
})

// From a page that is nearly empty to one that is nearly full.
it.each([2, 20, 24, 26, 28, 29, 30, 31, 32, 33, 34])(
  'keeps a heading with what it heads, after %d rows',
  async count => {
    const pages = await pagesOf(
      paperOf([
        { kind: 'facts', rows: rows(count) },
        { kind: 'heading', text: 'How it stands' },
        { kind: 'drawing', scene: wordScene('front'), heightMm: 120, caption: 'Seen from outside, drawn' },
        { kind: 'facts', rows: rows(count) },
        { kind: 'heading', text: 'What was read' },
        { kind: 'table', head: ['Where', 'How much'], widths: [0.5, 0.5], rows: [['Sill', '12']] },
      ]),
    )
    expect(pages.find(page => page.includes('How it stands'))).toContain('Seen from outside, drawn')
    expect(pages.find(page => page.includes('What was read'))).toMatch(/Sill\s+12/)
  },
)

it.each(['Zażółć Gęślą', 'Ðặng Thị Hải', 'Σωφρονία', 'Ярослава', 'שרה כהן', 'نور الهدى', 'Ḥaṭṣepsut'])(
  'loses no letter of “%s”',
  async name => {
    const [page] = await pagesOf(paperOf([{ kind: 'facts', rows: [['For', name]] }], `Record: ${name}`))
    // What is read from the right comes back with marks of its direction, and as letters by themselves.
    const read = page!.normalize('NFKC').replace(/[\u200e\u200f\u202a-\u202e]/g, '')
    for (const word of name.normalize('NFKC').split(' ')) expect(read.split(word).length).toBeGreaterThan(2)
  },
)

it('breaks a name of eighty letters without a space within its column', async () => {
  const long = 'Kesselbrunnerhofstiegentreppenhausgelaenderpfostenfundamentkellereingangstuere80'
  const [page] = await pagesOf(paperOf([{ kind: 'facts', rows: [['For', long]] }], long))
  expect(page!.replace(/\s/g, '').split(long).length).toBeGreaterThan(2)
})
