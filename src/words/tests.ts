/** Names of the hand-over tests and how each is done. */
export const TEST_NAMES: Readonly<Record<string, readonly [name: string, how: string, limit: string]>> = {
  plumb: [
    'Frame plumb and level',
    'Long level on both legs and the head: the worst gap.',
    'at most 1/16 in over the leg',
  ],
  margins: [
    'Margins even',
    'Feeler between leaf and frame at ten points: the worst difference from 1/8 in.',
    'at most 1/32 in',
  ],
  'stays-open': ['Opens and stays where it is left', 'Open to 30°, 60° and 90° and let go.', 'does not move'],
  latches: ['Closes and latches', 'From a hand’s breadth open, with a light push.', 'at most 60 N'],
  contact: ['Weatherstrip touches all round', 'Look and feel at top, middle and bottom of both sides.', 'everywhere'],
  bill: ['Paper drags at the threshold', 'A strip of paper at each threshold screw.', 'drags and does not tear'],
  'no-light': ['No light', 'Lights off inside, a lamp outside.', 'none'],
  deadbolt: ['Deadbolt throws fully', 'Throw it with the door shut, without pulling.', 'full length, freely'],
  sweep: ['Sweep touches the threshold', 'Look along the bottom from inside.', 'full width'],
  'hinge-pins': ['Hinge pins secured', 'Out-swing: try to draw a pin with the door shut.', 'can’t be drawn'],
}
