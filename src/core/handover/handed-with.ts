import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'

/** What is handed over with a door, noted in words. */
export const HANDED_WITH = ['keys', 'parts', 'papers'] as const
export type HandedWithId = (typeof HANDED_WITH)[number]

/** What was noted last of each; what was emptied again is left out. */
export function handedWith(log: readonly LogEntry[]): { readonly [id in HandedWithId]?: string } {
  const notes = standingEntries('note', log)
  return Object.fromEntries(HANDED_WITH.flatMap(id => (notes.get(id)?.text ? [[id, notes.get(id)!.text]] : [])))
}
