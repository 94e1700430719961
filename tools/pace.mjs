// @ts-check

/** How long this machine takes to count to three hundred million, ms: figures of two runs say nothing beside each other where this differs. */
export function paceMs() {
  const start = performance.now()
  let sum = 0
  for (let i = 0; i < 300_000_000; i++) sum = (sum * 31 + i) | 0
  // What is not used may be left out of being counted.
  return Number.isInteger(sum) ? performance.now() - start : 0
}
