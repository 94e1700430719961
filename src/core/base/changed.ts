/** One member of a record that was changed, by its dotted path; a list is one member. */
export type Changed = { readonly path: string; readonly before: unknown; readonly after: unknown }

type Members = Readonly<Record<string, unknown>>
const isMembers = (value: unknown): value is Members =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** What differs between two states of a record, in the order of its members. */
export function changedBetween(before: unknown, after: unknown, path = ''): readonly Changed[] {
  if (isMembers(before) && isMembers(after)) {
    const names = [...new Set([...Object.keys(before), ...Object.keys(after)])]
    return names.flatMap(name => changedBetween(before[name], after[name], path ? `${path}.${name}` : name))
  }
  return JSON.stringify(before) === JSON.stringify(after)
    ? []
    : [{ path, before: before ?? null, after: after ?? null }]
}
