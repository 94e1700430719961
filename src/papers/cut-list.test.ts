import { barsScene } from '@/core/drawing/bars-scene'
import { cutList } from '@/core/seal/cut-list'
import { LENGTHS, length, shownJob } from '@/core/test/fixtures'
import { SEALS } from '@/trade/seals'
import { writeCutsCsv } from '@/writers/write-cuts-csv'
import { cutListPaper } from './cut-list'

const seal = SEALS.find(one => one.id === 'sweep-fin-long')!
const plan = (edge: string, text: string) => ({
  edges: [
    {
      edge: { id: edge },
      chosen: [{ seal }],
      pieces: [{ sealId: seal.id, edgeId: edge, part: 1, of: 1, length: length(text), cut: null }],
    },
  ],
})
const cuts = cutList(
  ['36', '30', '34 1/2'].map((text, i) => ({
    id: `id-${i}`,
    tag: `A${i + 1}`,
    cut: new Set<string>(),
    plan: plan('bottom', text) as never,
    fitted: new Map(),
  })),
  LENGTHS,
)

it('the cut list names every piece with its door, its start and its length, and draws the bars', () => {
  const paper = cutListPaper(shownJob(), cuts)
  const text = JSON.stringify(paper.blocks.filter(one => one.kind !== 'drawing'))
  for (const part of [
    'Sweep with fin, long: 3 bars of 48 in',
    'A1 Bottom',
    'A3 Bottom',
    '34 1/2 in',
    'No layout takes fewer.',
  ])
    expect(text).toContain(part)
  expect(paper.blocks.some(one => one.kind === 'drawing')).toBe(true)
  const scene = barsScene(cuts[0]!)
  expect(scene.marks.filter(one => one.id.startsWith('piece.') && one.kind === 'path')).toHaveLength(3)
  expect(scene.marks.filter(one => one.kind === 'dot').length).toBe(
    cuts[0]!.bars.flatMap(bar => bar.pieces).flatMap(one => one.holes).length,
  )
})
it('nothing to cut says so', () =>
  expect(cutListPaper(shownJob(), []).blocks).toEqual([{ kind: 'text', text: 'Nothing is to be cut.' }]))
it('the same as CSV', () => {
  const lines = writeCutsCsv(cuts, '1/16').trim().split('\n')
  expect(lines).toHaveLength(4)
  expect(lines[0]).toContain('number,seal,name,bar,opening')
  expect(lines[1]).toContain('sweep-fin-long')
})
