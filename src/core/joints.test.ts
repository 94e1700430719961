import { CALL_TRADE } from '../compute/call-trade'
import { STEPS } from '../trade/steps'
import type { Family } from './base/kinds'
import { answer } from './calls/calls'
import type { CatalogueUnit } from './catalogue/unit'
import { drawnOf } from './draw'
import { elevation } from './drawing/elevation'
import { plan } from './drawing/plan'
import { dueAt } from './fit/due'
import { hingePullN } from './physics/hinge-load'
import { GAP_PLACES } from './test/edges'
import { frameUnit, interiorUnit, leafUnit, lockUnit, stormUnit } from './test/family-units'
import {
  done,
  entry,
  fact,
  LENGTHS,
  length,
  reading,
  records,
  type Settled,
  stepEntry,
  TRUE_OPENING,
  trade,
  unit,
} from './test/fixtures'
import { KIND_CASES, openingOf, sealed } from './test/kind-cases'
import { goingOn } from './test/orders'
import { formatWithUnit } from './units/format-length'
import { inches, type Length, mm, ticks } from './units/length'

// What is handed from one sum to the next: each of these was once the right formula with the wrong quantity.

const CHOSEN = { chosen: { unit: unit().id, reason: '' } }
const FULL = TRUE_OPENING
type Texts = { readonly [slot: string]: string }
const run = (texts: Texts, wished: Partial<Settled> = {}, units: readonly CatalogueUnit[] = [unit()]) =>
  done(records(texts, { ...CHOSEN, ...wished }), trade(units))
const of = (
  family: Family,
  texts: Texts,
  wished: Partial<Settled>,
  units: readonly CatalogueUnit[],
  facts: Texts = {},
) => {
  const own = records(texts, { ...CHOSEN, ...wished })
  const answers = Object.entries(facts).map(([slot, code]) => fact(slot as 'fact.kerf', code))
  return done({ ...own, answers, opening: { ...own.opening, family } }, trade(units))
}
const wide = (width: string, height = '82 1/2'): Texts => ({
  ...Object.fromEntries(Object.entries(FULL).filter(([slot]) => !slot.includes('diagonals'))),
  ...Object.fromEntries(['bottom', 'middle', 'top'].map(at => [`trim-off/widths.${at}`, width])),
  ...Object.fromEntries(['left', 'centre', 'right'].map(at => [`trim-off/heights.${at}`, height])),
})
const BLOCK = (width: string): Texts => ({
  ...Object.fromEntries(['bottom', 'middle', 'top'].map(at => [`masonry/widths.${at}`, width])),
  ...Object.fromEntries(['left', 'centre', 'right'].map(at => [`masonry/heights.${at}`, '82 1/2'])),
})
const GAPS = (one: string, more: Texts = {}): Texts => ({
  ...Object.fromEntries(GAP_PLACES.map(slot => [slot, one])),
  ...more,
})
const SEAL = { 'core/widths.bottom': '35', 'core/heights.left': '79', 'leaf.thickness': '1 3/4' }
const codes = (all: readonly { readonly code: string }[]) => all.map(one => one.code)
const sum = (all: readonly Length[]) => all.reduce((total: number, one) => total + one, 0)

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

describe('between blocks', () => {
  it('a screw goes on through the buck an inch into the block', () => {
    const { shims } = run(BLOCK('39 1/2'), { way: 'masonry' })
    for (const one of shims!.points) expect(one.screwLength).toBeGreaterThanOrEqual(length('2 3/4'))
  })
  it('the masonry practice counts the room once', () => {
    const { unit: derived } = run(BLOCK('39 1/2'), {
      way: 'masonry',
      chosen: null,
      schools: { 'rough-opening': 'masonry' },
    }).specification
    expect([derived!.width.value, derived!.height.value]).toEqual([length('37 1/2'), length('82')])
  })
  it('a room the practice asks for is not too much', () => {
    const { chosen } = run(FULL, { schools: { 'rough-opening': 'masonry' } }, [unit({ width: length('37') })])
    expect(chosen!.preparations.filter(one => one.amount <= 0)).toEqual([])
    expect(chosen!.preparations.map(one => one.id)).not.toContain('pack-sides')
  })
  it('bucks are ripped thinner, never the block relieved', () => {
    const { chosen } = run(BLOCK('35 1/8'), { way: 'masonry' }, [
      unit({ width: length('33 3/8'), leafWidth: length('32') }),
    ])
    expect(chosen!.preparations.map(one => one.id)).toContain('rip-bucks')
    expect(chosen!.preparations.map(one => one.id)).not.toContain('relieve-pinch')
    expect(chosen!.bucks!.left + chosen!.bucks!.right).toBe(length('1 1/4'))
  })
  it.each(['left', 'right'] as const)(
    'hung on the %s, the buck that is ripped is the other one, and so it is said and drawn',
    hinges => {
      const narrow = unit({ width: length('33 3/8'), leafWidth: length('32') })
      const { chosen, work } = run(BLOCK('35 1/8'), { way: 'masonry', hinges }, [narrow])
      const { left, right } = chosen!.bucks!
      expect(hinges === 'left' ? [left, right] : [right, left]).toEqual([length('3/4'), length('1/2')])
      expect(chosen!.preparations.find(one => one.id === 'rip-bucks')!.amount).toBe(length('1/2'))
      const widthOf = (id: string) => {
        const found = elevation(drawnOf(work, records({}, { hinges }).wishes), 'fit').marks.find(one => one.id === id)
        const xs = found?.kind === 'path' ? found.points.map(one => one.x) : []
        return Math.max(...xs) - Math.min(...xs)
      }
      expect([widthOf('buck.left'), widthOf('buck.right')]).toEqual([left, right])
    },
  )
  it('no bucks are drawn where the wall is none of masonry', () => {
    const { work } = run(FULL)
    for (const scene of [elevation(drawnOf(work, records().wishes), 'fit'), plan(drawnOf(work, records().wishes))])
      expect(scene.marks.filter(one => one.id.startsWith('buck.'))).toEqual([])
  })
})

describe('a storm door', () => {
  const trim = {
    ...Object.fromEntries(['bottom', 'middle', 'top'].map(at => [`brickmould/widths.${at}`, '36 1/16'])),
    'brickmould/heights.left': '80 3/4',
    'brickmould/heights.right': '80 3/4',
  }
  const storm = stormUnit({
    widthLeast: length('35 15/16'),
    widthMost: length('36 3/16'),
    heightLeast: length('80 1/2'),
  })
  it('in its range has no chance to fail: the range judges it', () => {
    const { chance, chosen, findings } = of('storm', trim, { way: 'brickmould', swing: 'out', bore: null }, [storm])
    expect([chance, chosen!.verdict]).toEqual([null, 'fits'])
    expect(codes(findings.measure).filter(code => code.startsWith('chance'))).toEqual([])
  })
  it('nor has a lock set', () => {
    const { chance } = of('interior', { ...FULL, 'leaf.thickness': '40 mm', backset: '57 mm' }, {}, [lockUnit()], {
      'fact.lock-function': 'privacy',
    })
    expect(chance).toBeNull()
  })
})

describe('the leaf that hangs', () => {
  it('is the chosen one, not the old one that was read', () => {
    const texts = { 'core/widths.bottom': '34 5/8', 'core/heights.left': '80' }
    const { further, findings } = run(texts, { way: 'core', settings: ['escape'] }, [
      unit({ width: length('35 1/2'), leafWidth: length('34') }),
    ])
    expect(further.clearWidth).toBe(length('31 3/4'))
    expect(codes(findings.specify)).toContain('clear-width')
  })
  it('has as many hinges as its height or its sheet asks, a pack behind each, and screws to match', () => {
    const tall = run(wide('38', '98 1/2'), {}, [unit({ height: length('97 3/4'), leafHeight: length('96') })])
    const low = run(wide('38', '60 1/2'), {}, [unit({ height: length('59 3/4'), leafHeight: length('58') })])
    const hinges = ({ shims }: typeof tall) => shims!.points.filter(one => one.why === 'hinge').length
    expect([hinges(tall), tall.line?.hingeCount, hinges(low), low.line?.hingeCount]).toEqual([4, 4, 2, 2])
    const cut = leafUnit({ hingeTops: ['7', '30', '50', '74'].map(length), height: length('84') })
    const leaf = of(
      'steel-leaf',
      { 'core/widths.bottom': '35 3/4', 'core/heights.left': '84' },
      { way: 'core', bore: null },
      [cut],
    )
    expect(leaf.further.hingePlaces!.tops).toHaveLength(4)
  })
  it('pulls at its top hinge over the distance between its hinges', () => {
    const { further } = run(FULL, { construction: 'solid-44' })
    const { tops } = further.hingePlaces!
    expect(further.hinges!.pullN).toBeCloseTo(
      hingePullN(further.mass!.kg, inches(36), ticks(tops.at(-1)! - tops[0]!)),
      6,
    )
    expect(further.hinges!.pullN).toBeCloseTo(152.7, 0)
  })
  it('gives the edges that are sealed, not its frame', () => {
    const { sealed } = run({ ...FULL, 'gap.head.left': '1/8' })
    expect(sealed.edges.map(one => [one.id, one.length])).toEqual(
      expect.arrayContaining([
        ['head', inches(36)],
        ['left', inches(80)],
      ]),
    )
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

describe('a practice', () => {
  it('of three quarters is for the width alone', () => {
    const texts = { 'pocket/widths.bottom': '31 7/8', 'pocket/heights.left': '80', 'floor.drop': '0' }
    const { unit: derived } = run(texts, {
      way: 'pocket',
      chosen: null,
      schools: { 'rough-opening': 'three-quarters' },
    }).specification
    expect([
      derived!.roughWidth.value - derived!.width.value,
      derived!.roughHeight.value - derived!.height.value,
    ]).toEqual([length('3/4'), length('1/2')])
  })
})

describe('an odd reading', () => {
  it('that nobody can have taken is a finding at its place, and breaks nothing', () => {
    for (const [slot, value] of [
      ['pocket/widths.bottom', 0],
      ['wall.left', mm(20_000)],
      ['strings.gap', mm(12_000)],
      ['trim-off/fall.sill', mm(10_000)],
    ] as const) {
      const own = records(FULL)
      const odd = { ...own, readings: [...own.readings, reading(slot, '1', { value: value as Length })] }
      expect(done(odd).findings.measure).toContainEqual(
        expect.objectContaining({ code: 'reading-impossible', place: slot }),
      )
    }
  })
  it('that nothing checks and that contradicts the rest is asked for again', () => {
    const texts = {
      'trim-off/widths.bottom': '34',
      'trim-off/heights.left': '79',
      'trim-off/diagonals.risingRight': '84 1/2',
      'trim-off/diagonals.risingLeft': '84 1/2',
    }
    expect(codes(run(texts, { chosen: null }).findings.measure)).toContain('reading-contradicts')
  })
  it('of another person two inches off stops the order, and so does rot below', () => {
    const own = records(FULL, CHOSEN)
    const other = reading('trim-off/widths.middle', '35 15/16', {
      takenBy: 'Bram Oake',
      takenAt: '2026-03-01T00:00:00.000Z',
    })
    expect(done({ ...own, readings: [...own.readings, other] }).line).toBeNull()
    expect(run(FULL, { subfloor: 'rotten' }).line).toBeNull()
  })
})

describe('a seal', () => {
  const plan = (texts: Texts, facts: Texts = {}, material: 'timber' | 'steel' = 'timber') =>
    of('seal-only', { ...SEAL, ...texts }, { way: 'core', material, chosen: null }, [], facts)
  const refused = (all: ReturnType<typeof plan>, kind: string) =>
    all.seals!.edges.flatMap(({ edge, options }) =>
      options.flatMap(one => (one.seal.kind === kind && !one.holds ? [edge.id] : [])),
    )
  it('goes by the leaf as it is: no drop seal in a thin one', () => {
    expect(refused(plan(GAPS('1/4', { 'leaf.thickness': '1 3/8' })), 'drop')).toEqual(['bottom'])
    expect(refused(plan(GAPS('1/4')), 'drop')).toEqual([])
  })
  it('is pushed into a kerf only where there is one', () => {
    expect(refused(plan(GAPS('1/8'), { 'fact.kerf': 'no' }), 'push-in').length).toBeGreaterThan(2)
    expect(refused(plan(GAPS('1/8'), { 'fact.kerf': 'yes' }), 'push-in')).toEqual([])
  })
  it('closes no bottom that an appliance breathes by', () => {
    const { seals, findings } = plan(GAPS('1/8'), { 'fact.airflow': 'appliance-behind-it' })
    expect(seals!.edges.find(one => one.edge.id === 'bottom')!.chosen).toBeNull()
    expect(findings.seal).toContainEqual(expect.objectContaining({ severity: 'stop' }))
  })
  it('that holds water is for no outside wood, and on metal is never taken for granted', () => {
    expect(refused(plan(GAPS('1/4')), 'u-shoe')).toEqual(['bottom'])
    const option = plan(GAPS('1/4'), {}, 'steel')
      .seals!.edges.flatMap(one => one.options)
      .find(one => one.seal.kind === 'u-shoe')!
    expect([option.holds, option.isAsked]).toEqual([true, true])
  })
  it('is nothing a tight door wants', () =>
    expect(plan(GAPS('0')).findings.seal.filter(one => one.severity !== 'watch' && one.severity !== 'fine')).toEqual(
      [],
    ))
  it('stands where its gaps were read, and what lies between was assumed is said', () => {
    const texts = { 'gap.left.top': '0', 'gap.left.middle': '1/8' }
    const other = { 'gap.left.top': '0', 'gap.left.bottom': '1/8' }
    expect(plan(texts).seals!.before.flowM3h[1]).not.toBeCloseTo(plan(other).seals!.before.flowM3h[1], 3)
    expect(codes(plan(texts).findings.seal)).toContain('gaps-between')
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

describe('what is shown of a length', () => {
  it('is rounded to the safe side: what goes in down, what is gone into up', () => {
    expect(formatWithUnit(length('35 27/32'), '1/16', 'down')).toBe('≈ 35 13/16 in')
    expect(formatWithUnit(length('38 5/32'), '1/16', 'down')).toBe('≈ 38 1/8 in')
    expect(formatWithUnit(length('38 5/32'), '1/16', 'up')).toBe('≈ 38 3/16 in')
    expect(formatWithUnit(ticks(-1), '1/16', 'down')).toBe('≈ -1/16 in')
    expect(formatWithUnit(length('36'), '1/16', 'up')).toBe('36 in')
  })
  it('no pack is thicker than its gap, in three thousand random ones', () => {
    for (let i = 0; i < 3000; i++) {
      const gap = 1300 + ((i * 7919) % 60_000)
      const reply = answer({ call: 'shim.pack', input: { gap } }, CALL_TRADE)
      if ('ok' in reply) expect((reply.ok as { leftOver: number }).leftOver).toBeGreaterThanOrEqual(0)
    }
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
