import type { PreparationId } from '@/core/catalogue/preparation'
import type { Stage } from '@/core/drawing/stage'
import type { ShimPlace } from '@/core/fit/plan-shims'
import type { DoorSide } from '@/core/seal/seal'
import type { HandConvention, HandFact } from '@/core/specification/handing'
import { placeOf, type Slot } from '@/core/survey/slots'
import type { Way } from '@/core/survey/ways'

export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  measure: 'Measure',
  diagnose: 'Diagnose',
  specify: 'Specify',
  order: 'Order',
  fit: 'Fit',
  seal: 'Seal',
  handover: 'Hand over',
}

export const WAY_NAMES: Readonly<Record<Way, { readonly name: string; readonly when: string }>> = {
  pocket: { name: 'Pocket', when: 'The old door is there and the trim stays on.' },
  'pencil-mark': { name: 'Pencil mark', when: 'The trim stays on and shows the edge of the jamb.' },
  'outside-face': { name: 'Outside face', when: 'There is no access inside.' },
  'trim-off': { name: 'Trim off', when: 'The casing is off, or the frame is suspect: stud to stud.' },
  core: { name: 'Core', when: 'Out-swinging utility doors: the leaf itself.' },
  masonry: { name: 'Masonry', when: 'Block or brick without wood framing: block to block.' },
}

type Surface = Readonly<Record<Way, readonly [across: string, up: string]>>
const SURFACES: Surface = {
  pocket: [
    'Door open, hook the tape in the rebate on the left and read at the rebate on the right',
    'From the finished floor to the underside of the head rebate',
  ],
  'pencil-mark': [
    'Mark 3/4 in outward from the jamb’s inner edge on both sides; read mark to mark',
    'From the finished floor to the mark on the head',
  ],
  'outside-face': [
    'Outside, stop to stop',
    'Outside, from the underside of the sill to the underside of the head stop',
  ],
  'trim-off': ['Stud to stud', 'From the floor to the header'],
  core: ['Across the leaf, from outside; both leaves of a pair together', 'Up the leaf, from outside'],
  masonry: ['Block to block', 'From the sill to the lintel'],
}

const LEVELS: Readonly<Record<string, string>> = {
  bottom: 'bottom',
  middle: 'middle',
  top: 'top',
  left: 'left',
  centre: 'centre',
  right: 'right',
  risingRight: 'rising to the right',
  risingLeft: 'rising to the left',
  sill: 'sill',
  head: 'head',
}

const NETWORK: Readonly<Record<string, (level: string) => string>> = {
  widths: level => `Width, ${level}`,
  heights: level => `Height, ${level}`,
  diagonals: level => `Diagonal ${level}`,
  lean: level => `Lean, ${level} side`,
  bow: level => `Bow, ${level} side`,
  fall: level => `Fall of the ${level}`,
  crown: level => `Crown of the ${level}`,
}

const SITE: Readonly<Record<string, readonly [name: string, how: string]>> = {
  'wall.left': ['Wall, left', 'Inside finished face to outside sheathing face, at the left side.'],
  'wall.head': ['Wall, head', 'Inside finished face to outside sheathing face, at the head.'],
  'wall.right': ['Wall, right', 'Inside finished face to outside sheathing face, at the right side.'],
  'through.left': [
    'Lean through the wall, left',
    'Turn the level across the wall. Plus when the top leans inward; type the gap at the level’s end.',
  ],
  'through.right': [
    'Lean through the wall, right',
    'Turn the level across the wall. Plus when the top leans inward; type the gap at the level’s end.',
  ],
  'strings.gap': [
    'Crossed strings',
    'Strings corner to corner on the wall’s face: the gap between them where they cross.',
  ],
  'sill.depth': ['Sill depth', 'From the inside finished face to the outer edge of the sill.'],
  'floor.highest': ['Highest floor in the swing', 'Above the sub-sill, with the rug or mat that will lie there.'],
  'floor.drop': ['Hidden drop of the old sill', 'How far the old sill sits below the finished floor.'],
  'step.outside': ['Step outside', 'From the sill down to the landing or the ground.'],
}

const GAP_LEVELS = { head: 'head', left: 'left side', right: 'right side', bottom: 'bottom' } as const

/** What a reading is called. Left and right are always as seen from outside. */
export function slotName(slot: Slot): string {
  const place = placeOf(slot)
  const site = SITE[place]
  if (site) return site[0]
  const parts = place.split('.')
  if (parts[0] === 'gap') return `Gap, ${GAP_LEVELS[parts[1] as DoorSide]}, ${parts[2]}`
  return NETWORK[parts[0]!]!(LEVELS[parts[1]!]!)
}

/** Where to stand, what to hook and what to read. */
export function slotHow(slot: Slot): string {
  const place = placeOf(slot)
  const site = SITE[place]
  if (site) return site[1]
  const [kind, level] = place.split('.') as [string, string]
  if (kind === 'gap') return 'Door shut: feeler or wedge gauge between leaf and frame, or leaf and threshold.'
  const way = slot.slice(0, slot.indexOf('/')) as Way
  switch (kind) {
    case 'widths':
      return `${SURFACES[way][0]}, at the ${LEVELS[level]}.`
    case 'heights':
      return `${SURFACES[way][1]}, at the ${LEVELS[level]}.`
    case 'diagonals':
      return level === 'risingRight'
        ? 'From the bottom left corner to the top right corner.'
        : 'From the bottom right corner to the top left corner.'
    case 'lean':
      return `Long level upright on the ${level} side. Plus when the top is to the right of the foot; type the gap at the level’s end.`
    case 'bow':
      return `Straightedge along the ${level} side: the gap at its middle. Plus when the middle is to the right.`
    case 'fall':
      return `Level along the ${level}. Plus when the right end is higher; type the gap at the level’s end.`
    default:
      return `Straightedge along the ${level}: plus when the middle stands up.`
  }
}

/** Why a reading is taken. */
export function slotWhy(slot: Slot): string {
  const kind = placeOf(slot).split('.')[0]!
  const why: Readonly<Record<string, string>> = {
    widths: 'The smallest width governs.',
    heights: 'The smallest height governs.',
    diagonals: 'They show whether the opening is square, and check widths and heights.',
    lean: 'A lean eats the room at the sides.',
    bow: 'A bulge pinches the frame.',
    fall: 'The sill is the reference for all else.',
    crown: 'A crown rocks the sill; a hollow wants support.',
    wall: 'The thickest wall decides the jamb.',
    through: 'A twist keeps the leaf off its stops.',
    strings: 'Out of plane is twice this gap.',
    sill: 'It decides the threshold.',
    floor: 'The leaf must clear it.',
    step: 'Trip and weather; codes limit it.',
    gap: 'It decides which seal can close it.',
  }
  return why[kind] ?? ''
}

export const SHIM_NAMES: Readonly<Record<ShimPlace, string>> = {
  'hinge.top': 'Top hinge',
  'hinge.middle': 'Middle hinge',
  'hinge.bottom': 'Bottom hinge',
  'strike.top': 'Strike side, top',
  'strike.latch': 'Strike',
  'strike.bottom': 'Strike side, bottom',
}

export const PREPARATION_NAMES: Readonly<Record<PreparationId, string>> = {
  'pack-sides': 'Pack the sides with flat filler',
  'build-down-head': 'Build down the head with lumber',
  'pad-sill': 'Pad under the sill',
  'extend-jamb': 'Extend the jamb',
  'solid-jamb': 'Make a solid, wider jamb',
  'plane-jamb': 'Plane or back-bevel at the jamb',
  'relieve-pinch': 'Relieve the pinch: plane the bump, cut back drywall or sheathing',
  'level-sill': 'Level and support the sill',
}

export const SIDE_NAMES: Readonly<Record<DoorSide, string>> = {
  head: 'Head',
  left: 'Left side',
  right: 'Right side',
  bottom: 'Bottom',
}

export const SEAL_NAMES: Readonly<Record<string, string>> = {
  'push-in-foam': 'Push-in foam strip in the kerf',
  'carrier-bulb': 'Bulb on a metal carrier',
  'spring-bronze': 'Spring bronze',
  'adhesive-foam': 'Adhesive foam (stopgap)',
  'brush-strip': 'Brush strip',
  'sweep-fin': 'Sweep with fin, 36 in',
  'sweep-fin-long': 'Sweep with fin, 48 in',
  'u-shoe': 'U-shaped shoe',
  'drop-seal': 'Automatic drop seal',
  'threshold-cap': 'Adjustable threshold cap',
}

export const WISH_NAMES: Readonly<Record<string, string>> = {
  hinges: 'the hinge side',
  swing: 'the swing',
  bore: 'the lock bore',
  size: 'the unit’s size',
  wall: 'the wall’s thickness',
  unit: 'a unit from the catalogue',
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
