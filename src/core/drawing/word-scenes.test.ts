import { isLength } from '../units/length'
import { wordScene } from './word-scenes'

const NAMES = [
  'leg',
  'foot',
  'front',
  'pair',
  'lock',
  'plumb',
  'lean',
  'bow',
  'crown',
  'fall',
  'diagonal',
  'plane',
] as const

it.each(NAMES)('the picture “%s” lies wholly in what is shown of it, in whole ticks', name => {
  const { marks, from, to } = wordScene(name)
  const points = marks.flatMap(mark => (mark.kind === 'path' ? mark.points : 'at' in mark ? [mark.at] : []))
  expect(points.length).toBeGreaterThan(3)
  for (const { x, y } of points) {
    expect([isLength(x), isLength(y)]).toEqual([true, true])
    expect([name, x >= from.x, x <= to.x, y >= from.y, y <= to.y]).toEqual([name, true, true, true, true])
  }
})

it('draws a lean with both sides alike, a crown with level ends, a fall with one end up', () => {
  const outline = (name: 'lean' | 'crown' | 'fall') => {
    const mark = wordScene(name).marks.find(one => one.id === name)
    if (mark?.kind !== 'path') throw new Error(`no outline of ${name}`)
    return mark.points
  }
  const [a, b, c, d] = outline('lean')
  expect(c!.x - b!.x).toBe(d!.x - a!.x)
  const crown = outline('crown')
  expect(crown[0]!.y).toBe(crown[4]!.y)
  expect(Math.max(...crown.slice(1, 4).map(one => one.y))).toBeGreaterThan(crown[0]!.y)
  const [low, high] = outline('fall')
  expect(high!.y).toBeGreaterThan(low!.y)
})
