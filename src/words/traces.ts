import type { Leaf, Operation } from '@/core/base/trace'
import type { TradeLengthId } from '@/core/base/trade-lengths'
import { placeName } from './findings'

const ALLOWANCES: Readonly<Record<TradeLengthId, string>> = {
  rebate: 'Jamb thickness at the rebate',
  'stop-thickness': 'Frame thickness at the stop',
  'head-stop-thickness': 'Head thickness at the stop',
  'drop-pocket': 'Old sill below the finished floor',
  'drop-mark': 'Hidden drop below the finished floor',
  buck: 'Wood buck',
  'room-width': 'Room in the width',
  'room-height': 'Room in the height',
  'core-width': 'Leaf to unit, width',
  'core-height': 'Leaf to unit, height',
  'wall-spare': 'Spare over the wall',
  'jamb-extension': 'Deepest extension',
  'floor-target': 'Clearance wanted under the leaf',
  'floor-least': 'Least clearance under the leaf',
  'leaf-bottom': 'Leaf bottom above the sub-sill',
  'deviation-tape': 'Exactness of a tape',
  'deviation-diagonal': 'Exactness of a diagonal',
  'deviation-level': 'Exactness of a level',
  'deviation-straightedge': 'Exactness of a straightedge',
  'assumed-lean': 'Assumed lean',
  'assumed-fall': 'Assumed fall',
  'assumed-bow': 'Assumed bow',
  'assumed-crown': 'Assumed crown',
  'square-fine': 'Diagonals, fine',
  'square-correct': 'Diagonals, correct first',
  'sill-fine': 'Sill fall, fine',
  'sill-correct': 'Sill fall, correct first',
  'crown-correct': 'Sill crown, correct first',
  'hollow-fine': 'Sill hollow, fine',
  'twist-fine': 'Twist, fine',
  'twist-correct': 'Twist, correct first',
  'bow-fine': 'Bow, fine',
  'wall-fine': 'Wall spread, fine',
  'agree-ways': 'Two ways agree within',
  'agree-second': 'A second reading agrees within',
  'mould-face-least': 'Flat face a storm door needs',
  'mould-proud-least': 'How far proud a storm door needs its trim',
  'leaf-size': 'New leaf, size within',
  'leaf-exact': 'New leaf, thickness and backset within',
  'leaf-shift': 'New leaf, all hinges alike within',
  'leaf-pitch': 'New leaf, one hinge within',
  'leaf-bore': 'New leaf, bore within',
  'storm-pack-most': 'Most that is packed behind a storm door’s legs',
  'wrap-step': 'Wrap-around frames come in steps of',
  'wrap-least': 'Smallest usual wrap-around frame',
  'wrap-most': 'Largest usual wrap-around frame',
  'wrap-strip': 'Packing strip',
  'wrap-fits': 'Throat over the wall, fits',
  'wrap-packs': 'Throat over the wall, most that is packed',
  'slider-sill': 'Sill of a slider, level within',
  'handle-half': 'Half the height of a handle',
  'lock-half': 'Half the height of a deadbolt',
  'handle-spare': 'Spare between two handles’ heights',
  'handle-depth-spare': 'Spare between two handles’ projections',
  'clear-width': 'Clear width wanted',
  'stop-width': 'Stop that narrows the clear width',
  'glass-near': 'Glass is near a door within',
  'backset-near': 'A backset belongs to a family within',
  'level-length': 'Level’s length',
  'step-in-swing': 'Step outside, in-swing',
  'step-out-swing': 'Step outside, out-swing',
  'gap-least': 'Least gap',
  'head-least': 'Least head gap',
  'head-target': 'Head gap wanted',
  'room-loose': 'Loose above',
  'fill-sides-most': 'Most that flat filler takes at the sides',
  'build-down-most': 'Most that a head is built down',
  'wedge-tip': 'Wedge tip',
  'wedge-butt': 'Wedge butt',
  'wedge-length': 'Wedge length',
  'pack-slack': 'Pack may stay short by',
  'pack-step': 'Packs are planned in steps of',
  'jamb-thickness': 'Jamb thickness',
  'screw-bite': 'Bite into solid wood',
  'screw-step': 'Screws come in steps of',
  'hinge-top': 'Leaf top to hinge',
  'hinge-bottom': 'Leaf bottom to hinge',
  'hinge-height': 'Hinge height',
  'strike-height': 'Strike above the leaf’s bottom',
  'strike-corner': 'Pack from the leaf’s end',
  'seal-least-end': 'Hole from a cut end',
  'leaf-thickness': 'Leaf thickness',
}

const RULES: Readonly<Record<string, string>> = {
  'unit.smallest-width': 'the smallest width governs',
  'unit.smallest-height': 'the smallest height governs',
  'unit.both-sides.rebate': 'once for each side',
  'unit.both-sides.stop-thickness': 'once for each side',
  'unit.both-sides.buck': 'a buck on each side',
  'unit.pocket-width': 'pocket and the jamb on both sides',
  'unit.mark-width': 'mark to mark is the unit',
  'unit.face-width': 'stop to stop and the frame on both sides',
  'unit.hole-width': 'the hole less the room',
  'unit.core-width': 'leaf and frame',
  'unit.masonry-width': 'the hole less both bucks and the room',
  'unit.pocket-height': 'pocket, head jamb and the old sill’s drop',
  'unit.mark-height': 'to the mark, and the hidden drop',
  'unit.face-height': 'to the head stop, and the head',
  'unit.hole-height': 'the hole less the room',
  'unit.core-height': 'leaf and frame',
  'unit.rough-width': 'the unit and its room',
  'unit.rough-height': 'the unit and its room',
  'jamb.thickest-wall': 'the thickest wall governs',
  'jamb.wanted': 'the wall and a little spare',
  'floor.clearance': 'leaf bottom less the highest floor',
  'floor.short': 'what is wanted less what there is',
  'floor.pad': 'what is short, never less than nothing',
  'floor.with-pad': 'clearance with the pad',
  'screw.length': 'jamb, pack, and a bite into solid wood',
}

export const OPERATION_WORDS: Readonly<Record<Operation, string>> = {
  sum: 'sum of',
  difference: 'less',
  smallest: 'smallest of',
  largest: 'largest of',
  twice: 'twice',
}
export const ruleWords = (rule: string): string => RULES[rule] ?? rule
export const RULE_IDS = Object.keys(RULES)
export const allowanceName = (id: string): string =>
  id in ALLOWANCES ? ALLOWANCES[id as TradeLengthId] : id === 'nothing' ? 'Nothing' : id

/** What a leaf of a trace is called. */
export function leafName(leaf: Leaf): string {
  if (leaf.kind === 'reading') return placeName(leaf.name)
  if (leaf.kind === 'allowance') return allowanceName(leaf.name)
  return leaf.name === 'leafBottom'
    ? 'Leaf bottom above the sub-sill'
    : leaf.name.startsWith('gap.')
      ? 'Gap to fill'
      : leaf.name
}
