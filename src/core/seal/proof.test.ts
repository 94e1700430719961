import { progressOf } from '../progress'
import { doubtAbout } from '../survey/doubt'
import { canBeRead } from '../survey/readable'
import type { OpeningRecords } from '../terms'
import { done, entry, fact, length, NOW, reading, records, trade } from '../test/fixtures'
import { work } from '../work'
import { askedAlong } from './deciding-gaps'

// An old door from its survey to the proof that it is sealed.

const SIZE = { 'core/widths.middle': '36', 'core/heights.left': '80', 'leaf.thickness': '1 3/4' }
const PLACES = ['head.centre', 'left.middle', 'right.middle', 'bottom.centre']
const surveyed = (more: Partial<OpeningRecords> = {}): OpeningRecords => {
  const own = records(SIZE, { way: 'core', material: 'timber', chosen: null })
  const gaps = PLACES.map(place => reading(`gap.${place}`, place.startsWith('bottom') ? '3/8' : '1/8'))
  const answers = [fact('fact.kerf', 'yes'), fact('fact.seal-why', 'draft')]
  return {
    ...own,
    opening: { ...own.opening, family: 'seal-only' },
    readings: [...own.readings, ...gaps],
    answers: [...own.answers, ...answers],
    ...more,
  }
}
const sealedOf = (own: OpeningRecords) => work(own, trade(), NOW).seal.value
const readAfter = (text: string) => PLACES.map(place => reading(`gap.${place}`, text, { occasion: 'sealed' }))
const fitted = (own: OpeningRecords) =>
  sealedOf(own).plan!.edges.flatMap(({ edge, chosen }) =>
    chosen.map((one, i) => entry('seal', `${edge.id}/${one.seal.id}`, 'fitted', 100 + i)),
  )

describe('what proves that a door is sealed', () => {
  it('is nothing before it was read again', () => {
    const { proof } = sealedOf(surveyed())
    expect([proof.edges, proof.isWhole]).toEqual([[], false])
  })
  it('is the same places, before and after side by side', () => {
    const own = surveyed()
    const { proof, plan } = sealedOf({ ...own, readings: [...own.readings, ...readAfter('0')] })
    expect(proof.edges.map(one => one.edge.id)).toEqual(['head', 'left', 'right', 'bottom'])
    expect(proof.isWhole).toBe(true)
    for (const [i, one] of proof.edges.entries()) {
      expect([one.flowBefore50, one.flowAfter50]).toEqual([plan!.edges[i]!.flowBefore[1], plan!.edges[i]!.flowAfter[1]])
      expect(one.flowAfter50).toBeLessThan(one.flowBefore50)
    }
    expect(proof.kwhAfter).toBeLessThan(proof.kwhBefore)
  })
  it('shows what a gap that is still there lets through', () => {
    const own = surveyed()
    const shut = sealedOf({ ...own, readings: [...own.readings, ...readAfter('0')] }).proof
    const open = sealedOf({ ...own, readings: [...own.readings, ...readAfter('1/16')] }).proof
    expect(open.edges[0]!.flowAfter50).toBeGreaterThan(shut.edges[0]!.flowAfter50)
  })
  it('chooses no other seal: what was read after it was sealed decides nothing', () => {
    const own = surveyed()
    const ids = (one: OpeningRecords) => sealedOf(one).plan!.edges.map(edge => edge.chosen.map(it => it.seal.id))
    expect(ids({ ...own, readings: [...own.readings, ...readAfter('0')] })).toEqual(ids(own))
  })
  it('ends the stage together with what was fitted, neither alone', () => {
    const own = surveyed()
    const isDone = (one: OpeningRecords) => progressOf(work(one, trade(), NOW), one).done.includes('seal')
    const log = fitted(own)
    const read = [...own.readings, ...readAfter('0')]
    expect([
      isDone(own),
      isDone({ ...own, log }),
      isDone({ ...own, readings: read }),
      isDone({ ...own, readings: read, log }),
    ]).toEqual([false, false, false, true])
  })
  it('of before, an edge without its seal’s name still counts as fitted', () => {
    const own = surveyed()
    const log = ['head', 'left', 'right', 'bottom'].map((edge, i) => entry('seal', edge, 'fitted', 100 + i))
    const whole = { ...own, log, readings: [...own.readings, ...readAfter('0')] }
    expect(progressOf(work(whole, trade(), NOW), whole).done).toContain('seal')
  })
})

describe('what is read next of a closed door', () => {
  it('is the middle of the longest edge nobody read; then where most air passes', () => {
    const { edges, survey, plan } = done(
      surveyed({ readings: records(SIZE, { way: 'core', chosen: null }).readings }),
      trade(),
    ).sealed
    expect(askedAlong(edges, plan, survey).next).toBe('gap.left.middle')
    const all = sealedOf(surveyed())
    expect(askedAlong(all.edges, all.plan, all.survey).next).toMatch(/^gap\.bottom\./)
  })
  it('goes by edges, gaps before stops before what its strip touches, then what is answered', () => {
    const { edges, survey, plan } = sealedOf(surveyed())
    const kinds = askedAlong(edges, plan, survey).slots.map(slot => slot.split('.')[0]!)
    expect([...new Set(kinds)]).toEqual(['gap', 'stop', 'contact', 'fall', 'fact'])
    expect(kinds.filter(one => one !== 'fact')).toHaveLength(25)
  })
})

describe('a gap nobody can have read', () => {
  it.each([
    ['gap.head.left', '7', true],
    ['gap.head.left', '9', false],
    ['stop.left.top', '9', false],
    ['contact.top', '9', false],
  ] as const)('%s of %s in can be read: %s', (slot, text, can) => expect(canBeRead(slot, length(text))).toBe(can))
  it('one of three inches is asked about, at the edge and at the stop', () => {
    const { survey } = sealedOf(surveyed())
    for (const slot of ['gap.head.left', 'stop.head.left'] as const)
      expect(doubtAbout(slot, length('3'), survey)).toEqual({ code: 'much-for-a-gap' })
  })
})
