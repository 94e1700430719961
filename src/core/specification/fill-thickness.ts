import { type Length, minus } from '../units/length'

/** Layers that make up a thickness, the thickest first, and what stays open. */
export type Filling = { readonly layers: readonly Length[]; readonly leftOver: Length }

const MOST_LAYERS = 8

/** A wanted thickness from stock: nothing over, as near as stock comes, of those the fewest layers, of those the thicker ones.
 *  An empty stock or a thickness below the thinnest stays open as a whole. */
export function fillThickness(wanted: Length, stock: readonly Length[]): Filling {
  const sizes = [...new Set(stock.filter(one => one > 0))].sort((a, b) => b - a)
  let best: Filling = { layers: [], leftOver: wanted }
  const search = (from: number, layers: readonly Length[], rest: Length): void => {
    if (rest < best.leftOver || (rest === best.leftOver && layers.length < best.layers.length))
      best = { layers, leftOver: rest }
    if (layers.length === MOST_LAYERS) return
    for (let i = from; i < sizes.length; i++)
      if (sizes[i]! <= rest) search(i, [...layers, sizes[i]!], minus(rest, sizes[i]!))
  }
  if (wanted > 0) search(0, [], wanted)
  return best
}
