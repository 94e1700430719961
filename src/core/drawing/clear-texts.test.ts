import { STAGES } from '../base/stages'
import { done, trade } from '../test/fixtures'
import { KIND_CASES, openingOf, sealed } from '../test/kind-cases'
import { inches } from '../units/length'
import { boxOf, clearTexts } from './clear-texts'
import { elevation } from './elevation'
import { lowerScene } from './lower-scene'
import type { LoweredMark } from './lowered'
import { plan } from './plan'
import type { Scene } from './scene'
import { section } from './section'

type Text = Extract<LoweredMark, { kind: 'text' }>
const SHOWN = { from: { x: 0, y: 0 }, to: { x: 10_000, y: 10_000 } } as Pick<Scene, 'from' | 'to'>
const text = (said: string, x: number, y: number, more: Partial<Text> = {}): Text => ({
  kind: 'text',
  role: 'reading',
  id: said,
  certainty: 'sure',
  x,
  y,
  text: said,
  turnDeg: 0,
  anchor: 'middle',
  ...more,
})
const HEIGHT = 100
const overlaps = (marks: readonly LoweredMark[], height: number): readonly string[] => {
  const all = marks.flatMap(one => (one.kind === 'text' && one.text ? [{ one, box: boxOf(one, height) }] : []))
  return all.flatMap(({ one, box }, i) =>
    all.slice(i + 1).flatMap(other => {
      const across = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left)
      const down = Math.min(box.top, other.box.top) - Math.max(box.bottom, other.box.bottom)
      return across > 1e-6 && down > 1e-6 ? [`${one.text} on ${other.one.text}`] : []
    }),
  )
}

describe('figures of a drawing', () => {
  it('stay where they are while none stands on another', () => {
    const marks = [text('36', 1000, 1000), text('80 1/2', 3000, 1000), text('outside', 5000, 9000, { role: 'label' })]
    expect(clearTexts(marks, SHOWN, HEIGHT)).toBe(marks)
  })
  it('make room: what was read stays, what is only open or a word goes aside', () => {
    const marks = [
      text('–', 1010, 1000, { certainty: 'assumed' }),
      text('hook here', 1000, 1010, { role: 'hook' }),
      text('36', 1000, 1000),
    ]
    const moved = clearTexts(marks, SHOWN, HEIGHT)
    expect(moved.map(one => one.id)).toEqual(marks.map(one => one.id))
    expect(moved[2]).toBe(marks[2])
    expect(overlaps(moved, HEIGHT)).toEqual([])
    for (const [i, one] of moved.entries())
      expect(Math.hypot((one as Text).x - marks[i]!.x, (one as Text).y - marks[i]!.y)).toBeLessThan(6 * HEIGHT)
  })
  it('come back into the drawing, also turned ones, and as little as they must', () => {
    const [edge, turned] = clearTexts(
      [text('87 5/8', 9990, 5000), text('80 13/16', 20, 5000, { turnDeg: 90 })],
      SHOWN,
      HEIGHT,
    ) as readonly Text[]
    expect(boxOf(edge!, HEIGHT).right).toBeCloseTo(10_000)
    expect(edge!.y).toBe(5000)
    expect(boxOf(turned!, HEIGHT).left).toBeCloseTo(0)
    expect(turned!.y).toBe(5000)
  })
  it('that mark a place stay there; those of what is not shown are left alone', () => {
    const marks = [text('·', 1000, 1000, { role: 'label' }), text('36', 1000, 1000), text('36', 90_000, 1000)]
    const moved = clearTexts(marks, SHOWN, HEIGHT)
    expect([moved[0], moved[2]]).toEqual([marks[0], marks[2]])
    expect(moved[1]).not.toBe(marks[1])
  })
  it('are left out where there is no room for a word that only helps to find one’s way', () => {
    const tight = { from: { x: 0, y: 0 }, to: { x: 300, y: 100 } } as Pick<Scene, 'from' | 'to'>
    const marks = [text('outside', 150, 20, { role: 'label' }), text('80 1/2', 150, 20)]
    expect(clearTexts(marks, tight, HEIGHT).map(one => one.id)).toEqual(['80 1/2'])
    expect(clearTexts(marks, SHOWN, HEIGHT).map(one => one.id)).toEqual(['outside', '80 1/2'])
  })
  it('that have nowhere to go cover as little as can be', () => {
    const tight = { from: { x: 0, y: 0 }, to: { x: 300, y: 100 } } as Pick<Scene, 'from' | 'to'>
    const moved = clearTexts([text('36 1/2', 150, 20), text('80 1/2', 150, 20)], tight, HEIGHT)
    expect(moved).toHaveLength(2)
    for (const one of moved) {
      const { left, right } = boxOf(one as Text, HEIGHT)
      expect([left >= -1e-6, right <= 300 + 1e-6]).toEqual([true, true])
    }
  })
})

describe.each(Object.entries(KIND_CASES))('no figure stands on another or out of the drawing of %s', (_, one) => {
  const result = done(openingOf(one, 1), trade(one.unit ? [sealed(one.unit)] : []))
  const scenes = [...STAGES.map(stage => elevation(result, stage)), plan(result), section(result)]
  // As a laptop and a phone show it: lettering of an inch and a half, and of two and a half, by the height of what is drawn.
  it.each([1 / 40, 1 / 28])('with lettering of %f of its height', share => {
    for (const scene of scenes) {
      const height = Math.max((scene.to.y - scene.from.y) * share, inches(0, 1, 4))
      const marks = lowerScene(scene, { textHeight: height, step: '1/16', word: code => code, openText: '–' })
      expect([scene.name, overlaps(marks, height)]).toEqual([scene.name, []])
      for (const mark of marks) {
        if (mark.kind !== 'text' || !mark.text || mark.x < scene.from.x || mark.x > scene.to.x) continue
        const { left, right, bottom, top } = boxOf(mark, height)
        if (right - left > scene.to.x - scene.from.x) continue
        expect([scene.name, mark.text, left >= scene.from.x - 1, right <= scene.to.x + 1]).toEqual([
          scene.name,
          mark.text,
          true,
          true,
        ])
        expect(bottom).toBeLessThanOrEqual(top)
      }
    }
  })
})
