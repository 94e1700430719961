import { findingWords } from '@/words/findings'
import { SEALS } from '../../trade/seals'
import { type OwnSeal, sealsToChoose, sheetOf } from '../seal-stock/own-seal'
import { readings } from '../test/fixtures'
import { asked, EVEN, idsOn, KERF, planned, requestOf } from '../test/seal-request'

const shipped = (id: string): OwnSeal => sheetOf(SEALS.find(one => one.id === id)!)
/** A seal of the firm's that does as one that ships does, but for what is said. */
const own = (id: string, more: Partial<OwnSeal>): OwnSeal => ({ ...shipped(id), article: `own-${id}`, ...more })
const door = (list: readonly OwnSeal[], withShipped = true, edges = {}) =>
  planned(
    asked({ ...requestOf(readings(EVEN), KERF), seals: sealsToChoose(SEALS, { own: list, withShipped }) }, { edges }),
  )
const idsOf = (one: ReturnType<typeof door>) => one.edges.flatMap(idsOn)

describe('a firm’s own list of seals', () => {
  const cheap = own('push-in-foam', { name: 'Our foam', centsPerMetre: 1, minutes: 0 })
  it('is chosen from where it is the cheapest that holds, and priced by itself', () => {
    const all = door([cheap])
    expect(idsOf(all).filter(id => id === cheap.article).length).toBeGreaterThan(2)
    const without = door([])
    expect(all.cents).toBeLessThan(without.cents)
    expect(all.edges.flatMap(one => one.pieces).length).toBeGreaterThan(0)
  })
  it('alone leaves open what nothing of it closes, and says so', () => {
    const { edges, findings } = door([cheap], false)
    const bottom = edges.find(one => one.edge.role === 'bottom')!
    expect([idsOn(bottom), new Set(idsOf({ ...door([cheap], false) }))]).toEqual([[], new Set([cheap.article])])
    expect(findings.map(one => `${one.code} ${one.place}`)).toContain('no-seal-holds seal.bottom')
  })
  it('is judged by its own sheet: its gaps, its leaf, its kerf', () => {
    const judged = (more: Partial<OwnSeal>) => {
      const list = [own('push-in-foam', more)]
      const head = door(list).edges.find(one => one.edge.role === 'head')!
      return head.options.find(one => one.seal.id === list[0]!.article)!.reasons.map(one => one.code)
    }
    expect(judged({ gapMost: shipped('push-in-foam').gapLeast })).toContain('gap-too-wide')
    expect(judged({ leastLeaf: 400_000 as never })).toContain('leaf-too-thin')
    expect(judged({ against: ['light'] })).not.toContain('gap-too-wide')
  })
  it('names the material its sheet rules out', () => {
    const list = [own('sweep-fin-long', { never: ['steel'] })]
    const request = {
      ...requestOf(readings(EVEN), KERF),
      seals: sealsToChoose(SEALS, { own: list, withShipped: true }),
    }
    const bottom = planned(asked(request, {}, { material: 'steel' })).edges.find(one => one.edge.role === 'bottom')!
    const finding = bottom.options.find(one => one.seal.id === list[0]!.article)!.reasons[0]!
    expect(findingWords(finding, '1/16').title).toBe('Not on an outside leaf of steel')
  })
})

describe('a seal chosen by hand', () => {
  const cheap = own('push-in-foam', {})
  const head = { head: [cheap.article] }
  it('stays while it holds', () => {
    const { edges, findings } = door([cheap], true, head)
    expect(idsOn(edges.find(one => one.edge.role === 'head')!)).toEqual([cheap.article])
    expect(findings.map(one => one.code)).not.toContain('hand-fails')
  })
  it('that left the list, or holds no longer, is named, and the plan takes what holds', () => {
    const gone = door([], true, head)
    expect(idsOn(gone.edges.find(one => one.edge.role === 'head')!)).not.toEqual([])
    const said = gone.findings.find(one => one.code === 'hand-fails')!
    expect(said).toMatchObject({ place: 'seal.head', facts: { seal: cheap.article, why: 'not-listed-now' } })
    expect(findingWords(said, '1/16').why).toContain('no longer on the list')
    const tight = own('push-in-foam', { name: 'Thin foam', gapMost: cheap.gapLeast })
    const failed = door([tight], true, head).findings.find(one => one.code === 'hand-fails')!
    expect(failed.facts).toMatchObject({ seal: 'Thin foam', why: 'holds-not' })
  })
})
