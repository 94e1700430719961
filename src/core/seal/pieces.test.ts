import { SEALS } from '../../trade/seals'
import { LENGTHS, length } from '../test/fixtures'
import { LEAF_EDGES } from '../test/seal-request'
import { inches } from '../units/length'
import type { Edge } from './edge'
import { isNotched, isStrip, piecesOf, stripLength } from './pieces'
import type { Gap, GapRow } from './read-edges'

const edges = LEAF_EDGES
const row = (text: string, edge: Edge): GapRow => {
  const gap: Gap = { value: length(text), least: length(text), most: length(text) }
  return { gaps: edge.slots.map(() => gap), isWhole: true }
}
const of = (id: string, text = '1/8') => {
  const edge = edges.find(one => one.id === id)!
  return { edge, gap: row(text, edge) }
}
const sealOf = (id: string) => SEALS.find(one => one.id === id)!
const stop = LENGTHS['stop-width'].value

describe('how long a strip is', () => {
  it.each([
    ['an edge seal is as long as the leaf', 'spring-bronze', 'left', inches(80)],
    ['a sweep is as wide as the leaf', 'sweep-fin', 'bottom', inches(36)],
    [
      'what is pushed in fills the rebate: a margin more at both ends of the head',
      'push-in-tube',
      'head',
      inches(36, 1, 4),
    ],
    ['and at the top end of a side', 'push-in-tube', 'right', inches(80, 1, 8)],
    ['a threshold reaches from jamb to jamb', 'threshold-cap', 'bottom', inches(36, 1, 4)],
  ])('%s', (_, seal, edge, wanted) => expect(stripLength(of(edge), sealOf(seal), LENGTHS)).toBe(wanted))
  it('on the stops the head runs between them, a side up to its strip', () => {
    expect(stripLength(of('head'), sealOf('carrier-bulb'), LENGTHS)).toBe(inches(36, 1, 4) - 2 * stop)
    expect(stripLength(of('left'), sealOf('carrier-bulb'), LENGTHS)).toBe(inches(80, 1, 8) - stop)
  })
  it('grows with the margin that was read', () =>
    expect(stripLength(of('head', '1/4'), sealOf('push-in-tube'), LENGTHS)).toBe(inches(36, 1, 2)))
})

describe('the pieces of a strip', () => {
  it('are one where the stock is long enough, else the whole stock and what is left', () => {
    expect(
      piecesOf(of('bottom'), sealOf('sweep-fin-long'), LENGTHS).map(one => [one.part, one.of, one.length]),
    ).toEqual([[1, 1, inches(36)]])
    const short = { ...sealOf('push-in-tube'), stock: inches(48) }
    const parts = piecesOf(of('left'), short, LENGTHS)
    expect(parts.map(one => one.length)).toEqual([inches(48), inches(32, 1, 8)])
    expect(parts.map(one => [one.part, one.of])).toEqual([
      [1, 2],
      [2, 2],
    ])
  })
  it('more than twice as long as the stock are halves', () => {
    const stub = { ...sealOf('push-in-tube'), stock: inches(30) }
    const parts = piecesOf(of('left'), stub, LENGTHS)
    expect(parts[0]!.length + parts[1]!.length).toBe(inches(80, 1, 8))
    expect(Math.abs(parts[0]!.length - parts[1]!.length)).toBeLessThanOrEqual(1)
  })
  it('of drilled strip have both end holes alike', () => {
    const [piece] = piecesOf(of('bottom'), sealOf('sweep-fin-long'), LENGTHS)
    expect(piece!.cut).not.toBeNull()
    expect(Math.abs(piece!.cut!.firstEnd - piece!.cut!.lastEnd)).toBeLessThanOrEqual(1)
    expect(piecesOf(of('head'), sealOf('push-in-tube'), LENGTHS)[0]!.cut).toBeNull()
  })
  it('a pad is no strip; a side lip is notched into the head’s', () => {
    expect([isStrip(sealOf('corner-pads')), isStrip(sealOf('sweep-fin'))]).toEqual([false, true])
    const [head, left] = [edges[0]!, edges[1]!]
    expect([isNotched(left, sealOf('carrier-bulb')), isNotched(head, sealOf('carrier-bulb'))]).toEqual([true, false])
  })
})

it('every seal of the trade has sense in its figures', () => {
  for (const one of SEALS) {
    expect([one.id, one.gap[0] < one.gap[1], one.years > 0, one.minutes > 0, one.stock > 0]).toEqual([
      one.id,
      true,
      true,
      true,
      true,
    ])
    expect([one.id, one.centsPerMetre + one.centsPerPiece > 0]).toEqual([one.id, true])
    if (one.holes) expect(one.holes.first + (one.holes.count - 1) * one.holes.pitch).toBeLessThanOrEqual(one.stock)
    if (one.kind === 'drop') expect([one.id, one.isCutFromFreeEnd]).toEqual([one.id, true])
  }
  expect(SEALS.length).toBeGreaterThanOrEqual(40)
  expect(new Set(SEALS.map(one => one.id)).size).toBe(SEALS.length)
})
