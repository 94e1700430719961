// Plans for a whole door: one way an edge, and of all ways together those that none other beats in everything.

/** What a way costs a year, lets through, lets sound through, and pushes: each the less the better, and each adding up over the edges. */
export type Load = readonly [cents: number, draft: number, sound: number, push: number]

const EPS = 1e-9
export const LOADS = 4

/** Whether `a` is nowhere worse than `b`. */
const isNoWorse = (a: Load, b: Load): boolean =>
  a[0] <= b[0] + EPS && a[1] <= b[1] + EPS && a[2] <= b[2] + EPS && a[3] <= b[3] + EPS

/** Of some loads the indexes of those that none beats in everything; of several alike the first. The cheapest first. */
export function unbeaten(loads: readonly Load[]): readonly number[] {
  const order = loads
    .map((_, i) => i)
    .sort((a, b) => {
      const [x, y] = [loads[a]!, loads[b]!]
      return x[0] - y[0] || x[1] - y[1] || x[2] - y[2] || x[3] - y[3] || a - b
    })
  const kept: number[] = []
  // What beat something before is tried first: it mostly beats again.
  const first: number[] = []
  next: for (const i of order) {
    const load = loads[i]!
    for (let k = 0; k < first.length; k++) {
      const one = first[k]!
      if (!isNoWorse(loads[one]!, load)) continue
      if (k > 0) {
        first.splice(k, 1)
        first.unshift(one)
      }
      continue next
    }
    kept.push(i)
    first.push(i)
  }
  return kept
}

/** One plan: which way each edge takes, by its index, and what all take together. */
export type Plan = { readonly ways: readonly number[]; readonly load: Load }

const added = (a: Load, b: Load): Load => [a[0] + b[0], a[1] + b[1], a[2] + b[2], a[3] + b[3]]

/** The front of plans: of every combination of one way an edge those that none beats in everything. Edges are joined one by one and what
 *  is beaten is dropped at once, which loses nothing since loads add up. */
export function frontOf(edges: readonly (readonly Load[])[]): readonly Plan[] {
  let plans: readonly Plan[] = [{ ways: [], load: [0, 0, 0, 0] }]
  for (const ways of edges) {
    const own = unbeaten(ways)
    const grown = plans.flatMap(plan =>
      own.map(way => ({ ways: [...plan.ways, way], load: added(plan.load, ways[way]!) })),
    )
    const kept = unbeaten(grown.map(one => one.load))
    plans = kept.map(i => grown[i]!)
  }
  return plans
}
