import { FAMILIES } from '../base/kinds'
import { DOORS } from '../doors/doors'
import { drawnOf } from '../draw'
import { fact, length, NOW, reading, trade } from '../test/fixtures'
import { KIND_CASES, openingOf, sealed } from '../test/kind-cases'
import { work } from '../work'
import { elevation } from './elevation'
import type { Mark } from './scene'

const CLOSING = FAMILIES.filter(family => DOORS[family].seal.closes)

/** A kind's door on its Seal stage, every gap of it read. */
function drawn(family: (typeof CLOSING)[number], text = '1/8') {
  const one = Object.values(KIND_CASES).find(it => it.family === family)!
  const units = one.unit ? [sealed(one.unit)] : []
  const own = openingOf(one, 0)
  const first = work(own, trade(units), NOW)
  const slots = first.seal.value.edges.flatMap(edge => edge.slots)
  const read = { ...own, readings: [...own.readings, ...slots.map(slot => reading(slot, text, { occasion: 'set' }))] }
  const after = work(read, trade(units), NOW)
  return { slots, edges: after.seal.value.edges, scene: elevation(drawnOf(after, read.wishes), 'seal') }
}
const pointsOf = (mark: Mark) => (mark.kind === 'path' ? mark.points : [])

describe.each(CLOSING)('a closed door: %s', family => {
  const { slots, edges, scene } = drawn(family)
  const of = (id: string) => scene.marks.filter(one => one.id === id)
  it('has a line for every seal, and the air of its gap beside it', () => {
    for (const edge of edges) {
      expect([edge.id, of(`seal.${edge.id}`).length]).toEqual([edge.id, 1])
      expect([edge.id, of(`air.${edge.id}`).length]).toEqual([edge.id, 1])
    }
  })
  it('shows every gap that was read at its place, once', () => {
    for (const slot of slots) {
      const figures = of(slot).filter(one => one.kind === 'figure')
      expect([slot, figures.map(one => one.kind === 'figure' && one.value)]).toEqual([slot, [length('1/8')]])
    }
  })
  it('lies within its drawing, the air outside its seal’s line', () => {
    for (const edge of edges) {
      const [line] = of(`seal.${edge.id}`).map(pointsOf)
      for (const at of [...line!, ...of(`air.${edge.id}`).flatMap(pointsOf)]) {
        expect(at.x).toBeGreaterThanOrEqual(scene.from.x)
        expect(at.x).toBeLessThanOrEqual(scene.to.x)
        expect(at.y).toBeGreaterThanOrEqual(scene.from.y)
        expect(at.y).toBeLessThanOrEqual(scene.to.y)
      }
    }
  })
  it('says what its bottom is on average', () =>
    expect(scene.marks.filter(one => one.id.startsWith('wedge.') && one.kind === 'figure').length).toBe(
      edges.filter(one => one.role === 'bottom').length,
    ))
})

it('a gap is drawn larger the larger it is, and none where it is shut', () => {
  const reach = (text: string) => {
    const { scene } = drawn('seal-only', text)
    const air = scene.marks.find(one => one.id === 'air.head')
    return air ? Math.max(...pointsOf(air).map(at => at.y)) : null
  }
  expect(reach('1/4')!).toBeGreaterThan(reach('1/8')!)
  expect(reach('0')).toBeNull()
})

describe('what was tried at the joints', () => {
  const triedOn = (answers: readonly ReturnType<typeof fact>[]) => {
    const one = KIND_CASES['a door that is only sealed']!
    const own = openingOf(one, 1)
    const records = {
      ...own,
      answers: [...own.answers.filter(it => !answers.some(n => n.slot === it.slot)), ...answers],
    }
    const { marks } = elevation(drawnOf(work(records, trade([]), NOW), records.wishes), 'seal')
    return new Map(
      marks.flatMap(it => (it.kind === 'label' && it.id.startsWith('fact.') ? [[it.id, it] as const] : [])),
    )
  }
  it('is open at each side until somebody tried, then shows where air came', () => {
    expect([...triedOn([])].map(([id, one]) => [id, one.word])).toEqual([
      ['fact.air-head', 'open-trial'],
      ['fact.air-bottom', 'open-trial'],
      ['fact.air-left', 'open-trial'],
      ['fact.air-right', 'open-trial'],
    ])
    const tried = triedOn([fact('fact.air-left', 'felt'), fact('fact.air-head', 'still')])
    expect([tried.get('fact.air-left')!.word, tried.get('fact.air-head')!.word]).toEqual(['felt', 'still'])
    expect(tried.get('fact.air-left')!.at.x).toBeLessThan(tried.get('fact.air-right')!.at.x)
  })
  it('has a place over each screw of a cap that can be set, from left to right', () => {
    const tried = triedOn([fact('fact.threshold', 'adjustable-cap'), fact('fact.bill-2', 'slides')])
    const bills = [...tried].filter(([id]) => id.startsWith('fact.bill-'))
    expect(bills.map(([, one]) => one.word)).toEqual(['open-trial', 'slides', 'open-trial', 'open-trial', 'open-trial'])
    const xs = bills.map(([, one]) => one.at.x)
    expect(xs).toEqual([...xs].sort((a, b) => a - b))
    expect(new Set(xs).size).toBe(5)
  })
})
