import { isFactSlot, type SkipReason } from '@/core/survey/facts'
import {
  type GapSlot,
  kindOfSlot,
  placeOf,
  type SiteSlot,
  type Slot,
  type StopSlot,
  wayOfSlot,
} from '@/core/survey/slots'
import type { Question } from '@/core/survey/survey-of'
import type { Way } from '@/core/survey/ways'
import { FACT_WORDS, SITE_WORDS } from './questions'

// The guided walk in words: what each reading is called, where to stand, what to hook the tape on, what to read, and why.

/** How a way takes its widths, heights and diagonals: where one stands, what the hook goes on, where one reads. */
type Surface = {
  readonly stand: string
  readonly side: readonly [hook: string, read: string]
  readonly up: readonly [hook: string, read: string]
  readonly corner: string
}
const SURFACES: Readonly<Record<Way, Surface>> = {
  pocket: {
    stand: 'Door open, stand inside',
    side: ['the rebate of the jamb on the left, as seen from outside', 'the rebate on the right'],
    up: ['the finished floor', 'the underside of the head rebate'],
    corner: 'of the rebates',
  },
  'pencil-mark': {
    stand: 'Stand inside and mark the jamb’s rebate outward from the jamb’s inner edge on both sides and at the head',
    side: ['the left mark, as seen from outside', 'the right mark'],
    up: ['the finished floor', 'the mark on the head'],
    corner: 'of the marks',
  },
  'outside-face': {
    stand: 'Stand outside, facing the door',
    side: ['the left stop', 'the right stop'],
    up: ['the underside of the sill', 'the underside of the head stop'],
    corner: 'of the stops',
  },
  'trim-off': {
    stand: 'Stand outside, facing the opening',
    side: ['the left stud', 'the right stud'],
    up: ['the floor', 'the header'],
    corner: 'of the studs',
  },
  core: {
    stand: 'Stand outside, the leaf shut',
    side: ['the left edge of the leaf', 'its right edge; both leaves of a pair together'],
    up: ['the bottom edge of the leaf', 'its top edge'],
    corner: 'of the leaf',
  },
  masonry: {
    stand: 'Stand outside, facing the opening',
    side: ['the block or brick on the left', 'the block or brick on the right'],
    up: ['the sill', 'the lintel'],
    corner: 'of the masonry',
  },
  brickmould: {
    stand: 'Stand outside, facing the trim',
    side: ['the inner edge of the left trim', 'the inner edge of the right trim'],
    up: ['the sill', 'the underside of the head trim'],
    corner: 'of the trim',
  },
  'lock-edge': {
    stand: 'Door open, at the lock edge of the leaf',
    side: ['the edge of the leaf', 'its other edge'],
    up: ['the bottom edge of the leaf', 'its top edge'],
    corner: 'of the leaf',
  },
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

export const SKIP_WORDS: Readonly<Record<SkipReason, string>> = {
  'not-accessible': 'can’t be reached',
  'not-there': 'not there',
  later: 'later',
  other: 'other',
}

const GAP_LEVELS: Readonly<Record<string, string>> = {
  head: 'head',
  left: 'left side',
  right: 'right side',
  bottom: 'bottom',
  meeting: 'meeting edge',
  interlock: 'interlock',
}
const GAP_POINTS: Readonly<Record<string, string>> = {
  'meeting-left': 'where the left leaf meets',
  'meeting-right': 'where the right leaf meets',
}
const gapPoint = (point: string): string => GAP_POINTS[point] ?? point

const isSite = (place: string): place is SiteSlot => place in SITE_WORDS

/** What a question is called. Left and right are always as seen from outside. */
export function slotName(question: Question): string {
  if (isFactSlot(question)) return FACT_WORDS[question][0]
  const place = placeOf(question)
  if (isSite(place)) return SITE_WORDS[place][0]
  const parts = place.split('.')
  if (parts[0] === 'stop') return `At the stop, ${GAP_LEVELS[parts[1]!]}, ${gapPoint(parts[2]!)}`
  if (parts[0] === 'gap') return `Gap, ${GAP_LEVELS[parts[1]!]}, ${gapPoint(parts[2]!)}`
  return NETWORK[parts[0]!]!(LEVELS[parts[1]!]!)
}

/** Where to stand, what to hook the tape on and what to read. */
export function slotHow(question: Question): string {
  if (isFactSlot(question)) return FACT_WORDS[question][1]
  const place = placeOf(question)
  if (isSite(place)) return SITE_WORDS[place][1]
  const [kind, level] = place.split('.') as [string, string]
  if (kind === 'gap') return gapHow(question as GapSlot)
  if (kind === 'stop') return stopHow(question as StopSlot)
  const surface = SURFACES[wayOfSlot(question)!]
  switch (kind) {
    case 'widths':
      return `${surface.stand}, at the ${LEVELS[level]}. Hook on ${surface.side[0]}; read at ${surface.side[1]}.`
    case 'heights':
      return `${surface.stand}, at the ${LEVELS[level]}. Hook on ${surface.up[0]}; read at ${surface.up[1]}.`
    case 'diagonals':
      return level === 'risingRight'
        ? `Hook in the bottom left corner ${surface.corner}; read in the top right corner.`
        : `Hook in the bottom right corner ${surface.corner}; read in the top left corner.`
    case 'lean':
      return `Hold the long level upright on the ${level} side. Read the gap at its end.`
    case 'bow':
      return `Straightedge along the ${level} side, end to end. Read the gap at its middle.`
    case 'fall':
      return `Lay the level along the ${level}. Read the gap at its end.`
    default:
      return `Straightedge along the ${level}. Read the gap at its middle.`
  }
}

function stopHow(slot: StopSlot): string {
  const [, side, level] = slot.split('.')
  const between = side === 'meeting' ? 'leaf’s face and the other’s rebate' : 'leaf’s face and its stop'
  return `Door shut: feeler between the ${between}, at the ${GAP_LEVELS[side!]}, ${gapPoint(level!)}.`
}

function gapHow(slot: GapSlot): string {
  const [, side, level] = slot.split('.')
  const between =
    side === 'bottom'
      ? 'leaf and threshold or floor'
      : side === 'meeting'
        ? 'the two leaves'
        : side === 'interlock'
          ? 'the two panels'
          : 'leaf and frame'
  return `Door shut: feeler or wedge gauge between ${between}, at the ${GAP_LEVELS[side!]}, ${gapPoint(level!)}.`
}

const WHY: Readonly<Record<string, string>> = {
  widths: 'The smallest width governs.',
  heights: 'The smallest height governs.',
  diagonals: 'They show whether it is square, and check widths and heights.',
  lean: 'A lean eats the room at the sides.',
  bow: 'A bulge pinches the frame.',
  fall: 'The sill is the reference for all else.',
  crown: 'A crown rocks the sill; a hollow wants support.',
  gap: 'It decides which seal can close it.',
  stop: 'It decides what is pushed in or screwed on there.',
}

/** Why a reading is taken. */
export function slotWhy(question: Question): string {
  if (isFactSlot(question)) return FACT_WORDS[question][2]
  const place = placeOf(question)
  return isSite(place) ? SITE_WORDS[place][2] : (WHY[kindOfSlot(question)] ?? '')
}

/** Which way a signed reading goes, as what one sees: the minus side, then the plus side. */
export function directionWords(slot: Slot): readonly [minus: string, plus: string] {
  switch (kindOfSlot(slot)) {
    case 'lean':
      return ['top left', 'top right']
    case 'bow':
      return ['to the left', 'to the right']
    case 'fall':
      return ['left up', 'right up']
    case 'crown':
      return ['hollow', 'up']
    case 'strings':
      return ['rising left', 'rising right']
    case 'through':
      return ['top out', 'top in']
    default:
      return ['behind', 'in front']
  }
}
