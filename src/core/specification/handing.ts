/** Seen from outside. */
export type HingeSide = 'left' | 'right'
export type Swing = 'in' | 'out'

/** A door's hand in the conventions a supplier may use. Only the two facts are ever stored. */
export type HandingCodes = {
  /** Stand outside: the hinge side names the hand. */
  readonly outsideView: 'LH' | 'RH'
  /** Stand in the opening, back against the hinge jamb: the side the door opens to names it. */
  readonly backToHinges: 'LH' | 'RH'
  /** Stand where you push: the side to which it goes names it. */
  readonly pushSide: 'LH' | 'RH'
  /** Stand where you pull: the hinge side names it. @source DIN 107 */
  readonly din107: 'L' | 'R'
  /** Whether the three that use LH and RH say the same. */
  readonly conventionsAgree: boolean
}

const opposite = (side: HingeSide): HingeSide => (side === 'left' ? 'right' : 'left')
const hand = (side: HingeSide): 'LH' | 'RH' => (side === 'left' ? 'LH' : 'RH')

/** Translates hinge side and swing, both seen from outside, into every convention. */
export function handingCodes(hinges: HingeSide, swing: Swing): HandingCodes {
  const pushed = swing === 'in' ? hinges : opposite(hinges)
  return {
    outsideView: hand(hinges),
    backToHinges: hand(pushed),
    pushSide: hand(pushed),
    din107: opposite(pushed) === 'left' ? 'L' : 'R',
    conventionsAgree: hinges === pushed,
  }
}

/** One of the two facts a hand is made of. */
export type HandFact =
  | { readonly name: 'hinges'; readonly value: HingeSide }
  | { readonly name: 'swing'; readonly value: Swing }

export const HAND_CONVENTIONS = ['outsideView', 'backToHinges', 'pushSide', 'din107'] as const
export type HandConvention = (typeof HAND_CONVENTIONS)[number]

/** A hand's code with how it came about: the facts it rests on; the convention names the rule. */
export type HandTrace = {
  readonly convention: HandConvention
  readonly from: readonly HandFact[]
  readonly code: string
}

/** Every convention's code, each with the facts it rests on: seen from outside, the swing plays no part. */
export function handingTraces(hinges: HingeSide, swing: Swing): readonly HandTrace[] {
  const codes = handingCodes(hinges, swing)
  const side: HandFact = { name: 'hinges', value: hinges }
  const way: HandFact = { name: 'swing', value: swing }
  return HAND_CONVENTIONS.map(convention => ({
    convention,
    from: convention === 'outsideView' ? [side] : [side, way],
    code: codes[convention],
  }))
}
