/** Values by their keys, each key's in the order they came. */
export function grouped<K, V>(pairs: Iterable<readonly [K, V]>): Map<K, V[]> {
  const groups = new Map<K, V[]>()
  for (const [key, value] of pairs) {
    const there = groups.get(key)
    if (there) there.push(value)
    else groups.set(key, [value])
  }
  return groups
}
