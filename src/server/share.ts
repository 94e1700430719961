import { createHash, randomBytes } from 'node:crypto'
import { addDays } from 'date-fns'
import { v7 as uuidV7 } from 'uuid'
import type { LogEntry } from '@/core/log/log'
import { offeredChoices, offeredRepair } from '@/core/offer-shown'
import { CHOICE_CODES } from '@/core/order/signed-choice'
import { type FirmShown, HOLDS_DAYS, KEEP, type ShareKind, type Shown, type Signing, TAKEN } from '@/core/sharing/share'
import { type OpeningSheet, recordsOf } from '@/core/sheet'
import type { Acting } from '@/store/acting'
import { companyOf } from '@/store/company'
import type { Db } from '@/store/connection'
import { findFirm } from '@/store/firm'
import { addShare, type Opened, openShare, sign } from '@/store/shares'
import { findUnits } from '@/store/units'
import { REPAIRS } from '@/trade/repairs'
import { shareMail } from '@/words/mails'
import { loadOpening, tradeOf, workOf } from './load-opening'
import { mailTo } from './mail'
import { openingRecord } from './record-paper'
import { shownBlocks } from './shown-blocks'

const printOf = (token: string): string => createHash('sha256').update(token).digest('hex')

/** What is asked to be shown. */
export type Sharing = {
  readonly id: string
  readonly kind: ShareKind
  readonly units: readonly string[]
  readonly note: string
  readonly mails: boolean
}

/** What became of it: the link's secret, which is said this once; or why there is none. */
export type Shared =
  | { readonly token: string; readonly expiresAt: string; readonly mailedTo: string | null }
  | { readonly refused: 'not-found' | 'nothing-fits' | 'no-address' | 'there' }

/** Shows an opening's choices, or its record, to whoever gets the link. */
export async function shareOpening(
  db: Db,
  acting: Acting,
  openingId: string,
  asked: Sharing,
  address: string,
  now: Date,
): Promise<Shared> {
  const loaded = await loadOpening(db, acting, openingId)
  if (!loaded) return { refused: 'not-found' }
  const sheet = await withUnits(db, acting, loaded, asked.units)
  const to = sheet.job.customer.email
  if (asked.mails && to === '') return { refused: 'no-address' }
  const shown = await shownOf(db, acting, sheet, asked, now)
  if (!shown) return { refused: 'nothing-fits' }
  const token = randomBytes(32).toString('base64url')
  const at = now.toISOString()
  const expiresAt = addDays(now, HOLDS_DAYS[asked.kind]).toISOString()
  const { id, kind } = asked
  if (!(await addShare(db, acting, { id, openingId, kind, print: printOf(token), shown, at, expiresAt })))
    return { refused: 'there' }
  if (asked.mails)
    await mailTo(
      db,
      to,
      shareMail(shown.kind, shown.customer, shown.firm.name, `${address}/s/${token}`, expiresAt.slice(0, 10)),
      acting.companyId,
    )
  return { token, expiresAt, mailedTo: asked.mails ? to : null }
}

/** A sheet has only the best units of a large list with it: what was picked comes too. */
async function withUnits(db: Db, acting: Acting, sheet: OpeningSheet, ids: readonly string[]): Promise<OpeningSheet> {
  const missing = ids.filter(id => !sheet.units.some(one => one.id === id))
  if (missing.length === 0) return sheet
  return { ...sheet, units: [...sheet.units, ...(await findUnits(db, acting, missing))] }
}

async function shownOf(
  db: Db,
  acting: Acting,
  sheet: OpeningSheet,
  { kind, units, note }: Sharing,
  now: Date,
): Promise<Shown | null> {
  const firm = await firmShown(db, acting)
  const { job, opening } = sheet
  const about = {
    firm: firm.shown,
    customer: job.customer.name,
    opening: { tag: opening.tag, name: opening.name },
    job: `${job.name} · ${job.site}`,
    step: job.step,
  }
  if (kind === 'record') {
    const { title, subtitle, footer, blocks } = await openingRecord(db, acting, sheet)
    return { kind, ...about, title, subtitle, footer, blocks: shownBlocks(blocks) }
  }
  const [work, records, trade] = [workOf(sheet), recordsOf(sheet), tradeOf(sheet)]
  const choices = offeredChoices(work, records, units, now.toISOString().slice(0, 10))
  const repair = offeredRepair(records, REPAIRS, trade)
  if (choices.length === 0) return null
  return { kind, ...about, counting: firm.counting, choices, repair, note }
}

async function firmShown(db: Db, acting: Acting) {
  const [{ name }, { data }] = await Promise.all([companyOf(db, acting), findFirm(db, acting)])
  const shown: FirmShown = { name, ...data.about }
  return { shown, counting: { currency: data.currency, numbers: data.numbers } }
}

/** What a link opens now; `null` where it opens nothing. */
export const openLink = (db: Db, token: string, now: Date): Promise<Opened | null> =>
  openShare(db, printOf(token), now.toISOString())

/** Signs what a link shows; `false` where it was signed before. What it means for the opening stands in its log. */
export function signLink(db: Db, one: Opened, signing: Signing, witness: string | null, now: Date): Promise<boolean> {
  const at = now.toISOString()
  return sign(db, one, { signing, at, witness }, entriesOf(one.shown, signing, at))
}

function entriesOf(shown: Shown, { name, choice, colour, reason }: Signing, at: string): readonly LogEntry[] {
  const entry = (code: string, text: string): LogEntry => ({
    id: uuidV7(),
    kind: 'choice',
    code,
    result: 'signed',
    value: null,
    text: text.slice(0, 500),
    by: name,
    at,
  })
  if (shown.kind === 'record') return [entry(CHOICE_CODES.record, choice === TAKEN ? reason : choice)]
  const chosen = shown.choices.find(one => one.id === choice)
  const named = choice === KEEP ? 'keeping the old door' : `${chosen?.article} ${chosen?.name}`
  return [
    entry(`${CHOICE_CODES.unit}${choice}`, reason),
    entry(CHOICE_CODES.name, named),
    ...(colour === '' ? [] : [entry(CHOICE_CODES.colour, colour)]),
  ]
}
