import type { MarginCause } from '@/core/fit/margin-causes'
import type { Aim, Means } from '@/core/fit/tune-margins'
import type { Adjuster, Move, RevealName } from '@/core/tuning/reveals'
import { type DisplayStep, formatRead } from '@/core/units/format-length'
import { type Length, magnitude, times } from '@/core/units/length'

export const REVEAL_NAMES: Readonly<Record<RevealName, string>> = {
  'hinge.top': 'Hinge side, top',
  'hinge.middle': 'Hinge side, middle',
  'hinge.bottom': 'Hinge side, bottom',
  'head.hinge': 'Head, hinge end',
  'head.strike': 'Head, strike end',
  'strike.top': 'Strike side, top',
  'strike.middle': 'Strike side, middle',
  'strike.bottom': 'Strike side, bottom',
  'sill.hinge': 'Bottom, hinge end',
  'sill.strike': 'Bottom, strike end',
}

type Said = readonly [more: (by: string) => string, less: (by: string) => string]

/** Which hinge, from the top down. */
const HINGES: Readonly<Record<string, string>> = {
  top: 'top hinge',
  middle: 'middle hinge',
  2: 'second hinge from the top',
  3: 'third hinge from the top',
  4: 'fourth hinge from the top',
  bottom: 'bottom hinge',
}
/** The hinge an adjuster is of. */
export const hingeWords = (adjuster: Adjuster): string => HINGES[adjuster.split('.')[1]!]!

const card = (hinge: string): Said => [
  by => `Put ${by} of card behind the ${HINGES[hinge]}.`,
  by => `Take ${by} of card out behind the ${HINGES[hinge]}.`,
]
const pack = (hinge: string): Said => [
  by => `Pack the hinge leg out by ${by} at the ${HINGES[hinge]}.`,
  by => `Take ${by} of pack out at the ${HINGES[hinge]}.`,
]
const strike = (place: string): Said => [
  by => `Pack the strike leg out by ${by} ${place}.`,
  by => `Take ${by} of pack out of the strike leg ${place}.`,
]

const MOVES: Readonly<Record<Adjuster, Said>> = {
  'card.top': card('top'),
  'pack.top': pack('top'),
  'card.middle': card('middle'),
  'pack.middle': pack('middle'),
  'card.2': card('2'),
  'pack.2': pack('2'),
  'card.3': card('3'),
  'pack.3': pack('3'),
  'card.4': card('4'),
  'pack.4': pack('4'),
  'card.bottom': card('bottom'),
  'pack.bottom': pack('bottom'),
  foot: [by => `Raise the foot of the strike leg by ${by}.`, by => `Lower the foot of the strike leg by ${by}.`],
  'strike.top': strike('at the top'),
  'strike.middle': strike('at the strike'),
  'strike.bottom': strike('at the bottom'),
}

/** What a set screw is turned by, in eighths: `1 3/8 turns`. */
function turnsOf(eighths: number): string {
  const [whole, rest] = [Math.floor(eighths / 8), eighths % 8]
  const part = rest === 0 ? '' : rest % 4 === 0 ? '1/2' : rest % 2 === 0 ? `${rest / 2}/4` : `${rest}/8`
  const said = [whole > 0 ? String(whole) : '', part].filter(Boolean).join(' ')
  return whole === 0 ? `${said} of a turn` : `${said} ${eighths === 8 ? 'turn' : 'turns'}`
}

/** A move in one sentence a fitter can follow, its amount in the job's unit; of set screws by turns. */
export function moveWords({ adjuster, steps }: Move, stepLength: Length, step: DisplayStep, means?: Means): string {
  const by = formatRead(magnitude(times(stepLength, steps)), step)
  if (means === 'screws') {
    const way = steps > 0 ? 'out, the leaf away from the hinge leg' : 'in, the leaf towards the hinge leg'
    return `Turn the set screws of the ${hingeWords(adjuster)} ${turnsOf(Math.abs(steps))} ${way} (${by}).`
  }
  return MOVES[adjuster][steps > 0 ? 0 : 1](by)
}

/** Which leaf of two it is about. */
export const LEAF_NAMES: Readonly<Record<'one' | 'passive' | 'active', string>> = {
  one: 'The leaf',
  passive: 'The passive leaf, first',
  active: 'The active leaf, once the passive one is even and locked',
}
/** What a margin of two leaves that meet is called where their edges meet. */
export const MEETING_NAMES: Partial<Record<RevealName, string>> = {
  'head.strike': 'Head, meeting end',
  'strike.top': 'Meeting edge, top',
  'strike.middle': 'Meeting edge, middle',
  'strike.bottom': 'Meeting edge, bottom',
  'sill.strike': 'Bottom, meeting end',
}
export const revealName = (name: RevealName, meets: boolean): string =>
  (meets ? MEETING_NAMES[name] : undefined) ?? REVEAL_NAMES[name]

/** What to try by hand before anything is taken apart. */
export const byHandWords = (where: string, margin: string, then: string): string =>
  `Try it first: press the leaf there by hand, ${where}. The margin “${margin}” should come to ${then}; if it does not, look for what holds it.`
const PRESSED: Readonly<Record<string, string>> = {
  card: 'hinge leaf from its leg, or towards it',
  pack: 'leg and hinge together',
  strike: 'on the strike leg',
  foot: 'up under the strike leg',
}
export const pressedWords = ({ adjuster }: Move): string => PRESSED[adjuster.split('.')[0]!]!
export const oddWords = (names: readonly string[]): string =>
  `A straight leaf can’t stand so: ${names.join(', ')}. Read again there; nothing is proposed until it agrees.`

export const MEANS_NAMES: Readonly<Record<Means, string>> = {
  all: 'Cards, packs and foot',
  cards: 'Cards only',
  packs: 'Packs and foot only',
  screws: 'Set screws of the hinges',
}
export const AIM_NAMES: Readonly<Record<Aim, string>> = { band: 'Inside the band', middle: 'To the middle' }

/** What the margins speak for, before anything is moved. */
export const CAUSE_WORDS: Readonly<Record<MarginCause, string>> = {
  'deep-mortises':
    'Tight along the hinges, wide along the strike, alike from top to bottom: mortises too deep, or hinge leaves that touch. Packing the jamb does not cure that.',
  'unequal-hinges': 'Opposite tapers at hinge and strike side: hinges let in unequally. A card evens them.',
  'frame-racked': 'Sides even, head and bottom opposite: the frame is racked; both legs lean alike.',
  'legs-apart': 'A taper at the strike side only: the legs are not parallel. Move the strike leg.',
  'leg-bowed': 'A pinch in the middle only: a leg is bowed. Take its middle pack thinner.',
}

export const NOT_TUNED: Readonly<Record<'not-read' | 'hinges' | 'binds', string>> = {
  'not-read': 'Once the leaf hangs, read the margins round it: then the least moves that even them out stand here.',
  hinges: 'A leaf on one hinge, or on more than five, has no moves worked out for it.',
  binds:
    'No pack or card there is evens this out without binding a hinge. Look at the hinges: leaves that touch when shut, or mortises too deep.',
}
