import { type Length, minus } from '../units/length'

/** Layers that make up a thickness, the thickest first, and what stays open. */
export type Filling = { readonly layers: readonly Length[]; readonly leftOver: Length }

const MOST_LAYERS = 8

/** A wanted thickness from stock: nothing over, as near as stock comes, of those the fewest layers, of those the thicker ones.
 *  An empty stock or a thickness below the thinnest stays open as a whole. */
export function fillThickness(wanted: Length, stock: readonly Length[]): Filling {
  if (wanted <= 0) return { layers: [], leftOver: wanted }
  const known = answersFor(stock)
  const answered = known.get(wanted)
  if (answered) return answered
  const found = search(
    wanted,
    [...new Set(stock.filter(one => one > 0))].sort((a, b) => b - a),
  )
  if (known.size < MOST_KNOWN) known.set(wanted, found)
  return found
}

const MOST_KNOWN = 5000
const KNOWN = new WeakMap<readonly Length[], Map<Length, Filling>>()

/** What was answered of a stock before: every unit of a catalogue asks for much the same thicknesses. */
function answersFor(stock: readonly Length[]): Map<Length, Filling> {
  const known = KNOWN.get(stock) ?? new Map<Length, Filling>()
  KNOWN.set(stock, known)
  return known
}

function search(wanted: Length, sizes: readonly Length[]): Filling {
  let best: Filling = { layers: [], leftOver: wanted }
  const go = (from: number, layers: readonly Length[], rest: Length): void => {
    if (rest < best.leftOver || (rest === best.leftOver && layers.length < best.layers.length))
      best = { layers, leftOver: rest }
    // Nothing over with as few layers can't be bettered below here.
    if (layers.length === MOST_LAYERS || (best.leftOver === 0 && layers.length + 1 >= best.layers.length)) return
    for (let i = from; i < sizes.length; i++)
      if (sizes[i]! <= rest) go(i, [...layers, sizes[i]!], minus(rest, sizes[i]!))
  }
  go(0, [], wanted)
  return best
}
