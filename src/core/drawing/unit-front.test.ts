import { UNIT_KINDS } from '../base/kinds'
import { frontOf } from '../doors/doors'
import { pairUnit, sidelightsUnit, sliderUnit, UNIT_OF } from '../test/family-units'
import { length, unit } from '../test/fixtures'
import type { Mark, Scene } from './scene'

const LINE = { hinges: 'left', activeLeaf: null, panels: null } as const
const SET_IN_WALL = UNIT_KINDS.filter(kind => kind !== 'lock-set')

const pathOf = (scene: Scene, id: string) => {
  const mark = scene.marks.find(one => one.id === id)
  if (mark?.kind !== 'path') throw new Error(`no path ${id}`)
  return mark
}
const across = (mark: Extract<Mark, { kind: 'path' }>) => {
  const xs = mark.points.map(one => one.x)
  return [Math.min(...xs), Math.max(...xs)] as const
}
const wordAt = (scene: Scene, word: string) => {
  const mark = scene.marks.find(one => one.kind === 'label' && one.word === word)
  return mark?.kind === 'label' ? mark.at.x : null
}

describe('the elevation of what is ordered', () => {
  it.each(SET_IN_WALL)('%s: is as wide and high as ordered, and nothing stands out of it', kind => {
    const own = UNIT_OF[kind]()
    const scene = frontOf({ ...LINE, unit: own, activeLeaf: 'left', panels: 'OX' })!
    const sizes = scene.marks.flatMap(one =>
      one.kind === 'dimension' ? [one.to.x - one.from.x + one.to.y - one.from.y] : [],
    )
    expect(sizes).toEqual([own.width, own.height])
    const points = scene.marks.flatMap(one => (one.kind === 'path' ? one.points : []))
    expect(points.length).toBeGreaterThan(4)
    for (const { x, y } of points) {
      expect([x >= 0, x <= own.width]).toEqual([true, true])
      expect([y >= 0, y <= own.height]).toEqual([true, true])
    }
  })
  it('a lock set has none', () => expect(frontOf({ ...LINE, unit: UNIT_OF['lock-set']() })).toBeNull())

  it('the lines meet at the hinges, the handle is at the other side', () => {
    const at = (hinges: 'left' | 'right') => {
      const scene = frontOf({ ...LINE, unit: unit(), hinges })!
      const [free, hung] = pathOf(scene, 'swing.leaf').points
      return [hung!.x < free!.x, across(pathOf(scene, 'handle.leaf'))[0] > unit().width / 2]
    }
    expect([at('left'), at('right')]).toEqual([
      [true, true],
      [false, false],
    ])
  })
  it('a leaf its sheet does not size is dashed', () => {
    const certainty = (leafWidth: ReturnType<typeof unit>['leafWidth']) =>
      pathOf(frontOf({ ...LINE, unit: unit({ leafWidth }) })!, 'leaf').certainty
    expect([certainty(length('36')), certainty(null)]).toEqual(['sure', 'assumed'])
  })
  it('of a pair the active leaf is named, has the handle, and is as wide as ordered', () => {
    const own = pairUnit()
    const scene = (activeLeaf: 'left' | 'right' | null) => frontOf({ ...LINE, unit: own, hinges: null, activeLeaf })!
    expect(wordAt(scene('left'), 'active')).toBeLessThan(own.width / 2)
    expect(wordAt(scene('right'), 'active')).toBeGreaterThan(own.width / 2)
    expect(wordAt(scene(null), 'active')).toBeNull()
    const [from, to] = across(pathOf(scene('right'), 'leaf.right'))
    expect(to - from).toBe(own.leafWidth)
    expect(
      scene('right')
        .marks.filter(one => one.role === 'handle')
        .map(one => one.id),
    ).toEqual(['handle.leaf.right.rose', 'handle.leaf.right'])
    expect(scene(null).marks.some(one => one.role === 'handle')).toBe(false)
  })
  it('a leaf stands between its sidelights, on the side they leave it', () => {
    const own = sidelightsUnit({ sidelightLeft: length('12'), sidelightRight: length('0') })
    const scene = frontOf({ ...LINE, unit: own })!
    expect(across(pathOf(scene, 'leaf'))[0]).toBeGreaterThanOrEqual(across(pathOf(scene, 'sidelight.left'))[1])
    expect(scene.marks.some(one => one.id === 'sidelight.right')).toBe(false)
  })
  it('of a slider each panel says whether it moves', () => {
    const scene = (panels: 'OX' | 'XO' | null) => frontOf({ ...LINE, unit: sliderUnit(), hinges: null, panels })!
    expect(wordAt(scene('OX'), 'moves')).toBeLessThan(wordAt(scene('OX'), 'fixed')!)
    expect(wordAt(scene('XO'), 'moves')).toBeGreaterThan(wordAt(scene('XO'), 'fixed')!)
    expect(wordAt(scene(null), 'which-moves')).not.toBeNull()
  })
})
