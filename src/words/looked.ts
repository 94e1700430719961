import type { ReceiptPlace } from '@/core/order/asked-of-delivered'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import { type Length, magnitude } from '@/core/units/length'
import { placeName } from './order'

/** How a delivered unit is looked at, by what is looked at. */
const HOW: Readonly<Record<ReceiptPlace, string>> = {
  hinges: 'Stand where the outside will be: on which side are the hinges?',
  swing: 'Seen from there, does the leaf open away from you, into the house, or towards you?',
  'width.top': 'Over the frame’s outside, a hand below the head.',
  'width.middle': 'Over the frame’s outside, half way up.',
  'width.bottom': 'Over the frame’s outside, a hand above the sill.',
  'height.left': 'From the sill’s underside to the head’s top, at the left leg.',
  'height.right': 'From the sill’s underside to the head’s top, at the right leg.',
  'diagonal.one': 'Corner to corner of the frame, lying flat.',
  'diagonal.other': 'The other corners, without moving it.',
  jamb: 'The leg’s depth from face to face.',
  thickness: 'At the lock edge.',
  'bow.left': 'A string or straightedge along the leg; the gap at the middle.',
  'bow.right': 'A string or straightedge along the leg; the gap at the middle.',
  'head.ends': 'How far one end of the head stands from the other, out of line.',
  'mortise.jamb.top': 'How deep the plate is let into the leg.',
  'mortise.jamb.middle': 'How deep the plate is let into the leg.',
  'mortise.jamb.bottom': 'How deep the plate is let into the leg.',
  'mortise.leaf.top': 'How deep the plate is let into the leaf.',
  'mortise.leaf.middle': 'How deep the plate is let into the leaf.',
  'mortise.leaf.bottom': 'How deep the plate is let into the leaf.',
  plate: 'One plate of a hinge, alone.',
  'leaf.gap': 'Hinge closed by hand: the gap between its two plates.',
  weatherstrip: 'All round, nothing torn or pulled out.',
  sill: 'Straight, the kind that was ordered, its cap there.',
  finish: 'Both faces, all edges, in daylight.',
  'glass-label': 'The safety mark in a corner of the glass.',
  'fire-label': 'The label on the leaf’s hinge edge and on the frame: legible, and of the minutes ordered.',
  kerf: 'The groove for the weatherstrip: along both legs and the head.',
  clip: 'What holds the leaf for transport: there, and not yet taken off.',
  'long-screws': 'Count them.',
  plugs: 'Count them.',
  'hinge-cards': 'Count them.',
  'corner-pads': 'Count them.',
  keys: 'Count them.',
}

/** What is looked at, as a heading. */
export const deliveredName = (place: ReceiptPlace): string => {
  const name = placeName(place)
  return name.charAt(0).toUpperCase() + name.slice(1)
}

/** Which side, as an answer. */
export const SIDE_NAMES: Readonly<Record<string, string>> = { left: 'Left', right: 'Right', in: 'In', out: 'Out' }
export const CHECK_ANSWER_NAMES = { right: 'Right', wrong: 'Wrong', none: 'It has none' } as const

export const lookedHow = (place: ReceiptPlace): string => HOW[place]

/** A doubt about a figure that is far off what was ordered. */
export const offOrdered = (off: Length, step: DisplayStep): string =>
  `That is ${formatWithUnit(magnitude(off), step)} ${off > 0 ? 'more' : 'less'} than ordered. Read it again, or press Enter once more to keep it.`
