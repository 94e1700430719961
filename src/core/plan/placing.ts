import { z } from 'zod'

/** Where somebody put a task, or that it was taken off the plan. Never changed; a later one for the same task counts. */
export const placingSchema = z
  .strictObject({
    id: z.uuid(),
    /** Of the opening: `survey`, `work-1`, `handover`. */
    part: z.string().regex(/^(survey|handover|work-[1-9])$/),
    /** `null` where it was taken off the plan. */
    crew: z.uuid().nullable(),
    day: z.iso.date().nullable(),
    /** Minutes after midnight by the clock of the place. */
    minute: z.int().min(0).max(1439).nullable(),
    /** Put there by a person, so that a plan goes round it; else by the plan. */
    isFixed: z.boolean(),
    by: z.string().min(1).max(80),
    at: z.iso.datetime({ precision: 3 }),
  })
  .refine(one => (one.crew === null) === (one.day === null) && (one.day === null) === (one.minute === null), {
    path: ['day'],
    message: 'crew, day and time go together',
  })
export type Placing = z.infer<typeof placingSchema>
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
