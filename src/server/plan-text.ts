import { LRUCache } from 'lru-cache'
import type { BoardGiven, PlanGiven } from '@/core/plan/plan-view'
import type { Acting } from '@/store/acting'
import type { Known } from '@/store/company'
import type { Db } from '@/store/connection'
import { planStanding } from '@/store/plan-standing'
import { buildNow, stillHolds } from './basis'
import { planAt } from './load-plan'

/** What the board is made of as it is sent, a `BoardGiven`: written once for whoever looks. */
export type PlanText = {
  /** Another one for another plan. */
  readonly tag: string
  readonly json: string
  /** Until when it holds though nothing is changed, ISO 8601. */
  readonly freshUntil: string | null
}
type Kept = { readonly basis: string; readonly made: Promise<PlanText> }

const MOST_KEPT = 50
const kept = new LRUCache<string, Kept>({ max: MOST_KEPT })

/** The plan of a company as text. While nothing it is made of is changed it costs one statement; whoever asks while it is being made waits for the
 *  same. Which jobs it shows goes by the day. */
export async function planText(db: Db, acting: Acting | Known, now: Date): Promise<PlanText> {
  const at = now.toISOString()
  // Looked up before anything is read: what is written in between is seen the next time.
  const standing = await planStanding(db, acting)
  const basis = [buildNow(), at.slice(0, 10), standing].join('/')
  const held = kept.get(acting.companyId)
  if (held?.basis === basis) {
    const text = await held.made
    if (stillHolds(text.freshUntil, at)) return text
  }
  const made = write(db, acting, now, basis)
  kept.set(acting.companyId, { basis, made })
  // What could not be made is not kept.
  made.catch(() => {
    if (kept.get(acting.companyId)?.made === made) kept.delete(acting.companyId)
  })
  return made
}

async function write(db: Db, acting: Acting | Known, now: Date, basis: string): Promise<PlanText> {
  const { given, placed, freshUntil } = await planAt(db, acting, now)
  const board: BoardGiven = { ...leftOf(given), placed }
  return { tag: `${basis}/${freshUntil ?? ''}`, json: JSON.stringify(board), freshUntil }
}

/** Of a plan what is not done yet, with what is on it of that. */
function leftOf(given: PlanGiven): PlanGiven {
  const openings = given.openings
    .map(one => ({ ...one, tasks: one.tasks.filter(task => task.minutes > 0) }))
    .filter(one => one.tasks.length > 0)
  const left = new Set(openings.map(one => one.id))
  const placings = given.placings.filter(one => left.has(one.openingId))
  return { ...given, openings, placings }
}
