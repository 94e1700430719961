import type { OpeningSheet } from '@/core/sheet'
import type { FactSlot } from '@/core/survey/facts'
import type { Slot } from '@/core/survey/slots'
import type { Survey } from '@/core/survey/survey'
import { nowHere } from '../outbox/clock'

// What stands half done in a field or a form of this browser: over a reload, for whom it was. A browser that can't keep anything loses only what a
// reload would lose.

const DRAFT = 'harvek-draft'
const LOOKED = 'harvek-looked'

function read(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null')
  } catch {
    return null
  }
}

function write(key: string, value: unknown): void {
  try {
    if (value === null) localStorage.removeItem(key)
    else localStorage.setItem(key, JSON.stringify(value))
  } catch {
    // Private windows may refuse to keep anything.
  }
}

/** What was looked at so far of something that is stored as a whole. */
export const keptLooked = <T>(place: string): T | null => read(LOOKED + place) as T | null
export const keepLooked = (place: string, looked: unknown): void => write(LOOKED + place, looked)

/** Where what somebody types on a sheet is kept: never where another member looks. */
export const draftPlace = ({ memberName, opening }: Pick<OpeningSheet, 'memberName' | 'opening'>): string =>
  `/${memberName}/${opening.id}`

/** What stands half typed in the field of a question. */
export type Draft = { readonly question: string; readonly text: string }

/** When something was last taken for a question, ISO 8601. */
export type LastTaken = (question: string) => string | undefined

/** When something was last taken for a question, as a survey has it. */
export const lastTakenIn =
  ({ bySlot, facts }: Pick<Survey, 'bySlot' | 'facts'>): LastTaken =>
  question =>
    (bySlot.get(question as Slot) ?? facts.get(question as FactSlot))?.takenAt

/** What stands half typed. A browser that is killed can have kept a text that was taken since: that is over. */
export function keptDraft(base: string, lastTaken: LastTaken): Draft | null {
  const kept = read(DRAFT + base)
  if (typeof kept !== 'object' || kept === null || !('question' in kept) || !('text' in kept)) return null
  const { question, text, at } = kept as Draft & { readonly at?: string }
  const taken = lastTaken(question)
  return at !== undefined && taken !== undefined && taken >= at ? null : { question, text }
}

export const keepDraft = (base: string, draft: Draft): void =>
  write(DRAFT + base, draft.text === '' ? null : { ...draft, at: nowHere().toISOString() })
