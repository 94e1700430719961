// Packing sizes into as few bars as can be: bin completion after Korf 2003, "An improved algorithm for optimal bin packing", with the
// Martello-Toth bound.

export type Packing = { readonly bars: readonly (readonly number[])[]; readonly optimal: boolean }

/** How much is tried: a fixed number of steps, so that the same pieces always give the same answer. */
const MOST_STEPS = 60_000
/** Of these so many for leaving one bar as empty as can be. */
const MOST_FOR_REST = 20_000
const MOST_LONG = 400

type Budget = { left: number }

/** The fewest bars for sizes of which none is larger than `room`; `optimal` where no fewer are possible. Among as few bars, as far as it was
 *  searched, one bar is left as empty as can be. */
export function pack(sizes: readonly number[], room: number): Packing {
  const order = sizes.map((_, i) => i).sort((a, b) => sizes[b]! - sizes[a]! || a - b)
  if (order.length === 0) return { bars: [], optimal: true }
  const budget: Budget = { left: MOST_STEPS }
  let best = fitDecreasing(order, sizes, room)
  const least = boundOf(sizes, room)
  let proven = best.length === least
  for (let count = best.length - 1; !proven && count >= least; count = best.length - 1) {
    const found = into(count, order, sizes, room, budget)
    if (found === 'unknown') break
    if (found === null) proven = true
    else best = found
    proven ||= best.length === least
  }
  return { bars: emptied(best, order, sizes, room), optimal: proven }
}

/** Each size into the fullest bar that still takes it, the largest first. */
function fitDecreasing(order: readonly number[], sizes: readonly number[], room: number): number[][] {
  const bars: { items: number[]; left: number }[] = []
  for (const item of order) {
    const size = sizes[item]!
    const bar = bars.filter(one => one.left >= size).sort((a, b) => a.left - b.left)[0]
    if (bar) {
      bar.items.push(item)
      bar.left -= size
    } else bars.push({ items: [item], left: room - size })
  }
  return bars.map(one => one.items)
}

/** No packing takes fewer: for each threshold, what is larger than half and what can't stand beside it. @source Martello and Toth 1990. */
export function boundOf(sizes: readonly number[], room: number): number {
  const total = sizes.reduce((sum, one) => sum + one, 0)
  let best = Math.ceil(total / room - 1e-9)
  for (const k of new Set(sizes.filter(one => one <= room / 2))) {
    const large = sizes.filter(one => one > room - k)
    const half = sizes.filter(one => one > room / 2 && one <= room - k)
    const small = sizes.filter(one => one >= k && one <= room / 2).reduce((sum, one) => sum + one, 0)
    const spare = half.length * room - half.reduce((sum, one) => sum + one, 0)
    best = Math.max(best, large.length + half.length + Math.max(0, Math.ceil((small - spare) / room - 1e-9)))
  }
  const overHalf = sizes.filter(one => one > room / 2).length
  return Math.max(best, overHalf)
}

/** A packing into at most `count` bars; `null` where there is none, `unknown` where the steps ran out. */
function into(
  count: number,
  order: readonly number[],
  sizes: readonly number[],
  room: number,
  budget: Budget,
): number[][] | null | 'unknown' {
  let isOut = false
  const spare = count * room - order.reduce((sum, item) => sum + sizes[item]!, 0)
  const fill = (items: readonly number[], bars: number[][], waste: number): number[][] | null => {
    if (items.length === 0) return bars
    if (bars.length === count) return null
    const [first, ...rest] = items
    for (const own of completions(rest, sizes, room - sizes[first!]!)) {
      if (--budget.left < 0) isOut = true
      if (isOut) return null
      const bar = [first!, ...own]
      const lost = room - bar.reduce((sum, item) => sum + sizes[item]!, 0)
      if (waste + lost > spare + 1e-6) continue
      const left = rest.filter(item => !own.includes(item))
      const found = fill(left, [...bars, bar], waste + lost)
      if (found) return found
    }
    return null
  }
  const found = fill(order, [], 0)
  return found ?? (isOut ? 'unknown' : null)
}

/** The ways to fill what is left of a bar, none of which takes one more item, the fullest first; alike sizes stand for each other. */
function completions(items: readonly number[], sizes: readonly number[], left: number): readonly (readonly number[])[] {
  const all: { readonly own: readonly number[]; readonly fill: number }[] = []
  const grow = (from: number, own: readonly number[], fill: number): void => {
    if (all.length > 4000) return
    let last = Number.NaN
    let isMaximal = true
    for (let i = from; i < items.length; i++) {
      const size = sizes[items[i]!]!
      if (fill + size > left + 1e-6) continue
      isMaximal = false
      if (size === last) continue
      last = size
      grow(i + 1, [...own, items[i]!], fill + size)
    }
    if (isMaximal && !takesOneMore(items, sizes, own, left - fill)) all.push({ own, fill })
  }
  grow(0, [], 0)
  return all.sort((a, b) => b.fill - a.fill || a.own.length - b.own.length).map(one => one.own)
}

const takesOneMore = (
  items: readonly number[],
  sizes: readonly number[],
  own: readonly number[],
  left: number,
): boolean => items.some(item => !own.includes(item) && sizes[item]! <= left + 1e-6)

/** The same number of bars with one of them as empty as can be: the lightest sets of pieces are tried for the last bar, each with whether
 *  the rest goes into the others. */
function emptied(
  bars: readonly (readonly number[])[],
  order: readonly number[],
  sizes: readonly number[],
  room: number,
) {
  const fillOf = (bar: readonly number[]) => bar.reduce((sum, item) => sum + sizes[item]!, 0)
  const lightest = (all: readonly (readonly number[])[]) => Math.min(...all.map(fillOf))
  if (bars.length < 2) return bars
  const budget: Budget = { left: MOST_FOR_REST }
  const total = fillOf(order)
  const least = total - (bars.length - 1) * room
  for (const set of lightSets(order, sizes, least, lightest(bars))) {
    const rest = order.filter(item => !set.includes(item))
    if (budget.left < 0) break
    const found = into(bars.length - 1, rest, sizes, room, budget)
    if (found && found !== 'unknown') return [...found, set]
  }
  return bars
}

/** Sets of pieces whose sum is from `least` to under `most`, the lightest first. */
function lightSets(
  order: readonly number[],
  sizes: readonly number[],
  least: number,
  most: number,
): readonly (readonly number[])[] {
  const rising = [...order].reverse()
  const all: { readonly set: readonly number[]; readonly sum: number }[] = []
  const grow = (from: number, set: readonly number[], sum: number): void => {
    if (set.length > 0 && sum >= least - 1e-6) all.push({ set, sum })
    let last = Number.NaN
    for (let i = from; i < rising.length && all.length < MOST_LONG; i++) {
      const size = sizes[rising[i]!]!
      if (sum + size >= most - 1e-6) break
      if (size === last) continue
      last = size
      grow(i + 1, [...set, rising[i]!], sum + size)
    }
  }
  grow(0, [], 0)
  return all.sort((a, b) => a.sum - b.sum).map(one => one.set)
}
