import { point } from '../geometry/point'
import { inches } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import { dressedScene } from './dressed'
import { extentIn, leafDress, panelsIn } from './leaf-dress'
import { dimension, label, type Mark, path, type Scene } from './scene'

const LEAF = { left: 0, bottom: 0, width: inches(36), height: inches(80) }
const dress = (style: string, hasGlass = false) => leafDress({ style, hasGlass }, 'leaf', LEAF)
const boxes = (marks: readonly Mark[]) => marks.flatMap(one => (one.kind === 'path' ? [extentIn(one.points)] : []))

describe('what a style names', () => {
  it.each([
    ['six panels', 6],
    ['Two panels', 2],
    ['4-panel', 4],
    ['four panel shaker', 4],
    ['flush', 0],
    ['many panels', 0],
    ['99 panels', 0],
    ['', 0],
  ])('%s: %i panels', (style, count) => expect(panelsIn(style)).toBe(count))
})

describe('a leaf as its sheet says it looks', () => {
  it.each([
    ['six panels', 6],
    ['two panels', 2],
    ['four panels', 4],
    ['five panels', 5],
  ])('%s are drawn one by one, inside the leaf, none upon another', (style, count) => {
    const marks = dress(style)
    const all = boxes(marks)
    expect(all).toHaveLength(count)
    for (const one of all) {
      expect(one.left).toBeGreaterThan(LEAF.left)
      expect(one.left + one.width).toBeLessThan(LEAF.width)
      expect(one.bottom).toBeGreaterThan(0)
      expect(one.bottom + one.height).toBeLessThan(LEAF.height)
    }
    for (const [i, one] of all.entries())
      for (const other of all.slice(i + 1)) {
        const apart =
          one.left + one.width <= other.left ||
          other.left + other.width <= one.left ||
          one.bottom + one.height <= other.bottom ||
          other.bottom + other.height <= one.bottom
        expect(apart).toBe(true)
      }
  })
  it('boards stand side by side from bottom to top', () => {
    const marks = dress('boarded')
    expect(marks.length).toBeGreaterThan(4)
    for (const { height, width } of boxes(marks)) expect([height, width]).toEqual([LEAF.height, 0])
  })
  it('full glass is one pane, a grille has bars before it, half glass is the upper half', () => {
    expect(dress('full glass').map(one => one.role)).toEqual(['glass'])
    expect(dress('grille').filter(one => one.id.includes('bar'))).toHaveLength(7)
    const [half] = boxes(dress('half glass'))
    expect(half!.bottom).toBeGreaterThan(LEAF.height * 0.4)
  })
  it('glass whose place the sheet does not say is dashed, and a plain leaf has nothing on it', () => {
    expect(dress('flush', true)).toMatchObject([{ role: 'glass', certainty: 'assumed' }])
    expect(dress('flush')).toEqual([])
    expect(dress('six panels', true).filter(one => one.certainty === 'assumed')).toHaveLength(2)
  })
})

describe('an opening with a unit’s own front in it', () => {
  const box = (x: number, y: number, width: number, height: number) =>
    cornersOf(boxOf(inches(x), inches(y), inches(width), inches(height)))
  const opening: Scene = {
    name: 'elevation',
    marks: [
      path('wall', 'wall', box(-10, 0, 10, 84)),
      path('stud', 'stud', box(-3, 0, 2, 84), true, 'assumed'),
      path('frame', 'unit', box(2, 1, 32, 80)),
      path('leaf', 'leaf', box(3, 2, 30, 78)),
      path('hinge', 'hinge.1', box(2, 60, 1, 4)),
      dimension('unit.width', point(0, 0), point(1, 1), inches(1)),
      label('word', point(0, 0), 'moves'),
    ],
    from: point(0, 0),
    to: point(inches(40), inches(90)),
  }
  const front = [
    path('frame', 'unit', box(0, 0, 32, 80)),
    path('leaf', 'leaf', box(1, 1, 30, 78)),
    path('swing', 'swing', box(1, 1, 30, 78), false),
  ]
  const scene = dressedScene(opening, front, { style: 'two panels', hasGlass: false })
  it('stands where the unit stands, without figures, words or what nobody has seen', () => {
    expect(scene.marks.some(one => ['dimension', 'label'].includes(one.kind))).toBe(false)
    expect(scene.marks.some(one => one.certainty === 'assumed' || one.role === 'swing')).toBe(false)
    const leaf = scene.marks.find(one => one.id === 'leaf')!
    expect(leaf.kind === 'path' && extentIn(leaf.points)).toEqual({
      left: inches(3),
      bottom: inches(2),
      width: inches(30),
      height: inches(78),
    })
  })
  it('has its leaf and panels painted alike, and its hinges before its frame', () => {
    expect(scene.marks.filter(one => one.paint === 'colour').map(one => one.id)).toEqual([
      'leaf',
      'leaf.panel.1',
      'leaf.panel.2',
    ])
    const at = (id: string) => scene.marks.findIndex(one => one.id === id)
    expect(at('hinge.1')).toBeGreaterThan(at('unit'))
    expect(scene.marks.find(one => one.id === 'hinge.1')!.paint).toBe('metal')
  })
  it('of a kind without a front stays as it is drawn, dressed', () => {
    const bare = dressedScene(opening, [], { style: 'two panels', hasGlass: false })
    expect(bare.marks.filter(one => one.id.startsWith('leaf.panel'))).toHaveLength(2)
  })
})
