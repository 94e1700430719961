import { and, asc, eq, gt, inArray, lte, or, sql } from 'drizzle-orm'
import type { Acting } from './acting'
import { type Db, transact } from './connection'
import { answerFromDesk, outgoing } from './exchange-tables'
import { placed, places, preparedAs } from './prepared'

export type OutgoingKind = 'order' | 'objection' | 'withdrawal' | 'claim' | 'mail'
export type OutgoingState = 'waiting' | 'sent' | 'answered'

/** Something on its way to a supplier, and how far it has come. */
export type Outgoing = {
  readonly companyId: string
  readonly id: string
  /** Empty for a mail: it belongs to none. */
  readonly orderId: string
  readonly kind: OutgoingKind
  readonly body: string
  readonly state: OutgoingState
  readonly attempts: number
  readonly dueAt: number
  readonly trouble: string
  readonly createdAt: string
  readonly sentAt: string | null
}

type Row = typeof outgoing.$inferSelect
const asOutgoing = ({ claimedUntil: _, kind, state, orderId, ...row }: Row): Outgoing => ({
  ...row,
  orderId: orderId ?? '',
  kind: kind as OutgoingKind,
  state: state as OutgoingState,
})

/** Calls an order back before anybody was told: `false` when it is on its way already. */
export async function callBack(db: Db, acting: Acting, orderId: string, now: number): Promise<boolean> {
  const [result] = await db
    .delete(outgoing)
    .where(
      and(
        eq(outgoing.companyId, acting.companyId),
        eq(outgoing.orderId, orderId),
        eq(outgoing.kind, 'order'),
        eq(outgoing.state, 'waiting'),
        eq(outgoing.attempts, 0),
        lte(outgoing.claimedUntil, now),
        gt(outgoing.dueAt, now),
      ),
    )
  return result.affectedRows === 1
}

/** Puts something on its way, once however often it is asked; `false` where something of that id is on its way already. Nobody carries it before it
 *  is due. */
export async function putOutgoing(
  db: Db,
  acting: Acting,
  one: Pick<Outgoing, 'id' | 'orderId' | 'kind' | 'body' | 'createdAt'>,
  dueAt: number,
): Promise<boolean> {
  const [result] = await db
    .insert(outgoing)
    .ignore()
    .values({ ...one, companyId: acting.companyId, state: 'waiting', dueAt })
  return result.affectedRows === 1
}

/** Puts a mail on its way, once. `companyId` is empty for one that is nobody’s firm’s. */
export async function putMail(
  db: Db,
  mail: { readonly companyId: string; readonly id: string; readonly body: string; readonly createdAt: string },
): Promise<void> {
  await db
    .insert(outgoing)
    .ignore()
    .values({ ...mail, orderId: null, kind: 'mail', state: 'waiting', dueAt: 0 })
}

/** What is or was on its way for these orders, the oldest first. */
export async function listOutgoing(db: Db, acting: Acting, orderIds: readonly string[]): Promise<readonly Outgoing[]> {
  if (orderIds.length === 0) return []
  const rows = await OUTGOING(db, orderIds.length).execute({ company: acting.companyId, ...placed('of', orderIds) })
  return rows.map(asOutgoing)
}
const OUTGOING = preparedAs((db, count: number) =>
  db
    .select()
    .from(outgoing)
    .where(and(eq(outgoing.companyId, sql.placeholder('company')), inArray(outgoing.orderId, places('of', count))))
    .orderBy(asc(outgoing.createdAt), asc(outgoing.id))
    .prepare(),
)

/** Takes what is due of all companies, at most so many, for whoever carries it: nobody else gets it before `until`. A carrier that
 *  dies leaves it to the next one after that. Nothing is due later than the `longest` pause: what is was noted before the clock was set back. The one query without a company: carrying shows nothing to anybody. */
export async function claimDue(
  db: Db,
  now: number,
  { until, most, longest }: { readonly until: number; readonly most: number; readonly longest: number },
): Promise<readonly Outgoing[]> {
  return transact(db, async tx => {
    const rows = await tx
      .select()
      .from(outgoing)
      .where(
        and(
          or(eq(outgoing.state, 'waiting'), eq(outgoing.state, 'sent')),
          or(lte(outgoing.dueAt, now), gt(outgoing.dueAt, now + 2 * longest)),
          or(lte(outgoing.claimedUntil, now), gt(outgoing.claimedUntil, now + 2 * longest)),
        ),
      )
      .orderBy(asc(outgoing.dueAt))
      .limit(most)
      .for('update', { skipLocked: true })
    for (const row of rows)
      await tx
        .update(outgoing)
        .set({ claimedUntil: until })
        .where(and(eq(outgoing.companyId, row.companyId), eq(outgoing.id, row.id)))
    return rows.map(asOutgoing)
  })
}

/** Notes how an attempt ended and when the next is due; gives the claim back. */
export async function noteAttempt(
  db: Db,
  one: Pick<Outgoing, 'companyId' | 'id'>,
  next: {
    readonly state: OutgoingState
    readonly attempts: number
    readonly dueAt: number
    readonly trouble: string
    readonly sentAt?: string
  },
): Promise<void> {
  await db
    .update(outgoing)
    .set({ ...next, claimedUntil: 0 })
    .where(and(eq(outgoing.companyId, one.companyId), eq(outgoing.id, one.id)))
}

/** Makes what waits or is unanswered due at once: somebody pressed "now". */
export async function hurry(db: Db, acting: Acting, orderId: string, now: number): Promise<void> {
  await db
    .update(outgoing)
    .set({ dueAt: now, claimedUntil: 0 })
    .where(
      and(
        eq(outgoing.companyId, acting.companyId),
        eq(outgoing.orderId, orderId),
        inArray(outgoing.state, ['waiting', 'sent']),
      ),
    )
}

export type DeskAnswer = {
  readonly id: string
  readonly orderId: string
  readonly receivedAt: string
  readonly text: string
}

/** Keeps what a supplier sent, as it came; the same text for the same order is one row. */
export async function addDeskAnswer(
  db: Db,
  companyId: string,
  answer: DeskAnswer & { readonly print: string },
): Promise<void> {
  await db
    .insert(answerFromDesk)
    .ignore()
    .values({ ...answer, companyId })
}

/** What suppliers sent for these orders, the oldest first. */
export async function listDeskAnswers(
  db: Db,
  acting: Acting,
  orderIds: readonly string[],
): Promise<readonly DeskAnswer[]> {
  if (orderIds.length === 0) return []
  const rows = await DESK_ANSWERS(db, orderIds.length).execute({
    company: acting.companyId,
    ...placed('of', orderIds),
  })
  return rows.map(({ companyId: _c, print: _p, ...row }) => row)
}
const DESK_ANSWERS = preparedAs((db, count: number) =>
  db
    .select()
    .from(answerFromDesk)
    .where(
      and(
        eq(answerFromDesk.companyId, sql.placeholder('company')),
        inArray(answerFromDesk.orderId, places('of', count)),
      ),
    )
    .orderBy(asc(answerFromDesk.receivedAt), asc(answerFromDesk.id))
    .prepare(),
)

/** How many of each state are on their way, for whoever watches the carrier. */
export async function countOutgoing(db: Db, acting: Acting): Promise<Readonly<Record<string, number>>> {
  const rows = await db
    .select({ state: outgoing.state, count: sql<number>`count(*)` })
    .from(outgoing)
    .where(eq(outgoing.companyId, acting.companyId))
    .groupBy(outgoing.state)
  return Object.fromEntries(rows.map(row => [row.state, Number(row.count)]))
}
