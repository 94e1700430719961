import type { OpeningSheet } from '@/core/sheet'

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

export function keptDraft(base: string): Draft | null {
  const kept = read(DRAFT + base)
  return typeof kept === 'object' && kept !== null && 'question' in kept && 'text' in kept ? (kept as Draft) : null
}

export const keepDraft = (base: string, draft: Draft): void => write(DRAFT + base, draft.text === '' ? null : draft)
