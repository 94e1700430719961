import type { Reading } from '@/core/survey/reading'
import type { GapSlot, Slot } from '@/core/survey/slots'
import { GAP_SLOTS } from '@/core/survey/slots'

/** The next slot that was not read, after `from` in walking order and round to the start; `null` when all are. */
export function nextOpen<S extends Slot>(
  slots: readonly S[],
  read: ReadonlyMap<Slot, Reading>,
  from: Slot | null,
): S | null {
  const order = afterFirst(slots, from)
  return order.find(slot => !read.has(slot)) ?? null
}

export const isGapSlot = (slot: Slot): slot is GapSlot => (GAP_SLOTS as readonly string[]).includes(slot)

/** The list turned so that it begins behind `from`; as it is when `from` is not in it. */
function afterFirst<S extends Slot>(slots: readonly S[], from: Slot | null): readonly S[] {
  const behind = slots.map(slot => slot !== from).lastIndexOf(false) + 1
  return [...slots.slice(behind), ...slots.slice(0, behind)]
}
