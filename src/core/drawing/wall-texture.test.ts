import type { STAGES } from '../base/stages'
import { done, fact, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { KIND_CASES, openingOf, sealed } from '../test/kind-cases'
import { inches } from '../units/length'
import { elevation } from './elevation'
import { extentIn } from './leaf-dress'
import { leverMarks } from './lever'
import type { Mark } from './scene'
import { type WallFace, wallTexture } from './wall-texture'

const ROUND = { left: inches(10), right: inches(50), top: inches(90), ground: 0 }
const SHOWN = { from: { x: 0, y: -inches(9) }, to: { x: inches(60), y: inches(100) } } as never
const linesOf = (marks: readonly Mark[]): readonly (readonly [number, number, number, number])[] =>
  marks.flatMap(one =>
    one.kind === 'lines'
      ? Array.from({ length: one.ends.length / 4 }, (_, i) => one.ends.slice(4 * i, 4 * i + 4) as never)
      : [],
  )
const faceOf = (face: WallFace) => linesOf(wallTexture(face, ROUND, SHOWN))

describe('the face of a wall', () => {
  it('of boards is level lines, of bricks and blocks with upright joints between', () => {
    const [boards, bricks, blocks] = (['siding', 'brick', 'block'] as const).map(faceOf)
    expect(boards!.every(([, y1, , y2]) => y1 === y2)).toBe(true)
    expect(bricks!.some(([x1, , x2]) => x1 === x2)).toBe(true)
    expect(bricks!.length).toBeGreaterThan(blocks!.length)
    expect(wallTexture('plain', ROUND, SHOWN)).toEqual([])
  })
  it('never runs over what stands in it, under the ground or out of the drawing', () => {
    for (const face of ['siding', 'brick', 'block'] as const)
      for (const [x1, y1, x2, y2] of faceOf(face)) {
        const isOver = Math.max(y1, y2) > ROUND.top
        expect([face, isOver || Math.max(x1, x2) <= ROUND.left || Math.min(x1, x2) >= ROUND.right]).toEqual([
          face,
          true,
        ])
        expect(Math.min(y1, y2)).toBeGreaterThanOrEqual(ROUND.ground)
        expect(Math.min(x1, x2)).toBeGreaterThanOrEqual(0)
        expect(Math.max(x1, x2)).toBeLessThanOrEqual(inches(60))
      }
  })
  it.each([
    ['a framed wall outside', {}, 'siding'],
    ['masonry outside', { 'fact.wall-kind': 'masonry' }, 'brick'],
  ] as const)('of %s is %s', (_, facts, face) => {
    const own = records(TRUE_OPENING)
    const answers = Object.entries(facts).map(([slot, code]) => fact(slot as never, code))
    expect(done({ ...own, answers: [...own.answers, ...answers] }, trade()).wall).toBe(face)
  })
  it('of an inside door is plain, and of blocks where it is of masonry', () => {
    const one = KIND_CASES['an inside door']!
    const own = openingOf(one, 1)
    const by = trade(one.unit ? [sealed(one.unit)] : [])
    const wallOf = (code: string) =>
      done(
        {
          ...own,
          answers: [...own.answers.filter(it => it.slot !== 'fact.wall-kind'), fact('fact.wall-kind', code)],
        },
        by,
      ).wall
    expect([wallOf('wood-studs'), wallOf('masonry')]).toEqual(['plain', 'block'])
  })
})

describe('a leaf on the sheet', () => {
  const of = (style: string | undefined, stage: (typeof STAGES)[number]) => {
    const own = { ...unit(), details: style === undefined ? {} : { style } }
    const result = done(records(TRUE_OPENING, { chosen: { unit: own.id, reason: '' } }), trade([own]))
    return elevation(result, stage).marks.filter(one => one.id.startsWith('leaf.'))
  }
  it('has the panels its sheet names, within its outline, once the unit is chosen', () => {
    expect(of('six panels', 'order')).toHaveLength(6)
    expect(of('six panels', 'measure')).toEqual([])
    const result = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade())
    const leaf = elevation(result, 'order').marks.find(one => one.id === 'leaf')!
    const outer = extentIn(leaf.kind === 'path' ? leaf.points : [])
    for (const panel of of('six panels', 'order')) {
      const inner = extentIn(panel.kind === 'path' ? panel.points : [])
      expect([inner.left > outer.left, inner.bottom > outer.bottom]).toEqual([true, true])
      expect(inner.left + inner.width).toBeLessThan(outer.left + outer.width)
      expect(inner.bottom + inner.height).toBeLessThan(outer.bottom + outer.height)
    }
  })
  it('is plain while its style is still to be chosen', () => {
    expect(of('six panels | boarded', 'order')).toEqual([])
    expect(of(undefined, 'handover')).toEqual([])
  })
})

it('a lever points to the hinges from its rose at the backset', () => {
  for (const inward of [1, -1] as const) {
    const [rose, lever] = leverMarks('handle', inches(36), inward, inches(40))
    expect(rose).toMatchObject({ kind: 'arc', centre: { x: inches(36) + inward * inches(2, 3, 4), y: inches(40) } })
    const { left, width } = extentIn(lever?.kind === 'path' ? lever.points : [])
    const middle = left + width / 2
    expect(Math.sign(middle - inches(36) - inward * inches(2, 3, 4))).toBe(inward)
  }
})
