import type { Trace } from '@/core/base/trace'
import { swingPlan } from '@/core/drawing/plan'
import type { OrderLine } from '@/core/order/order'
import type { Job } from '@/core/survey/job-record'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { WAY_NAMES } from '@/words/kinds'
import { money } from '@/words/money'
import { PREPARATION_NAMES } from '@/words/names'
import { derivationRows } from './derivation'
import type { Block, Paper } from './paper'

export type OrderHead = {
  readonly number: string | null
  readonly releasedAt: string | null
  readonly releasedBy: string
}

/** The hand in words: the two facts nobody can misread. */
export const handWords = ({ hinges, swing }: Pick<OrderLine, 'hinges' | 'swing'>): string =>
  `Hinges on the ${hinges.toUpperCase()}, seen from outside. Swings ${swing.toUpperCase()} (${swing === 'in' ? 'into the building' : 'towards the person outside'}).`

const NOT_INCLUDED = 'Not included: lock and handle, spare trim, long screws, plugs, hinge cards, shims, sealant, foam.'

/** The order sheet of one order: per line the hand in words and drawing first, then every size, then codes. */
export function orderSheet(
  job: Job,
  head: OrderHead,
  lines: readonly OrderLine[],
  traces: readonly (readonly [string, Trace])[] = [],
): Paper {
  return {
    title: head.number ? `Order ${head.number}` : 'Order sheet, not released',
    subtitle: `${job.name} · ${job.site}`,
    footer: 'Left and right are always as seen from outside. Local codes and the label on the door decide.',
    step: job.step,
    blocks: [
      {
        kind: 'facts',
        rows: [
          [
            'Released',
            head.releasedAt
              ? `${head.releasedAt.slice(0, 10)} by ${head.releasedBy}`
              : 'not released: do not order from this sheet',
          ],
          ['Lines', String(lines.length)],
        ],
      },
      ...lines.flatMap((line, i) => lineBlocks(line, i + 1, job.step)),
      { kind: 'text', text: NOT_INCLUDED },
      ...(traces.length
        ? [
            { kind: 'heading', text: 'How the sizes came about' } as const,
            ...traces.map(
              ([name, trace]): Block => ({
                kind: 'table',
                head: [name, '', ''],
                rows: derivationRows(trace, job.step),
                widths: [0.5, 0.2, 0.3],
              }),
            ),
          ]
        : []),
    ],
  }
}

function lineBlocks(line: OrderLine, number: number, step: DisplayStep): readonly Block[] {
  const { unit, codes, cents } = line
  const both = (length: Length) => bothUnits(length, step)
  return [
    { kind: 'heading', text: `Line ${number}: ${line.opening.tag} ${line.opening.name}, quantity ${line.quantity}` },
    { kind: 'text', text: handWords(line) },
    {
      kind: 'drawing',
      scene: swingPlan(unit.width, line.hinges, line.swing),
      heightMm: 48,
      caption: 'Plan, outside below',
    },
    {
      kind: 'facts',
      rows: [
        ['Unit', `${unit.maker} ${unit.article}, ${unit.name}`],
        ['Unit size, outside of frame', `${both(unit.width)} × ${both(unit.height)}`],
        ['Leaf', `${both(unit.leafWidth)} × ${both(unit.leafHeight)}`],
        ['Derived size', `${both(line.derived.width)} × ${both(line.derived.height)}`],
        ['Rough opening for it', `${both(line.roughOpening.width)} × ${both(line.roughOpening.height)}`],
        [
          'Jamb',
          `${both(unit.jamb)}${line.jambExtension === null ? '' : ` with an extension of ${both(line.jambExtension)}`}${line.wall === null ? '' : `, wall ${both(line.wall)}`}`,
        ],
        ['Sill depth', both(unit.sillDepth)],
        ['Material and bore', `${unit.material}, ${unit.bore === 'none' ? 'not bored' : `${unit.bore} bore`}`],
        ['Label', unit.labelMinutes ? `${unit.labelMinutes} minutes` : 'none'],
        [
          'Hand by convention',
          `from outside ${codes.outsideView}; back to the hinges ${codes.backToHinges}; push side ${codes.pushSide}; DIN 107 ${codes.din107}${codes.conventionsAgree ? '' : ' — conventions disagree, go by the words and the plan'}`,
        ],
        [
          'Measured',
          `${line.measuredAt.slice(0, 10)} by ${line.measuredBy}, ${WAY_NAMES[line.way].name.toLowerCase()}`,
        ],
        ['Lead time', `${unit.leadDays} days`],
        ...(line.reason ? [['Why this one', line.reason] as const] : []),
      ],
    },
    ...(line.preparations.length
      ? [
          {
            kind: 'table',
            head: ['Preparation on site', 'Amount', 'Minutes', 'Cost'],
            widths: [0.5, 0.2, 0.12, 0.18],
            rows: line.preparations.map(one => [
              PREPARATION_NAMES[one.id],
              formatWithUnit(one.amount, step),
              String(one.minutes),
              money(one.materialCents + one.workCents),
            ]),
          } as const,
        ]
      : []),
    {
      kind: 'table',
      head: ['Unit', 'Freight', 'Material', 'Work', 'Disposal', 'Total'],
      widths: [0.17, 0.17, 0.16, 0.16, 0.17, 0.17],
      rows: [
        [
          money(cents.unit),
          money(cents.freight),
          money(cents.material),
          money(cents.work),
          money(cents.disposal),
          money(cents.total),
        ],
      ],
    },
  ]
}

/** In the job's unit, and in the other for whoever reads it: `37 1/2 in (952.5 mm)`. */
export const bothUnits = (length: Length, step: DisplayStep): string => {
  const other: DisplayStep = step.includes('/') ? '0.1' : '1/16'
  return `${formatWithUnit(length, step)} (${formatWithUnit(length, other)})`
}
