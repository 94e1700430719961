import { callSizeOf } from '@/core/units/call-size'
import type { Length } from '@/core/units/length'

/** A leaf as a counter calls it, at the next whole inch, by its call size and in feet and inches. */
export function callSizeWords(width: Length, height: Length): string {
  const { code, feet } = callSizeOf({ width, height })
  const [w, h] = feet.map(([whole, inch]) => `${whole} ft ${inch} in`)
  return [code, `${w} by ${h}`].filter(Boolean).join(', ')
}
