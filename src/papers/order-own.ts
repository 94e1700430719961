import type { Counting } from '@/core/catalogue/firm'
import type { OrderLine, Traced } from '@/core/order/order'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import { frozenWords } from '@/words/frozen'
import { money } from '@/words/money'
import { PREPARATION_NAMES } from '@/words/names'
import { PAD_NAMES } from '@/words/order'
import { derivationRows } from './derivation'
import type { Block } from './paper'
import { when } from './rows'

const TRACE_NAMES: Readonly<Record<Traced, string>> = {
  width: 'Unit width',
  height: 'Unit height',
  jamb: 'Jamb',
  floor: 'Clearance over the floor',
}

/** What stays in the firm: what it costs, what was chosen and why, what was known to be risky, and how the sizes came about. */
export function ownBlocks(line: OrderLine, step: DisplayStep, counting: Counting): readonly Block[] {
  const risks = line.risks.map(code => frozenWords(code, 'order', {}, step))
  return [
    {
      kind: 'facts',
      rows: [
        ...when(line.reason !== '', 'Why this one', () => line.reason),
        ...when(line.compared.length > 0, 'Compared with', () =>
          line.compared.map(one => `${one.article} ${money(one.totalCents, counting)}, ${one.days} days`).join('; '),
        ),
        ...when(risks.length > 0, 'Known to be risky', () => risks.join('; ')),
      ],
    },
    ...preparationBlocks(line, step, counting),
    ...moneyBlocks(line, counting),
    ...line.traces.map(
      ({ name, trace }): Block => ({
        kind: 'table',
        head: [`How it came about: ${TRACE_NAMES[name]}`, '', ''],
        rows: derivationRows(trace, step),
        widths: [0.5, 0.2, 0.3],
      }),
    ),
  ]
}

function preparationBlocks(line: OrderLine, step: DisplayStep, counting: Counting): readonly Block[] {
  if (line.preparations.length === 0) return []
  return [
    {
      kind: 'table',
      head: ['Preparation on site', 'Amount', 'Minutes', 'Cost'],
      widths: [0.5, 0.2, 0.12, 0.18],
      rows: line.preparations.map(one => [
        one.id === 'pad-sill' && line.padOf
          ? `${PREPARATION_NAMES[one.id]}, ${PAD_NAMES[line.padOf]}`
          : PREPARATION_NAMES[one.id],
        formatWithUnit(one.amount, step),
        String(one.minutes),
        money(one.materialCents + one.workCents, counting),
      ]),
    },
  ]
}

function moneyBlocks({ cents }: OrderLine, counting: Counting): readonly Block[] {
  return [
    {
      kind: 'table',
      head: ['Unit', 'Freight', 'Hardware', 'Material', 'Work', 'Disposal', 'Total'],
      widths: [0.15, 0.14, 0.14, 0.14, 0.14, 0.14, 0.15],
      rows: [
        [cents.unit, cents.freight, cents.hardware, cents.material, cents.work, cents.disposal, cents.total].map(one =>
          money(one, counting),
        ),
      ],
    },
  ]
}
