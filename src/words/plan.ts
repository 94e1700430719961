import type { Skill } from '@/core/catalogue/crew'
import type { Break, BreakCode } from '@/core/plan/board'
import { dayOf, minuteOf, type Wall } from '@/core/plan/wall'
import type { TaskKind, TaskWait } from '@/core/plan/work-tasks'
import { dayWords } from './moments'

export const SKILL_NAMES: Readonly<Record<Skill, string>> = {
  label: 'doors with a fire label',
  masonry: 'openings in masonry',
  steel: 'steel frames',
}

const two = (n: number): string => String(n).padStart(2, '0')
/** Minutes after midnight as a clock shows them. */
export const clockWords = (minute: number): string => `${two(Math.floor(minute / 60))}:${two(Math.floor(minute % 60))}`
/** Minutes as `2 h 15`; below an hour `45 min`. */
export const lastsWords = (minutes: number): string => {
  const [hours, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)]
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : `${hours} h ${two(rest)}`
}
export const wallWords = (at: Wall): string => `${dayWords(dayOf(at))}, ${clockWords(minuteOf(at))}`

/** What a task is: `work-2` is what follows once something has hardened. */
export function taskName(kind: TaskKind, part: string): string {
  if (kind === 'survey') return 'Measure'
  if (kind === 'handover') return 'Hand over'
  const visit = Number(part.slice('work-'.length))
  return visit === 1 ? 'Fit and seal' : visit === 2 ? 'Second visit' : `Visit ${visit}`
}

export const TASK_WAITS: Readonly<Record<TaskWait, string>> = {
  customer: 'no unit is chosen yet',
  order: 'its unit is not ordered yet',
  supplier: 'its unit is not here yet',
  claim: 'its unit is held, not accepted',
}

const BREAK_WORDS: Readonly<Record<BreakCode, (other: string) => string>> = {
  blocked: other => `${TASK_WAITS[other as TaskWait] ?? 'it waits'}: the old door stays in until then`,
  needs: other => `${other} comes before it`,
  wait: other => `${other} must have hardened first`,
  'too-early': () => 'what was done on it must have hardened first',
  delivery: () => 'its unit is not expected before, and the old door stays in until it is accepted',
  'day-off': () => 'the crew does not work on that day',
  hours: () => 'it does not end before the crew goes home',
  busy: other => `the crew is at ${other} then`,
  people: () => 'it takes more people than the crew has',
  skill: () => 'the crew does not do such doors',
  dark: () => 'the hole would not be closed by dark',
  loud: () => 'it is loud, and beyond the hours in which that may be there',
  'no-crew': () => 'its crew is no longer there',
}

/** What a placing breaks, as a sentence; `nameOf` says what another task is called. */
export function breakWords({ code, other, from }: Break, nameOf: (task: string) => string): string {
  const said = BREAK_WORDS[code](other === null ? '' : code === 'blocked' ? other : nameOf(other))
  const sentence = `${said.charAt(0).toUpperCase()}${said.slice(1)}.`
  return from === null ? sentence : `${sentence} Not so from ${wallWords(from)}.`
}

const LEFT_WORDS: Readonly<Record<BreakCode, string>> = {
  blocked: 'waits',
  needs: 'what it needs is on no plan, or needs it in turn',
  wait: 'something must harden',
  'too-early': 'something must harden',
  delivery: 'its unit must come first',
  'day-off': 'no crew has a day for it',
  hours: 'it is longer than any crew’s day',
  busy: 'no crew is free',
  people: 'it takes more people than any crew has',
  skill: 'no crew does such doors',
  dark: 'on no day in sight would the hole be closed by dark: a temporary closure, or more people',
  loud: 'it is longer than the hours in which it may be loud there',
  'no-crew': 'there is no crew: the firm’s page has them',
}
export const leftWords = (why: BreakCode): string => LEFT_WORDS[why]
