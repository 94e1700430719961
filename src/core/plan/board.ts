import type { Crew, Skill } from '../catalogue/crew'
import type { Wall } from './wall'
import type { TaskWait } from './work-tasks'

/** A piece of work on one opening that is done in one go. */
export type BoardTask = {
  readonly id: string
  /** Elapsed, with its crew. */
  readonly minutes: number
  readonly people: number
  readonly skills: readonly Skill[]
  /** Tasks that must be over before, each with how long is waited after it, and whether until work begins on the next working day. */
  readonly needs: readonly { readonly id: string; readonly waitMinutes: number; readonly untilMorning: boolean }[]
  readonly notBefore: Wall | null
  /** From when on its unit should be there and accepted; `null` where it is, or nobody knows. */
  readonly arrives: Wall | null
  /** Where it opens a hole: how long until a door in it locks again, and when at the latest it must on a day, minutes after midnight; `null`
   *  where only the crew's end counts. */
  readonly opens: { readonly minutes: number; readonly darkAt: (day: string) => number | null } | null
  /** Between which minutes of a day it may be done where it is loud; `null` where nobody minds. */
  readonly loud?: { readonly from: number; readonly to: number } | null
  /** Why it can't be done at all yet. */
  readonly blocked: TaskWait | null
}

export type Placed = {
  readonly task: string
  readonly crew: string
  readonly start: Wall
  readonly isFixed: boolean
  /** By what the hole is shut for the night; absent where nothing is planned. */
  readonly closure?: string | null
}

export const BREAKS = [
  'blocked',
  'needs',
  'wait',
  'too-early',
  'delivery',
  'day-off',
  'hours',
  'busy',
  'people',
  'skill',
  'dark',
  'loud',
  'no-crew',
] as const
export type BreakCode = (typeof BREAKS)[number]
/** What a placing breaks: `with` is the task it is against, or the moment from which it would not. */
export type Break = {
  readonly task: string
  readonly code: BreakCode
  readonly other: string | null
  readonly from: Wall | null
}

export type Board = {
  readonly tasks: readonly BoardTask[]
  readonly crews: readonly Crew[]
  /** By how much more than the work should take is reckoned with before a wall stands open. */
  readonly closedFactor: number
}
