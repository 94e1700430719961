import { solve } from 'yalps'
import { randomFrom, wholeFrom } from '@/core/base/random'
import { ADJUSTERS, FIXED_REVEALS, movedBy, predictReveals, REVEALS, type RevealName } from '@/core/tuning/reveals'
import type { TuneInput } from '@/core/tuning/tune-model'
import { tuneReveals } from '@/core/tuning/tune-reveals'
import { inches, type Length, nearestTick, ZERO } from '@/core/units/length'
import { median } from './median'

// The least moves by Harvek's own search and by a general mixed-integer solver, on the same made-up leaves.

const STEP = inches(0, 1, 32)
const EVEN = inches(0, 1, 8)
const MOST = 12
const LEAVES = 8
/** A general solver that has not finished by then is stopped: what it took is more. */
const PATIENCE = 5000

/** Leaves with margins off by up to 3/16 either way, as a gauge reads them. */
export const madeUpLeaves = (count: number): readonly TuneInput[] => {
  const random = randomFrom(20_261)
  const margin = (): Length => nearestTick(EVEN + (wholeFrom(random, -12, 12) * STEP) / 2)
  return Array.from({ length: count }, () => ({
    leaf: { width: inches(36), height: inches(80) },
    hinges: { bottom: inches(9), inner: [inches(40)], top: inches(73) },
    reveals: Object.fromEntries(REVEALS.map(name => [name, margin()])),
    aims: Object.fromEntries(REVEALS.map(name => [name, EVEN])) as Record<RevealName, Length>,
    tolerance: inches(0, 1, 32),
    bind: inches(0, 1, 32),
    step: STEP,
    limits: Object.fromEntries(ADJUSTERS.map(one => [one, [-MOST, MOST]])) as unknown as TuneInput['limits'],
    evenOut: false,
  }))
}

/** What a step of each adjuster does to each margin and to the bind, in ticks. */
const effects = (input: TuneInput) =>
  ADJUSTERS.map(adjuster => {
    const one = [{ adjuster, steps: 1 }]
    const none = Object.fromEntries(REVEALS.map(name => [name, ZERO]))
    return {
      adjuster,
      margins: predictReveals(input, none, one, input.step).reveals,
      bind: movedBy(input, one, input.step).binds[0] ?? 0,
    }
  })

/** The same as a general programme: the worst miss first, then the fewest adjusters, then the fewest steps, weighed against each other. */
function asProgramme(input: TuneInput) {
  const names = REVEALS.filter(name => !FIXED_REVEALS.has(name))
  const constraints: Record<string, { min?: number; max?: number }> = { bind: { min: -input.bind, max: input.bind } }
  for (const name of names) {
    const off = input.reveals[name]! - input.aims[name]
    constraints[`${name} high`] = { max: input.tolerance - off }
    constraints[`${name} low`] = { min: -input.tolerance - off }
  }
  const variables: Record<string, Record<string, number>> = {
    worst: {
      cost: 1000,
      ...Object.fromEntries(
        names.flatMap(name => [
          [`${name} high`, -STEP],
          [`${name} low`, STEP],
        ]),
      ),
    },
  }
  for (const { adjuster, margins, bind } of effects(input)) {
    const row = (sign: 1 | -1) => ({
      cost: 1,
      bind: sign * bind,
      [`used ${adjuster}`]: 1,
      ...Object.fromEntries(
        names.flatMap(name => [
          [`${name} high`, sign * margins[name]!],
          [`${name} low`, sign * margins[name]!],
        ]),
      ),
    })
    variables[`${adjuster} more`] = row(1)
    variables[`${adjuster} less`] = row(-1)
    variables[`${adjuster} touched`] = { cost: 30, [`used ${adjuster}`]: -MOST }
    constraints[`used ${adjuster}`] = { max: 0 }
  }
  const whole = (kind: string) => ADJUSTERS.map(one => `${one} ${kind}`)
  return {
    direction: 'minimize' as const,
    objective: 'cost',
    constraints,
    variables,
    integers: [...whole('more'), ...whole('less')],
    binaries: whole('touched'),
  }
}

/** Median milliseconds of a search, of the worst leaf, and of the general solver; and on how many leaves that finished. */
export function benchTuning(): Readonly<Record<string, number>> {
  const leaves = madeUpLeaves(LEAVES)
  const own = leaves.map(input => median(15, () => tuneReveals(input)))
  const general = leaves.map(input => {
    const programme = asProgramme(input)
    const start = performance.now()
    const { status } = solve(programme, { timeout: PATIENCE, maxIterations: Number.POSITIVE_INFINITY })
    return { ms: performance.now() - start, solved: status === 'optimal' }
  })
  const middle = (all: readonly number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)]!
  return {
    'reveal.tune, ms': middle(own),
    'reveal.tune, the worst, ms': Math.max(...own),
    'the same by a general solver, ms': middle(general.map(one => one.ms)),
    'times faster': middle(general.map((one, i) => one.ms / own[i]!)),
    'leaves the general solver finished': general.filter(one => one.solved).length,
  }
}
