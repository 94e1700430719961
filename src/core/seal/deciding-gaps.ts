import type { Slot } from '../survey/slots'
import { isAnswered, type Survey } from '../survey/survey'
import type { Question } from '../survey/survey-of'
import { closedQuestions, drawsAir } from './closed-answers'
import type { Edge } from './edge'
import type { SealPlan } from './plan-seals'

const CONTACTS = ['contact.top', 'contact.middle', 'contact.bottom'] as const

/** What is read of a closed door, edge by edge: gaps, behind them the gaps at the stop, then where its strip touches and how the threshold falls, then what is
 *  answered of it; and what of it decides most and is open: where air was felt, else of an edge nobody read its middle, the longest first; else where
 *  most air passes and not every place was read; then what stands round it. */
export function askedAlong(
  edges: readonly Edge[],
  plan: SealPlan | null,
  survey: Survey,
): { readonly slots: readonly Question[]; readonly next: Question | null } {
  const gaps = edges.flatMap(one => one.slots)
  const stops = edges.flatMap(one => one.stops)
  const contacts = stops.length > 0 ? CONTACTS : []
  const falls = edges.some(one => one.role === 'bottom' && one.moves === 'swings') ? (['fall.threshold'] as const) : []
  const answers = closedQuestions(edges, survey)
  const isOpen = (slot: Question) => !isAnswered(survey, slot) && !survey.skipped.has(slot)
  const unread = edges
    .filter(one => one.slots.length > 0 && one.slots.every(isOpen))
    .sort((a, b) => b.length - a.length)
  const airy = edges.filter(one => drawsAir(one, survey) && one.slots.some(isOpen))
  const first = unread.find(one => airy.includes(one)) ?? airy[0] ?? unread[0]
  const partly = edges
    .filter(one => one.slots.some(isOpen))
    .sort((a, b) => flowOf(plan, b) - flowOf(plan, a))
    .flatMap(one => one.slots.filter(isOpen))
  return {
    slots: [...gaps, ...stops, ...contacts, ...falls, ...answers],
    next: first ? middleOf(first.slots, isOpen) : (partly[0] ?? answers.filter(decides).find(isOpen) ?? null),
  }
}

/** Whether it decides which seals do at all; what is tried at the joints comes in its turn. */
const decides = (slot: Question): boolean => !/^fact\.(air|bill)-/.test(slot)

/** Its middle, while that is open; else the first place of it that is. */
function middleOf(slots: readonly Slot[], isOpen: (slot: Slot) => boolean): Slot {
  const middle = slots[Math.floor(slots.length / 2)]!
  return isOpen(middle) ? middle : slots.find(isOpen)!
}

const flowOf = (plan: SealPlan | null, edge: Edge): number =>
  plan?.edges.find(one => one.edge.id === edge.id)?.flowBefore[1] ?? Number.POSITIVE_INFINITY
