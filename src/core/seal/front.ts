// Plans for a whole door: one way an edge, and of all ways together those that none other beats in everything.

/** What a way costs a year, lets through, lets sound through, and pushes: each the less the better, and each adding up over the edges. */
export type Load = readonly [cents: number, draft: number, sound: number, push: number]

/** Of pairs of draft and sound those that none beats in both: drafts rising, sounds falling. */
type Stairs = { readonly drafts: number[]; readonly sounds: number[] }

/** How many of the drafts are at most this. */
function upTo(drafts: readonly number[], draft: number): number {
  let [low, high] = [0, drafts.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (drafts[middle]! <= draft) low = middle + 1
    else high = middle
  }
  return low
}

function addStep({ drafts, sounds }: Stairs, draft: number, sound: number): void {
  const at = upTo(drafts, draft)
  if (at > 0 && sounds[at - 1]! <= sound) return
  const from = at > 0 && drafts[at - 1] === draft ? at - 1 : at
  let to = from
  while (to < sounds.length && sounds[to]! >= sound) to++
  drafts.splice(from, to - from, draft)
  sounds.splice(from, to - from, sound)
}

/** Of some loads the indexes of those that none beats in everything; of several alike the first. The cheapest first. Loads are taken by
 *  cost; what was taken before is kept by push in a tree of sums, each node with its stairs of draft and sound, so that whether one of them
 *  beats the next is found in a few steps. */
export function unbeaten(loads: readonly Load[]): readonly number[] {
  const order = loads
    .map((_, i) => i)
    .sort((a, b) => {
      const [x, y] = [loads[a]!, loads[b]!]
      return x[0] - y[0] || x[1] - y[1] || x[2] - y[2] || x[3] - y[3] || a - b
    })
  const pushes = [...new Set(loads.map(one => one[3]))].sort((a, b) => a - b)
  const rank = new Map(pushes.map((push, i) => [push, i + 1]))
  const tree: Stairs[] = Array.from({ length: pushes.length + 1 }, () => ({ drafts: [], sounds: [] }))
  return order.filter(i => {
    const [, draft, sound, push] = loads[i]!
    const at = rank.get(push)!
    for (let node = at; node > 0; node -= node & -node) {
      const { drafts, sounds } = tree[node]!
      const below = upTo(drafts, draft)
      if (below > 0 && sounds[below - 1]! <= sound) return false
    }
    for (let node = at; node < tree.length; node += node & -node) addStep(tree[node]!, draft, sound)
    return true
  })
}

/** One plan: which way each edge takes, by its index, and what all take together. */
export type Plan = { readonly ways: readonly number[]; readonly load: Load }

const added = (a: Load, b: Load): Load => [a[0] + b[0], a[1] + b[1], a[2] + b[2], a[3] + b[3]]

/** The front of plans: of every combination of one way an edge those that none beats in everything. Edges are joined one by one and what
 *  is beaten is dropped at once, which loses nothing since loads add up. */
export function frontOf(edges: readonly (readonly Load[])[]): readonly Plan[] {
  const own = edges.map(unbeaten)
  // The edge with the fewest ways first: what stands in between stays short.
  const order = edges.map((_, i) => i).sort((a, b) => own[a]!.length - own[b]!.length)
  let plans: readonly Plan[] = [{ ways: edges.map(() => 0), load: [0, 0, 0, 0] }]
  for (const edge of order) {
    const grown = plans.flatMap(plan =>
      own[edge]!.map(way => ({ from: plan, way, load: added(plan.load, edges[edge]![way]!) })),
    )
    const kept = unbeaten(grown.map(one => one.load))
    plans = kept.map(i => {
      const { from, way, load } = grown[i]!
      return { ways: from.ways.with(edge, way), load }
    })
  }
  return plans
}
