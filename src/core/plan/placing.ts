/** Where somebody put a task, or that it was taken off the plan. Never changed; a later one for the same task counts. */
export type Placing = {
  readonly id: string
  /** Of the opening: `survey`, `work-1`, `handover`. */
  readonly part: string
  /** Crew, day and time go together: `null` where it was taken off the plan. */
  readonly crew: string | null
  readonly day: string | null
  /** Minutes after midnight by the clock of the place. */
  readonly minute: number | null
  /** Put there by a person, so that a plan goes round it; else by the plan. */
  readonly isFixed: boolean
  /** By what the hole is shut for the night, where a door in it does not lock by dark; `null` where nothing is planned. */
  readonly closure: string | null
  readonly by: string
  /** ISO 8601. */
  readonly at: string
}
export type PlacingOf = Placing & { readonly openingId: string }

/** A task's id on the board: its opening and its part. */
export const taskId = (openingId: string, part: string): string => `${openingId}/${part}`

/** Where each task stands, by its id: the latest of its placings; none that was taken off. */
export function standingPlacings(all: readonly PlacingOf[]): ReadonlyMap<string, PlacingOf> {
  const latest = new Map<string, PlacingOf>()
  for (const one of all) {
    const id = taskId(one.openingId, one.part)
    const before = latest.get(id)
    if (!before || before.at < one.at || (before.at === one.at && before.id < one.id)) latest.set(id, one)
  }
  return new Map([...latest].filter(([, one]) => one.crew !== null))
}
