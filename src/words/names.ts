import type { Stage } from '@/core/base/stages'
import type { PreparationId } from '@/core/catalogue/preparation'
import type { HandConvention, HandFact } from '@/core/specification/handing'
import type { ChainMember } from '@/core/specification/size-chain'

export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  measure: 'Measure',
  diagnose: 'Diagnose',
  specify: 'Specify',
  order: 'Order',
  fit: 'Fit',
  seal: 'Seal',
  handover: 'Hand over',
}

const SHIM_PARTS: Readonly<Record<string, string>> = {
  strike: 'strike side',
  leg: 'leg',
  meeting: 'Over where the leaves meet',
}

/** What a fastening point is called: `hinge.top` the top hinge, `leg.left.middle` the left leg's middle. */
export function shimName(place: string): string {
  const [part, ...rest] = place.split('.')
  if (place === 'strike.latch') return 'Strike'
  if (part === 'meeting') return SHIM_PARTS.meeting!
  const at = rest.at(-1)!
  const side = rest.length > 1 ? `${rest[0]} ` : ''
  const level = /^\d+$/.test(at) ? `${at}${at === '2' ? 'nd' : at === '3' ? 'rd' : 'th'}` : at
  const text =
    part === 'hinge'
      ? `${side}${level} hinge`
      : part === 'mullion'
        ? `${at} mullion, over it`
        : `${side}${SHIM_PARTS[part!] ?? part}, ${level}`
  return text.charAt(0).toUpperCase() + text.slice(1)
}

export const PREPARATION_NAMES: Readonly<Record<PreparationId, string>> = {
  'pack-sides': 'Pack the sides with flat filler',
  'build-down-head': 'Build down the head with lumber',
  'pad-sill': 'Pad under the sill',
  'extend-jamb': 'Extend the jamb',
  'solid-jamb': 'Make a solid, wider jamb',
  'plane-jamb': 'Plane or back-bevel at the jamb',
  'relieve-pinch': 'Relieve the pinch: plane the bump, cut back drywall or sheathing',
  'rip-bucks': 'Rip the bucks thinner',
  'grind-crown': 'Grind the sill’s crown off',
  'level-sill': 'Level and support the sill',
  'move-wall': 'Move the wall’s foot into one plane',
  'patch-siding': 'Patch the siding over the head',
  'pad-siding': 'Pad out to the siding’s plane',
  'strip-throat': 'Strips between frame and wall',
  'pack-legs': 'Pack behind the storm door’s legs',
  'rework-trim': 'Flat trim for the legs',
  'change-handle': 'Another handle, clear of the entry door’s',
  'chop-case': 'Chop a lock case in',
  'fill-edge': 'Fill the old case in the edge',
  'bore-bolt': 'Bore for a bolt below the latch',
  'cut-down-leaf': 'Cut the leaf and its frame down',
  'lower-floor': 'Lower the floor’s edge',
}

const SIDE_NAMES: Readonly<Record<string, string>> = {
  head: 'Head',
  hinge: 'Hinge side',
  left: 'Left side',
  right: 'Right side',
  bottom: 'Bottom',
  meeting: 'Meeting edge',
  interlock: 'Interlock',
  jamb: 'Lock jamb',
}
/** What an edge of the closed door is called. */
export const sideName = (edge: string): string => {
  const [first, leaf] = edge.split('.')
  const name = SIDE_NAMES[first!] ?? first!
  return leaf ? `${name}, ${leaf} leaf` : name
}

export const WISH_NAMES: Readonly<Record<string, string>> = {
  hinges: 'the hinge side',
  swing: 'the swing',
  bore: 'the lock bore',
  size: 'the unit’s size',
  wall: 'the wall’s thickness',
  unit: 'a unit from the catalogue',
  'active-leaf': 'which leaf is active',
  panels: 'which panel moves',
  label: 'the minutes on the fire label',
}

/** The conventions for a hand: what each is called, and how it is read off. */
export const HAND_WORDS: Readonly<Record<HandConvention, readonly [name: string, rule: string]>> = {
  outsideView: ['From outside', 'Stand outside: the hinge side names the hand.'],
  backToHinges: [
    'Back to the hinges',
    'Stand in the opening, back against the hinge jamb: the side the door opens to names the hand.',
  ],
  pushSide: ['Push side', 'Stand where you push: the side to which it goes names the hand.'],
  din107: ['DIN 107', 'Stand where you pull: the hinge side names the hand, L or R.'],
}

/** A fact of the hand in words. */
export const handFactWords = ({ name, value }: HandFact): string =>
  name === 'hinges' ? `hinges on the ${value}, seen from outside` : `swings ${value}`

/** The widths of a door from its leaf out. */
export const CHAIN_NAMES: Readonly<Record<ChainMember, string>> = {
  leaf: 'Leaf',
  pocket: 'Rebate to rebate',
  unit: 'Unit, outside of frame',
  roughOpening: 'Rough opening',
  mouldOutside: 'Outside trim, outer edges',
  stormOpening: 'Outside trim, inner edges',
}
