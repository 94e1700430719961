import { z } from 'zod'
import { partsAsked, partsWanted } from '../order/asked-of-delivered'
import type { JudgedReceipt } from '../order/judge-receipt'
import type { OrderLine } from '../order/order'
import type { Receipt } from '../order/receipt'

/** What a supplier is told of a unit that did not come as it was ordered. Lengths are whole ticks of 1/3200 mm. */
export type Claim = {
  readonly format: 'harvek-claim'
  readonly version: 1
  readonly company: string
  readonly order: { readonly id: string; readonly number: string; readonly revision: number }
  /** The receipt it is about: what it is known by. */
  readonly claim: string
  readonly line: number
  readonly tag: string
  readonly article: string
  readonly state: 'parts-owed' | 'hold' | 'refused'
  /** What was found, each with its place and its figures. */
  readonly found: readonly {
    readonly what: string
    readonly place: string
    readonly facts: Readonly<Record<string, number | string>>
  }[]
  readonly missing: readonly { readonly part: string; readonly ordered: number; readonly came: number }[]
  readonly note: string
  readonly by: string
  readonly at: string
}

const STATES = { 'accepted-parts-owed': 'parts-owed', hold: 'hold', refused: 'refused' } as const

/** The claim that follows from what was found on a delivered unit; `null` where nothing is asked for. */
export function claimOf(
  receipt: Receipt,
  line: OrderLine,
  { findings }: JudgedReceipt,
  company: string,
  order: Claim['order'],
): Claim | null {
  if (receipt.state === 'accepted') return null
  const found = foundOf(findings)
  const missing = missingOf(receipt, line)
  // One that was only not looked at to the end says nothing of the supplier.
  if (found.length === 0 && missing.length === 0 && receipt.note === '') return null
  return {
    format: 'harvek-claim',
    version: 1,
    company,
    order,
    claim: receipt.id,
    line: receipt.line,
    tag: line.opening.tag,
    article: line.unit.article,
    state: STATES[receipt.state],
    found,
    missing,
    note: receipt.note,
    by: receipt.by,
    at: receipt.at,
  }
}

const foundOf = (findings: JudgedReceipt['findings']): Claim['found'] =>
  findings
    .filter(one => one.severity !== 'fine' && one.code !== 'receipt-not-read' && one.code !== 'receipt-parts')
    .map(({ code, place, facts }) => ({
      what: code.replace('receipt-', ''),
      place,
      facts: Object.fromEntries(
        Object.entries(facts).map(([name, fact]) => [name, typeof fact === 'object' ? fact.length : fact]),
      ),
    }))

const missingOf = (receipt: Receipt, line: OrderLine): Claim['missing'] =>
  partsAsked(line).flatMap(part => {
    const [came, ordered] = [receipt.counts[part], partsWanted(line, part)]
    return came !== undefined && came < ordered ? [{ part, ordered, came }] : []
  })

/** What a supplier does about a claim. */
export const CLAIM_REMEDIES = ['replace', 'send-parts', 'credit', 'repair', 'refused'] as const
export type ClaimRemedy = (typeof CLAIM_REMEDIES)[number]

const answerSchema = z.object({
  format: z.literal('harvek-claim-answer'),
  company: z.string(),
  order: z.string(),
  claim: z.string(),
  remedy: z.enum(CLAIM_REMEDIES),
  message: z.string().max(500).default(''),
  /** By when, as a plain date. */
  by: z.iso.date().nullable().default(null),
})
export type ClaimAnswer = z.infer<typeof answerSchema>

/** Reads a supplier's answer to a claim of this company and order; `null` for anything else that came. */
export function readClaimAnswer(text: string, company: string, orderId: string): ClaimAnswer | null {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    return null
  }
  const read = answerSchema.safeParse(value)
  return read.success && read.data.company === company && read.data.order === orderId ? read.data : null
}

/** How far a claim has come. `settled` once the line was accepted in full after it. */
export const CLAIM_STANDINGS = ['not-sent', 'waiting', 'sent', 'answered', 'settled'] as const
export type ClaimStanding = (typeof CLAIM_STANDINGS)[number]

/** A claim on a line, from what was found to its end. */
export type TrackedClaim = {
  readonly receipt: string
  readonly line: number
  readonly since: string
  readonly standing: ClaimStanding
  readonly sentAt: string | null
  readonly trouble: string
  readonly answer: Pick<ClaimAnswer, 'remedy' | 'message' | 'by'> | null
}

type Carried = {
  readonly id: string
  readonly state: 'waiting' | 'sent' | 'answered'
  readonly sentAt: string | null
  readonly trouble: string
}

/** The claims of an order's lines: of each line the last receipt that was not accepted in full, and how far it has come. */
export function trackClaims(
  receipts: readonly Receipt[],
  carried: readonly Carried[],
  answers: readonly ClaimAnswer[],
): readonly TrackedClaim[] {
  const lines = [...new Set(receipts.map(one => one.line))]
  return lines.flatMap(line => {
    const own = receipts.filter(one => one.line === line)
    const receipt = own.findLast(one => one.state !== 'accepted')
    if (!receipt) return []
    const sent = carried.find(one => one.id === receipt.id)
    const isSettled = own.at(-1)?.state === 'accepted'
    // One that was never sent and is made good since was no claim.
    if (isSettled && !sent) return []
    const answer = answers.findLast(one => one.claim === receipt.id) ?? null
    return [
      {
        receipt: receipt.id,
        line,
        since: receipt.at,
        standing: isSettled ? 'settled' : answer ? 'answered' : standingOf(sent),
        sentAt: sent?.sentAt ?? null,
        trouble: sent?.trouble ?? '',
        answer: answer && { remedy: answer.remedy, message: answer.message, by: answer.by },
      } as const,
    ]
  })
}

const standingOf = (sent: Carried | undefined): ClaimStanding =>
  sent === undefined ? 'not-sent' : sent.sentAt === null ? 'waiting' : 'sent'

/** Whether something is still asked of a supplier. */
export const isClaimOpen = ({ standing }: TrackedClaim): boolean => standing !== 'settled'
