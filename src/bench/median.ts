/** The median time of so many runs in milliseconds, after a tenth as many to warm up. */
export function median(rounds: number, run: () => unknown): number {
  for (let i = 0; i < Math.max(2, rounds / 10); i++) run()
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now()
    run()
    return performance.now() - start
  })
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)]!
}
