import type { Family } from '../base/kinds'
import { DOORS } from '../doors/doors'
import { partWishes } from '../records/raise'
import type { Answer } from '../survey/answer'
import { done, fact, length, records, trade } from '../test/fixtures'
import { FURTHER_CODES, type FurtherCode } from './further'
import type { Wishes } from './wishes'
import { wishesSchema } from './wishes'

const run = (family: Family, texts: object, facts: readonly Answer[] = [], wished: Partial<Wishes> = {}) => {
  const way = DOORS[family].survey.ways[0]!
  const own = records({ ...texts }, { way, chosen: null, ...wished })
  return done({ ...own, opening: { ...own.opening, family }, answers: facts }, trade())
}
const FURTHER: ReadonlySet<string> = new Set<FurtherCode>(FURTHER_CODES)
const further = (result: ReturnType<typeof run>) => result.findings.specify.filter(one => FURTHER.has(one.code))
const found = (result: ReturnType<typeof run>) => further(result).map(one => one.code)

describe('a storm door', () => {
  const trim = {
    'brickmould/widths.bottom': '36 1/16',
    'brickmould/widths.top': '36',
    'brickmould/heights.left': '80 3/4',
    'brickmould/heights.right': '80 13/16',
  }
  it('is ordered for the smallest width and height', () => {
    const { storm } = run('storm', trim).further
    expect([storm!.width.value, storm!.height.value]).toEqual([length('36'), length('80 3/4')])
  })
  it.each([
    ['36 1/8', []],
    ['36 9/64', ['trim-tapers']],
  ])('with trim from 36 to %s: %j', (bottom, codes) =>
    expect(found(run('storm', { ...trim, 'brickmould/widths.bottom': bottom }))).toEqual(codes),
  )
  it.each([
    ['84', null, false],
    ['84 1/64', null, true],
    ['80 3/4', '36', false],
    ['80 3/4', '36.1', true],
  ])('%s high and %s kg heavy has two closers: %s', (height, kg, has) => {
    const texts = {
      ...trim,
      'brickmould/heights.left': height,
      'brickmould/heights.right': height,
      ...{ 'leaf.width': '36' },
    }
    const result = run('storm', texts, kg === null ? [] : [fact('fact.weight', kg)])
    expect(found(result).includes('two-closers')).toBe(has)
  })
  it('says which heights its handle can’t have', () => {
    const handle = { 'handle.height': '36', 'handle.proud': '2 1/2' }
    expect(run('storm', { ...trim, ...handle }).further.storm!.taken).toEqual([
      { from: length('29 1/2'), to: length('42 1/2') },
    ])
    expect(run('storm', { ...trim, ...handle, 'doors.space': '4' }).further.storm!.taken).toEqual([])
  })
})

describe('a steel frame', () => {
  it.each([
    ['5', 'throat-fits', 'fine'],
    ['5 9/16', 'throat-packed', 'watch'],
    ['8', 'throat-none', 'stop'],
  ])('for a wall of %s: %s', (wall, code, severity) =>
    expect(further(run('steel-frame', { 'wall.left': '4 7/8', 'wall.right': wall }))).toMatchObject([
      { code, severity },
    ]),
  )
  it.each([
    ['5 1/8', []],
    ['4 3/4', ['throat-under-wall']],
  ])('whose old throat was read as %s round a wall of 5: %j', (throat, codes) =>
    expect(
      found(run('steel-frame', { 'wall.left': '5', throat })).filter(code => code === 'throat-under-wall'),
    ).toEqual(codes),
  )
  it('round a finished wall is knock-down only', () =>
    expect(found(run('steel-frame', { 'wall.left': '5' }, [fact('fact.wall-state', 'finished')]))).toContain(
      'no-welded-frame',
    ))
})

describe('an inside leaf', () => {
  it.each([
    ['20', false],
    ['20.1', true],
  ])('of %s kg wants deeper mortises: %s', (kg, wants) => {
    const size = { 'core/widths.middle': '30', 'core/heights.left': '78' }
    expect(found(run('interior', size, [fact('fact.weight', kg)], { way: 'core' })).includes('deeper-mortises')).toBe(
      wants,
    )
  })
})

describe('a slider', () => {
  it.each([
    ['left', 'OX'],
    ['right', 'XO'],
  ])('whose %s panel moves is %s from outside', (side, panels) =>
    expect(run('slider', {}, [fact('fact.moving-panel', side)]).further.panels).toBe(panels),
  )
  it('is padded out to the siding', () =>
    expect(run('slider', { 'siding.plane': '1 1/4' }).further.siding).toEqual({
      layers: [length('3/4'), length('1/2')],
      leftOver: 0,
    }))
  it('wants its sill level within 1/16', () => {
    const sill = (fall: string) =>
      found(run('slider', { 'trim-off/widths.top': '72', 'trim-off/heights.left': '80', 'trim-off/fall.sill': fall }))
    expect([sill('1/16').length, sill('1/8')]).toEqual([0, ['slider-sill']])
  })
})

describe('an interior door', () => {
  it.each([
    ['46 mm', '45 mm', '2 1/2'],
    ['57 mm', '57 mm', '3'],
    ['2 3/4', '2 3/4', null],
    ['51 mm', null, null],
  ])('with a backset of %s takes a lock of %s', (read, backset, of) => {
    const { lock } = run('interior', { backset: read }).further
    expect(lock).toEqual(backset && { backset: length(backset), case: of && length(of) })
  })
  it.each([
    ['tubular-latch', 'privacy', ['latch-to-case']],
    ['tubular-latch', 'passage', []],
    ['mortise-case', 'privacy', []],
  ])('with a %s for %s: %j', (kind, wanted, codes) =>
    expect(found(run('interior', {}, [fact('fact.lock-case', kind), fact('fact.lock-function', wanted)]))).toEqual(
      codes,
    ),
  )
  it.each([
    ['3', []],
    ['2 1/2', ['case-odd']],
  ])('with a case of %s beside a backset of 57: %j', (depth, codes) =>
    expect(
      found(run('lock-set', { backset: '57 mm', 'case.depth': depth }, [fact('fact.lock-case', 'mortise-case')])),
    ).toEqual(codes),
  )
  it('weighed on a scale wants hinges for that', () => {
    const leaf = { 'core/widths.middle': '900 mm', 'core/heights.left': '2040 mm' }
    const result = run('interior', leaf, [fact('fact.weight', '58.5')], { construction: 'hollow-core' })
    const { mass, hinges } = result.further
    expect([mass!.kg, hinges!.count, hinges!.hinge!.id]).toEqual([58.5, 3, 'ball-100'])
    expect(found(result)).toEqual(expect.arrayContaining(['deeper-mortises', 'two-people']))
  })
  it('by its construction weighs its area', () => {
    const leaf = { 'core/widths.middle': '1000 mm', 'core/heights.left': '2000 mm' }
    expect(run('interior', leaf, [], { construction: 'solid-44' }).further.mass).toEqual({
      kg: 54,
      isWeighed: false,
    })
  })
})

describe('where a door stands', () => {
  const leaf = (width: string) => ({
    'core/widths.middle': width,
    'core/heights.left': '80',
    'leaf.thickness': '1 3/4',
  })
  it.each([
    ['34 1/4', []],
    ['34 15/64', ['clear-width']],
  ])('on an escape route a leaf of %s: %j', (width, codes) =>
    expect(
      found(run('steel-leaf', leaf(width), [], { settings: ['escape'] })).filter(code => code !== 'setting'),
    ).toEqual(codes),
  )
  it('elsewhere a narrow leaf is no matter', () => expect(found(run('steel-leaf', leaf('28')))).toEqual([]))
  it('becomes a rule that ends with whose call it is', () => {
    const findings = further(run('interior', {}, [], { settings: ['fire-label', 'glass-near'] }))
    expect(findings.map(one => [one.code, one.facts.setting])).toEqual([
      ['setting', 'fire-label'],
      ['setting', 'glass-near'],
    ])
  })
  it('and how a leaf is built are none in a record from before they were asked', () => {
    const { construction: _c, settings: _s, labelMinutes: _l, schools: _h, ...old } = records().wishes
    expect(wishesSchema.parse(partWishes(old, {}).wishes)).toMatchObject({ construction: null, settings: [] })
  })
})

describe('a pair', () => {
  const pocket = { 'pocket/widths.middle': '60', 'pocket/heights.left': '80' }
  const clear = (texts: object) => run('pair', { ...pocket, ...texts }).further.clearWidth
  it('is clear by one leaf: half of what the unit leaves, less its thickness and the stop', () =>
    // 60 and 3/4 on both sides is a unit of 61 1/2; less 1 1/2 for the frame, halved: 30.
    expect(clear({})).toBe(length('27 3/4')))
  it('is clear by its active leaf where that was read', () =>
    expect(clear({ 'leaf.active': '36', 'leaf.passive': '24' })).toBe(length('33 3/4')))
})
