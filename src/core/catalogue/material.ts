/** What the van may hold counted: whole packs and pieces that are alike for every door. */
export const STOCKED = [
  'hinge-screw',
  'point-screw',
  'anchor',
  'plug',
  'mould-screw',
  'finish-nail',
  'sealant',
  'foam',
  'flashing-tape',
  'backer-rod',
  'pan-cement',
  'corner-pad',
] as const

/** What work on an opening uses up, in the order in which it is loaded: packs, what is stocked, what is cut for one door. */
export const MATERIALS = [
  'flat',
  'wedge-pair',
  ...STOCKED,
  'fibre',
  'pan-end',
  'pan-centre',
  'pad-strip',
  'sill-shim',
  'lumber',
  'flat-stock',
  'casing',
  'drip-cap',
] as const
export type Material = (typeof MATERIALS)[number]
