/** What a tap on the drawing says of the hand: one of its two facts. */
export const HAND_FACTS: Readonly<
  Record<string, readonly ['hinges', 'left' | 'right'] | readonly ['swing', 'in' | 'out']>
> = {
  'hand.left': ['hinges', 'left'],
  'hand.right': ['hinges', 'right'],
  'hand.in': ['swing', 'in'],
  'hand.out': ['swing', 'out'],
}
