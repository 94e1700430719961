import { CALL_TRADE } from '../compute/call-trade'
import { answer } from './calls/calls'
import { drawnOf } from './draw'
import { elevation } from './drawing/elevation'
import { plan } from './drawing/plan'
import { hingePullN } from './physics/hinge-load'
import { leafUnit, lockUnit, stormUnit } from './test/family-units'
import { done, length, reading, records, unit } from './test/fixtures'
import { BLOCK, CHOSEN, codes, FULL, GAPS, of, run, SEAL, type Texts, wide } from './test/joined'
import { formatWithUnit } from './units/format-length'
import { inches, type Length, mm, ticks } from './units/length'

// What is handed from one sum to the next: each of these was once the right formula with the wrong quantity.

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
    const thin = refused(plan(GAPS('1/4', { 'leaf.thickness': '1 3/8' })), 'drop')
    expect([thin.length > 0, refused(plan(GAPS('1/4')), 'drop')]).toEqual([true, []])
  })
  it('is pushed into a kerf only where there is one', () => {
    expect(refused(plan(GAPS('1/8'), { 'fact.kerf': 'no' }), 'push-in').length).toBeGreaterThan(2)
    expect(refused(plan(GAPS('1/8'), { 'fact.kerf': 'yes' }), 'push-in')).toEqual([])
  })
  it('closes no bottom that an appliance breathes by', () => {
    const { seals, findings } = plan(GAPS('1/8'), { 'fact.airflow': 'appliance-behind-it' })
    expect(seals!.edges.find(one => one.edge.id === 'bottom')!.chosen).toEqual([])
    expect(findings.seal).toContainEqual(expect.objectContaining({ severity: 'stop' }))
  })
  it('that holds water is for no outside wood, and on metal is never taken for granted', () => {
    expect(new Set(refused(plan(GAPS('1/4')), 'u-shoe'))).toEqual(new Set(['bottom']))
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
