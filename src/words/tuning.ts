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

const card = (hinge: string): Said => [
  by => `Put ${by} of card behind the ${hinge} hinge.`,
  by => `Take ${by} of card out behind the ${hinge} hinge.`,
]
const pack = (hinge: string): Said => [
  by => `Pack the hinge leg out by ${by} at the ${hinge} hinge.`,
  by => `Take ${by} of pack out at the ${hinge} hinge.`,
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
  'card.bottom': card('bottom'),
  'pack.bottom': pack('bottom'),
  foot: [by => `Raise the foot of the strike leg by ${by}.`, by => `Lower the foot of the strike leg by ${by}.`],
  'strike.top': strike('at the top'),
  'strike.middle': strike('at the strike'),
  'strike.bottom': strike('at the bottom'),
}

/** A move in one sentence a fitter can follow, its amount in the job's unit. */
export function moveWords({ adjuster, steps }: Move, stepLength: Length, step: DisplayStep): string {
  const by = formatRead(magnitude(times(stepLength, steps)), step)
  return MOVES[adjuster][steps > 0 ? 0 : 1](by)
}

export const MEANS_NAMES: Readonly<Record<Means, string>> = {
  all: 'All there is',
  cards: 'Cards only',
  packs: 'Packs and foot only',
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
  hinges: 'On more than three hinges each inner one binds in its own way: that is not worked out here.',
  binds:
    'No pack or card there is evens this out without binding a hinge. Look at the hinges: leaves that touch when shut, or mortises too deep.',
}
