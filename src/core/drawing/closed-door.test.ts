import { FAMILIES } from '../base/kinds'
import { DOORS } from '../doors/doors'
import { drawnOf } from '../draw'
import { length, NOW, reading, trade } from '../test/fixtures'
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
