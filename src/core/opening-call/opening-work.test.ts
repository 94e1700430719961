import { CALL_TRADE } from '../../compute/call-trade'
import { FAMILIES } from '../base/kinds'
import { answer } from '../calls/calls'
import { DOORS } from '../doors/doors'
import { done, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { inches } from '../units/length'
import { GATES, gateOf } from './gates'

const ask = (input: object) => answer({ call: 'opening.work', input }, CALL_TRADE)
const ok = (input: object) => {
  const reply = ask(input)
  if (!('ok' in reply)) throw new Error(JSON.stringify(reply))
  return reply.ok as Reply
}
type Row = Readonly<Record<string, unknown>>
type Reply = {
  readonly figures: Row
  readonly findings: readonly Row[]
  readonly offers: readonly Row[]
  readonly order: { readonly releasable: boolean; readonly blocks: readonly string[] }
  readonly fit: { readonly points: readonly Row[]; readonly steps: readonly Row[] }
  readonly seal: { readonly chosen: readonly Row[]; readonly refused: readonly Row[] }
}
const CSV = `article,maker,name,kind,width,height,leaf width,leaf height,jamb,hinges,swing,material,bore,label minutes,leaf bottom,sill depth,price,days,stock
U1,Maker,Unit,hinged-outside,37 1/2,81 3/4,36,80,4 9/16,both,both,timber,double,0,1 1/8,5 9/16,600,7,yes`
const TRUE = {
  family: 'hinged-outside',
  way: 'trim-off',
  readings: TRUE_OPENING,
  wishes: { hinges: 'left', swing: 'in', bore: 'double', subfloor: 'sound' },
}
const SEALED = {
  family: 'seal-only',
  way: 'core',
  readings: {
    'widths.bottom': '35',
    'heights.left': '79',
    'leaf.thickness': '1 3/8',
    ...Object.fromEntries(
      ['head.left', 'left.top', 'right.top', 'bottom.left', 'bottom.centre', 'bottom.right'].map(at => [
        `gap.${at}`,
        '1/4',
      ]),
    ),
  },
  facts: { 'fact.kerf': 'no', 'fact.airflow': 'needed' },
  wishes: { material: 'timber', hinges: 'left' },
}

describe('the whole chain as one call', () => {
  it('says what the sheet of the same opening says', () => {
    const { figures, offers, fit } = ok({ ...TRUE, unitsCsv: CSV, chosen: 'U1' })
    const sheet = done(records(TRUE_OPENING, { chosen: { unit: unit().id, reason: '' } }), trade())
    expect(figures).toMatchObject({
      unitWidth: sheet.specification.unit!.width.value,
      pad: sheet.specification.floor!.pad.value,
      sideRoom: sheet.chosen!.placement!.sideRoom,
      chance: expect.closeTo(sheet.chance!, 6),
    })
    expect(offers).toMatchObject([
      { article: 'U1', verdict: sheet.chosen!.verdict, totalCents: sheet.chosen!.cents.total },
    ])
    expect(fit.points.map(one => [one.place, one.gap, one.screw])).toEqual(
      sheet.shims!.points.map(one => [one.place, one.gap, one.screwLength]),
    )
  })
  it('reads bare numbers in the job’s unit', () => {
    const readings = { 'widths.bottom': '965.2', 'heights.left': '2095.5' }
    expect(ok({ family: 'hinged-outside', way: 'trim-off', unit: 'mm', readings }).figures.unitWidth).toBe(
      inches(37, 1, 2),
    )
  })
  it('takes the demo’s catalogue', () => expect(ok({ ...TRUE, units: 'demo' }).offers.length).toBeGreaterThan(20))
  it.each(FAMILIES)('answers for %s, with nothing read and with everything essential', family => {
    const way = DOORS[family].survey.ways[0]!
    expect(ok({ family, way }).figures.unitWidth).toBeNull()
    const sizes = way === 'lock-edge' ? { backset: '57 mm' } : { 'widths.bottom': '36', 'heights.left': '80' }
    expect(ok({ family, way, readings: sizes, units: 'demo' }).findings).toBeInstanceOf(Array)
  })
})

describe('what can’t be taken is refused at its path', () => {
  it.each([
    [{}, 'input.missing', 'family'],
    [{ family: 'portal', way: 'pocket' }, 'input.choice', 'family'],
    [{ ...TRUE, readings: { 'widths.sideways': '3' } }, 'input.unknown', 'readings.widths.sideways'],
    [{ ...TRUE, readings: { 'widths.bottom': '0' } }, 'input.unreadable', 'readings.widths.bottom'],
    [{ ...TRUE, readings: { 'widths.bottom': '-36' } }, 'input.unreadable', 'readings.widths.bottom'],
    [{ ...TRUE, readings: { 'widths.bottom': '21 m' } }, 'length.too-long', 'readings.widths.bottom'],
    [{ ...TRUE, readings: { 'widths.bottom': '21000 mm' } }, 'length.too-long', 'readings.widths.bottom'],
    [
      { ...TRUE, readings: { 'widths.top': [{ value: '36' }, { value: 'wide' }] } },
      'length.unreadable',
      'readings.widths.top[1].value',
    ],
    [
      { ...TRUE, readings: { 'widths.top': { value: '36', colour: 1 } } },
      'input.unknown',
      'readings.widths.top.colour',
    ],
    [{ ...TRUE, facts: { 'fact.roof': 'flat' } }, 'input.unknown', 'facts.fact.roof'],
    [{ ...TRUE, facts: { 'fact.kerf': 'perhaps' } }, 'input.form', 'facts.fact.kerf'],
    [{ ...TRUE, wishes: { hinges: 'top' } }, 'input.choice', 'wishes.hinges'],
    [{ ...TRUE, practices: { extension: 'none' } }, 'input.choice', 'practices.extension'],
    [{ ...TRUE, allowances: { roominess: '1' } }, 'input.unknown', 'allowances.roominess'],
    [{ ...TRUE, allowances: { 'room-width': '-1' } }, 'input.negative', 'allowances.room-width'],
    [{ ...TRUE, unitsCsv: CSV, chosen: 'U2' }, 'input.article', 'chosen'],
    [{ ...TRUE, unitsCsv: CSV, units: 'demo' }, 'input.both', 'units'],
    [{ ...TRUE, unitsCsv: CSV.replace('37 1/2', 'wide') }, 'input.rows', 'unitsCsv'],
    [{ ...TRUE, unitsCsv: 'a,b' }, 'input.rows', 'unitsCsv'],
    [
      { ...TRUE, log: [{ kind: 'step', id: 'foam', state: 'wet', at: '2026-01-01T00:00:00Z' }] },
      'input.choice',
      'log[0].state',
    ],
    [{ ...TRUE, surprise: 1 }, 'input.unknown', 'surprise'],
  ])('%j: %s at %s', (input, code, path) => expect(ask(input)).toMatchObject({ error: { code, path } }))
})

describe('a gate', () => {
  const step = (id: string, state: string, hour: number) => ({
    kind: 'step',
    id,
    state,
    at: `2026-01-01T${String(hour).padStart(2, '0')}:00:00Z`,
  })
  const gatesOf = (input: object) => ok(input).findings.flatMap(one => (one.gate ? [[one.gate, one.severity]] : []))
  it('foam before the operation test stops; the clip off too early is watched', () => {
    const log = [step('first-opening', 'done', 8), step('foam', 'done', 9)]
    expect(gatesOf({ ...TRUE, unitsCsv: CSV, chosen: 'U1', accepted: true, log })).toEqual(
      expect.arrayContaining([
        ['foam-before-test', 'stop'],
        ['clip-early', 'watch'],
      ]),
    )
  })
  it('the sides that lean alike are corrected first', () =>
    expect(
      gatesOf({
        ...TRUE,
        readings: {
          ...TRUE_OPENING,
          'trim-off/lean.left': '1/2',
          'trim-off/lean.right': '1/2',
          'trim-off/diagonals.risingRight': '91 3/64',
          'trim-off/diagonals.risingLeft': '90 39/64',
        },
      }),
    ).toContainEqual(['plumb-smaller', 'correct']))
  it('heights of inside and outside apart are measured again', () =>
    expect(
      gatesOf({
        family: 'hinged-outside',
        way: 'pocket',
        readings: {
          'pocket/widths.bottom': '36',
          'pocket/heights.left': '80',
          'outside-face/widths.bottom': '35',
          'outside-face/heights.left': '81',
        },
      }),
    ).toContainEqual(['heights-apart', 'correct']))
  it('a room’s only air is watched; what never goes there says why', () => {
    expect(gatesOf(SEALED)).toContainEqual(['return-air', 'watch'])
    const { refused, chosen } = ok(SEALED).seal
    expect(refused).toContainEqual(expect.objectContaining({ kind: 'u-shoe', gate: 'u-shoe-wood' }))
    expect(refused).toContainEqual(expect.objectContaining({ kind: 'drop', gate: 'drop-seal-thin' }))
    expect(chosen.filter(one => one.kind === 'push-in')).toEqual([])
  })
  it('is one of those that are known', () => {
    for (const code of ['plumb-smaller', 'leaf-differs', 'step-out-of-order', 'chance-goes-in'] as const) {
      const gate = gateOf({ code, facts: { member: 'hinges', step: 'tip-in' } })
      if (gate !== null) expect(GATES).toContain(gate)
      else expect(code).toBe('chance-goes-in')
    }
  })
})

it.each([{ reasons: ['draft'] }, { condition: { sill: 'rotten' } }, { fixings: 'screws' }, {}])(
  'a first look of which only %j was said is taken',
  visit => expect(ask({ ...TRUE, wishes: { ...TRUE.wishes, visit } })).not.toHaveProperty('error'),
)

it('what is not sound keeps the order back, and old screws are a step', () => {
  const look = { condition: { sill: 'rotten' }, fixings: 'screws' }
  const reply = ok({ ...TRUE, unitsCsv: CSV, chosen: 'U1', wishes: { ...TRUE.wishes, visit: look } })
  expect(reply.findings).toContainEqual(expect.objectContaining({ code: 'not-sound', severity: 'correct' }))
  expect(reply.order.releasable).toBe(false)
  expect(reply.fit.steps.map(one => one.id)).toContain('old-screws')
})
