import { v7 as uuidV7 } from 'uuid'
import type { LogEntry } from '@/core/log/log'
import { nowHere } from '../outbox/clock'

/** A log entry as it is noted: the store's side adds who and when. */
export type Unstamped = Pick<LogEntry, 'kind' | 'code' | 'result'> & Partial<Pick<LogEntry, 'value' | 'text'>>

/** An id, who, and when. */
export const stamped = (by: string) => ({ id: uuidV7(), takenBy: by, takenAt: nowHere().toISOString() })
