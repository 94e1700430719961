import type { Currency, NumberFormat } from '@/core/catalogue/firm'
import type { Contradiction } from '@/core/specification/find-contradictions'
import { codeWords } from './codes'
import { memberName } from './members'
import { money } from './money'
import { WISH_NAMES } from './names'
import { type Say, type Words, words } from './say'

/** Two wishes that can't both be met, in words: what they are, and which wins or must be settled. */
const CONTRADICTION_WORDS: Readonly<Record<Contradiction, Words>> = {
  'label-clearance': words(
    f => `Clearance of ${f('wanted')} against the fire label`,
    f => `A labelled leaf stays within ${f('most')} of the floor. The label wins.`,
  ),
  'label-lowered': words(
    f => `${f('wanted')} minutes wanted, the old label says ${f('old')}`,
    'A new door never shows fewer minutes than the old one. Raise the wish, or ask the local authority.',
  ),
  'label-material': words(
    f => `${f('label')} minutes against a leaf of ${f('material')}`,
    'No such leaf is labelled. Choose steel or timber, or do without the label where the authority allows it.',
  ),
  'garage-material': words(
    f => `Garage to house against a leaf of ${f('material')}`,
    'Choose solid wood or steel, or ask for a 20-minute label.',
  ),
  'escape-lock': words(
    f => `Escape route against a ${f('lock')} lock`,
    'It must open from inside without a key. Choose another function, or take the door off the escape route.',
  ),
  'accessible-step': words(
    f => `Accessible route against a step of ${f('step')}`,
    f => `At most ${f('most')} is common. A ramp outside, or another door for the route.`,
  ),
  'anchors-wall': words(
    f => `Anchors for ${f('anchors')} against a wall of ${f('wall')}`,
    'Anchors go by the wall: straps for studs, masonry anchors for masonry; screws through the face where none fits.',
  ),
}

const contradiction = (f: Say): Words => CONTRADICTION_WORDS[f('which') as Contradiction]

/** The words of what stands in the way of an order, by code. */
export const ORDER_WORDS = {
  'order-missing': words(
    f => `Missing: ${WISH_NAMES[f('what')] ?? memberName(f('what').replace('detail.', 'details.'))}`,
    'The order can’t be released without it.',
  ),
  'order-does-not-fit': words(f => `${f('article')} does not fit`, 'Choose a unit that goes in.'),
  'order-contradiction': words(
    f => contradiction(f).title(f),
    f => contradiction(f).why(f),
  ),
  'wishes-contradict': words(
    f => contradiction(f).title(f),
    f => contradiction(f).why(f),
  ),
  'order-reading-suspect': words(f => `${f('slot')} is suspect`, 'Take it again before anything is ordered from it.'),
  'order-differs': words(() => 'Two ways of measuring disagree', 'Settle which is right before ordering.'),
  'order-unchecked': words(f => `Risk: unchecked: ${f('slot')}`, 'A slip there would go into the order unseen.'),
  'order-hand': words(
    () => 'Risk: out-swing hand',
    'The supplier may read the code the other way. The words and the plan stand first on the sheet.',
  ),
  'order-edge': words(f => `Risk: ${f('article')} is tight`, 'Little room is left for what the readings did not show.'),
  'order-hole-assumed': words(() => 'Risk: studs not seen', 'The hole behind the old frame is assumed.'),
  'order-second-look': words(
    f => `${f('article')} is made to order: measure twice`,
    f =>
      `At ${money(Number(f('cents')), { currency: f('currency') as Currency, numbers: f('numbers') as NumberFormat })} it can’t go back. Take width and height by another way, or let another person or instrument read them.`,
  ),
  'order-sill-swing': words(
    f => `The sill “${f('sill')}” under a door that swings ${f('swing')}`,
    'It is made for the other swing. Choose a sill, or a unit, for this one.',
  ),
  'order-found-otherwise': words(
    f => `${memberName(`details.${f('detail')}`)}: ${f('made')}, but ${f('found')} was found`,
    'What stays has to meet what is made. Choose a unit made so, or settle it otherwise.',
  ),
  'order-question-open': words(
    f => `Risk: the maker has not answered: ${f('question')}`,
    'What is not agreed before an order is not part of it.',
  ),
  'order-unread': words(
    f => `Not read: ${f('slot')}`,
    'Nothing is known there. Read it, or say why it is ordered without.',
  ),
  'order-stopped': words(
    () => 'Something must be settled first',
    f => `It stops the order: ${codeWords(f('code'))}.`,
  ),
  'pet-flap': words(
    () => 'A pet’s flap is why, and none is ordered',
    'Name it among the details, its height over the floor too; or “none”, when it goes elsewhere.',
  ),
  'finish-near-sea': words(
    f => `Near the sea, and hinges are ${f('made')}`,
    'Stainless steel, brass or bronze stands salt; plated steel does not. Ask the maker, or say why it is ordered so.',
  ),
  'signed-otherwise': words(
    f => `Not what ${f('by')} signed for`,
    f => `Signed for ${f('wanted')}; this is ${f('made')}. Take what was signed, or let the customer sign again.`,
  ),
  'hinges-plain': words(
    f => `Hinges are ${f('made')}, the leaf wants ball bearings`,
    'By its weight. Plain knuckles wear under it, and the leaf drops onto its strike.',
  ),
  'order-flap-label': words(
    f => `A flap in a leaf labelled ${f('label')} minutes`,
    'A hole voids the label. Put the flap into another door, or into the wall.',
  ),
  'order-flap-elsewhere': words(
    () => 'A pet’s flap is why, and this kind is not made with one',
    'Say where it goes instead: another door, or the wall.',
  ),
  'order-treated-board': words(
    () => 'Treated board under aluminium',
    'It corrodes the sill. PVC, or untreated lumber wrapped in tape.',
  ),
} as const satisfies Readonly<Record<string, Words>>
