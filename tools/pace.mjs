// @ts-check

/** How long this machine takes to count to three hundred million, ms: figures of two runs say nothing beside each other where this differs.
 *  What the engine has not yet made its best of takes five times as long, and says nothing of the machine: it counts a little first. */
export function paceMs() {
  for (let i = 0; i < 500; i++) count(20_000)
  const start = performance.now()
  // What is not used may be left out of being counted.
  return Number.isInteger(count(300_000_000)) ? performance.now() - start : 0
}

/** @param {number} until */
function count(until) {
  let sum = 0
  for (let i = 0; i < until; i++) sum = (Math.imul(sum, 31) + i) | 0
  return sum
}
