import { drawnOf } from '@/core/draw'
import { elevation } from '@/core/drawing/elevation'
import { withoutOpen } from '@/core/drawing/scene'
import type { ShimPoint } from '@/core/fit/plan-shims'
import type { ShownJob } from '@/core/sheet'
import type { OpeningRecords } from '@/core/terms'
import { type DisplayStep, formatLength, workStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import type { Work } from '@/core/work'
import { bothUnits } from '@/words/both-units'
import { FAMILY_NAMES } from '@/words/kinds'
import { shimName } from '@/words/names'
import { packWords } from '@/words/packs'
import { dueWords, holeWords } from '@/words/step-lines'
import { HEADER_WORDS, panWords } from '@/words/steps'
import { type Block, jobLine, type Paper } from './paper'

const BIG = 13

/** The fit card of one opening, on one page: where the unit stands, which pack and screw goes where, in both units. */
export function fitCard(job: ShownJob, records: OpeningRecords, work: Work): Paper {
  const { opening, wishes } = records
  return {
    title: `Fit card: ${opening.tag} ${opening.name}`,
    subtitle: jobLine(job, FAMILY_NAMES[opening.family].name, swingWords(wishes)),
    footer: 'Left and right as seen from outside. Back a screw out that moves a margin; never force it.',
    step: job.step,
    blocks: [
      {
        kind: 'drawing',
        scene: withoutOpen(elevation(drawnOf(work, wishes), 'fit')),
        heightMm: 92,
        caption: 'Elevation from outside: gaps at the packs',
      },
      ...packBlocks(job, work),
      ...standingBlocks(job, work),
      ...preparedBlocks(job, work),
    ],
  }
}

const swingWords = ({ hinges, swing }: OpeningRecords['wishes']): string =>
  [hinges && `hinges ${hinges}`, swing && `opens ${swing}`].filter(Boolean).join(', ')

function packBlocks({ step }: ShownJob, { fit }: Work): readonly Block[] {
  const { shims, screwOrder, header } = fit.value
  if (!shims?.points.length) return [{ kind: 'text', text: 'Nothing is packed: it is set as its steps say.' }]
  const fine = workStep(step)
  const other = step.includes('/') ? '0.1' : '1/32'
  const order = (one: ShimPoint) => screwOrder.indexOf(one.place)
  return [
    {
      kind: 'table',
      points: BIG,
      head: ['', 'Point', 'Gap', step.includes('/') ? 'mm' : 'in', 'Pack', 'Screw'],
      widths: [0.06, 0.22, 0.12, 0.1, 0.36, 0.14],
      rows: [...shims.points]
        .sort((a, b) => order(a) - order(b))
        .map((one, i) => [
          String(i + 1),
          shimName(one.place),
          formatLength(one.gap, fine, 'down'),
          formatLength(one.gap, other, 'down'),
          [one.filler > 0 ? `filler ${formatLength(one.filler, fine)}` : '', packWords(one.pack, fine)]
            .filter(Boolean)
            .join(', then '),
          one.screwLength === null ? 'anchor' : formatLength(one.screwLength, step, 'up'),
        ]),
    },
    ...holeBlock(shims.points, fine),
    { kind: 'text', text: `In this order. ${HEADER_WORDS[header]}` },
  ]
}

/** How the holes are drilled, each way once. */
function holeBlock(points: readonly ShimPoint[], step: DisplayStep): readonly Block[] {
  const ways = [...new Set(points.map(one => holeWords(one.hole, step).join(', ')).filter(Boolean))]
  return ways.length ? [{ kind: 'text', text: `Screw holes: ${ways.join('; ')}.` }] : []
}

function standingBlocks({ step }: ShownJob, { fit, order }: Work): readonly Block[] {
  const placement = order.value.chosen?.placement
  const { pan, supports } = fit.value
  const both = (length: Length) => bothUnits(length, step)
  const rows: (readonly [string, string])[] = [
    ...(placement
      ? ([
          ['Room at the sides', both(placement.sideRoom)],
          ['Gap at the head', both(placement.headGap)],
        ] as const)
      : []),
    ...(supports.some(one => one.thickness > 0)
      ? [
          [
            'Under the sill, from the left',
            supports
              .map(one => `${formatLength(one.at, step)}: ${formatLength(one.thickness, workStep(step), 'down')}`)
              .join('; '),
          ] as const,
        ]
      : []),
    ...(pan ? [['Sill pan', panWords(pan, both)] as const] : []),
  ]
  return rows.length ? [{ kind: 'facts', rows }] : []
}

function preparedBlocks({ step }: ShownJob, { order }: Work): readonly Block[] {
  const preparations = order.value.chosen?.preparations ?? []
  if (preparations.length === 0) return []
  return [
    { kind: 'heading', text: 'First' },
    {
      kind: 'checks',
      items: preparations.map(preparation => ({
        text: dueWords({ kind: 'preparation', preparation }, step).join(': '),
        ticked: false,
      })),
    },
  ]
}
