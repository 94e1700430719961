import type { TradeLengths } from '@/core/base/trade-lengths'
import { judgeReceipt } from '@/core/order/judge-receipt'
import type { Order, OrderLine } from '@/core/order/order'
import type { Receipt } from '@/core/order/receipt'
import type { ShownJob } from '@/core/sheet'
import type { Photo } from '@/core/survey/photo'
import type { DisplayStep } from '@/core/units/format-length'
import { bothUnits } from '@/words/both-units'
import { CHECK_NAMES, handWords, RECEIPT_STATE_NAMES, UNIT_READING_NAMES } from '@/words/order'
import { receiptWords } from '@/words/receipt'
import { type Block, jobLine, type Paper } from './paper'

export type ClaimPhoto = { readonly photo: Photo; readonly jpeg: Uint8Array }

type ClaimOptions = { readonly lengths: TradeLengths; readonly photos?: readonly ClaimPhoto[] }

/** What to tell the supplier of a delivered unit: what was ordered, what came, what is asked for, and how it looks. */
export function claimNote(
  job: ShownJob,
  order: Order,
  line: OrderLine,
  receipt: Receipt,
  { lengths, photos = [] }: ClaimOptions,
): Paper {
  return {
    title: `Claim, order ${order.number}, ${line.opening.tag}`,
    subtitle: jobLine({ ...job, customer: { name: '' } }),
    footer: 'Left and right are always as seen from outside.',
    step: job.step,
    blocks: [
      {
        kind: 'facts',
        rows: [
          ['To', order.maker || 'the supplier'],
          ['Order', `${order.number}, revision ${order.revision}, line ${receipt.line}`],
          ['Article', `${line.unit.article}, ${line.unit.name}`],
          ['Ordered', `${bothUnits(line.unit.width, job.step)} × ${bothUnits(line.unit.height, job.step)}`],
          ['Hand ordered', handWords(line)],
          ['Looked at', `${receipt.at.slice(0, 10)} by ${receipt.by}`],
          ['It is', RECEIPT_STATE_NAMES[receipt.state].toLowerCase()],
        ],
      },
      { kind: 'heading', text: 'What is not as ordered' },
      ...notAsOrdered(line, receipt, lengths, job.step),
      { kind: 'heading', text: 'What was read on it' },
      {
        kind: 'facts',
        rows: [
          ...Object.entries(receipt.readings).map(
            ([name, value]) =>
              [UNIT_READING_NAMES[name as keyof typeof UNIT_READING_NAMES], bothUnits(value!, job.step)] as const,
          ),
          ...Object.entries(receipt.checks).map(
            ([name, answer]) => [CHECK_NAMES[name as keyof typeof CHECK_NAMES], String(answer)] as const,
          ),
        ],
      },
      {
        kind: 'text',
        text: 'Please say by return whether you replace it, send the missing parts, or credit it, and when. It is kept in its packaging.',
      },
      ...photos.map(
        ({ photo, jpeg }): Block => ({
          kind: 'picture',
          jpeg,
          ratio: photo.height / photo.width,
          caption: `The delivered unit, ${photo.takenBy}, ${photo.takenAt.slice(0, 10)}`,
        }),
      ),
    ],
  }
}

function notAsOrdered(line: OrderLine, receipt: Receipt, lengths: TradeLengths, step: DisplayStep): readonly Block[] {
  const { findings } = judgeReceipt(line, receipt, lengths)
  const wrong = findings.filter(one => one.severity !== 'fine' && one.code !== 'receipt-not-read')
  const said = wrong.map((one): Block => {
    const { title, why } = receiptWords(one, step)
    return { kind: 'text', text: `${title}. ${why}` }
  })
  const note: readonly Block[] = receipt.note ? [{ kind: 'text', text: `Note: ${receipt.note}` }] : []
  return said.length + note.length > 0 ? [...said, ...note] : [{ kind: 'text', text: 'Nothing was noted.' }]
}
