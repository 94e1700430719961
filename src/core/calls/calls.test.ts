import { Readable, Writable } from 'node:stream'
import { CALL_TRADE } from '../../compute/call-trade'
import { replyTo, serveLines } from '../../compute/main'
import { ISSUE_CODES, issueWords } from '../../words/issues'
import { randomFrom, wholeFrom } from '../test/fixtures'
import { inches } from '../units/length'
import { answer, CALLS } from './calls'

const ask = (call: string, input: unknown) => answer({ call, input }, CALL_TRADE)

describe('a call', () => {
  it('takes lengths as typed or as ticks', () => {
    const typed = ask('jamb.choose', { wall: '4 9/16' })
    expect(ask('jamb.choose', { wall: inches(4, 9, 16) })).toEqual(typed)
  })
  it.each([
    ['length.parse', { text: '79 1/16+', unit: 'in' }, { ticks: inches(79, 3, 32), rounded: false }],
    ['length.format', { ticks: inches(36, 3, 8), unit: 'in', to: '1/16' }, { text: '36 3/8', exact: true }],
    ['length.format', { ticks: 1, unit: 'mm' }, { text: '≈ 0', exact: false }],
    ['size.parse', { text: '3068' }, { width: inches(36), height: inches(80) }],
    [
      'handing.codes',
      { hinges: 'left', swing: 'out' },
      { outsideView: 'LH', backToHinges: 'RH', pushSide: 'RH', din107: 'L', conventionsAgree: false },
    ],
    [
      'size.chain',
      { known: 'leaf', value: '36' },
      {
        leaf: inches(36),
        pocket: inches(36),
        unit: inches(37, 1, 2),
        roughOpening: inches(38),
        mouldOutside: inches(40),
        stormOpening: inches(36),
      },
    ],
    ['rack.diagonals', { width: '60', risingRight: '100', risingLeft: '100', side: '80' }, { lean: 0, closure: 0 }],
    ['rack.diagonals', { width: '36', risingRight: '87 1/2', risingLeft: '88' }, { lean: -49_530 }],
    [
      'fill.layers',
      { thickness: '1', stock: ['3/4', '1/2'] },
      { layers: [inches(0, 1, 2), inches(0, 1, 2)], leftOver: 0 },
    ],
    [
      'sill.pan',
      { opening: '91', end: '20', centre: '28' },
      { centres: 3, total: inches(59), cuts: [inches(28), inches(15, 1, 2), inches(15, 1, 2)] },
    ],
    ['sill.pan', { opening: '36', end: '20', centre: '48' }, { centres: 0, total: 0, cuts: [] }],
    [
      'handle.window',
      {
        body: '4',
        taken: [
          ['41', '43'],
          ['34', '36'],
        ],
        between: ['32', '45'],
      },
      { free: [[inches(38, 1, 2), inches(38, 1, 2)]] },
    ],
    ['handle.window', { body: '4', taken: [], between: ['32', '45'] }, { free: [[inches(32), inches(45)]] }],
    ['screw.hole', { holes: ['3/4', '3', '1 3/4'], drywall: '1/2' }, { pick: 1 }],
    ['screw.hole', { holes: ['1/4'], drywall: '1/2' }, { pick: null }],
    [
      'contact.check',
      { widths: ['5/16', '7/16', '9/16'] },
      {
        inRange: [false, true, false],
        spread: inches(0, 1, 4),
        ok: false,
        moves: [inches(0, 1, 16), 0, -inches(0, 1, 16)],
      },
    ],
    ['date.after', { on: '2026-08-31', months: 6 }, { on: '2027-02-28' }],
    ['date.after', { on: '2026-01-31', months: 1, days: 1 }, { on: '2026-03-01' }],
    [
      'leaf.mass',
      { width: '1000 mm', height: '2000 mm', arealKgM2: 20, classesKg: [20, 40, 120] },
      { massKg: 40, class: 1 },
    ],
    [
      'leaf.mass',
      { width: '800 mm', height: '2000 mm', thickness: '40 mm', densityKgM3: 500 },
      { massKg: expect.closeTo(32, 9), class: null },
    ],
    [
      'twist.legs',
      { left: '1/8', right: '-1/8' },
      {
        twist: inches(0, 1, 4),
        decision: 'split',
        proud: { left: inches(0, 1, 16), right: -inches(0, 1, 16) },
      },
    ],
    ['shim.pack', { gap: '1/4' }, { flats: [inches(0, 1, 4)], wedgeOffset: null, pieces: 1, leftOver: 0 }],
    [
      'unit.derive',
      { way: 'masonry', width: ['38'], height: ['82'], buck: '1/2' },
      {
        unit: { width: inches(36, 1, 2), height: inches(81, 1, 2) },
        roughOpening: { width: inches(37), height: inches(82) },
        governing: { width: 0, height: 0 },
      },
    ],
  ])('%s', (call, input, ok) => expect(ask(call, input)).toEqual({ ok }))
  it('places a unit by readings or by points', () => {
    const points = {
      L0: [0, 0],
      L1: [0, '41'],
      L2: [0, '82'],
      R0: ['38', 0],
      R1: ['38', '41'],
      R2: ['38', '82'],
      S: ['19', 0],
      T: ['19', '82'],
    }
    expect(ask('fit.place', { points, unit: { width: '37', height: '81' } })).toMatchObject({
      ok: { fits: true, left: inches(0, 1, 2), headGap: inches(1) },
    })
    expect(
      ask('fit.place', {
        readings: { widths: { bottom: '38' }, heights: { left: '82' } },
        unit: { width: '37', height: '81' },
      }),
    ).toMatchObject({ ok: { fits: true, sideRoom: inches(1) } })
  })
})

describe('an input that can’t be answered', () => {
  it.each([
    ['nothing.here', {}, 'call.unknown', 'call'],
    ['toString', {}, 'call.unknown', 'call'],
    ['length.parse', { unit: 'in' }, 'input.missing', 'text'],
    ['length.parse', { text: 36, unit: 'in' }, 'input.text', 'text'],
    ['length.parse', { text: '36', unit: 'ell' }, 'input.choice', 'unit'],
    ['length.parse', { text: '36', unit: 'in', colour: 'blue' }, 'input.unknown', 'colour'],
    ['length.format', { ticks: 0.5, unit: 'in' }, 'input.ticks', 'ticks'],
    ['length.format', { ticks: 1, unit: 'in', to: '1' }, 'input.choice', 'to'],
    ['unit.derive', { way: 'pocket', width: ['36', '3/10'], height: ['80'] }, 'length.denominator', 'width[1]'],
    ['unit.derive', { way: 'pocket', width: [], height: ['80'] }, 'input.list', 'width'],
    ['opening.adjust', { heights: { left: '80' } }, 'opening.no-width', 'widths'],
    ['opening.adjust', { widths: { bottm: '36' }, heights: { left: '80' } }, 'input.unknown', 'widths.bottm'],
    ['fit.place', { points: { L0: [0] }, unit: { width: '37', height: '81' } }, 'input.point', 'points.L0'],
    [
      'gap.leakage',
      { sides: [{ gaps: ['-1 mm'], length: '1 m', depth: '44 mm' }], pressuresPa: [4] },
      'input.negative',
      'sides[0].gaps[0]',
    ],
    [
      'gap.leakage',
      { sides: [{ gaps: ['1 mm'], length: '0', depth: '44 mm' }], pressuresPa: [4] },
      'input.negative',
      'sides[0].length',
    ],
    [
      'gap.leakage',
      { sides: [{ gaps: ['1 mm'], length: '1 m', depth: '44 mm' }], pressuresPa: [-4] },
      'input.negative',
      'pressuresPa[0]',
    ],
    ['size.chain', { known: 'door', value: '36' }, 'input.choice', 'known'],
    ['size.chain', { known: 'unit', value: '1' }, 'input.negative', 'value'],
    ['rack.diagonals', { width: '0', risingRight: '88', risingLeft: '88' }, 'input.negative', 'width'],
    ['fill.layers', { thickness: '1', stock: ['1/2', '0'] }, 'input.negative', 'stock[1]'],
    ['fill.layers', { thickness: '-1', stock: ['1/2'] }, 'input.negative', 'thickness'],
    ['sill.pan', { opening: '72', end: '20', centre: '2' }, 'pan.centre', 'centre'],
    ['handle.window', { body: '6', taken: [], between: ['44', '30'] }, 'input.span', 'between'],
    ['handle.window', { body: '6', taken: [['44', '30']], between: ['30', '44'] }, 'input.span', 'taken[0]'],
    ['screw.hole', { holes: ['1'], drywall: '1/2', stud: '-3 1/2' }, 'input.negative', 'stud'],
    ['contact.check', { widths: ['3/8', '3/8'] }, 'contact.three', 'widths'],
    ['sound.rate', { tlDb: [30], method: 'rw' }, 'sound.bands', 'tlDb'],
    ['sound.rate', { tlDb: Array.from({ length: 16 }, () => 30), method: 'nrc' }, 'sound.method', 'method'],
    ['sound.composite', { parts: [{ areaM2: 0, tlDb: [30] }] }, 'input.negative', 'parts[0].areaM2'],
    ['date.after', { on: '2026-02-30' }, 'date.unreadable', 'on'],
    ['date.after', { on: '2026-02-28', months: 0.5 }, 'input.whole', 'months'],
    ['leaf.mass', { width: '36', height: '80' }, 'input.missing', 'arealKgM2'],
    ['leaf.mass', { width: '36', height: '80', arealKgM2: 9, thickness: '1' }, 'input.one-of', 'thickness'],
    ['leaf.mass', { width: '36', height: '80', arealKgM2: 9, classesKg: [40, 20] }, 'input.rising', 'classesKg[1]'],
    ['twist.legs', { left: '1/8', right: '0', fine: '1/2' }, 'input.span', 'split'],
    ['unit.derive', { way: 'pocket', width: [64_000_000], height: ['80'] }, 'input.range', 'input'],
  ])('%s %p is %s at %s', (call, input, code, path) =>
    expect(ask(call, input)).toMatchObject({ error: { code, path } }),
  )
  it('treats a reading that is null as not taken', () =>
    expect(ask('opening.adjust', { widths: { bottom: '36', top: null }, heights: { left: '80' } })).toMatchObject({
      ok: { suspect: null },
    }))
  it('has words for every code it can give', () => {
    for (const code of ISSUE_CODES) expect(issueWords({ code, facts: { typed: 'x' } })).toMatch(/[.]$/)
    expect(issueWords({ code: 'no.such', facts: {} })).toBe('Refused: no.such')
  })
})

describe('the command-line door', () => {
  it.each(['', '{', 'null', '[]', '7', '{"call":"length.parse"}', '{"call":{},"input":{}}'])(
    'answers the line %p with an error and a sentence',
    line => {
      const reply = JSON.parse(replyTo(line))
      expect(reply.error.message).toMatch(/\w.*\./)
    },
  )
  it('answers every line, in order', async () => {
    const lines = [
      '{"call":"size.parse","input":{"text":"3068"}}',
      '',
      'x',
      '{"call":"size.parse","input":{"text":"2868"}}',
    ]
    const written: string[] = []
    const output = new Writable({
      write: (chunk, _encoding, done) => {
        written.push(String(chunk))
        done()
      },
    })
    await serveLines(Readable.from([`${lines.join('\n')}\n`]), output)
    const replies = written
      .join('')
      .trim()
      .split('\n')
      .map(line => JSON.parse(line))
    expect(replies.map(reply => ('ok' in reply ? reply.ok.width : reply.error.code))).toEqual([
      inches(36),
      'input.json',
      'input.json',
      inches(32),
    ])
  })
  it('never throws, whatever is asked (2,000 seeded requests)', () => {
    const random = randomFrom(99)
    const values = [
      null,
      true,
      -1,
      0,
      1e12,
      'x',
      '36 3/8',
      '',
      [],
      ['36'],
      {},
      { bottom: '36' },
      { left: '1' },
      [[0, 0]],
      1e308,
    ]
    const members = [
      'text',
      'unit',
      'ticks',
      'way',
      'width',
      'height',
      'widths',
      'heights',
      'gap',
      'flats',
      'stock',
      'first',
      'pitch',
      'holes',
      'length',
      'sides',
      'pressuresPa',
      'points',
      'readings',
      'legA',
      'legB',
      'diagonal',
      'wall',
    ]
    const pick = <T>(all: readonly T[]): T => all[wholeFrom(random, 0, all.length - 1)]!
    for (let i = 0; i < 2000; i++) {
      const input = Object.fromEntries(
        Array.from({ length: wholeFrom(random, 0, 6) }, () => [pick(members), pick(values)]),
      )
      const reply = JSON.parse(replyTo(JSON.stringify({ call: pick(Object.keys(CALLS)), input })))
      expect('ok' in reply || typeof reply.error.message === 'string').toBe(true)
    }
  })
})
