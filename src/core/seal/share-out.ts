import type { Length } from '../units/length'

/** What holds pieces: where they start on it in this order, each as early as it can; `null` where they don't all go. */
export type Holder = { readonly places: (lengths: readonly Length[]) => readonly number[] | null }

/** Pieces shared out to what is left over already and to new bars. */
export type Shared<N> = {
  /** By holder: the pieces it gets, in order. */
  readonly held: readonly (readonly number[])[]
  readonly rest: readonly number[]
  readonly nest: N
  /** Whether no way of sharing them out takes fewer new bars. */
  readonly optimal: boolean
}

const MOST_LEAVES = 120
const MOST_SETS = 300

/** Shares pieces out so that the fewest new bars are taken, and among as few the most is cut out of what is left over. Each holder gets sets
 *  of pieces to which none could be added: more in it never takes more bars. All ways are tried, as far as so many steps go. */
export function shareOut<N extends { readonly bars: readonly unknown[]; readonly optimal: boolean }>(
  sizes: readonly Length[],
  holders: readonly Holder[],
  nest: (rest: readonly number[]) => N,
): Shared<N> {
  let best: Omit<Shared<N>, 'optimal'> | null = null
  let used = 0
  let [leaves, isWhole, isProven] = [0, true, true]
  const sum = (all: readonly number[]) => all.reduce((total, i) => total + sizes[i]!, 0)
  const go = (k: number, rest: readonly number[], held: readonly (readonly number[])[]): void => {
    if (leaves >= MOST_LEAVES) {
      isWhole = false
      return
    }
    if (k === holders.length) {
      leaves++
      const found = nest(rest)
      isProven &&= found.optimal
      const own = sum(held.flat())
      const isBetter =
        !best ||
        found.bars.length < best.nest.bars.length ||
        (found.bars.length === best.nest.bars.length && own > used)
      if (isBetter) [best, used] = [{ held, rest, nest: found }, own]
      return
    }
    const { sets, isAll } = fullestSets(sizes, rest, holders[k]!)
    isWhole &&= isAll
    for (const set of sets)
      go(
        k + 1,
        rest.filter(i => !set.includes(i)),
        [...held, set],
      )
  }
  const all = sizes.map((_, i) => i)
  go(0, all, [])
  const found: Omit<Shared<N>, 'optimal'> = best ?? { held: holders.map(() => []), rest: all, nest: nest(all) }
  return { ...found, optimal: found.nest.bars.length === 0 || (isWhole && isProven) }
}

/** Sets of pieces a holder takes and to which none of the others could be added, the longest in all first; the empty one where it takes none.
 *  Pieces of one length stand for each other. */
function fullestSets(sizes: readonly Length[], rest: readonly number[], { places }: Holder) {
  const goes = (set: readonly number[]) => places(set.map(i => sizes[i]!)) !== null
  const sets: (readonly number[])[] = []
  let isAll = true
  const grow = (from: number, own: readonly number[]): void => {
    if (sets.length >= MOST_SETS) {
      isAll = false
      return
    }
    let last = Number.NaN
    for (const [k, i] of rest.entries()) {
      if (k < from || sizes[i] === last || !goes([...own, i])) continue
      last = sizes[i]!
      grow(k + 1, [...own, i])
    }
    if (!rest.some(i => !own.includes(i) && goes([...own, i]))) sets.push(own)
  }
  grow(0, [])
  const sum = (set: readonly number[]) => set.reduce((total, i) => total + sizes[i]!, 0)
  return { sets: sets.sort((a, b) => sum(b) - sum(a)), isAll }
}
