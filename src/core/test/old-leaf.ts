/** An old metal leaf, read in its frame's core. */
export const OLD_LEAF = {
  'core/widths.middle': '35 3/4',
  'core/heights.left': '79 1/8',
  'leaf.thickness': '1 3/4',
  'hinge.1': '7 1/4',
  'hinge.2': '37 1/16',
  'hinge.3': '66 7/8',
  'hinge.height': '4 1/2',
  'bore.top': '40 5/16',
  backset: '2 3/4',
} as const
