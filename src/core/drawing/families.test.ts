import { FAMILIES } from '../base/kinds'
import { leavesOf } from '../catalogue/across'
import type { UnitOf } from '../catalogue/unit'
import { DOORS } from '../doors/doors'
import { PAIR_UNIT } from '../doors/pair'
import { isSigned, isSlot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { readingsFor } from '../survey/survey-of'
import { done, length, records, TRUE_OPENING, trade } from '../test/fixtures'
import { KIND_CASES, openingOf, sealed } from '../test/kind-cases'
import { inches } from '../units/length'
import { elevation } from './elevation'
import { handPlan } from './hand-plan'
import { lowerScene } from './lower-scene'
import { plan } from './plan'
import type { Scene } from './scene'
import { section } from './section'
import { walkMarks } from './walk-marks'

const CASES = FAMILIES.flatMap(family => DOORS[family].survey.ways.map(way => [family, way] as const))

function sceneOf(family: (typeof FAMILIES)[number], way: (typeof CASES)[number][1], texts: object = {}) {
  const own = records({ ...texts }, { way, chosen: null })
  const result = done({ ...own, opening: { ...own.opening, family } }, trade())
  return { result, scenes: [elevation(result, 'measure'), plan(result), section(result)] as const }
}

const readingIds = (scene: Scene) =>
  scene.marks
    .filter(mark => mark.kind === 'reading' || mark.role === 'gap' || /^gap\./.test(mark.id))
    .map(mark => mark.id)

describe('the drawings of a family by a way', () => {
  it.each(CASES)('%s by %s: every reading of the walk has its place on exactly one of them', (family, way) => {
    const { scenes } = sceneOf(family, way)
    const places = scenes.map(scene => new Set(readingIds(scene)))
    for (const slot of readingsFor(DOORS[family].survey, way))
      expect([slot, places.filter(ids => ids.has(slot)).length]).toEqual([slot, 1])
  })
  it.each(CASES)('%s by %s: nothing is drawn as read before it was', (family, way) => {
    const { scenes } = sceneOf(family, way)
    for (const mark of scenes.flatMap(scene => scene.marks))
      if (mark.kind === 'reading') expect([mark.id, mark.value, mark.certainty]).toEqual([mark.id, null, 'assumed'])
  })
  it.each(CASES)('%s by %s: a figure on the drawing is the figure that was read', (family, way) => {
    const texts = Object.fromEntries(
      readingsFor(DOORS[family].survey, way).map(slot => [
        slot,
        isSigned(slot)
          ? '1/16'
          : /widths/.test(slot)
            ? '40'
            : /heights/.test(slot)
              ? '81'
              : /diag/.test(slot)
                ? '90 11/32'
                : '2 3/4',
      ]),
    )
    const { result, scenes } = sceneOf(family, way, texts)
    for (const mark of scenes.flatMap(scene => scene.marks))
      if (mark.kind === 'reading')
        expect([mark.id, mark.value]).toEqual([mark.id, readValue(result.survey, mark.id as never)])
  })
  it.each(CASES)('%s by %s: no reading runs out of its drawing', (family, way) => {
    for (const { marks, from, to } of sceneOf(family, way).scenes)
      for (const mark of marks)
        if (mark.kind === 'reading')
          for (const end of [mark.from, mark.to]) {
            expect([mark.id, end.x >= from.x && end.x <= to.x]).toEqual([mark.id, true])
            expect([mark.id, end.y >= from.y - 1 && end.y <= to.y]).toEqual([mark.id, true])
          }
  })
})

describe('the parts a family is known by', () => {
  const roles = (family: (typeof FAMILIES)[number], way: (typeof CASES)[number][1], texts: object = {}) =>
    elevation(sceneOf(family, way, texts).result, 'measure').marks.map(mark => mark.id)
  it.each([
    ['pair', 'pocket', ['panel.1', 'panel.2', 'handle']],
    ['sidelights', 'pocket', ['panel.1', 'panel.2', 'panel.3', 'glass.left', 'glass.right']],
    ['storm', 'brickmould', ['leaf', 'handle', 'deadbolt']],
    ['slider', 'trim-off', ['panel.1', 'panel.2', 'panel.left', 'panel.right']],
    ['steel-leaf', 'core', ['hinge.1.plate', 'hinge.2.plate', 'hinge.3.plate', 'bore', 'glass']],
    ['interior', 'core', ['bore']],
  ] as const)('%s', (family, way, ids) => expect(roles(family, way)).toEqual(expect.arrayContaining([...ids])))
  it('a fourth hinge is drawn once it was read', () => {
    expect(roles('steel-leaf', 'core')).not.toContain('hinge.4.plate')
    expect(roles('steel-leaf', 'core', { 'hinge.4': '70' })).toContain('hinge.4.plate')
  })
  it('stand where they were read: a bore 40 in from the top of an 80 in leaf is in its middle', () => {
    const texts = { 'core/widths.middle': '36', 'core/heights.left': '80', 'bore.top': '40', backset: '2 3/4' }
    const bore = elevation(sceneOf('steel-leaf', 'core', texts).result, 'measure').marks.find(one => one.id === 'bore')!
    const ys = bore.kind === 'path' ? bore.points.map(p => p.y) : []
    expect((Math.max(...ys) + Math.min(...ys)) / 2).toBeCloseTo(40 * 81_280, -2)
  })
  it.each([
    ['storm', 'brickmould', 'trim'],
    ['hinged-outside', 'masonry', 'wall'],
    ['hinged-outside', 'trim-off', 'stud'],
    ['steel-leaf', 'core', 'frame'],
  ] as const)('%s by %s stands in its %s', (family, way, role) =>
    expect(elevation(sceneOf(family, way).result, 'measure').marks.find(one => one.id === 'stud.left')!.role).toBe(
      role,
    ),
  )
})

describe('the walk on the drawing', () => {
  const scene = elevation(sceneOf('hinged-outside', 'trim-off').result, 'measure')
  const added = (question: Parameters<typeof walkMarks>[1]) =>
    walkMarks(scene, question)
      .marks.slice(scene.marks.length)
      .map(mark => mark.id)
  it('shows where a tape is hooked and where it is read', () =>
    expect(added('trim-off/widths.top')).toEqual(['walk.hook', 'walk.read', 'walk.hook.word', 'walk.read.word']))
  it.each(['trim-off/lean.left', 'trim-off/fall.sill', 'trim-off/bow.right', 'trim-off/crown.head'] as const)(
    '%s shows both sides it can go to',
    slot => expect(added(slot)).toEqual(['direction.minus', 'direction.plus']),
  )
  it('keeps every arrow within its drawing, whatever the kind and whichever way its leaf swings', () => {
    const out: unknown[] = []
    const found = new Set<string>()
    for (const [name, one] of Object.entries(KIND_CASES))
      for (const swing of ['in', 'out'] as const) {
        const result = done(
          openingOf({ ...one, wished: { ...one.wished, swing } }, 1),
          trade(one.unit ? [one.unit] : []),
        )
        for (const scene of [elevation(result, 'measure'), plan(result)])
          for (const { id, kind } of scene.marks)
            if (kind === 'reading' && isSlot(id) && isSigned(id))
              for (const mark of walkMarks(scene, id).marks.slice(scene.marks.length)) {
                if (mark.kind !== 'label') throw new Error(`${mark.id} is no arrow`)
                const [{ x, y }, { from, to }] = [mark.at, scene]
                if (x < from.x || x > to.x || y < from.y || y > to.y) out.push([name, swing, id, mark.id])
                found.add(id)
              }
      }
    expect(out).toEqual([])
    expect([...found]).toEqual(expect.arrayContaining(['trim-off/lean.left', 'through.left', 'fall.threshold']))
  })
  it('adds nothing for what is not on this drawing', () =>
    expect([added('wall.left'), added('fact.condition'), added(null)]).toEqual([[], [], []]))
})

describe('what closes stands in its frame as its sheet says', () => {
  type Chosen = { readonly chosen?: object; readonly texts?: object; readonly sheet?: object }
  const STAGES = ['specify', 'order', 'fit', 'seal', 'handover'] as const
  function drawn(name: string, { chosen = {}, texts = {}, sheet = {} }: Chosen = {}) {
    const one = KIND_CASES[name]!
    const own = openingOf({ ...one, texts: { ...one.texts, ...texts }, wished: { ...one.wished, ...chosen } }, 1)
    return done(own, trade(one.unit ? [sealed({ ...one.unit, ...sheet } as typeof one.unit)] : []))
  }
  const spanOf = ({ marks }: Scene, id: string) => {
    const mark = marks.find(one => one.id === id)
    if (mark?.kind !== 'path') throw new Error(`no ${id} is drawn`)
    const xs = mark.points.map(at => at.x)
    return { from: Math.min(...xs), to: Math.max(...xs), width: Math.max(...xs) - Math.min(...xs) }
  }
  it.each(STAGES)('a leaf stands beside its one light, %s', stage => {
    for (const chosen of [{}, { chosen: null }]) {
      const scene = elevation(drawn('a unit with sidelights', { chosen }), stage)
      const [unit, leaf, glass] = ['unit', 'leaf', 'glass.left'].map(id => spanOf(scene, id))
      expect(leaf!.width).toBe(inches(36))
      expect(leaf!.from - unit!.from).toBeGreaterThanOrEqual(inches(12))
      expect(leaf!.to).toBeLessThanOrEqual(unit!.to)
      expect([glass!.from > unit!.from, glass!.to < leaf!.from]).toEqual([true, true])
      const ids = scene.marks.map(one => one.id)
      expect([ids.includes('glass.right'), ids.includes('hinge.1'), ids.includes('handle')]).toEqual([
        false,
        true,
        true,
      ])
    }
  })
  it('so it does from above, and on the plan that is sent to its maker', () => {
    const work = drawn('a unit with sidelights')
    const { unit } = KIND_CASES['a unit with sidelights']!
    const hand = { unit: unit!, hinges: 'left', swing: 'in', activeLeaf: null, panels: null } as const
    for (const scene of [plan(work), handPlan(hand)!]) {
      expect(spanOf(scene, 'closed-leaf').from).toBe(inches(12))
      expect(spanOf(scene, 'light.left').to).toBe(inches(12))
      expect(scene.marks.some(one => one.id === 'light.right')).toBe(false)
    }
  })
  it('an uneven pair meets where its new leaves do, not where the old ones did', () => {
    const uneven = { leafWidth: inches(42), passiveLeafWidth: inches(30) }
    const work = drawn('a pair', { texts: { 'leaf.active': '36', 'leaf.passive': '36' }, sheet: uneven })
    const front = elevation(work, 'fit')
    const [first, second] = [spanOf(front, 'panel.1'), spanOf(front, 'panel.2')]
    expect([first.width, second.width]).toEqual([inches(30), inches(42)])
    const { unit } = KIND_CASES['a pair']!
    const hand = {
      unit: { ...unit!, ...uneven },
      hinges: null,
      swing: 'in',
      activeLeaf: 'right',
      panels: null,
    } as const
    for (const scene of [plan(work), handPlan(hand as never)!])
      expect(spanOf(scene, 'closed-leaf.left').to).toBe(first.to - spanOf(front, 'unit').from)
  })
  it('a sheet that is silent of the passive leaf leaves it the rest of the frame', () => {
    const front = elevation(drawn('a pair', { sheet: { leafWidth: inches(42), passiveLeafWidth: null } }), 'order')
    expect(spanOf(front, 'unit').width).toBe(inches(74))
    const { unit } = KIND_CASES['a pair']!
    const silent = { ...unit!, leafWidth: inches(42), passiveLeafWidth: null }
    const hand = { unit: silent, hinges: null, swing: 'in', activeLeaf: 'left', panels: null }
    expect(spanOf(handPlan(hand as never)!, 'closed-leaf.left').to).toBe(inches(42, 3, 4))
  })
  it('and fitting packs and seals the leaf that is drawn, not the old one or another as wide as the active', () => {
    const texts = { 'leaf.active': '36', 'leaf.passive': '35' }
    for (const leafWidth of [inches(42), null]) {
      const sheet = { leafWidth, passiveLeafWidth: null }
      const { unit } = KIND_CASES['a pair']!
      const { left, right } = leavesOf({ ...(unit as UnitOf<'pair'>), ...sheet }, 'left')
      expect(PAIR_UNIT.frame({ ...(unit as UnitOf<'pair'>), ...sheet }).passiveLeaf).toBe(right)
      expect(left + right).toBe(unit!.width - inches(1, 1, 2))
      const front = elevation(drawn('a pair', { texts, sheet }), 'fit')
      expect([spanOf(front, 'panel.1').width, spanOf(front, 'panel.2').width]).toContain(right)
    }
  })
  it.each(Object.keys(KIND_CASES))('%s: no leaf, panel or glass stands out of it', name => {
    const scene = elevation(drawn(name), 'fit')
    const around = ['unit', 'hole'].find(id => scene.marks.some(one => one.id === id))
    const frame = around ? spanOf(scene, around) : { from: scene.from.x, to: scene.to.x }
    for (const one of scene.marks)
      if (one.kind === 'path' && one.closed && (one.role === 'leaf' || one.role === 'glass')) {
        const { from, to } = spanOf(scene, one.id)
        expect([one.id, from >= frame.from - 1, to <= frame.to + 1]).toEqual([one.id, true, true])
      }
  })
})

describe('the lock of a leaf that stays', () => {
  const scene = (stage: 'measure' | 'fit', facts: Readonly<Record<string, string>> = {}, wished = {}) => {
    const one = KIND_CASES['a lock set']!
    const own = openingOf({ ...one, facts: { ...one.facts, ...facts }, wished: { ...one.wished, ...wished } }, 1)
    return elevation(done(own, trade([sealed(one.unit!)])), stage)
  }
  const xs = (at: Scene, id: string) =>
    at.marks.flatMap(one => (one.id === id && one.kind === 'path' ? one.points.map(corner => corner.x) : []))
  it('is what is drawn, at its backset from the edge, and no opening nobody reads', () => {
    const measured = scene('measure')
    const reading = measured.marks.find(one => one.id === 'backset')
    expect(reading?.kind === 'reading' && [reading.value, reading.from.x, reading.to.x]).toEqual([
      length('57 mm'),
      0,
      -length('57 mm'),
    ])
    expect(measured.marks.map(one => one.id)).not.toContain('hole')
    const rose = scene('fit').marks.find(one => one.id === 'handle.rose')
    expect(rose?.kind === 'arc' && rose.centre.x).toBe(-length('57 mm'))
  })
  it('lies on the other side where the hinges are, with a case only where one is mortised in', () => {
    const other = scene('measure', {}, { hinges: 'right' })
    expect(Math.min(...xs(other, 'leaf'))).toBe(0)
    expect(xs(other, 'case').length).toBe(4)
    const bored = scene('measure', { 'fact.lock-case': 'tubular-latch' })
    expect([xs(bored, 'case').length, xs(bored, 'bore').length > 0]).toEqual([0, true])
  })
})

describe('the hand on the drawing', () => {
  const words = (family: (typeof FAMILIES)[number], way: (typeof CASES)[number][1], wished = {}) => {
    const own = records({}, { way, chosen: null, hinges: null, swing: null, ...wished })
    const result = done({ ...own, opening: { ...own.opening, family } }, trade())
    return [elevation(result, 'specify'), plan(result, true)].flatMap(({ marks }) =>
      marks.flatMap(mark => (mark.kind === 'label' && mark.id.startsWith('hand.') ? [`${mark.id} ${mark.word}`] : [])),
    )
  }
  it('asks on both sides until it is settled', () =>
    expect(words('hinged-outside', 'trim-off')).toEqual([
      'hand.left hinges-maybe',
      'hand.right hinges-maybe',
      'hand.in swings-in-maybe',
      'hand.out swings-out-maybe',
    ]))
  it('says where the hinges are and which way it goes', () =>
    expect(words('hinged-outside', 'trim-off', { hinges: 'right', swing: 'out' })).toEqual([
      'hand.left hinges-other',
      'hand.right hinges-here',
      'hand.in swings-in-maybe',
      'hand.out swings-out',
    ]))
  it('is not asked of a slider', () => expect(words('slider', 'trim-off')).toEqual([]))
  it('is not in the way while measuring', () => {
    const { scenes } = sceneOf('hinged-outside', 'trim-off')
    expect(scenes.flatMap(scene => scene.marks).filter(mark => mark.id.startsWith('hand.'))).toEqual([])
  })
})

describe('what is not sure on the drawing', () => {
  const OPTIONS = { textHeight: inches(1), step: '1/16', word: (code: string) => code, openText: '–' } as const
  const textOf = (texts: object, id: string) =>
    lowerScene(sceneOf('hinged-outside', 'trim-off', texts).scenes[0], OPTIONS).flatMap(mark =>
      mark.kind === 'text' && mark.id === id ? [`${mark.text} ${mark.certainty}`] : [],
    )
  const SIZES = { 'trim-off/widths.middle': '38', 'trim-off/heights.centre': '82' }
  it('an open reading is only open, until there is something to assume', () => {
    expect(textOf({}, 'trim-off/lean.left')).toEqual(['– assumed'])
    expect(textOf(SIZES, 'trim-off/lean.left')).toEqual(['±1/2 assumed'])
    expect(textOf(SIZES, 'trim-off/widths.top')).toEqual(['– assumed'])
  })
  it('an unchecked reading says so', () => expect(textOf(SIZES, 'trim-off/widths.middle')).toEqual(['38 unchecked']))
  it('a suspect one stands with what it most likely is', () =>
    expect(textOf({ ...TRUE_OPENING, 'trim-off/widths.top': '40' }, 'trim-off/widths.top')).toEqual([
      '40 → 38? doubtful',
    ]))
})

describe('the foot of a leg', () => {
  const foot = (covering: string) => {
    const one = KIND_CASES['an inside door']!
    const own = openingOf({ ...one, texts: { ...one.texts, 'floor.covering': covering } }, 1)
    return section(done(own, trade([sealed(one.unit!)])))
  }
  it('is what an inside door shows: no sill, no step outside, a pack as thick as the covering', () => {
    const { name, marks } = foot('5/8')
    const ids = marks.map(one => one.id)
    expect([name, ids.includes('sill'), ids.includes('step.outside')]).toEqual(['foot', false, false])
    const pack = marks.find(one => one.id === 'pad')
    expect(pack?.kind === 'path' && Math.max(...pack.points.map(one => one.y))).toBe(length('5/8'))
    expect(marks.filter(one => one.kind === 'reading').map(one => one.id)).toEqual(['floor.covering'])
  })
  it('stands on the floor itself where none is to come', () =>
    expect(foot('0').marks.map(one => one.id)).not.toContain('pad'))
})
