import type { Reading } from '@/core/survey/reading'
import type { GapSlot, Slot } from '@/core/survey/slots'
import { GAP_SLOTS } from '@/core/survey/slots'

/** The next slot that was not read, after `from` in walking order and round to the start; `null` when all are. */
export function nextOpen<S extends Slot>(
  slots: readonly S[],
  read: ReadonlyMap<Slot, Reading>,
  from: Slot | null,
): S | null {
  const start = slots.findLastIndex(slot => slot === from) + 1
  const order = [...slots.slice(start), ...slots.slice(0, start)]
  return order.find(slot => !read.has(slot)) ?? null
}

export const isGapSlot = (slot: Slot): slot is GapSlot => (GAP_SLOTS as readonly string[]).includes(slot)
