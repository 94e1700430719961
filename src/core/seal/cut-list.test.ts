import { SEALS } from '../../trade/seals'
import { LENGTHS, length } from '../test/fixtures'
import type { Length } from '../units/length'
import { cutList, type ToCut } from './cut-list'
import { nestPieces } from './nest-pieces'

const sealOf = (id: string) => SEALS.find(one => one.id === id)!
/** A door with pieces of one seal, by edge. */
const door = (
  tag: string,
  id: string,
  pieces: Readonly<Record<string, string>>,
  fitted: readonly string[] = [],
): ToCut => ({
  tag,
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
    expect(cutList([{ tag: 'B1', plan: null, fitted: new Map() }], LENGTHS)).toEqual([])
  })
})
