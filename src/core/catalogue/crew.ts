/** What not every crew does. */
export const SKILLS = ['label', 'masonry', 'steel'] as const
export type Skill = (typeof SKILLS)[number]

/** People who work together: how many, on which days, between which hours. */
export type Crew = {
  readonly id: string
  readonly name: string
  readonly people: number
  /** Minutes after midnight. */
  readonly from: number
  readonly to: number
  /** Monday 1 to Sunday 7. */
  readonly days: readonly number[]
  /** Days off, `YYYY-MM-DD`. */
  readonly off: readonly string[]
  readonly skills: readonly Skill[]
}
