import { type Length, largestOf, minus, smallestOf, ticks, ZERO } from '../units/length'

/** How wide a seal should be pressed, how even, and how far one height may be moved at once. */
export type ContactRules = {
  readonly least: Length
  readonly most: Length
  readonly even: Length
  readonly moveMost: Length
}

export type ContactCheck = {
  readonly inRange: readonly boolean[]
  readonly spread: Length
  readonly ok: boolean
  /** What brings each height into the range: + towards the leaf, at most `moveMost`. */
  readonly moves: readonly Length[]
}

/** Widths of contact along a leaf, each in the range (ends included) and all alike. Evenness is judged only: moves don't cure it. */
export function checkContact(widths: readonly Length[], { least, most, even, moveMost }: ContactRules): ContactCheck {
  const inRange = widths.map(width => width >= least && width <= most)
  const spread = minus(largestOf(widths), smallestOf(widths))
  const moves = widths.map(width =>
    width < least
      ? ticks(Math.min(least - width, moveMost))
      : width > most
        ? ticks(Math.max(most - width, -moveMost))
        : ZERO,
  )
  return { inRange, spread, ok: inRange.every(Boolean) && spread <= even, moves }
}
