import { SEALS } from '../../trade/seals'
import type { OffCut } from '../seal-stock/off-cut'
import { LENGTHS, length } from '../test/fixtures'
import type { Length } from '../units/length'
import { cutList, keptOf, type ToCut } from './cut-list'
import { nestPieces } from './nest-pieces'

const sealOf = (id: string) => SEALS.find(one => one.id === id)!
/** A door with pieces of one seal, by edge. */
const door = (
  tag: string,
  id: string,
  pieces: Readonly<Record<string, string>>,
  fitted: readonly string[] = [],
  cut: readonly string[] = [],
): ToCut => ({
  id: `id-${tag}`,
  tag,
  cut: new Set(cut.map(edge => `${edge}/${id}`)),
  fitted: new Map(fitted.map(edge => [`${edge}/${id}`, {} as never])),
  plan: {
    edges: Object.entries(pieces).map(([edge, text]) => ({
      edge: { id: edge },
      chosen: [{ seal: sealOf(id) }],
      pieces: [{ sealId: id, edgeId: edge, part: 1, of: 1, length: length(text), cut: null }],
    })),
  } as never,
})
const lengthsOf = (cut: ReturnType<typeof cutList>[number]) =>
  cut.bars.flatMap(bar => bar.pieces.map(one => one.piece.length)).sort((a, b) => a - b)

describe('the strips of a visit', () => {
  const tube = 'push-in-tube'
  const sides = { head: '36', left: '80', right: '80' }
  it('are laid out over all its doors, in as few bars as nesting them takes, numbered through', () => {
    const [cut] = cutList([door('A1', tube, sides), door('A2', tube, sides), door('A3', tube, { head: '30' })], LENGTHS)
    const all = ['36', '80', '80', '36', '80', '80', '30'].map(length)
    const nest = nestPieces(sealOf(tube).stock, LENGTHS['saw-kerf'].value, all)!
    expect([cut!.bars.length, cut!.optimal]).toEqual([nest.bars.length, true])
    expect(lengthsOf(cut!)).toEqual([...all].sort((a, b) => a - b))
    const numbers = cut!.bars.flatMap(bar => bar.pieces.map(one => one.number)).sort((a, b) => a - b)
    expect(numbers).toEqual([1, 2, 3, 4, 5, 6, 7])
    expect(cut!.cents).toBe(cut!.bars.length * Math.ceil((sealOf(tube).stock * 760) / 3_200_000))
  })
  it('never lie on each other, keep a saw’s kerf, and end on the bar', () => {
    for (const id of [tube, 'carrier-bulb']) {
      const [cut] = cutList(
        [door('A1', id, { head: '35 3/8', left: '40', right: '22 1/2' }), door('A2', id, sides)],
        LENGTHS,
      )
      for (const { pieces, offCut } of cut!.bars) {
        let reach = -LENGTHS['saw-kerf'].value
        for (const { from, piece, holes } of pieces) {
          expect(from - reach).toBeGreaterThanOrEqual(LENGTHS['saw-kerf'].value - 1)
          reach = from + piece.length
          expect(reach).toBeLessThanOrEqual(cut!.seal.stock + 1)
          for (const hole of holes) {
            const onBar = (from + hole - cut!.seal.holes!.first) / cut!.seal.holes!.pitch
            expect(Math.abs(onBar - Math.round(onBar))).toBeLessThan(1e-4)
          }
        }
        expect(offCut).toBe((cut!.seal.stock - reach) as Length)
      }
    }
  })
  it('leave out what is fitted, and set apart what has no place on its holes', () => {
    const [cut] = cutList([door('A1', 'carrier-bulb', { head: '36', left: '10' }, ['head'])], LENGTHS)
    expect([cut!.bars, cut!.apart.map(one => one.piece.edgeId)]).toEqual([[], ['left']])
    expect(cutList([door('A1', tube, { head: '36' }, ['head'])], LENGTHS)).toEqual([])
    expect(cutList([{ id: 'B1', tag: 'B1', plan: null, fitted: new Map(), cut: new Set<string>() }], LENGTHS)).toEqual(
      [],
    )
  })
  it('leave out what is cut already and waits to be fitted', () => {
    const list = cutList([door('A1', tube, sides, [], ['left', 'right'])], LENGTHS)
    expect(list.flatMap(cut => cut.bars.flatMap(bar => bar.pieces.map(one => one.piece.edgeId)))).toEqual(['head'])
    expect(cutList([door('A1', tube, sides, ['head'], ['left', 'right'])], LENGTHS)).toEqual([])
  })
})

describe('off-cuts the van holds', () => {
  const tube = 'push-in-tube'
  const KERF = LENGTHS['saw-kerf'].value
  const off = (seal: string, text: string, more: Partial<OffCut> = {}): OffCut => ({
    seal,
    length: length(text),
    first: null,
    holes: null,
    ...more,
  })
  it('are cut from before a new bar is taken, each piece once, and cost nothing', () => {
    const doors = [door('A1', tube, { head: '36', left: '80', right: '80' })]
    const [without] = cutList(doors, LENGTHS)
    const [cut] = cutList(doors, LENGTHS, [off(tube, '36'), off(tube, '20'), off('carrier-bulb', '80')])
    expect([without!.bars.length, cut!.bars.length]).toEqual([3, 3])
    expect(cut!.bars.map(bar => [bar.of?.length ?? null, bar.pieces.length])).toEqual([
      [length('36'), 1],
      [null, 1],
      [null, 1],
    ])
    expect(cut!.cents).toBe((without!.cents / 3) * 2)
    expect(lengthsOf(cut!)).toEqual(lengthsOf(without!))
  })
  it('long enough for all take no bar', () => {
    const [cut] = cutList([door('A1', tube, { head: '30', left: '20' })], LENGTHS, [off(tube, '52')])
    expect([cut!.bars.length, cut!.cents, cut!.optimal, cut!.least]).toEqual([1, 0, true, 0])
    expect(cut!.bars[0]!.offCut).toBe(length('52') - length('30') - length('20') - KERF)
  })
  it('with holes keep their own: pieces stand on them, never on a fresh bar’s', () => {
    const id = 'carrier-bulb'
    const { pitch } = sealOf(id).holes!
    const held = off(id, '40', { first: length('5'), holes: 3 })
    const [cut] = cutList([door('A1', id, { head: '30' })], LENGTHS, [held])
    const [piece] = cut!.bars[0]!.pieces
    expect(cut!.bars[0]!.of).toBe(held)
    for (const hole of piece!.holes) {
      const at = (piece!.from + hole - held.first!) / pitch
      expect([Math.abs(at - Math.round(at)) < 1e-4, Math.round(at) < 3]).toEqual([true, true])
    }
    expect(piece!.from + piece!.piece.length).toBeLessThanOrEqual(held.length + 1)
    const short = off(id, '29', { first: length('5'), holes: 2 })
    expect(cutList([door('A1', id, { head: '30' })], LENGTHS, [short])[0]!.bars[0]!.of).toBeNull()
  })
  it('what is left of a bar is kept where it is long enough, a saw’s kerf shorter, with the holes that are left', () => {
    const keptFrom = (id: string, text: string) => {
      const [cut] = cutList([door('A1', id, { head: text })], LENGTHS)
      return keptOf(cut!.seal, cut!.bars[0]!, LENGTHS)
    }
    const { stock } = sealOf(tube)
    expect(keptFrom(tube, '36')).toEqual({ seal: tube, length: stock - length('36') - KERF, first: null, holes: null })
    expect(keptFrom(tube, '80')).toBeNull()
    const drilled = keptFrom('carrier-bulb', '30')!
    const { first, pitch, count } = sealOf('carrier-bulb').holes!
    const start = sealOf('carrier-bulb').stock - drilled.length
    const nth = (start + drilled.first! - first) / pitch
    expect(Math.abs(nth - Math.round(nth))).toBeLessThan(1e-4)
    expect(drilled.holes).toBe(count - Math.round(nth))
    expect(drilled.first!).toBeLessThan(pitch)
  })
  it('cut from again leave what is left of them', () => {
    const held = off(tube, '60')
    const [cut] = cutList([door('A1', tube, { head: '30' })], LENGTHS, [held])
    expect(keptOf(cut!.seal, cut!.bars[0]!, LENGTHS)!.length).toBe(length('60') - length('30') - KERF)
  })
})
