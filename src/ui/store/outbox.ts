import type { Versioned } from '@/core/sheet'

// What this browser keeps until the store has it: rows that were not acknowledged yet, changes of edited records, and what stands half
// typed. A browser that can't keep anything loses only what a reload would lose.

/** A row with an id of its own, under which path of its opening or order it is sent, what is sent where that is not the row alone, and
 *  why the store does not take it, where it said so for good. */
export type KeptRow = {
  readonly path: string
  readonly row: { readonly id: string }
  readonly body?: unknown
  readonly refused?: string
}

const ROWS = 'harvek-rows'
const DRAFT = 'harvek-draft'
const PENDING = 'harvek-pending'
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

const isKeptRow = (value: unknown): value is KeptRow =>
  typeof value === 'object' &&
  value !== null &&
  'path' in value &&
  typeof value.path === 'string' &&
  'row' in value &&
  typeof value.row === 'object' &&
  value.row !== null &&
  'id' in value.row

/** The rows kept of what has its address at `base`, in the order they were added. */
export function keptRows(base: string): readonly KeptRow[] {
  const kept = read(ROWS + base)
  return Array.isArray(kept) ? kept.filter(isKeptRow) : []
}

const putRows = (base: string, rows: readonly KeptRow[]): void => write(ROWS + base, rows.length ? rows : null)
const without = (base: string, id: string) => keptRows(base).filter(({ row }) => row.id !== id)

export const keepRow = (base: string, kept: KeptRow): void => putRows(base, [...without(base, kept.row.id), kept])

/** The store has the row: it need not be kept here. */
export const letGo = (base: string, id: string): void => {
  const rest = without(base, id)
  if (rest.length !== keptRows(base).length) putRows(base, rest)
}

/** What was looked at so far of something that is stored as a whole. */
export const keptLooked = <T>(place: string): T | null => read(LOOKED + place) as T | null
export const keepLooked = (place: string, looked: unknown): void => write(LOOKED + place, looked)

/** What stands half typed in the field of a question. */
export type Draft = { readonly question: string; readonly text: string }

export function keptDraft(base: string): Draft | null {
  const kept = read(DRAFT + base)
  return typeof kept === 'object' && kept !== null && 'question' in kept && 'text' in kept ? (kept as Draft) : null
}

export const keepDraft = (base: string, draft: Draft): void => write(DRAFT + base, draft.text === '' ? null : draft)

/** A change of an edited record that the store has not answered yet: what it began from, and what is wanted in the end. */
export type Pending<T> = { readonly base: Versioned<T>; readonly wanted: T }

export function keptChange<T>(path: string): Pending<T> | null {
  const kept = read(PENDING + path)
  const isPending =
    typeof kept === 'object' &&
    kept !== null &&
    'wanted' in kept &&
    'base' in kept &&
    typeof kept.base === 'object' &&
    kept.base !== null &&
    'revision' in kept.base &&
    'data' in kept.base
  return isPending ? (kept as unknown as Pending<T>) : null
}

export const keepChange = <T>(path: string, pending: Pending<T> | null): void => write(PENDING + path, pending)
