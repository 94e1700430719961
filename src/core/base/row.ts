/** What every append-only row carries: an id made where it was taken, so that it can be sent late, twice and in any order. */
export type Row = { readonly id: string }

/** Whether one row was made after another; rows of one instant go by their id. */
export const isLater = (a: Row & { readonly at: string }, b: Row & { readonly at: string }): boolean =>
  a.at === b.at ? a.id > b.id : a.at > b.at

/** The row that stands for each key: the latest, whatever order they arrived in. */
export function standing<T extends Row, Key>(
  rows: readonly T[],
  keyOf: (row: T) => Key,
  atOf: (row: T) => string,
): ReadonlyMap<Key, T> {
  const latest = new Map<Key, T>()
  for (const row of rows) {
    const before = latest.get(keyOf(row))
    if (!before || isLater({ id: row.id, at: atOf(row) }, { id: before.id, at: atOf(before) }))
      latest.set(keyOf(row), row)
  }
  return latest
}
