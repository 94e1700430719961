/** A member on which two records differ. `missing` is in the first only, `added` in the second only. */
export type Difference = {
  readonly path: string
  readonly kind: 'changed' | 'missing' | 'added'
  readonly first: unknown
  readonly second: unknown
}

const isMembers = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const isListOfMembers = (value: unknown): value is readonly unknown[] =>
  Array.isArray(value) && value.some(one => isMembers(one))

/** Every member on which two JSON values differ, by its path; whatever order their members stand in. A list of plain values is one
 *  member; a list of objects is compared one by one. */
export function differencesOf(first: unknown, second: unknown, path = ''): readonly Difference[] {
  const at = (name: string) => (path ? `${path}.${name}` : name)
  if (isMembers(first) && isMembers(second))
    return [...new Set([...Object.keys(first), ...Object.keys(second)])].flatMap(name =>
      ofMember(first[name], second[name], at(name)),
    )
  if (isListOfMembers(first) || isListOfMembers(second)) {
    if (!Array.isArray(first) || !Array.isArray(second)) return [{ path, kind: 'changed', first, second }]
    const longest = Math.max(first.length, second.length)
    return Array.from({ length: longest }, (_, i) => i).flatMap(i => ofMember(first[i], second[i], `${path}[${i}]`))
  }
  return JSON.stringify(first) === JSON.stringify(second) ? [] : [{ path, kind: 'changed', first, second }]
}

function ofMember(first: unknown, second: unknown, path: string): readonly Difference[] {
  if (first === undefined && second === undefined) return []
  if (first === undefined) return [{ path, kind: 'added', first, second }]
  if (second === undefined) return [{ path, kind: 'missing', first, second }]
  return differencesOf(first, second, path)
}
