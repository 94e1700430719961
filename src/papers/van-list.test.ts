import Papa from 'papaparse'
import { vanLoad } from '@/core/plan/van-load'
import { stopOf, toolsOf } from '@/core/taking'
import { done, LENGTHS, length, trade } from '@/core/test/fixtures'
import { KIND_CASES, openingOf, sealed } from '@/core/test/kind-cases'
import { itemCount, itemName, toolKey } from '@/words/take-off'
import { writeLoadCsv } from '@/writers/write-load-csv'
import { vanListPaper } from './van-list'

type Case = (typeof KIND_CASES)[keyof typeof KIND_CASES]
const NAME = '=cmd()|’é 門'

function dayOf(one: Case, van: Parameters<typeof vanLoad>[1] = null) {
  const known = trade(one.unit ? [sealed(one.unit)] : [])
  const own = openingOf(one, 1)
  const { work } = done(own, known)
  const tools = toolsOf(work)
  return {
    date: '2026-11-30',
    jobs: [{ name: NAME, site: '', openings: [{ tag: 'D1', name: 'Door', unit: null }] }],
    load: vanLoad([stopOf(work, own, known)], van, [], LENGTHS, []),
    tools,
    step: '1/16' as const,
    loaded: new Set<string>(),
  }
}
const checksIn = (paper: ReturnType<typeof vanListPaper>) =>
  paper.blocks.flatMap(one => (one.kind === 'checks' ? one.items : []))

describe.each(Object.entries(KIND_CASES))('the van list of %s', (_, one) => {
  const day = dayOf(one)
  const { items, cuts } = day.load

  it('has a box for every thing and every tool, and nothing that is no word', () => {
    const checks = checksIn(vanListPaper(day))
    // What is not counted is to be fetched, and to be loaded.
    expect(checks.length).toBe(2 * items.length + cuts.length + day.tools.length)
    expect(checks.every(it => !it.ticked)).toBe(true)
    for (const it of checks) expect(it.text).not.toMatch(/undefined|null|NaN|\[object/)
    for (const it of items)
      expect(
        checks.some(check => check.text.startsWith(`${itemCount(it, '1/16')} ${itemName(it, '1/16')}, for D1`)),
      ).toBe(true)
  })
  it('ticks what is in the van, and nothing else', () => {
    const keys = [items[0]?.key, day.tools[0] && toolKey(day.tools[0])].flatMap(key => key ?? [])
    const checks = checksIn(vanListPaper({ ...day, loaded: new Set(keys) }))
    expect(checks.filter(it => it.ticked).length).toBe(keys.length)
  })
  it('is read back as it was from its CSV', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(writeLoadCsv(day.load, '1/16').trim(), { header: true })
    expect(items.length + cuts.length === 0 ? [] : errors).toEqual([])
    expect(data.filter(row => row.thing).length).toBe(items.length + cuts.length)
    for (const [i, it] of items.entries()) {
      const row = data[i]!
      expect([row.material, Number(row.count || 0)]).toEqual([it.material, it.pack === null ? 0 : it.count])
      expect(Number(row.sizeMm)).toBeCloseTo((it.size ?? 0) / 3200, 9)
      expect(row.formula).toContain('D1: ')
    }
  })
  it('says lengths in the unit it is asked for', () => {
    const texts = checksIn(vanListPaper({ ...day, step: '1' as never })).map(it => it.text)
    expect(texts.filter(text => /\d in\b/.test(text))).toEqual([])
  })
})

describe('the van list of a hinged unit', () => {
  const one = KIND_CASES['a hinged outside unit']!
  it('names what is to be fetched only where the van lacks it', () => {
    const full = {
      flats: ['1/32', '1/16', '1/8', '1/4'].map(it => ({ thickness: length(it), count: 90 })),
      wedgePairs: 90,
    }
    const headings = vanListPaper(dayOf(one, full)).blocks.flatMap(it => (it.kind === 'heading' ? it.text : []))
    expect(headings).toEqual([NAME, 'To be fetched before the day', 'To be loaded', 'Tools'])
    const fetched = checksIn(vanListPaper(dayOf(one, full)))
    const flats = fetched.filter(it => it.text.includes('flat packers'))
    // Each once: to be loaded, not to be fetched.
    expect(new Set(flats.map(it => it.text)).size).toBe(flats.length)
  })
  it('of no job says so', () => {
    const paper = vanListPaper({ ...dayOf(one), jobs: [] })
    expect(paper.subtitle).toBe('No visit on this day.')
  })
})
