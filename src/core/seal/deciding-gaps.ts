import type { Slot } from '../survey/slots'
import { isAnswered, type Survey } from '../survey/survey'
import type { Edge } from './edge'
import type { SealPlan } from './plan-seals'

const CONTACTS = ['contact.top', 'contact.middle', 'contact.bottom'] as const

/** What is read of a closed door, edge by edge: gaps, behind them the gaps at the stop, then where its strip touches; and what of it decides
 *  most and is open: of an edge nobody read its middle, the longest first; else where most air passes and not every place was read. */
export function askedAlong(
  edges: readonly Edge[],
  plan: SealPlan | null,
  survey: Survey,
): { readonly slots: readonly Slot[]; readonly next: Slot | null } {
  const gaps = edges.flatMap(one => one.slots)
  const stops = edges.flatMap(one => one.stops)
  const contacts = stops.length > 0 ? CONTACTS : []
  const isOpen = (slot: Slot) => !isAnswered(survey, slot) && !survey.skipped.has(slot)
  const unread = edges
    .filter(one => one.slots.length > 0 && one.slots.every(isOpen))
    .sort((a, b) => b.length - a.length)
  const first = unread[0]
  const partly = edges
    .filter(one => one.slots.some(isOpen))
    .sort((a, b) => flowOf(plan, b) - flowOf(plan, a))
    .flatMap(one => one.slots.filter(isOpen))
  return {
    slots: [...gaps, ...stops, ...contacts],
    next: first ? first.slots[Math.floor(first.slots.length / 2)]! : (partly[0] ?? null),
  }
}

const flowOf = (plan: SealPlan | null, edge: Edge): number =>
  plan?.edges.find(one => one.edge.id === edge.id)?.flowBefore[1] ?? Number.POSITIVE_INFINITY
