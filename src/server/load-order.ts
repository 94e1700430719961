import type { OwnLengths, TradeLengths } from '@/core/base/trade-lengths'
import {
  type Acknowledgement,
  type NotUnderstood,
  readAcknowledgement,
  standingOf,
} from '@/core/exchange/acknowledgement'
import { type ClaimAnswer, isClaimOpen, readClaimAnswer, type TrackedClaim, trackClaims } from '@/core/exchange/claim'
import { messageOf, type OrderMessage } from '@/core/exchange/message'
import { type PriceRow, priceRows } from '@/core/exchange/price-log'
import { type OrderStanding, orderStanding } from '@/core/exchange/standing'
import { receiptsFor } from '@/core/order/delivery'
import type { ReceivingOpening } from '@/core/order/judge-receipt'
import type { Order, OrderLine } from '@/core/order/order'
import type { Receipt } from '@/core/order/receipt'
import { isAccepted } from '@/core/order/receipt-values'
import { type LineChange, revisionChanges } from '@/core/order/revision'
import { asWritten, type ShownJob } from '@/core/sheet'
import type { Ordering } from '@/core/summary'
import type { Photo } from '@/core/survey/photo'
import { isOfDelivery } from '@/core/survey/photo-place'
import type { Acting } from '@/store/acting'
import { companyOf, type Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { type DeskAnswer, listDeskAnswers, listOutgoing, type Outgoing } from '@/store/exchange'
import { listAllOrders, orderChain } from '@/store/orders'
import { photosOf } from '@/store/photos'
import { DECISIONS, type DecisionRow, listRows, RECEIPTS } from '@/store/rows'
import { lengthsWith } from '@/trade/lengths'
import { soonestOf } from './basis'
import { summariesOf } from './summaries'

/** A supplier's answer, read: an acknowledgement compared with what was sent, or why it is none. */
export type ReadAnswer = Pick<DeskAnswer, 'id' | 'receivedAt'> &
  (
    | {
        readonly ok: true
        readonly acknowledgement: Acknowledgement
        readonly standing: ReturnType<typeof standingOf>
        readonly decisions: readonly DecisionRow[]
      }
    | {
        readonly ok: false
        readonly code: NotUnderstood
        readonly facts: Readonly<Record<string, string>>
        readonly text: string
      }
  )

/** One released state of an order with everything that came of it. */
export type OrderView = {
  readonly order: Order
  readonly job: ShownJob
  readonly standing: OrderStanding
  /** What a later revision replaced it by; `null` while it holds. */
  readonly supersededBy: string | null
  readonly revisions: readonly Pick<Order, 'id' | 'revision' | 'releasedAt' | 'releasedBy'>[]
  /** What this revision changed of the one before it. */
  readonly changes: readonly LineChange[]
  /** What has changed in the openings since it was released. */
  readonly since: readonly LineChange[]
  /** The figures each line’s opening is judged by that are not as shipped: its own, its firm’s. */
  readonly ownLengths: readonly OwnLengths[]
  readonly outgoing: readonly Omit<Outgoing, 'body' | 'companyId'>[]
  readonly answers: readonly ReadAnswer[]
  readonly receipts: readonly Receipt[]
  /** What is or was claimed on its lines. */
  readonly claims: readonly TrackedClaim[]
  /** Photos of what was delivered for each line, since it was first released. */
  readonly photos: readonly (readonly Photo[])[]
  /** Who looks: stands with what is received. */
  readonly memberName: string
  /** Everybody of the company: who may look. */
  readonly members: readonly string[]
  /** The hole each line's unit will stand in, where it stands in one and was read. */
  readonly openings: readonly (ReceivingOpening | null)[]
}

/** The figures the opening of a line, counted from 1, is judged by. */
export const lengthsOfLine = ({ ownLengths }: OrderView, line: number): TradeLengths =>
  lengthsWith(ownLengths[line - 1]!)

type Parts = {
  readonly outgoing: readonly Outgoing[]
  readonly answers: readonly DeskAnswer[]
  readonly decisions: readonly DecisionRow[]
  readonly receipts: readonly Receipt[]
}

/** An order as a page shows it; `null` when this company has none such. As many statements for forty lines and sixteen revisions as for one. */
export const loadOrder = async (
  db: Db,
  acting: Acting | Known,
  id: string,
  now = new Date(),
): Promise<OrderView | null> => (await orderWhile(db, acting, id, now))?.view ?? null

/** The same, and until when it holds while nothing is changed, ISO 8601; `null` while nothing of it waits for a moment. */
export async function orderWhile(
  db: Db,
  acting: Acting | Known,
  id: string,
  now: Date,
): Promise<{ readonly view: OrderView; readonly freshUntil: string | null } | null> {
  const [chain, company, own] = await Promise.all([
    orderChain(db, acting, id),
    companyOf(db, acting),
    partsOf(db, acting, [id]),
  ])
  const at = chain.findIndex(one => one.order.id === id)
  if (at < 0) return null
  const { order, job } = chain[at]!
  const revisions = chain.map(one => one.order)
  const ids = order.lines.map(one => one.opening.id)
  const [receipts, { openings }, photos] = await Promise.all([
    listRows(
      db,
      RECEIPTS,
      acting,
      revisions.map(one => one.id),
    ),
    summariesOf(db, { ...acting, company }, { ids }, ['ordering'], now),
    photosOf(db, acting, ids),
  ])
  const parts = { ...own, receipts: receiptsFor(order, revisions, receipts) }
  const sent = sentMessage(order, parts.outgoing, { id: acting.companyId, name: company.name })
  const { answers, claims } = answersIn(parts, sent)
  const before = revisions.find(one => one.id === order.supersedes)
  const orderings = ids.map(one => openings.find(it => it.opening.id === one)?.ordering ?? null)
  const since = revisions[0]?.releasedAt ?? order.releasedAt
  const view: OrderView = {
    order,
    job: asWritten(job, company.firm.data.numbers),
    standing: standingOfOrder(order, parts, answers),
    supersededBy: revisions.find(one => one.supersedes === id)?.id ?? null,
    revisions: revisions.map(({ id: revisionId, revision, releasedAt, releasedBy }) => ({
      id: revisionId,
      revision,
      releasedAt,
      releasedBy,
    })),
    changes: before ? revisionChanges(before, order) : [],
    since: revisionChanges(order, { lines: order.lines.map((line, i) => orderings[i]?.line ?? line) }),
    ownLengths: orderings.map(one => one?.lengths ?? []),
    outgoing: parts.outgoing.map(({ body: _b, companyId: _c, ...one }) => one),
    answers,
    receipts: parts.receipts,
    claims,
    // An order withdrawn before had deliveries of its own.
    photos: ids.map(one => (photos.get(one) ?? []).filter(it => isOfDelivery(it) && it.takenAt >= since)),
    memberName: acting.name,
    members: company.members,
    openings: orderings.map((one, i) => receivingOpening(one, order.lines[i]!)),
  }
  return { view, freshUntil: soonestOf(openings.map(one => one.freshUntil)) }
}

/** Where the unit of a line will stand, by the readings as they are now. */
const receivingOpening = (ordering: Ordering | null, { unit, pad }: OrderLine): ReceivingOpening | null =>
  ordering?.hole?.unit === unit.id ? { points: ordering.hole.points, pad } : null

/** What went out and came back for some orders, but for what was received on them. */
async function partsOf(db: Db, acting: Acting, ids: readonly string[]): Promise<Omit<Parts, 'receipts'>> {
  const [outgoing, answers, decisions] = await Promise.all([
    listOutgoing(db, acting, ids),
    listDeskAnswers(db, acting, ids),
    listRows(db, DECISIONS, acting, ids),
  ])
  return { outgoing, answers, decisions }
}

/** The message as it was sent: what came back is compared with that, whatever an order would be written as since. An order that came
 *  with a file was sent elsewhere: its message is written anew. */
function sentMessage(order: Order, outgoing: readonly Outgoing[], company: OrderMessage['company']): OrderMessage {
  const sent = outgoing.find(one => one.kind === 'order' && one.orderId === order.id)
  return sent ? (JSON.parse(sent.body) as OrderMessage) : messageOf(order, company)
}

/** What came back: answers to what was claimed apart from answers to the order. */
function answersIn({ answers, decisions, receipts, outgoing }: Parts, sent: OrderMessage) {
  const claimed: ClaimAnswer[] = []
  const others = answers.filter(one => {
    const answer = readClaimAnswer(one.text, sent.company.id, sent.order.id)
    if (answer) claimed.push(answer)
    return !answer
  })
  return {
    answers: others.map(one => readAnswer(one, sent, decisions)),
    claims: trackClaims(
      receipts,
      outgoing.filter(one => one.kind === 'claim'),
      claimed,
    ),
  }
}

function readAnswer(
  { id, receivedAt, text }: DeskAnswer,
  sent: Parameters<typeof readAcknowledgement>[1],
  decisions: readonly DecisionRow[],
): ReadAnswer {
  const read = readAcknowledgement(text, sent)
  if (!read.ok) return { id, receivedAt, ok: false, code: read.code, facts: read.facts, text: text.slice(0, 2000) }
  const own = decisions.filter(one => one.answerId === id)
  return {
    id,
    receivedAt,
    ok: true,
    acknowledgement: read.value,
    standing: standingOf(read.value, own),
    decisions: own,
  }
}

const standingOfOrder = (order: Order, { outgoing, receipts }: Parts, answers: readonly ReadAnswer[]): OrderStanding =>
  orderStanding({
    isWithdrawn: order.withdrawn !== null,
    isReceived: order.lines.every((_, i) => {
      const last = receipts.findLast(one => one.line === i + 1)
      return last !== undefined && isAccepted(last.state)
    }),
    answered: lastUnderstood(answers)?.standing ?? null,
    hasAnswers: answers.length > 0,
    messages: outgoing.filter(one => one.kind !== 'claim').length,
    sent: outgoing.filter(one => one.kind !== 'claim' && one.state !== 'waiting').length,
  })

const lastUnderstood = (answers: readonly ReadAnswer[]) => answers.findLast(one => one.ok) ?? null

export type OrderRow = {
  readonly id: string
  readonly number: string
  readonly revision: number
  readonly maker: string
  readonly jobName: string
  readonly tags: readonly string[]
  readonly releasedAt: string
  readonly standing: OrderStanding
  /** How many claims on its lines are not settled. */
  readonly openClaims: number
  readonly trouble: string
  readonly isSuperseded: boolean
  /** Prices and days of its lines, listed, acknowledged and as they came; none of what holds no longer. */
  readonly prices: readonly PriceRow[]
}

const MOST_SHOWN = 200

/** The company's released orders with where each stands, the newest first. */
export async function loadOrders(db: Db, acting: Acting | Known): Promise<readonly OrderRow[]> {
  const listed = await listAllOrders(db, acting, MOST_SHOWN)
  const ids = listed.map(({ order }) => order.id)
  const [parts, receipts, { name }] = await Promise.all([
    partsOf(db, acting, ids),
    listRows(db, RECEIPTS, acting, ids),
    companyOf(db, acting),
  ])
  const superseded = new Set(listed.flatMap(({ order }) => order.supersedes ?? []))
  return listed.map(({ order, job }) => {
    const of = <T extends { readonly orderId: string }>(rows: readonly T[]) =>
      rows.filter(row => row.orderId === order.id)
    const chain = listed.map(one => one.order).filter(one => one.number === order.number)
    const own: Parts = {
      outgoing: of(parts.outgoing),
      answers: of(parts.answers),
      decisions: of(parts.decisions),
      receipts: receiptsFor(order, chain, receipts),
    }
    const sent = sentMessage(order, own.outgoing, { id: acting.companyId, name })
    const { answers, claims } = answersIn(own, sent)
    return {
      id: order.id,
      number: order.number,
      revision: order.revision,
      maker: order.maker,
      jobName: job.name,
      tags: order.lines.map(line => line.opening.tag),
      releasedAt: order.releasedAt,
      standing: standingOfOrder(order, own, answers),
      openClaims: claims.filter(isClaimOpen).length,
      trouble: own.outgoing.findLast(one => one.trouble)?.trouble ?? '',
      isSuperseded: superseded.has(order.id),
      prices:
        superseded.has(order.id) || order.withdrawn
          ? []
          : priceRows(order, lastUnderstood(answers)?.acknowledgement ?? null, own.receipts),
    }
  })
}
