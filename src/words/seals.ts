import type { FireItem } from '@/core/seal/fire'
import type { GapClass } from '@/core/seal/gap-classes'
import type { Bedded } from '@/core/seal/seal-wants'
import type { OwnSeal } from '@/core/seal-stock/own-seal'
import type { Seal, SealPurpose } from '@/core/seal-stock/seal'

/** What a door is sealed against. */
export const PURPOSE_NAMES: Readonly<Record<SealPurpose, string>> = {
  draft: 'Draft',
  water: 'Water',
  insects: 'Insects',
  smoke: 'Smoke',
  fire: 'Fire',
  sound: 'Sound',
  light: 'Light',
}

/** A gap by what goes into it. */
export const CLASS_NAMES: Readonly<Record<GapClass, string>> = {
  tight: 'shut tight',
  light: 'light shows',
  bill: 'a bill slides',
  pencil: 'a pencil goes in',
  finger: 'a finger goes in',
}

export const BEDDED_NAMES: Readonly<Record<Bedded, string>> = {
  bedded: 'The shoe is bedded in sealant',
  'joint-sealed': 'Its joint to the face is sealed',
  drains: 'It drains at both ends',
}

/** What became of a cut list that was carried out. */
export function cutWords({
  seals,
  kept,
  used,
}: {
  readonly seals: number
  readonly kept: number
  readonly used: number
}): string {
  if (seals === 0) return 'Nothing was left to be cut.'
  const pieces = `${seals} ${seals === 1 ? 'seal is' : 'seals are'} cut`
  const off = `${kept} ${kept === 1 ? 'off-cut' : 'off-cuts'} kept in the van`
  return `${pieces}, ${off}${used > 0 ? `, ${used} used up` : ''}.`
}

/** What became of a cut list that was taken back. */
export function cutBackWords({ seals, isVanBack }: { readonly seals: number; readonly isVanBack: boolean }): string {
  if (seals === 0) return 'Nothing was left to be taken back.'
  const van = isVanBack
    ? 'the van’s off-cuts are as they were'
    : 'some were fitted since, so look through the van’s off-cuts'
  return `Taken back: ${seals} ${seals === 1 ? 'seal is' : 'seals are'} to be cut; ${van}.`
}

/** Why the gaps of an edge are expected and not read. */
export const EXPECTED_WORDS: Readonly<Record<'wanted' | 'moved', string>> = {
  wanted: 'By the margins that are wanted; read once the leaf hangs.',
  moved: 'By the margins the moves lead to expect; read again.',
}

/** What a seal of a firm's list costs. */
export const sealPriceWords = (
  { centsPerMetre, centsPerPiece }: Pick<OwnSeal, 'centsPerMetre' | 'centsPerPiece'>,
  money: (cents: number) => string,
): string =>
  [
    ...(centsPerMetre ? [`${money(centsPerMetre)} a metre`] : []),
    ...(centsPerPiece ? [`${money(centsPerPiece)} a piece`] : []),
  ].join(' and ')

/** What is looked at on a labelled door. */
export const FIRE_WORDS: Readonly<Record<string, string>> = {
  'label-leaf': 'Label on the leaf, legible, not painted over',
  'label-frame': 'Label on the frame, legible, not painted over',
  'self-closing': 'Closes by itself from any angle',
  latches: 'Latches by itself',
  'no-hold-open': 'Held open by nothing but a listed release',
  hinges: 'Hinges of the right kind, none missing',
  screws: 'Every screw in',
  'no-holes': 'No holes that are not by its listing',
  'leaf-whole': 'Leaf not cut down beyond its listing',
  glass: 'Glass labelled',
  gasket: 'Seal listed for this door',
} satisfies Record<FireItem, string>

/** What a rule allows, in a sentence. */
export function limitsWords(least: string, most: string): string {
  if (least && most) return `From ${least} to ${most} is allowed.`
  if (most) return `At most ${most} is allowed.`
  return least ? `At least ${least} is allowed.` : ''
}

/** How each kind of seal is fitted: what is done, with its number and its caution. */
export const SEAL_STEPS: Readonly<Record<Seal['kind'], readonly (readonly [what: string, check: string])[]>> = {
  'push-in': [
    ['Clean the kerf out, pull the old strip', 'The slot is open all along.'],
    ['Push it in from the top down, corners cut square', 'It lies flat, no stretch.'],
  ],
  bulb: [
    [
      'Clean with solvent, let it dry; pull the rubber back and saw the metal',
      'Rubber stays a little longer than metal.',
    ],
    [
      'Notch the side lip to meet the head’s; press it on lightly with the door shut, mark the slots',
      'Screws stand in the middle of their slots.',
    ],
    ['Screw top, middle and bottom, then the rest, the door shut lightly each time', 'The latch falls in by itself.'],
  ],
  foam: [
    ['Clean and dry; pull the backing off as you go', 'No stretch, corners butt.'],
    ['Note when it is to be replaced: it lasts about half a year', 'Date on the record.'],
  ],
  bronze: [
    ['Cut with snips, the free edge outwards', 'It is not kinked.'],
    ['Pin it every {pin-every}, the middle first; raise the edge with a knife', 'The leaf touches all along.'],
  ],
  brush: [
    ['Cut metal and hair together', 'Hair stands square.'],
    ['Screw it so that the hair bends a little', 'No light shows.'],
  ],
  fin: [
    ['Cut to the leaf’s width; inside on an in-swing leaf, outside on an out-swing one', 'Ends flush with the leaf.'],
    ['Slots set so that the fin bends a little all along', 'It drags on a bill.'],
  ],
  magnetic: [
    ['Screw the carrier to head and strike side, the magnet facing the leaf’s steel', 'It pulls up without a push.'],
    ['Shut it lightly three times', 'It closes the last bit by itself.'],
  ],
  drop: [
    ['Rout the groove, or set the case on the face', 'Groove even in depth.'],
    ['Cut from the end away from the button', 'The button’s end stays whole.'],
    [
      'Turn the button out until the bar touches evenly; its end drops first, which is no fault',
      'A bill drags at both ends.',
    ],
  ],
  'u-shoe': [
    ['Predrill the metal; feel under the old sweep for missing fins', 'Holes clear the fins.'],
    [
      'A bead inside; hold it off the face and push straight up so that the bead is not wiped off',
      'The bead is whole.',
    ],
    ['Seal the seam to the face with soft sealant; leave the ends open to drain', 'Bedded, sealed, draining.'],
  ],
  'threshold-cap': [
    ['Screws loose, cap to the lowest, door shut', 'The leaf clears it.'],
    ['Raise it at each screw until a bill drags', 'It drags and does not tear, at every screw.'],
  ],
  'bottom-stop': [
    ['Two halves flush within {contact-even}, thin packers under them for height', 'Level with the leaf’s bottom.'],
    ['Run the bulb’s slot on under the side stops; mitre the bulb', 'The bulb is in one piece.'],
    ['Weight it until the bond has cured', 'Not stepped on before.'],
  ],
  corner: [
    ['A dab of sealant, then the pad, its lower edge level with the cap', 'It touches sweep, stop and threshold.'],
  ],
  acoustic: [
    ['Soft acoustic sealant behind the frame all round first', 'No gap, however small.'],
    ['Screw the carrier with the door shut lightly; corners meet without a gap', 'No light shows in the dark.'],
  ],
  intumescent: [
    ['Let it into its groove, listing mark to be seen', 'It stands back from the face as its sheet says.'],
    ['Nothing is cut that its listing does not allow', 'Leaf and frame stay whole.'],
  ],
  smoke: [
    ['Fix it without a break round head and sides', 'Unbroken at hinges and lock as its sheet says.'],
    ['Shut the door from any angle', 'It closes and latches by itself.'],
  ],
}
