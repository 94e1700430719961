type Members = Readonly<Record<string, unknown>>
const isMembers = (value: unknown): value is Members =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
/** Whether two plain values say the same, in whatever order their members stand. */
export const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b))

/** A plain value with its members in one order, so that two of the same read the same. */
const sorted = (value: unknown): unknown =>
  isMembers(value)
    ? Object.fromEntries(
        Object.keys(value)
          .sort()
          .map(name => [name, sorted(value[name])]),
      )
    : Array.isArray(value)
      ? value.map(sorted)
      : value

/** Two changes of one record put together: what only one side changed is taken, member by member; what both changed otherwise stays
 *  theirs and is named. Lists and plain values are one member each. */
export function merge(
  base: unknown,
  mine: unknown,
  theirs: unknown,
  path = '',
): { readonly value: unknown; readonly clashes: readonly string[] } {
  if (isSame(mine, theirs) || isSame(base, mine)) return { value: theirs, clashes: [] }
  if (isSame(base, theirs)) return { value: mine, clashes: [] }
  if (!isMembers(mine) || !isMembers(theirs)) return { value: theirs, clashes: [path] }
  const before = isMembers(base) ? base : {}
  const names = [...new Set([...Object.keys(before), ...Object.keys(mine), ...Object.keys(theirs)])]
  const parts = names.map(
    name => [name, merge(before[name], mine[name], theirs[name], path ? `${path}.${name}` : name)] as const,
  )
  return {
    value: Object.fromEntries(parts.flatMap(([name, one]) => (one.value === undefined ? [] : [[name, one.value]]))),
    clashes: parts.flatMap(([, one]) => one.clashes),
  }
}
