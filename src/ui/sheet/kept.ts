import type { Answer } from '@/core/survey/answer'
import type { Reading } from '@/core/survey/reading'

/** What this browser keeps of an opening until the store has it: rows not acknowledged yet, and what stands half typed. */
export type Kept = {
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  readonly draft: { readonly question: string; readonly text: string } | null
}

export const NOTHING_KEPT: Kept = { readings: [], answers: [], draft: null }

const keyOf = (openingId: string): string => `harvek-kept/${openingId}`

/** What was kept; nothing where the browser keeps nothing, or something else stands there. */
export function readKept(openingId: string): Kept {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(openingId)) ?? 'null')
    return isKept(kept) ? kept : NOTHING_KEPT
  } catch {
    return NOTHING_KEPT
  }
}

const isKept = (value: unknown): value is Kept =>
  typeof value === 'object' &&
  value !== null &&
  'readings' in value &&
  Array.isArray(value.readings) &&
  'answers' in value &&
  Array.isArray(value.answers) &&
  'draft' in value

/** Changes what is kept. A browser that can't keep anything loses only what a reload would lose. */
export function keep(openingId: string, change: (kept: Kept) => Kept): void {
  try {
    const next = change(readKept(openingId))
    if (next.readings.length === 0 && next.answers.length === 0 && next.draft === null)
      localStorage.removeItem(keyOf(openingId))
    else localStorage.setItem(keyOf(openingId), JSON.stringify(next))
  } catch {
    // Private windows may refuse to keep anything.
  }
}

type Row = { readonly id: string }
const without = <T extends Row>(rows: readonly T[], id: string): readonly T[] => rows.filter(one => one.id !== id)

export const keepReading = (openingId: string, reading: Reading): void =>
  keep(openingId, kept => ({ ...kept, readings: [...without(kept.readings, reading.id), reading] }))

export const keepAnswer = (openingId: string, answer: Answer): void =>
  keep(openingId, kept => ({ ...kept, answers: [...without(kept.answers, answer.id), answer] }))

/** The store has the row: it need not be kept here. */
export const letGo = (openingId: string, id: string): void =>
  keep(openingId, kept => ({ ...kept, readings: without(kept.readings, id), answers: without(kept.answers, id) }))

export const keepDraft = (openingId: string, question: string, text: string): void =>
  keep(openingId, kept => ({ ...kept, draft: text === '' ? null : { question, text } }))

/** Changes of an edited record that the store has not answered yet: what they began from, what is under way, and what is wanted in the end. */
export type Pending<T> = { readonly base: number; readonly sending: T | null; readonly wanted: T }

const pendingKey = (path: string): string => `harvek-pending${path}`

export function readPending<T>(path: string): Pending<T> | null {
  try {
    const left: unknown = JSON.parse(localStorage.getItem(pendingKey(path)) ?? 'null')
    return typeof left === 'object' && left !== null && 'base' in left && 'wanted' in left ? (left as Pending<T>) : null
  } catch {
    return null
  }
}

export function keepPending<T>(path: string, pending: Pending<T> | null): void {
  try {
    if (pending) localStorage.setItem(pendingKey(path), JSON.stringify(pending))
    else localStorage.removeItem(pendingKey(path))
  } catch {
    // Private windows may refuse to keep anything.
  }
}
