/** What may be wished for: apart from the schema, so that a page can offer it without carrying the parser. */
export const USES = ['house-entry', 'garage-to-house', 'outbuilding'] as const
export const MATERIALS = ['timber', 'steel', 'fibreglass', 'aluminium', 'pvc'] as const
export type Material = (typeof MATERIALS)[number]
export const BORES = ['none', 'single', 'double'] as const
export const SUBFLOORS = ['sound', 'rotten', 'not-seen'] as const
/** Where a door stands, as far as codes ask something of it. */
export const SETTINGS = [
  'escape',
  'fire-label',
  'glass-near',
  'accessible',
  'wind-zone',
  'near-sea',
  'exposed',
  'covered',
  'rented',
  'listed',
  'before-1978',
] as const
export type Setting = (typeof SETTINGS)[number]

/** What an order names beside sizes and hand. */
export const DETAILS = [
  'core',
  'style',
  'colour-outside',
  'colour-inside',
  'sill',
  'brickmould',
  'frame-material',
  'hinge-size',
  'hinge-finish',
  'hinge-pins',
  'bore-backset',
  'glazing',
  'energy',
  'smoke-gasket',
  'weatherstrip',
  'sweep',
  'closer',
  'anchors',
  'frame-kind',
  'closer-prep',
  'exit-device',
  'kick-plate',
  'mail-slot',
  'viewer',
  'pet-flap',
] as const
export type Detail = (typeof DETAILS)[number]

/** What a door may have and need not: on the order where the sheet or a wish names it, and never in its way. */
export const EXTRAS = ['energy', 'kick-plate', 'mail-slot', 'viewer', 'pet-flap'] as const satisfies readonly Detail[]

/** What holds a steel frame to its wall. */
export const ANCHORS = ['stud-straps', 'masonry', 'floor-clips', 'exposed-screws'] as const
