import { messageOf } from '@/core/exchange/message'
import type { Order, OrderLine } from '@/core/order/order'
import type { Acting } from '@/store/acting'
import { type Db, transact } from '@/store/connection'
import { putOutgoing } from '@/store/exchange'
import { companyName } from '@/store/firm'
import { findJob } from '@/store/jobs'
import { findOrder, releaseOrder } from '@/store/orders'
import { findingWords } from '@/words/findings'
import type { Refusal } from './handle'
import { loadOpenings, workOf } from './load-opening'

export type ReleaseRequest = {
  /** Made by whoever asks, so that asking twice releases once. */
  readonly id: string
  readonly jobId: string
  readonly openings: readonly string[]
  readonly supersedes: string | null
}

export type Released =
  | { readonly ok: true; readonly order: Order }
  | { readonly ok: false; readonly status: number; readonly refusal: Refusal }

/** How long an order waits here before it goes out, so that it can be called back. */
const heldMs = (): number => 1000 * Number(process.env.HARVEK_HOLD_SECONDS ?? 60)

const no = (status: number, code: string, message: string, issues: Refusal['issues'] = []): Released => ({
  ok: false,
  status,
  refusal: { code, message, issues },
})

const isInTheWay = ({ severity }: { readonly severity: string }) => severity === 'stop' || severity === 'correct'

/** Releases openings of one job as one order, or as the next revision of one, and puts it on its way to the supplier. Everything or nothing. */
export async function release(db: Db, acting: Acting, asked: ReleaseRequest, now: Date): Promise<Released> {
  const job = await findJob(db, acting, asked.jobId)
  if (!job) return no(404, 'not-found', 'There is no such thing here, or it belongs to another company.')
  const already = await findOrder(db, acting, asked.id)
  if (already) return { ok: true, order: already.order }
  // One door stands on an order once, however often it is named.
  const openings = [...new Set(asked.openings.map(id => id.toLowerCase()))]
  const lines: OrderLine[] = []
  const issues: { path: string; message: string }[] = []
  const sheets = new Map((await loadOpenings(db, acting, openings)).map(one => [one.opening.id, one]))
  for (const id of openings) {
    const sheet = sheets.get(id)
    if (sheet?.job.id !== asked.jobId) return no(404, 'not-found', 'An opening of this order is not in this job.')
    const { order, fit } = workOf(sheet)
    const { line } = order.value
    if (fit.value.delivery === 'accepted')
      return no(409, 'closed', `The unit of ${sheet.opening.tag} was delivered and accepted: its order is closed.`)
    if (line) lines.push(line)
    else
      for (const one of order.findings.filter(finding => finding.code.startsWith('order-') && isInTheWay(finding)))
        issues.push({
          path: one.place,
          message: `${sheet.opening.tag}: ${findingWords(one, sheet.job.step).title}`,
        })
  }
  if (lines.length < openings.length)
    return no(422, 'not-complete', 'The order is not complete; nothing was released.', issues)
  const makers = [...new Set(lines.map(line => line.unit.maker))]
  if (makers.length > 1)
    return no(422, 'two-makers', `One order goes to one maker; these are of ${makers.join(' and ')}.`)
  const before = asked.supersedes === null ? null : await findOrder(db, acting, asked.supersedes)
  if (before?.order.maker && before.order.maker !== makers[0])
    return no(
      409,
      'other-maker',
      `Order ${before.order.number} is with ${before.order.maker}. Withdraw it there, then order from ${makers[0]}.`,
    )
  return released(db, acting, asked, { maker: makers[0]!, lines }, now)
}

async function released(
  db: Db,
  acting: Acting,
  { id, jobId, supersedes }: ReleaseRequest,
  what: { readonly maker: string; readonly lines: readonly OrderLine[] },
  now: Date,
): Promise<Released> {
  const releasedAt = now.toISOString()
  const company = { id: acting.companyId, name: await companyName(db, acting) }
  const result = await transact(db, async tx => {
    const one = await releaseOrder(tx, acting, jobId, { id, releasedAt, supersedes, ...what })
    if (one.ok)
      await putOutgoing(
        tx,
        acting,
        { id, orderId: id, kind: 'order', body: JSON.stringify(messageOf(one.order, company)), createdAt: releasedAt },
        now.getTime() + heldMs(),
      )
    return one
  })
  if (result.ok) return result
  if (result.why === 'withdrawn')
    return no(409, 'withdrawn', 'This order was withdrawn: order anew instead of changing it.')
  return result.why === 'superseded'
    ? no(409, 'superseded', 'This order was changed by somebody else in the meantime. Look at the newest revision.')
    : no(409, 'ordered-already', `${result.tag} is on order ${result.number} already. Change that order instead.`)
}
