import type { TradeLength } from './rule'

/** Every length of the trade that the core works with. The values and their sources live in the trade data;
 *  a firm, a job or an opening may put its own in their place. */
export const TRADE_LENGTHS = [
  // from the existing frame to the unit
  'rebate',
  'stop-thickness',
  'head-stop-thickness',
  'drop-pocket',
  'drop-mark',
  'buck',
  'room-width',
  'room-height',
  'core-width',
  'core-height',
  // jamb and floor
  'wall-spare',
  'jamb-extension',
  'floor-target',
  'floor-least',
  'leaf-bottom',
  // how exact readings are
  'deviation-tape',
  'deviation-diagonal',
  'deviation-level',
  'deviation-straightedge',
  'assumed-lean',
  'assumed-fall',
  'assumed-bow',
  'assumed-crown',
  // limits of an opening
  'square-fine',
  'square-correct',
  'sill-fine',
  'sill-correct',
  'crown-correct',
  'hollow-fine',
  'twist-fine',
  'twist-correct',
  'bow-fine',
  'wall-fine',
  'agree-ways',
  'agree-second',
  'mould-face-least',
  'mould-proud-least',
  'backset-near',
  'level-length',
  'step-in-swing',
  'step-out-swing',
  // placing and packing
  'gap-least',
  'head-least',
  'head-target',
  'room-loose',
  'fill-sides-most',
  'build-down-most',
  'wedge-tip',
  'wedge-butt',
  'wedge-length',
  'pack-slack',
  'pack-step',
  'jamb-thickness',
  'screw-bite',
  'screw-step',
  'hinge-top',
  'hinge-bottom',
  'hinge-height',
  'strike-height',
  'strike-corner',
  // sealing
  'seal-least-end',
  'leaf-thickness',
] as const

export type TradeLengthId = (typeof TRADE_LENGTHS)[number]
export type TradeLengths = Readonly<Record<TradeLengthId, TradeLength>>
