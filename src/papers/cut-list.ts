import { barsScene } from '@/core/drawing/bars-scene'
import type { CutOfSeal, LaidPiece } from '@/core/seal/cut-list'
import type { ShownJob } from '@/core/sheet'
import { type DisplayStep, finerStep, formatWithUnit } from '@/core/units/format-length'
import { sideName } from '@/words/names'
import type { Block, Paper } from './paper'

/** All strips of a visit: per seal the bars it takes, drawn, and each piece with where it comes from. */
export function cutListPaper(job: ShownJob, cuts: readonly CutOfSeal[]): Paper {
  return {
    title: 'Cut list',
    subtitle: `${job.name}: every strip that is neither cut nor fitted yet`,
    footer:
      'Pieces are numbered through; cut at the printed start. Strips with holes are cut so that both end holes are alike.',
    step: job.step,
    blocks:
      cuts.length === 0
        ? [{ kind: 'text', text: 'Nothing is to be cut.' }]
        : cuts.flatMap(one => blocksOf(one, finerStep(job.step))),
  }
}

function blocksOf(cut: CutOfSeal, step: DisplayStep): readonly Block[] {
  const { seal, bars, optimal, least, apart } = cut
  const isNew = bars.filter(bar => !bar.of).length
  const old = bars.length - isNew
  const count = [
    ...(old > 0 ? [`${old} ${old === 1 ? 'off-cut' : 'off-cuts'} from the van`] : []),
    ...(isNew > 0 || old === 0
      ? [`${isNew} ${isNew === 1 ? 'bar' : 'bars'} of ${formatWithUnit(seal.stock, step)}`]
      : []),
  ].join(', ')
  const nameOf = (i: number) => (bars[i]!.of ? `off-cut ${i + 1}` : String(i + 1))
  const rows = bars.flatMap((bar, i) => bar.pieces.map(one => rowOf(one, nameOf(i), step)))
  return [
    { kind: 'heading', text: `${seal.name}: ${count}` },
    {
      kind: 'text',
      text: `${optimal ? 'No layout takes fewer.' : `At least ${least} would be needed; fewer than these were not found.`}${seal.isCutFromFreeEnd ? ' Cut from the free end only.' : ''} Left over: ${bars.map((bar, i) => `${bar.of ? '' : 'bar '}${nameOf(i)} ${formatWithUnit(bar.offCut, step, 'down')}`).join(', ') || 'nothing'}.`,
    },
    ...(bars.length > 0
      ? [
          {
            kind: 'drawing' as const,
            scene: barsScene(cut),
            heightMm: Math.min(120, 8 + bars.length * 9),
            caption: 'Bars, to scale',
          },
        ]
      : []),
    {
      kind: 'table',
      head: ['No.', 'Bar', 'For', 'Start at', 'Length', 'Holes'],
      widths: [0.08, 0.08, 0.36, 0.16, 0.18, 0.14],
      rows: [...rows, ...apart.map(one => rowOf(one, 'drill', step))],
    },
  ]
}

const rowOf = ({ number, tag, piece, from, holes }: LaidPiece, bar: string, step: DisplayStep): readonly string[] => [
  String(number),
  bar,
  `${tag} ${sideName(piece.edgeId)}${piece.of > 1 ? `, part ${piece.part}` : ''}`,
  bar === 'drill' ? 'new holes' : formatWithUnit(from, step),
  formatWithUnit(piece.length, step, 'down'),
  holes.length ? String(holes.length) : '',
]
