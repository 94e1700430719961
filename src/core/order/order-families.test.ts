import { tradeWith } from '../../trade/trade'
import type { Family } from '../base/kinds'
import { NEW_FIRM } from '../catalogue/firm'
import type { CatalogueUnit } from '../catalogue/unit'
import { DETAILS } from '../specification/wish-values'
import type { Answer } from '../survey/answer'
import type { OpeningRecords } from '../terms'
import { frameUnit, leafUnit, lockUnit, pairUnit, sliderUnit, stormUnit } from '../test/family-units'
import { done, fact, length, records, type Settled, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { OLD_LEAF } from '../test/old-leaf'
import { goingOn } from '../test/orders'
import { orderLineSchema } from './order'

const SETTLED = Object.fromEntries(DETAILS.map(name => [name, 'x']))
function opening(
  family: Family,
  texts: { readonly [slot: string]: string },
  facts: readonly Answer[],
  chosen: CatalogueUnit,
  wished: Partial<Settled> = {},
): OpeningRecords {
  const base = records(texts, { bore: null, chosen: { unit: chosen.id, reason: '' }, ...wished })
  return { ...base, answers: facts, opening: { ...base.opening, family } }
}
const full = (one: CatalogueUnit): CatalogueUnit => ({ ...one, details: SETTLED })
const lineOf = (own: OpeningRecords, chosen: CatalogueUnit) => {
  const { line, findings } = done(goingOn(own, trade([chosen])), trade([chosen]))
  if (!line) throw new Error(JSON.stringify(findings.order))
  return orderLineSchema.parse(line)
}

describe('a line of every kind of door', () => {
  it('a pair names its active leaf, and no hinge side', () => {
    const chosen = full(pairUnit({ width: length('37 1/2') }))
    const own = opening('pair', TRUE_OPENING, [fact('fact.active-leaf', 'right')], chosen, {
      hinges: null,
      bore: 'double',
    })
    expect(lineOf(own, chosen)).toMatchObject({ activeLeaf: 'right', hinges: null, swing: 'in', code: null })
  })
  it('a slider names which panel moves, and neither hinges nor swing', () => {
    const chosen = full(sliderUnit())
    const own = opening('slider', TRUE_OPENING, [fact('fact.moving-panel', 'left')], chosen, { way: 'trim-off' })
    expect(lineOf(own, chosen)).toMatchObject({ panels: 'OX', hinges: null, swing: null, codes: null })
  })
  it.each([
    ['block', 'stop'],
    ['flange', null],
  ])('a slider made with a flange where a frame of kind %s was found: %s', (kind, severity) => {
    const chosen = { ...full(sliderUnit()), details: { ...SETTLED, 'frame-kind': 'flange' } }
    const facts = [fact('fact.moving-panel', 'left'), fact('fact.frame-kind', kind)]
    const own = opening('slider', TRUE_OPENING, facts, chosen, { way: 'trim-off' })
    const found = done(own, trade([chosen])).findings.order.find(one => one.code === 'order-found-otherwise')
    expect(found?.severity ?? null).toBe(severity)
  })
  it('a storm door is packed and cut for its trim', () => {
    const chosen = full(stormUnit())
    const texts = { 'brickmould/widths.top': '36 3/8', 'brickmould/heights.left': '80 1/2' }
    const own = opening('storm', texts, [], chosen, { way: 'brickmould', swing: 'out' })
    expect(lineOf(own, chosen)).toMatchObject({
      cut: { pack: length('3/8'), rail: length('80 1/4'), closer: 'foot' },
      derived: { width: length('36 3/8'), height: length('80 1/2') },
      roughOpening: null,
      hinges: 'left',
      swing: 'out',
    })
  })
  it('a metal leaf is ordered by the old one', () => {
    const chosen = full(leafUnit())
    const own = opening('steel-leaf', OLD_LEAF, [fact('fact.label', '90')], chosen, { way: 'core', swing: 'out' })
    expect(lineOf(own, chosen)).toMatchObject({ labelWanted: 90, derived: { width: length('35 3/4') }, wall: null })
  })
  it('a steel frame is ordered by its throat', () => {
    const chosen = full(frameUnit())
    const texts = { ...TRUE_OPENING, 'wall.left': '5', 'wall.head': '4 7/8', 'wall.right': '4 7/8' }
    const own = opening('steel-frame', texts, [fact('fact.wall-state', 'finished')], chosen)
    expect(lineOf(own, chosen)).toMatchObject({ unit: { throat: length('5') }, jambExtension: null })
  })
  it('a lock set has no size to derive', () => {
    const chosen = full(lockUnit())
    const texts = {
      'leaf.thickness': '40 mm',
      backset: '57 mm',
      'core/widths.middle': '762 mm',
      'core/heights.left': '1981 mm',
    }
    const own = opening('interior', texts, [fact('fact.lock-function', 'privacy')], chosen, { way: 'core' })
    expect(lineOf(own, chosen)).toMatchObject({ derived: null, roughOpening: null, spares: {}, pad: 0 })
  })
})

describe('completeness', () => {
  const missing = (own: OpeningRecords, chosen: CatalogueUnit) =>
    done(own, trade([chosen])).findings.order.flatMap(one => (one.code === 'order-missing' ? [one.facts.what] : []))
  it('asks which leaf is active, and which panel moves', () => {
    const pair = full(pairUnit())
    expect(missing(opening('pair', TRUE_OPENING, [], pair, { bore: 'double' }), pair)).toContain('active-leaf')
    const slider = full(sliderUnit())
    expect(missing(opening('slider', TRUE_OPENING, [], slider), slider)).toContain('panels')
  })
  it('asks for what the unit’s sheet leaves open, until it is wished', () => {
    const chosen = unit({ details: { ...unit().details, 'colour-outside': 'white|green', sweep: undefined } })
    const asked = (details: Settled['details']) =>
      missing(opening('hinged-outside', TRUE_OPENING, [], chosen, { bore: 'double', details }), chosen)
    expect(asked({})).toEqual(['detail.colour-outside', 'detail.sweep'])
    expect(asked({ 'colour-outside': 'red', sweep: 'double fin' })).toEqual(['detail.colour-outside'])
    expect(asked({ 'colour-outside': 'green', sweep: 'double fin' })).toEqual([])
  })
  it('asks for the minutes of a fire label', () => {
    const own = (labelMinutes: number | null) =>
      opening('hinged-outside', TRUE_OPENING, [], unit({ labelMinutes: 90 }), {
        bore: 'double',
        settings: ['fire-label'],
        labelMinutes,
      })
    expect(missing(own(null), unit({ labelMinutes: 90 }))).toEqual(['label'])
    expect(missing(own(30), unit({ labelMinutes: 90 }))).toEqual([])
  })
})

describe('the hand’s code', () => {
  const own = opening('hinged-outside', TRUE_OPENING, [], unit(), { bore: 'double', swing: 'out' })
  const run = (conventions: { readonly [maker: string]: 'pushSide' | 'din107' }) =>
    done(own, tradeWith([unit()], { firm: { ...NEW_FIRM, conventions } }))
  it('is the maker’s where it is known: then nothing is warned of', () => {
    const { line, findings } = run({ Test: 'pushSide' })
    expect(line!.code).toEqual({ convention: 'pushSide', hand: 'RH', isKnown: true })
    expect(findings.order.map(one => one.code)).not.toContain('order-hand')
  })
  it('is the firm’s own where it is not, with a warning for an out-swing door', () => {
    const { line, findings } = run({ Other: 'din107' })
    expect(line!.code).toEqual({ convention: 'outsideView', hand: 'LH', isKnown: false })
    expect(findings.order.map(one => one.code)).toContain('order-hand')
  })
})

describe('a second look', () => {
  const made = (priceCents: number, stock = false) => unit({ priceCents, stock })
  const codes = (
    chosen: CatalogueUnit,
    texts: { readonly [slot: string]: string } = TRUE_OPENING,
    again: OpeningRecords['readings'] = [],
  ) => {
    const own = opening('hinged-outside', texts, [], chosen, { bore: 'double' })
    return done({ ...own, readings: [...own.readings, ...again] }, trade([chosen])).findings.order.map(one => one.code)
  }
  it.each([
    ['made to order at 1,000.00', made(100_000), false],
    ['made to order at 1,000.01', made(100_001), true],
    ['from stock at 5,000.00', made(500_000, true), false],
  ])('%s: %s', (_, chosen, asks) => expect(codes(chosen).includes('order-second-look')).toBe(asks))
  it('is satisfied by another way that agrees', () =>
    expect(
      codes(made(200_000), {
        ...TRUE_OPENING,
        'pocket/widths.middle': '36',
        'pocket/heights.left': '81 1/4',
        'floor.drop': '0',
      }),
    ).not.toContain('order-second-look'))
  it('is satisfied by another person who read a width and a height alike', () => {
    const by = (slot: string, text: string) => ({
      ...records({ [slot]: text }).readings[0]!,
      takenBy: 'Bram Oake',
      takenAt: '2026-03-01T00:00:00.000Z',
    })
    const width = by('trim-off/widths.middle', '38')
    const height = { ...by('trim-off/heights.left', '82 1/2'), id: '01900000-0000-7000-8000-00000000ffff' }
    expect(codes(made(200_000), TRUE_OPENING, [width])).toContain('order-second-look')
    expect(codes(made(200_000), TRUE_OPENING, [width, height])).not.toContain('order-second-look')
  })
})

describe('wishes that contradict each other', () => {
  const run = (
    wished: Partial<Settled>,
    texts: { readonly [slot: string]: string } = TRUE_OPENING,
    facts: readonly Answer[] = [],
    family: Family = 'hinged-outside',
  ) => {
    const { findings } = done(opening(family, texts, facts, unit(), { bore: 'double', ...wished }), trade([unit()]))
    return {
      pairs: findings.specify.flatMap(one =>
        one.code === 'wishes-contradict' ? [[one.facts.which, one.severity]] : [],
      ),
      stops: findings.order.some(one => one.code === 'order-contradiction'),
    }
  }
  it.each([
    ['label-clearance', 'watch', { labelMinutes: 20 }, TRUE_OPENING, [], 'hinged-outside'],
    [
      'label-lowered',
      'correct',
      { labelMinutes: 20, swing: 'out' },
      TRUE_OPENING,
      [fact('fact.label', '90')],
      'steel-frame',
    ],
    [
      'label-material',
      'correct',
      { labelMinutes: 20, swing: 'out', material: 'pvc' },
      TRUE_OPENING,
      [],
      'hinged-outside',
    ],
    [
      'garage-material',
      'correct',
      { use: 'garage-to-house', material: 'fibreglass' },
      TRUE_OPENING,
      [],
      'hinged-outside',
    ],
    [
      'escape-lock',
      'correct',
      { settings: ['escape'] },
      TRUE_OPENING,
      [fact('fact.lock-function', 'keyed')],
      'interior',
    ],
    [
      'anchors-wall',
      'correct',
      { details: { anchors: 'masonry' } },
      TRUE_OPENING,
      [fact('fact.wall-kind', 'steel-studs')],
      'steel-frame',
    ],
    [
      'accessible-step',
      'correct',
      { settings: ['accessible'] },
      { ...TRUE_OPENING, 'step.outside': '33/64' },
      [],
      'hinged-outside',
    ],
  ] as const)('%s is found as %s', (which, severity, wished, texts, facts, family) => {
    const { pairs, stops } = run(wished as Partial<Settled>, texts, facts, family)
    expect(pairs).toEqual([[which, severity]])
    expect(stops).toBe(severity === 'correct')
  })
  it.each([
    ['a garage door of timber', { use: 'garage-to-house', material: 'timber' }, TRUE_OPENING],
    ['a labelled one of steel that swings out', { labelMinutes: 20, swing: 'out', material: 'steel' }, TRUE_OPENING],
    ['an accessible step of 1/2', { settings: ['accessible'] }, { ...TRUE_OPENING, 'step.outside': '1/2' }],
  ] as const)('%s is none', (_, wished, texts) => expect(run(wished as Partial<Settled>, texts).pairs).toEqual([]))
})
