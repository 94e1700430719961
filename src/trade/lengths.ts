import type { Source } from '@/core/base/rule'
import { TRADE_LENGTHS, type TradeLengthId, type TradeLengths } from '@/core/base/trade-lengths'
import { inches, type Length, mm, ZERO } from '@/core/units/length'

const usual = (text: string): Source => ({ kind: 'default', text, checked: false })
const practice = usual('Harvek default, common trade practice; a maker’s sheet overrides it')
const instrument = usual('Harvek default: what a careful hand gets from the instrument')
const sheet = usual('Harvek default until the unit’s own sheet is entered')
const code: Source = {
  kind: 'code',
  text: 'IRC R311.3, landings at doors, as commonly adopted; the local authority decides',
  checked: false,
}

const VALUES: Readonly<Record<TradeLengthId, readonly [Length, Source]>> = {
  rebate: [inches(0, 3, 4), practice],
  'stop-thickness': [inches(1, 1, 4), practice],
  'head-stop-thickness': [inches(1, 1, 4), practice],
  'drop-pocket': [ZERO, practice],
  'drop-mark': [inches(0, 1, 4), practice],
  buck: [inches(0, 3, 4), practice],
  'room-width': [inches(0, 1, 2), practice],
  'room-height': [inches(0, 1, 2), practice],
  'core-width': [inches(1, 1, 2), practice],
  'core-height': [inches(1, 3, 4), practice],
  'wall-spare': [inches(0, 1, 16), practice],
  'jamb-extension': [inches(2), practice],
  'floor-target': [inches(0, 7, 8), practice],
  'floor-least': [inches(0, 3, 4), practice],
  'leaf-bottom': [inches(1, 1, 8), sheet],
  'deviation-tape': [inches(0, 1, 32), instrument],
  'deviation-diagonal': [inches(0, 1, 16), instrument],
  'deviation-level': [inches(0, 1, 32), instrument],
  'deviation-straightedge': [inches(0, 1, 32), instrument],
  'assumed-lean': [inches(0, 1, 2), instrument],
  'assumed-fall': [inches(0, 1, 4), instrument],
  'assumed-bow': [inches(0, 1, 8), instrument],
  'assumed-crown': [inches(0, 1, 8), instrument],
  'square-fine': [inches(0, 1, 8), practice],
  'square-correct': [inches(0, 1, 4), practice],
  'sill-fine': [inches(0, 1, 16), practice],
  'sill-correct': [inches(0, 1, 8), practice],
  'crown-correct': [inches(0, 1, 16), practice],
  'hollow-fine': [inches(0, 1, 16), practice],
  'twist-fine': [inches(0, 1, 8), practice],
  'twist-correct': [inches(0, 1, 4), practice],
  'bow-fine': [inches(0, 1, 8), practice],
  'wall-fine': [inches(0, 1, 8), practice],
  'agree-ways': [inches(0, 1, 4), practice],
  'agree-second': [inches(0, 1, 8), practice],
  'mould-face-least': [inches(1), practice],
  'mould-proud-least': [inches(1), practice],
  'backset-near': [mm(3), practice],
  'leaf-size': [inches(0, 1, 16), practice],
  'leaf-exact': [inches(0, 1, 32), practice],
  'leaf-shift': [inches(0, 1, 16), practice],
  'leaf-pitch': [inches(0, 1, 32), practice],
  'leaf-bore': [inches(0, 1, 2), practice],
  'storm-pack-most': [inches(1), practice],
  'level-length': [inches(72), practice],
  'step-in-swing': [inches(7, 3, 4), code],
  'step-out-swing': [inches(1, 1, 2), code],
  'gap-least': [inches(0, 1, 8), practice],
  'head-least': [inches(0, 1, 8), practice],
  'head-target': [inches(0, 1, 4), practice],
  'room-loose': [inches(0, 3, 4), practice],
  'fill-sides-most': [inches(2), practice],
  'build-down-most': [inches(12), practice],
  'wedge-tip': [inches(0, 1, 16), sheet],
  'wedge-butt': [inches(0, 5, 16), sheet],
  'wedge-length': [inches(8), sheet],
  'pack-slack': [inches(0, 1, 64), practice],
  'pack-step': [inches(0, 1, 64), practice],
  'jamb-thickness': [inches(0, 3, 4), sheet],
  'screw-bite': [inches(1, 1, 4), practice],
  'screw-step': [inches(0, 1, 2), practice],
  'hinge-top': [inches(7), sheet],
  'hinge-bottom': [inches(11), sheet],
  'hinge-height': [inches(4), sheet],
  'strike-height': [inches(36), sheet],
  'strike-corner': [inches(6), practice],
  'seal-least-end': [inches(0, 3, 4), practice],
  'leaf-thickness': [inches(1, 3, 4), sheet],
}

/** The lengths of the trade as Harvek ships them, each with where it comes from. */
export const LENGTHS: TradeLengths = Object.fromEntries(
  TRADE_LENGTHS.map(id => [id, { id, value: VALUES[id][0], source: VALUES[id][1] }]),
) as TradeLengths
