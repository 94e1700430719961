import type { OfferCode } from '@/core/catalogue/offer'
import type { OrderCode } from '@/core/order/check-order'
import type { ContradictionCode } from '@/core/specification/find-contradictions'
import { codeWords } from './codes'
import { memberName } from './members'
import { SILL_NAMES } from './order'
import { ORDER_WORDS } from './order-findings'
import { type Say, type Words, words } from './say'

const LEAF_MEMBERS: Readonly<Record<string, string>> = {
  width: 'width',
  height: 'height',
  thickness: 'thickness',
  hinges: 'hinges',
  bore: 'bore',
  backset: 'backset',
  labelMinutes: 'fire label',
  hingeHeight: 'hinge height',
  boreKind: 'lock bore',
}

const NOT_READ: Readonly<Record<string, string>> = {
  opening: 'the opening’s width and height',
  brickmould: 'the trim’s width and height',
  leaf: 'the old leaf: size, thickness, hinges, bore, backset and label',
  lock: 'the backset and the leaf’s thickness',
  wall: 'the wall’s thickness',
}

const RANGE_WHY: Readonly<Record<string, (f: Say) => string>> = {
  'trim in': f => `It is at least ${f('widthLeast')} wide: the trim comes in, or a narrower or custom door is ordered.`,
  custom: f => `It is at most ${f('widthMost')} wide, and more than is packed behind legs is missing: a custom door.`,
  taper: f =>
    `One end wants at least ${f('least')} of packing, the other takes at most ${f('most')}: the trim tapers and is straightened first.`,
  'too low': f => `It is at least ${f('heightLeast')} high.`,
  'too high': f => `It is at most ${f('heightMost')} high.`,
}

/** The words of what a unit is judged by and of what stands in an order's way, by code. */
export const OFFER_WORDS: Readonly<
  Record<Exclude<OfferCode | OrderCode | ContradictionCode, 'order-correct-first' | 'order-went-on'>, Words>
> = {
  'hand-not-made': words(
    () => 'Not made in this hand',
    f => `Made with hinges ${f('made')}; wanted ${f('wanted')}.`,
  ),
  'swing-not-made': words(
    () => 'Not made for this swing',
    f => `Made to swing ${f('made')}; wanted ${f('wanted')}.`,
  ),
  'panels-other': words(
    f => `Made as ${f('made')}`,
    f => `Wanted ${f('wanted')}, seen from outside; O moves.`,
  ),
  'label-too-low': words(
    f => `Label of ${f('label')} minutes is too low`,
    f => `${f('wanted')} minutes are asked; a garage door may be of solid wood or steel instead.`,
  ),
  'material-other': words(
    f => `Made of ${f('made')}`,
    f => `Wanted: ${f('wanted')}.`,
  ),
  'bore-other': words(
    f => `Bored ${f('made')}`,
    f => `Wanted: ${f('wanted')}.`,
  ),
  'no-glass-for-light': words(() => 'No glass in it', 'More light is why the door is changed.'),
  'glass-not-safe': words(
    () => 'Its glass is not safety glass',
    'In a door and near it glass is tempered or laminated.',
  ),
  'glass-not-impact': words(
    f => `Its glass is ${f('made')}, not impact glass`,
    'In a wind zone glass is impact rated, or shuttered; the local authority says which.',
  ),
  'key-inside': words(() => 'It wants a key inside', 'On an escape route a door opens from inside without one.'),
  'welded-for-finished-wall': words(
    () => 'Welded: it can’t go round a finished wall',
    'A knock-down frame is put together round the wall.',
  ),
  'lock-function': words(
    f => `Made for ${f('made')}`,
    f => `Wanted: ${f('wanted')}.`,
  ),
  'lock-backset': words(
    f => `Backset ${f('made')}`,
    f => `The leaf has ${f('read')}; within ${f('limit')} it is the same group.`,
  ),
  'bolt-without-latch': words(
    () => 'A bolt to go below a latch',
    'The old lock is a case of its own: nothing stays that the bolt would go with.',
  ),
  'lock-thickness': words(
    f => `For leaves of ${f('least')} to ${f('most')}`,
    f => `This one is ${f('read')} thick.`,
  ),
  'not-read': words(f => `Not read: ${NOT_READ[f('what')] ?? f('what')}`, 'Nothing can be said of this unit before.'),
  'trim-short': words(
    () => 'New trim narrower than the old',
    f =>
      `Bare wall shows: ${[f('sides') && `${f('sides')} at each side`, f('head') && `${f('head')} over the head`].filter(Boolean).join(', ')}. Siding patched, or a wider trim.`,
  ),
  'label-floor': words(
    f => `Fire label: at most ${f('most')} under the leaf`,
    f => `${f('wanted')} was wanted over the floor. The label wins.`,
  ),
  'threshold-low': words(
    f => `Threshold’s back only ${f('back')} over the floor`,
    f => `A small round or a trim strip needs ${f('least')}. Pad the sill, or lower the floor’s edge.`,
  ),
  'sill-short': words(
    f => `Its sill of ${f('made')} ends ${f('by')} short of the old one’s edge`,
    f => `The old sill is ${f('old')} deep. A sill extension, or the bare strip before it is closed.`,
  ),
  'sill-long': words(
    f => `Its sill of ${f('made')} stands ${f('by')} over the old one’s edge`,
    f => `The old sill is ${f('old')} deep. Support what stands out, or order it shallower.`,
  ),
  'old-lock-thickness': words(
    f => `Leaf ${f('made')} thick, the old one ${f('read')}`,
    'The old lock and its furniture don’t go over unless they are made for both.',
  ),
  'throat-takes-wall': words(
    f => `Throat ${f('throat')} takes the wall`,
    f => `${f('over')} over the thickest wall, ${f('wall')}.`,
  ),
  'throat-strips': words(
    f => `Throat ${f('throat')} with ${f('strips')} ${f('strips') === '1' ? 'strip' : 'strips'}`,
    f => `${f('over')} over the thickest wall, ${f('wall')}: unpacked it would twist.`,
  ),
  'throat-too-small': words(
    f => `Throat ${f('throat')} is under the wall`,
    f => `The thickest wall is ${f('wall')}.`,
  ),
  'throat-too-large': words(
    f => `Throat ${f('throat')} is ${f('over')} over the wall`,
    f => `The thickest wall is ${f('wall')}: the frame would twist.`,
  ),
  'storm-in-range': words(
    f => `In its range by ${f('margin')}`,
    f =>
      `Trim opening ${f('width')} × ${f('height')}; made for ${f('widthLeast')} to ${f('widthMost')} × ${f('heightLeast')} to ${f('heightMost')}.`,
  ),
  'storm-edge': words(
    f => `In its range by ${f('margin')} only`,
    'So near the end, the deciding reading is taken again before it is bought.',
  ),
  'storm-packed': words(
    f => `Packed by ${f('pack')} behind the legs`,
    f => `At least ${f('least')}, at most ${f('most')}: the opening is over its range.`,
  ),
  'storm-out-of-range': words(
    f => `Out of its range: ${f('width')} × ${f('height')}`,
    f => RANGE_WHY[f('verdict')]?.(f) ?? 'It does not cover this opening.',
  ),
  'storm-handle': words(
    f => `Its handle at ${f('at')} meets the entry door’s`,
    'Another handle, or its holes elsewhere: both doors must close.',
  ),
  'storm-trim': words(
    () => 'The trim wants work first',
    f => `Its legs need ${f('face')} of flat face, ${f('proud')} proud.`,
  ),
  'storm-screen': words(
    () => 'A screen keeps nobody out',
    'It keeps insects out. Where security was wished for, take a security door.',
  ),
  'storm-heat': words(
    () => 'Full glass: heat in the sun',
    'Over a dark door heat builds up behind the glass. Vent it, or take less glass.',
  ),
  'leaf-matches': words(
    () => 'Fits the frame that stays',
    f => `All hinges shifted alike by ${f('shift')}; bore, backset, size and label agree.`,
  ),
  'leaf-differs': words(
    f => `Other ${LEAF_MEMBERS[f('member')] ?? f('member')}`,
    f =>
      f('member') === 'hinges'
        ? f('shift')
          ? `All shifted by ${f('shift')}, and one off by ${f('pitch')} beside that. Cut-outs in a metal frame can’t be moved.`
          : `It has ${f('here')}, the frame ${f('there')}. Cut-outs in a metal frame can’t be moved.`
        : `The old leaf’s is ${codeWords(f('there'))}, this one’s ${codeWords(f('here'))}.`,
  ),
  'leaf-gaps': words(
    () => 'Little gap stays round it',
    f =>
      [f('head') && `Head ${f('head')}`, f('floor') && `floor ${f('floor')}`]
        .filter(Boolean)
        .join(', ')
        .concat(`; at least ${f('least')} is wanted.`),
  ),
  'jamb-too-deep': words(
    f => `Its jamb of ${f('jamb')} stands ${f('by')} proud of the wall`,
    f => `At most ${f('limit')} is planed off. Another jamb.`,
  ),
  'sidelights-differ': words(
    f => `Its ${f('side')} sidelight is ${f('made')}, the old one ${f('read')}`,
    'Trim, floor and siding show the difference.',
  ),
  'pan-and-beads': words(
    () => 'Its sheet asks for a sill pan and for beads under the threshold’s front',
    'Both together hold the water in. Ask the maker which of the two, and correct the sheet.',
  ),
  'sill-by-sheet': words(
    f => `Its maker decides what lies under the sill: ${SILL_NAMES[f('system')] ?? f('system')}`,
    f => `The practice would be: ${SILL_NAMES[f('practice')] ?? f('practice')}.`,
  ),
  'beads-in-weather': words(
    () => 'Beads alone under a sill in the weather',
    'Choose a pan or a membrane in this opening’s practices, or say at the first look that the door is covered.',
  ),
  'pan-in-rain': words(
    () => 'Open to driving rain, and no pan under the sill',
    'A membrane keeps water off the wood; a pan leads it out. Choose the pan in this opening’s practices.',
  ),
  'beads-on-ribs': words(
    () => 'Its threshold bears on ribs',
    'Beads lie under the ribs only; one in a hollow does nothing. Look at its underside before the first bead.',
  ),
  'horns-in-casing': words(
    f => `Its sill has horns of ${f('horns')}`,
    'The outside casing stays: the horns are cut off, or the casing is notched.',
  ),
  'sheet-silent': words(
    f => `Its sheet does not say: ${(memberName(f('member'))).toLowerCase()}`,
    'What is usual stands in for it. Ask the maker before it is ordered.',
  ),
  'lock-fits': words(f => `Backset ${f('backset')} fits`, 'Function and leaf thickness agree.'),
  'too-wide': words(f => `Too wide by ${f('short')}`, 'A narrower unit; never a jack stud cut back.'),
  'too-high': words(
    f => `Too high by ${f('short')}`,
    'A shorter leaf, a cut-down custom unit, or a lower floor edge; never a header or lintel cut.',
  ),
  'too-narrow': words(
    f => `Too narrow by ${f('short')}`,
    f =>
      `Room at both sides together ${f('room')}; filler takes at most ${f('most')}. A wider unit, or a carpenter frames the hole in.`,
  ),
  'too-low': words(
    f => `Too low by ${f('short')}`,
    f => `Room at the head ${f('room')}; a head is built down by at most ${f('most')}.`,
  ),
  'sides-tight': words(
    f => `Tight: ${f('room')} at the sides`,
    'It goes in, but the pinch must be relieved: a bump planed, drywall cut back, never a jack stud weakened.',
  ),
  'head-tight': words(f => `Tight: ${f('room')} at the head`, 'It goes in; keep the head clear of the header.'),
  'sides-loose': words(f => `Loose: ${f('room')} at the sides`, 'Flat filler takes the excess before the packs.'),
  'head-loose': words(f => `Loose: ${f('room')} at the head`, 'Build down with lumber, foam the rest.'),
  'goes-in': words(
    () => 'Fits with its usual room',
    f => `Sides ${f('side')} together, head ${f('head')}.`,
  ),
  ...ORDER_WORDS,
}
