import type { CauseId, SymptomId } from '@/core/after/causes'
import type { FigureId } from '@/core/after/figures'
import { CAUSE_WORDS, SYMPTOM_NAMES } from './after'
import { stepName } from './steps'

type FigureText = {
  readonly name: string
  readonly why: string
  /** What a line is of. */
  readonly of: string
  /** What its values are, in their order. */
  readonly columns: readonly string[]
  readonly unit: string
  /** What is said where there is nothing to show yet. */
  readonly none: string
}

/** What each figure over all jobs is, and what one does with it. */
export const FIGURE_WORDS: Readonly<Record<FigureId, FigureText>> = {
  'calls-by-cause': {
    name: 'Call-backs by cause',
    why: 'What is done otherwise next time.',
    of: 'cause',
    columns: ['call-backs'],
    unit: 'call-backs',
    none: 'Nobody called back yet.',
  },
  'calls-by-article': {
    name: 'Call-backs by article',
    why: 'Against how many of it were handed over.',
    of: 'article',
    columns: ['call-backs', 'handed over'],
    unit: 'doors',
    none: 'No article was called back for.',
  },
  again: {
    name: 'Readings taken again',
    why: 'Where a survey was not right at once.',
    of: 'opening',
    columns: ['again', 'readings'],
    unit: 'readings',
    none: 'No reading was taken again.',
  },
  'order-errors': {
    name: 'Deliveries that were wrong',
    why: 'Found before the old door was out, and found after they had been accepted.',
    of: 'maker',
    columns: ['caught', 'missed'],
    unit: 'deliveries',
    none: 'Every delivery was right.',
  },
  moves: {
    name: 'Moves a door took',
    why: 'Against the fewest that would have done from what was read first.',
    of: 'door',
    columns: ['made', 'least'],
    unit: 'moves',
    none: 'No moves were noted yet.',
  },
  hours: {
    name: 'Time a step took',
    why: 'Against what is planned for it, in minutes, all together. Only steps that were begun and done are counted.',
    of: 'step',
    columns: ['taken', 'planned', 'times'],
    unit: 'minutes',
    none: 'No step was timed yet: “Begin” a step before it is done.',
  },
  draft: {
    name: 'Draft that was stopped',
    why: 'Air at 50 Pa as read before and after, m³/h, and heat of a year, kWh.',
    of: 'door',
    columns: ['stopped', 'before', 'after', 'kWh a year'],
    unit: 'm³/h at 50 Pa',
    none: 'No door was read again after it was sealed yet.',
  },
}

/** What a line of a figure is called. */
export function figureOfWords(id: FigureId, of: string): string {
  if (id === 'hours') return stepName(of)
  if (id !== 'calls-by-cause') return of
  return of.startsWith('open/')
    ? `not found yet: ${SYMPTOM_NAMES[of.slice('open/'.length) as SymptomId].toLowerCase()}`
    : CAUSE_WORDS[of as CauseId][0]
}
