import type { FindingCode } from '@/core/work'
import { codeWords } from './codes'
import { sideName } from './names'
import { type Words, words } from './say'
import { FIRE_WORDS, limitsWords } from './seals'
import { stepName } from './steps'

/** What must have been otherwise, when a margin does not come out as the moves said. */
const ASSUMPTION_WORDS: Readonly<Record<string, string>> = {
  'hinge-moved':
    'The hinge did not move as far as its card or pack is thick: a screw still holds it, or its leaves touch.',
  'strike-gave': 'The strike leg did not stay where it was packed: look behind it, and at its screws.',
  'leaf-turned': 'The leaf did not turn as one piece: play in a hinge, a bowed leaf, or a hinge that binds.',
}

/** The words of what is found while a door is set and sealed, by code. */
export const SET_WORDS = {
  'step-failed': words(
    f => `Failed: ${stepName(f('step'))}`,
    f => `${f('text') || 'No note.'} Correct it, then note it as done.`,
  ),
  'step-against-limit': words(
    f => `${stepName(f('step'))}: ${f('read')}`,
    f =>
      `${f('holds') === 'at-most' ? 'At most' : 'At least'} ${f('limit')}. ${f('text')} Put it right, then note it again.`,
  ),
  'margin-other': words(
    f => `A margin came out at ${f('read')}, not ${f('wanted')}`,
    f => ASSUMPTION_WORDS[f('what')] ?? '',
  ),
  'van-short': words(
    f => `The van holds ${f('there')} flats of ${f('size')}; the packs take ${f('wanted')}`,
    'Fetch more before the day, or count the van again on the Firm page.',
  ),
  'van-short-wedges': words(
    f => `The van holds ${f('there')} wedge pairs; the packs take ${f('wanted')}`,
    'Fetch more before the day, or count the van again on the Firm page.',
  ),
  'margins-stale': words(() => 'Moved since the margins were read', 'Open and shut the leaf, then read them again.'),
  'header-by-sheet': words(
    f =>
      f('verdict') === 'by-sheet'
        ? 'Its sheet asks for screws into the header'
        : 'Its sheet wants no screw into the header',
    f =>
      f('verdict') === 'by-sheet'
        ? 'On a single unit none would go there. Each goes beside a pack; a header that sags pulls at it.'
        : 'Over a mullion or a meeting point one would go there. The frame is held by its legs.',
  ),
  'step-under-irreversible': words(
    f => `${stepName(f('step'))} is done, and what lies under it was reopened`,
    f =>
      `It can’t be undone: cut it out first where ${f('missing').split(' ').map(stepName).join(', ').toLowerCase()} must be done again.`,
  ),
  'step-out-of-order': words(
    f => `${stepName(f('step'))} was done too early`,
    f => [`Before it: ${f('missing').split(' ').map(stepName).join(', ')}.`, f('text')].filter(Boolean).join(' '),
  ),
  'other-purpose': words(
    () => 'Not for this',
    f => `The door is sealed against ${codeWords(f('why'))}; this seal does little for that.`,
  ),
  'contact-off': words(
    f => `${f('place')}: the strip is pressed over ${f('read')}`,
    f =>
      `Wanted are ${f('least')} to ${f('most')}. Move the stop ${f('by')} ${f('towards') === 'to' ? 'towards the leaf' : 'away from the leaf'}.`,
  ),
  'no-kerf': words(
    () => 'No kerf in the stop',
    'It is pushed into a slot that is not there; take one that goes on the stop.',
  ),
  'threshold-wrong': words(
    f => `Not on this threshold: ${codeWords(f('threshold'))}`,
    'It has nothing to close against.',
  ),
  'floor-wrong': words(
    f => `Not over this floor: ${codeWords(f('floor'))}`,
    'It would wear, catch, or close at one end only.',
  ),
  'threshold-falls': words(
    f => `The threshold falls ${f('fall')}`,
    f => `It drops at most ${f('limit')} more than the largest gap: at one end it would leak.`,
  ),
  'keeps-no-air': words(() => 'An appliance burns behind this door', 'The way for its air stays open.'),
  'bottom-stays-open': words(
    () => 'Do not seal the bottom: an appliance burns behind this door',
    'It must keep its air. Someone licensed says how before anything is closed.',
  ),
  'bottom-takes-air': words(
    () => 'The room takes its return air under this door',
    f => `Open now ${f('first')} cm², as planned ${f('left')} cm². Leave the way open, or give it another.`,
  ),
  'contact-uneven': words(
    f => `The leaf meets its stop unevenly, by ${f('spread')}`,
    f => `Limit ${f('limit')}. A seal there is squeezed at one height and open at another.`,
  ),
  'gaps-between': words(
    f => `Not every gap read: ${sideName(f('side'))}`,
    'What was not read is taken between its neighbours.',
  ),
  'pack-impossible': words(
    f => `${f('place')}: no pack fits ${f('gap')}`,
    'Move the unit within its room, or correct the side here.',
  ),
  'gap-too-wide': words(
    f => `Gap of ${f('gap')} is too wide`,
    f => `It closes at most ${f('limit')}. Tune the door first.`,
  ),
  'gap-too-small': words(
    f => `Gap of ${f('gap')} is too small`,
    f => `It needs at least ${f('limit')}.`,
  ),
  'leaf-too-thin': words(
    f => `Leaf of ${f('leaf')} is too thin`,
    f => `It needs ${f('limit')}.`,
  ),
  'never-here': words(
    f => (f('material') === 'timber' ? 'Not on a wooden outside door' : `Not on an outside leaf of ${f('material')}`),
    f =>
      f('reason') === 'holds-water' ? 'It holds water against the leaf’s edge and rots it.' : 'Its sheet rules it out.',
  ),
  holds: words(
    () => 'Closes this side',
    f => `Gaps from ${f('smallest')} to ${f('largest')} lie in its range.`,
  ),
  'no-seal-holds': words(
    f => `No seal closes the ${sideName(f('side')).toLowerCase()}`,
    f => `Gaps from ${f('smallest')} to ${f('largest')}: tune the door first.`,
  ),
  'own-fails': words(
    f => `${sideName(f('side'))}: what the unit ships with does not close it`,
    'Its gaps are outside what it closes. Tune the door first; else one of the seals below is put on.',
  ),
  'hand-fails': words(
    f => `${sideName(f('side'))}: ${f('seal')} is not put on`,
    f =>
      f('why') === 'holds-not'
        ? 'It was chosen by hand and does not hold here: the plan takes what does.'
        : 'It was chosen by hand and is no longer on the list of seals: the plan takes what holds.',
  ),
  'target-missed': words(
    () => 'No plan reaches what is wanted',
    'The one that comes nearest is shown. Ask less, tune the door first, or choose a better leaf.',
  ),
  'kerf-not-said': words(
    () => 'Whether there is a kerf was not said',
    'It is pushed into a slot in the stop: look first.',
  ),
  'less-purpose': words(f => `Does little for ${codeWords(f('why'))}`, 'It serves what weighs most; this weighs less.'),
  'not-in-weather': words(() => 'Not where rain is driven', 'It does not last in the weather.'),
  'not-listed': words(
    () => 'Not listed for a labelled door',
    'What is fixed to a labelled door is listed for it. The label’s agency and the authority decide.',
  ),
  'other-gap': words(
    f => (f('which') === 'stop' ? 'Judged by the gap at the edge' : 'Judged by the gap at the stop'),
    f =>
      f('which') === 'stop'
        ? 'It closes leaf to stop, and that gap was not read.'
        : 'It closes leaf to frame, and that gap was not read.',
  ),
  'expected-gap': words(
    f => (f('what') === 'moved' ? 'By the margins the moves lead to expect' : 'By the margins that are wanted'),
    f =>
      f('what') === 'moved'
        ? 'The leaf was moved since its gaps were read: read them again.'
        : 'The leaf does not hang yet: read again once it does.',
  ),
  'asked-in-rain': words(
    () => 'Rain is driven against it: only with a reason',
    'Type why it goes on here; the reason is printed.',
  ),
  'class-contradicts': words(
    f => `${sideName(f('side'))}: shut tight at one place and wide open at the same one`,
    'Edge and stop are read at the same height. Read both again.',
  ),
  'air-past-tight': words(
    f => `${sideName(f('side'))}: shut tight, and air comes through`,
    f =>
      `${f('how') === 'felt' ? 'A hand feels it' : 'Smoke is drawn in'}. No seal on the leaf stops what comes past its frame.`,
  ),
  'still-at-gap': words(
    f => `${sideName(f('side'))}: smoke stands still before an open gap`,
    'Without wind or a fan it tells nothing.',
  ),
  'cap-low': words(
    f => `Threshold cap too low at screw ${f('screws').split(' ').join(', ')}`,
    'The bill slides: light and water come through there.',
  ),
  'cap-high': words(
    f => `Threshold cap too high at screw ${f('screws').split(' ').join(', ')}`,
    'The bill is held fast: the sweep wears there, and the door drags.',
  ),
  'bill-against-gap': words(
    f => `${sideName(f('side'))}: the bill drags, and a gap of ${f('largest')} was read`,
    'One of the two is wrong.',
  ),
  'fire-gap-beyond': words(
    f => `${sideName(f('side'))}: a gap of ${f('gap')} is beyond the label’s rules`,
    f => `${limitsWords(f('least'), f('most'))} Nothing is cut. Stop: the label’s agency and the authority decide.`,
  ),
  'fire-gap-close': words(
    f => `${sideName(f('side'))}: a gap of ${f('gap')} is too close to call`,
    f => `${limitsWords(f('least'), f('most'))} Read it with a finer gauge; the authority decides.`,
  ),
  'fire-not-read': words(
    f => `${sideName(f('side'))}: no gap read for the label’s rules`,
    f => limitsWords(f('least'), f('most')),
  ),
  'fire-item-failed': words(
    f => `Not in order: ${FIRE_WORDS[f('what')] ?? f('what')}`,
    f => `${f('text') || 'No note.'} Stop: the label’s agency and the authority decide.`,
  ),
  'latch-force': words(
    f => `Seals push ${f('force')} N against the latch`,
    f => `Above ${f('limit')} N the door won’t latch by itself: a lighter seal, or the strike moved out.`,
  ),
  'gaps-not-read': words(
    f => `Gaps not read: ${sideName(f('side')).toLowerCase()}`,
    'A seal is chosen by the smallest and largest gap of its side.',
  ),
} as const satisfies Readonly<Partial<Record<FindingCode, Words>>>
