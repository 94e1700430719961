'use client'
import { nowHere } from '../outbox/clock'
import { baseOf } from '../outbox/copies'
import { hasWorker } from '../outbox/has-worker'
import type { NewOpening } from '../outbox/new-copy'
import { useWho } from './who'

/** Keeps a sheet for an opening that was added where there is no signal, so that it can be measured at once; whether there is one now. */
export function useNewCopy(): (jobId: string, made: NewOpening) => Promise<boolean> {
  const who = useWho()
  return async (jobId, made) => {
    // Without it the page that shows it is not there either.
    if (!who || !(await hasWorker())) return false
    try {
      const { newCopy } = await import('../outbox/new-copy')
      return (await newCopy(await baseOf(who.visitor.id), jobId, made, who.visitor.name, nowHere())) !== null
    } catch {
      return false
    }
  }
}
