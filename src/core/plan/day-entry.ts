export const DAY_KINDS = ['loaded', 'weather'] as const
export type DayKind = (typeof DAY_KINDS)[number]
export const WEATHERS = ['dry', 'rain', 'wind', 'rain-and-wind'] as const
export type Weather = (typeof WEATHERS)[number]
export const DAY_RESULTS: Readonly<Record<DayKind, readonly string[]>> = { loaded: ['yes', 'no'], weather: WEATHERS }

/** Whether a text is a day there is: `2026-02-30` is none. */
export const isDay = (text: string): boolean =>
  /^\d{4}-\d{2}-\d{2}$/.test(text) && new Date(`${text}T00:00:00Z`).toISOString().startsWith(text)

/** What somebody noted of a day: that a thing is in the van, or what weather is likely at a job. Never changed; a later one for the same key counts. */
export type DayEntry = {
  readonly id: string
  readonly kind: DayKind
  /** The thing's key, or the job's id. */
  readonly key: string
  readonly result: string
  readonly by: string
  /** ISO 8601. */
  readonly at: string
}

/** What counts of a day, by key: the latest of each. */
export function standingDay(kind: DayKind, entries: readonly DayEntry[]): ReadonlyMap<string, DayEntry> {
  const standing = new Map<string, DayEntry>()
  for (const one of entries) {
    if (one.kind !== kind) continue
    const before = standing.get(one.key)
    if (!before || before.at < one.at || (before.at === one.at && before.id < one.id)) standing.set(one.key, one)
  }
  return standing
}
