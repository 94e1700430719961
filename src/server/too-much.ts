/** How deep parts of a request may lie in each other. */
const MOST_DEEP = 60

/** Whether a value has more parts than so many, or parts that lie too deep in each other: more than any record has, and a long time to look through.
 *  It stops counting as soon as it is. */
export function isTooMuch(value: unknown, most: number): boolean {
  let left = most
  let layer: readonly unknown[] = [value]
  for (let deep = 0; layer.length > 0; deep++) {
    if (deep > MOST_DEEP) return true
    const next: unknown[] = []
    for (const one of layer) {
      if (typeof one !== 'object' || one === null) continue
      const parts = Array.isArray(one) ? one : Object.values(one)
      left -= parts.length
      if (left < 0) return true
      for (const part of parts) if (typeof part === 'object' && part !== null) next.push(part)
    }
    layer = next
  }
  return false
}
