import { frameUnit, leafUnit, lockUnit, sliderUnit, stormUnit, UNIT_OF } from '../test/family-units'
import { length, unit, wishes } from '../test/fixtures'
import { floorAt, request as made } from '../test/request'
import { mm } from '../units/length'
import { judgeUnit } from './judge-unit'
import type { Offer } from './offer'
import type { Request } from './request'
import type { SiteFacts, TrimRead } from './site'
import { unitSchema } from './unit-record'

const request = (site: Partial<SiteFacts> = {}, more: Partial<Omit<Request, 'site'>> = {}): Request =>
  made({ wishes: wishes({ bore: null }), wall: null, ...more, site })
const codes = (offer: Offer) => offer.reasons.map(one => one.code)
const work = (offer: Offer) => offer.preparations.map(one => one.id)

const trim = (more: Partial<TrimRead> = {}): TrimRead => ({
  widths: ['36', '36', '36'].map(length),
  heights: ['80 1/2', '80 1/2'].map(length),
  face: length('2'),
  proud: length('1 1/16'),
  isMoulded: false,
  entry: [],
  space: null,
  ...more,
})

describe('a storm door', () => {
  const judged = (read: Partial<TrimRead>, sheet: Parameters<typeof stormUnit>[0] = {}) =>
    judgeUnit(stormUnit(sheet), request({ trim: trim(read) }))
  it.each([
    ['in the middle of its range', '36', 'fits', 'storm-in-range'],
    ['1/16 from the upper limit', '36 3/16', 'tight', 'storm-edge'],
    ['5/64 from the upper limit', '36 11/64', 'fits', 'storm-in-range'],
    ['on the limit', '36 1/4', 'tight', 'storm-edge'],
    ['1/4 over', '36 1/2', 'loose', 'storm-packed'],
    ['1 in over', '37 1/4', 'loose', 'storm-packed'],
    ['1 1/64 in over', '37 17/64', 'too-small', 'storm-out-of-range'],
    ['1/64 under', '35 47/64', 'too-large', 'storm-out-of-range'],
  ])('%s', (_, width, verdict, code) => {
    const offer = judged({ widths: [width, width, width].map(length) })
    expect([offer.verdict, offer.reasons[0]!.code]).toEqual([verdict, code])
  })
  it('is packed to the middle of what may be packed, up to the next stock strip: 7/16 becomes 1/2', () => {
    const offer = judged(
      { widths: ['32 3/8', '32 1/2', '32 1/2'].map(length) },
      { widthLeast: length('31 3/4'), widthMost: length('32 1/4') },
    )
    expect(offer.storm).toMatchObject({
      pack: length('1/2'),
      fit: { packLeast: length('1/4'), packMost: length('5/8') },
    })
    expect(work(offer)).toEqual(['pack-legs'])
  })
  it('is packed clear of both ends of its range: not the next strip where that lands on one', () => {
    const offer = judged(
      { widths: ['32 7/16', '32 1/2', '32 9/16'].map(length) },
      { widthLeast: length('31 7/8'), widthMost: length('32 3/8') },
    )
    expect(offer.storm).toMatchObject({ pack: length('3/8') })
  })
  it('is refused where the trim tapers more than any pack can serve', () => {
    const offer = judged({ widths: ['35 7/8', '36 1/4', '36 1/2'].map(length) })
    expect(offer).toMatchObject({ verdict: 'too-large', reasons: [{ facts: { verdict: 'taper' } }] })
  })
  it('has its rail cut down, and says what stays open below it', () => {
    const { storm } = judged({ heights: ['80 33/64', '80 3/4'].map(length) })
    expect(storm).toMatchObject({ rail: length('80 1/4'), headGap: length('3/16'), bottomGap: length('5/64') })
  })
  it('takes another handle where its own meets the entry door’s, and not when the doors stand far apart', () => {
    const entry = [{ middle: length('42'), half: length('1 1/4'), proud: length('1 1/4') }]
    const near = judged({ entry, space: length('2 1/2') })
    expect([codes(near).includes('storm-handle'), work(near)]).toEqual([true, ['change-handle']])
    const far = judged({ entry, space: length('2 33/64') })
    expect([codes(far).includes('storm-handle'), work(far)]).toEqual([false, []])
  })
  it.each([
    ['moulded', { isMoulded: true }, true],
    ['63/64 wide', { face: length('63/64') }, true],
    ['1 wide', { face: length('1') }, false],
    ['63/64 proud', { proud: length('63/64') }, true],
    ['not read', { face: null, proud: null }, false],
  ])('asks for work on trim that is %s: %s', (_, read, asks) =>
    expect(work(judged(read)).includes('rework-trim')).toBe(asks),
  )
  it('that wants a key inside is refused on an escape route', () => {
    const fleeing = request({ trim: trim() }, { wishes: wishes({ settings: ['escape'] }) })
    expect(codes(judgeUnit(stormUnit({ keyInside: true }), fleeing))).toContain('key-inside')
    expect(codes(judgeUnit(stormUnit(), fleeing))).not.toContain('key-inside')
  })
  it('hangs on either side when it is reversible, else on its own', () => {
    const right = request({ trim: trim() }, { wishes: wishes({ hinges: 'right' }) })
    expect(judgeUnit(stormUnit({}, { hinges: 'left' }), right).verdict).toBe('fits')
    expect(codes(judgeUnit(stormUnit({ reversible: false }, { hinges: 'left' }), right))).toContain('hand-not-made')
  })
  it('is not judged before its trim was read', () =>
    expect(judgeUnit(stormUnit(), request())).toMatchObject({ verdict: 'dropped', reasons: [{ code: 'not-read' }] }))
})

describe('a metal leaf', () => {
  const existing = {
    hingeHeight: length('4 1/2'),
    boreKind: 'single',
    width: length('35 3/4'),
    height: length('79 1/8'),
    thickness: length('1 3/4'),
    hinges: ['7 1/4', '37 1/16', '66 7/8'].map(length),
    bore: length('40 5/16'),
    backset: length('2 3/4'),
    labelMinutes: 90,
  }
  const judged = (
    sheet: Parameters<typeof leafUnit>[0] = {},
    more: Parameters<typeof leafUnit>[1] = {},
    gaps: SiteFacts['leafGaps'] = { head: length('1/8'), floor: length('5/8') },
  ) => judgeUnit(leafUnit(sheet, more), request({ leaf: existing, leafGaps: gaps }))
  it('that agrees in everything fits', () => expect(judged()).toMatchObject({ verdict: 'fits', minutes: 0 }))
  it('whose hinges are all 1/16 lower fits: it hangs 1/16 higher', () => {
    const offer = judged({ hingeTops: ['7 5/16', '37 1/8', '66 15/16'].map(length) })
    expect(offer).toMatchObject({ verdict: 'fits', leaf: { shift: length('1/16'), pitchError: 0 } })
    expect(codes(offer)).toEqual(['leaf-matches'])
  })
  it('that would then rub at the head is warned of', () =>
    expect(
      codes(
        judged({ hingeTops: ['7 5/16', '37 1/8', '66 15/16'].map(length) }, {}, { head: length('7/64'), floor: null }),
      ),
    ).toContain('leaf-gaps'))
  it('with one hinge 3/8 off is refused, and says that it is a pitch', () => {
    const offer = judged({ hingeTops: ['7 1/4', '37 7/16', '66 7/8'].map(length) })
    expect(offer.verdict).toBe('dropped')
    expect(offer.reasons).toMatchObject([
      { code: 'leaf-differs', facts: { member: 'hinges', shift: { length: 0 }, pitch: { length: length('3/8') } } },
    ])
  })
  it.each([
    ['width', {}, { width: length('35 11/16') }, true],
    ['width', {}, { width: length('35 43/64') }, false],
    ['hingeHeight', { hingeHeight: length('4') }, {}, false],
    ['boreKind', { bore: 'double' as const }, {}, false],
    ['thickness', { leafThickness: length('1 25/32') }, {}, true],
    ['thickness', { leafThickness: length('1 51/64') }, {}, false],
    ['backset', { backset: length('2 3/8') }, {}, false],
    ['bore', { boreTop: length('40 13/16') }, {}, true],
    ['bore', { boreTop: length('40 53/64') }, {}, false],
    ['labelMinutes', {}, { labelMinutes: 60 }, false],
    ['labelMinutes', {}, { labelMinutes: 180 }, true],
  ])('with another %s matches: %#', (member, sheet, more, matches) => {
    const offer = judged(sheet, more)
    expect(offer.verdict).toBe(matches ? 'fits' : 'dropped')
    expect(offer.reasons.some(one => one.facts.member === member)).toBe(!matches)
  })
})

describe('a steel frame', () => {
  const judged = (throat: string, site: Partial<SiteFacts> = {}, form: 'knock-down' | 'welded' = 'knock-down') =>
    judgeUnit(frameUnit({ throat: length(throat), frameForm: form }), request({ wallStack: length('5'), ...site }))
  it.each([
    ['4 63/64', 'dropped', 'throat-too-small'],
    ['5', 'fits', 'throat-takes-wall'],
    ['5 1/4', 'fits', 'throat-takes-wall'],
    ['5 17/64', 'fits', 'throat-strips'],
    ['5 1/2', 'fits', 'throat-strips'],
    ['5 33/64', 'dropped', 'throat-too-large'],
  ])('of throat %s round a 5 in wall: %s', (throat, verdict, code) => {
    const offer = judged(throat)
    expect([offer.verdict, offer.reasons[0]!.code]).toEqual([verdict, code])
  })
  it('takes whole strips: 1/2 over leaves 3/8 for three of 1/8', () => {
    const offer = judged('5 1/2')
    expect(offer.reasons[0]!.facts.strips).toBe(3)
    expect(work(offer)).toEqual(['strip-throat'])
  })
  it('that is welded is refused for a finished wall, and not for an open one', () => {
    expect(codes(judged('5', { isWallFinished: true }, 'welded'))).toContain('welded-for-finished-wall')
    expect(judged('5', { isWallFinished: false }, 'welded').verdict).toBe('fits')
  })
  it('is not judged before the wall was read', () =>
    expect(codes(judged('5', { wallStack: null }))).toContain('not-read'))
})

describe('a slider', () => {
  it('whose other panel moves is refused', () => {
    expect(codes(judgeUnit(sliderUnit(), request({ panels: 'XO' })))).toContain('panels-other')
    expect(judgeUnit(sliderUnit({ panels: 'both' }), request({ panels: 'XO' })).verdict).toBe('fits')
  })
  it('is padded out to the siding', () =>
    expect(judgeUnit(sliderUnit(), request({ siding: length('1 1/4') })).preparations).toMatchObject([
      { id: 'pad-siding', amount: length('1 1/4') },
    ]))
  it('too short for its hole gets a head built down by what the room leaves, and its siding patched', () => {
    const offer = judgeUnit(sliderUnit({ height: length('79 1/2') }), request())
    expect(offer.preparations.map(one => [one.id, one.amount])).toEqual([
      ['build-down-head', length('2 1/2')],
      ['patch-siding', length('2 1/2')],
    ])
  })
})

describe('a lock set', () => {
  const read = { backset: mm(57), thickness: mm(40), kind: 'mortise-case', function: 'privacy' }
  const judged = (sheet: Parameters<typeof lockUnit>[0] = {}, lock: Partial<typeof read> = {}) =>
    judgeUnit(lockUnit(sheet), request({ lock: { ...read, ...lock } }))
  it('of the same family, function and thickness fits without work', () =>
    expect(judged()).toMatchObject({ verdict: 'fits', minutes: 0 }))
  it.each([
    ['3 mm off', { lockBackset: mm(60) }, {}, null],
    ['3.01 mm off', { lockBackset: mm(60.01) }, {}, 'lock-backset'],
    ['for another function', { lockFunction: 'passage' as const }, {}, 'lock-function'],
    ['for thinner leaves', {}, { thickness: mm(45.11) }, 'lock-thickness'],
    ['for thicker leaves', {}, { thickness: mm(34.89) }, 'lock-thickness'],
    ['from 35 mm, in a leaf of 1 3/8 in', {}, { thickness: length('1 3/8') }, null],
    ['from 35 mm, in a leaf of 1 11/32 in', {}, { thickness: length('1 11/32') }, 'lock-thickness'],
  ])('%s: %s', (_, sheet, lock, code) => {
    const found = codes(judged(sheet, lock)).filter(one => one.startsWith('lock-') && one !== 'lock-fits')
    expect(found).toEqual(code === null ? [] : [code])
  })
  it('in place of a latch is chopped in; a latch in place of a case leaves one to fill', () => {
    expect(work(judged({}, { kind: 'tubular-latch' }))).toEqual(['chop-case'])
    expect(work(judged({ lockKind: 'tubular-latch', lockCase: null }))).toEqual(['fill-edge'])
  })
  it('that is a bolt of its own is bored in below a latch that stays, and goes with nothing else', () => {
    const below = (kind: string) => judged({ lockKind: 'bolt-below', lockCase: null }, { kind })
    expect([below('tubular-latch').verdict, work(below('tubular-latch'))]).toEqual(['fits', ['bore-bolt']])
    expect([below('mortise-case').verdict, codes(below('mortise-case'))]).toEqual([
      'dropped',
      expect.arrayContaining(['bolt-without-latch']),
    ])
  })
})

describe('what a setting asks', () => {
  it('glass near a door is safety glass', () => {
    const near = request({}, { wishes: wishes({ settings: ['glass-near'] }) })
    expect(codes(judgeUnit(unit({ glass: 'plain' }), near))).toContain('glass-not-safe')
    expect(codes(judgeUnit(unit({ glass: 'safety' }), near))).not.toContain('glass-not-safe')
  })
  it('a label of at least the old one’s minutes', () => {
    expect(codes(judgeUnit(unit({ labelMinutes: 20 }), request({ labelMinutes: 30 })))).toContain('label-too-low')
    expect(codes(judgeUnit(unit({ labelMinutes: 30 }), request({ labelMinutes: 30 })))).not.toContain('label-too-low')
  })
  it('a labelled leaf is packed to the label’s clearance, not to what was wanted', () => {
    const labelled = judgeUnit(unit({ labelMinutes: 30 }), request({ labelMinutes: 30 }, { floor: floorAt('1/2') }))
    expect([labelled.pad, codes(labelled).includes('label-floor')]).toEqual([length('1/8'), true])
    expect(judgeUnit(unit(), request({}, { floor: floorAt('1/2') })).pad).toBe(length('1/4'))
  })
})

it('what a unit comes without is paid for with it', () => {
  const offer = judgeUnit(unit({ lacks: ['lock', 'closer'] }), request())
  expect(offer.cents.hardware).toBe(8900 + 4800)
  expect(offer.cents.total - judgeUnit(unit(), request()).cents.total).toBe(13_700)
})

describe('a unit’s sheet', () => {
  it.each([
    ['widthMost', { ...stormUnit(), widthMost: null }],
    ['leafThickness', { ...leafUnit(), leafThickness: null }],
    ['throat', { ...frameUnit(), throat: null }],
    ['panels', { ...sliderUnit(), panels: null }],
    ['lockBackset', { ...lockUnit(), lockBackset: null }],
  ])('%s is needed by its kind', (member, one) =>
    expect(unitSchema.safeParse(one).error?.issues[0]?.path).toEqual([member]),
  )
  it.each([
    ['widthMost', stormUnit({ widthMost: length('35') })],
    ['heightMost', stormUnit({ heightMost: length('70') })],
    ['thicknessMost', lockUnit({ thicknessMost: mm(30) })],
  ])('%s below what it is at least is refused at its place', (member, one) =>
    expect(unitSchema.safeParse(one).error?.issues[0]?.path).toEqual([member]),
  )
  it.each(Object.entries(UNIT_OF))(
    'of kind %s is what its schema says, and nothing of another kind is taken',
    (_, one) => {
      expect(unitSchema.parse(one())).toEqual(one())
      expect(unitSchema.safeParse({ ...one(), nobodys: 1 }).success).toBe(false)
    },
  )
})
