import { STEPS } from '../trade/steps'
import { dueAt } from './fit/due'
import { frameUnit, interiorUnit, lockUnit } from './test/family-units'
import { done, entry, fact, LENGTHS, length, records, stepEntry, trade, unit } from './test/fixtures'
import { BLOCK, CHOSEN, codes, FULL, of, run, sum, type Texts, wide } from './test/joined'
import { KIND_CASES, openingOf, sealed } from './test/kind-cases'
import { goingOn } from './test/orders'
import { inches } from './units/length'

// The same where a unit is stood, packed, screwed and set.

describe('the covering that comes after a door inside', () => {
  const inside = (covering: string, height: string) => {
    const one = KIND_CASES['an inside door']!
    const own = sealed(interiorUnit({ height: length(height) }))
    const by = trade([own])
    return done(
      goingOn(openingOf({ ...one, unit: own, texts: { ...one.texts, 'floor.covering': covering } }, 1), by),
      by,
    )
  }
  it('lifts its legs: in the height that is ordered, in the hole, on the order and at a step of its own', () => {
    const [bare, lifted] = [inside('0', '80 1/2'), inside('5/8', '80 1/2')]
    expect(lifted.specification.unit!.height.value).toBe(bare.specification.unit!.height.value - length('5/8'))
    expect(lifted.chosen!.placement!.headGap).toBe(bare.chosen!.placement!.headGap - length('5/8'))
    expect([bare.line?.padOf, lifted.line?.pad, lifted.line?.padOf]).toEqual([null, length('5/8'), 'under-legs'])
    expect(lifted.chosen!.preparations.map(one => one.id)).not.toContain('pad-sill')
    const packed = (one: typeof bare) => one.steps.find(step => step.id === 'legs-packed')
    expect(packed(bare)).toBeUndefined()
    expect(dueAt(packed(lifted)!, lifted, [])).toEqual([{ kind: 'pad', thickness: length('5/8') }])
  })
  it('leaves no room where it is forgotten', () =>
    expect([inside('0', '81 1/4').chosen!.verdict, inside('5/8', '81 1/4').chosen!.verdict]).toEqual([
      'fits',
      'too-large',
    ]))
})

describe('the hole of a screw', () => {
  const holes = (own: Parameters<typeof unit>[0], texts: Texts = FULL, way: 'trim-off' | 'masonry' = 'trim-off') => {
    const sheet = unit(own)
    const { shims } = done(records(texts, { way, chosen: { unit: sheet.id, reason: '' } }), trade([sheet]))
    return shims!.points.flatMap(one => one.hole ?? [])
  }
  it('is opened for the head in the first wall of a hollow leg, and in no solid one', () => {
    const accesses = (legMaterial: 'pvc' | 'timber' | null) => new Set(holes({ legMaterial }).map(one => one.access))
    expect([...accesses('pvc')]).toEqual([LENGTHS['access-hole'].value])
    expect([...accesses('timber'), ...accesses(null)]).toEqual([null, null])
  })
  it('goes on into the block behind a buck too thin to hold it', () => {
    expect(new Set(holes({}).map(one => one.into))).toEqual(new Set(['wood']))
    const block = holes({ width: length('36 1/4') }, BLOCK('38'), 'masonry')
    expect(new Set(block.map(one => [one.into, one.pilot].join(' ')))).toEqual(
      new Set([`block ${LENGTHS['pilot-block'].value}`]),
    )
  })
})

describe('the steps of a lock', () => {
  const ids = (old: string, lockKind: 'mortise-case' | 'tubular-latch' | 'bolt-below') => {
    const one = KIND_CASES['a lock set']!
    const own = sealed(lockUnit({ lockKind, lockCase: null }))
    const facts = { ...one.facts, 'fact.lock-case': old }
    return done(openingOf({ ...one, unit: own, facts }, 1), trade([own])).steps.map(step => step.id)
  }
  it.each([
    ['tubular-latch', 'mortise-case', ['old-lock-off', 'mortise-cut'], ['bore-cut', 'bolt-in', 'prepare-chop-case']],
    ['mortise-case', 'tubular-latch', ['old-lock-off', 'prepare-fill-edge', 'bore-cut'], ['mortise-cut', 'bolt-in']],
    ['tubular-latch', 'bolt-below', ['prepare-bore-bolt', 'bolt-in', 'dust-box'], ['old-lock-off', 'knobs-on']],
  ] as const)('in place of a %s, a %s goes in', (old, kind, has, hasNot) => {
    const found = ids(old, kind)
    expect(found).toEqual(expect.arrayContaining([...has]))
    expect(hasNot.filter(id => found.includes(id))).toEqual([])
  })
})

describe('the pad under the sill', () => {
  it('is taken from the height that is ordered, and from the chance', () => {
    const { specification, findings } = run({ ...FULL, 'floor.highest': '3/4' }, { chosen: null })
    expect([specification.floor!.pad.value, specification.unit!.height.value]).toEqual([
      length('1/2'),
      length('81 1/2'),
    ])
    const high = run({ ...FULL, 'floor.highest': '1' })
    expect(high.chosen!.verdict).toBe('too-large')
    expect(high.chance).toBeLessThan(0.05)
    expect(codes(high.findings.measure)).not.toContain('chance-goes-in')
    expect(codes(findings.measure)).toContain('chance-goes-in')
  })
  it('is one figure under a labelled leaf, specified and offered', () => {
    const labelled = run({ ...FULL, 'floor.highest': '3/4' }, { labelMinutes: 20, settings: ['fire-label'] }, [
      unit({ labelMinutes: 20 }),
    ])
    expect(labelled.specification.floor!.pad.value).toBe(labelled.offers[0]!.pad)
  })
})

describe('a unit in its opening', () => {
  it('moved aside keeps an eighth at either side', () => {
    const { shims } = run(FULL, { shift: inches(2) })
    for (const one of shims!.points) expect(one.gap).toBeGreaterThanOrEqual(inches(0, 1, 8) - 16)
  })
  it('too loose is filled by the excess, and filler and packs are one sum', () => {
    const { chosen, shims } = run(wide('39'))
    const filled = chosen!.filler!
    for (const one of shims!.points) {
      const own = sum(filled[one.member as 'left' | 'right'])
      expect(one.filler).toBe(own)
      expect(own + sum(one.pack!.flats)).toBeLessThanOrEqual(one.gap)
    }
  })
  it('has its longest screw at the top hinge', () => {
    const leaning = {
      ...wide('38'),
      'trim-off/widths.top': '37 3/4',
      'trim-off/widths.middle': '37 7/8',
      'trim-off/lean.left': '1/4',
    }
    const { shims } = run(leaning, {}, [unit({ width: length('37'), leafWidth: length('35 1/2') })])
    const top = shims!.points.find(one => one.place === 'hinge.top')!
    expect(Math.max(...shims!.points.map(one => one.screwLength ?? 0))).toBe(top.screwLength)
  })
  it('is confirmed by the plumb rectangle in its height too', () => {
    const falling = { ...wide('38'), 'trim-off/fall.sill': '1/2', 'trim-off/fall.head': '1/2' }
    expect(codes(run(falling, { chosen: null }).findings.diagnose)).toContain('plumb-smaller')
  })
  it('with a jamb two inches too deep is not planed', () => {
    const { offers } = run({ ...FULL }, {}, [unit({ jamb: length('6 9/16') })])
    expect(['fits', 'tight', 'loose']).not.toContain(offers[0]!.verdict)
  })
  it('of solid timber may go between garage and house; hollow it may not', () => {
    const timber = unit({ material: 'timber', details: { ...unit().details, core: 'solid timber' } })
    const wished = { use: 'garage-to-house', material: 'timber', construction: 'solid-44' } as const
    expect(run(FULL, wished, [timber]).offers[0]!.verdict).not.toBe('dropped')
    expect(
      run(FULL, { ...wished, material: 'fibreglass', construction: null }, [unit({ material: 'fibreglass' })])
        .offers[0]!.verdict,
    ).toBe('dropped')
  })
})

describe('setting', () => {
  const FRIDAY = Date.UTC(2026, 10, 20, 8)
  const LIST = STEPS['prehung-outside']
  const steps = (ids: readonly string[], now: string, texts: Texts = FULL) => {
    const log = LIST.filter(one => ids.includes(one.id)).map(one => stepEntry(one, FRIDAY))
    const own = { ...records(texts, CHOSEN), log, answers: [fact('fact.old-door', 'new-wall')] }
    return new Map(done(own, trade(), now).steps.map(one => [one.id, one.state]))
  }
  it('waits for the foam until the next working morning, and goes on then', () => {
    const before = LIST.slice(0, LIST.findIndex(one => one.id === 'foam') + 1).map(one => one.id)
    expect(steps(before, '2026-11-22T09:00:00.000Z').get('foam-latch')).toBe('waiting')
    expect(steps(before, '2026-11-23T07:01:00.000Z').get('foam-latch')).toBe('ready')
  })
  it('lays a pad only where one is', () => {
    const crowned = {
      ...FULL,
      'trim-off/crown.sill': '1/16',
      'trim-off/lean.left': '1/8',
      'trim-off/lean.right': '1/8',
    }
    expect(steps([], '2026-11-20T09:00:00.000Z', crowned).has('pad')).toBe(false)
    expect(steps([], '2026-11-20T09:00:00.000Z', { ...FULL, 'floor.highest': '3/4' }).has('pad')).toBe(true)
  })
  it('of what was opened again is looked at again', () => {
    const own = { ...records(FULL, CHOSEN), answers: [fact('fact.old-door', 'new-wall')] }
    const again = [
      ...LIST.filter(one => ['check-unit', 'sill-ready', 'dry-fit'].includes(one.id)).map(one =>
        stepEntry(one, FRIDAY),
      ),
      entry('step', 'sill-ready', 'reopened', Date.UTC(2026, 10, 20, 10)),
    ]
    const states = new Map(done({ ...own, log: again }).steps.map(one => [one.id, one.state]))
    expect([states.get('sill-ready'), states.get('dry-fit')]).toEqual(['ready', 'look-again'])
  })
})

it('a steel frame stands on its anchors and wants no sill that is packed', () => {
  const own = of(
    'steel-frame',
    { ...FULL, 'wall.left': '5', 'wall.head': '5', 'wall.right': '5', 'floor.highest': '1' },
    { bore: 'single' },
    [frameUnit()],
  )
  expect([own.specification.floor, own.chosen!.pad]).toEqual([null, 0])
  for (const one of own.shims!.points) expect(one.screwLength).toBeNull()
})
