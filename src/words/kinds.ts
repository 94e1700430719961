import type { Family, UnitKind } from '@/core/base/kinds'
import type { Way } from '@/core/survey/ways'

// What kinds of door there are and by which ways they are measured, in words.

export const FAMILY_NAMES: Readonly<Record<Family, { readonly name: string; readonly what: string }>> = {
  'hinged-outside': { name: 'Hinged outside unit', what: 'One leaf in a prehung frame, in- or out-swing.' },
  pair: { name: 'Pair', what: 'Two hinged leaves that meet.' },
  sidelights: { name: 'With sidelights', what: 'A hinged leaf with fixed panels beside it; a hinged patio door too.' },
  storm: { name: 'Storm, screen, security', what: 'A second door on the outside trim: brickmould to brickmould.' },
  slider: { name: 'Patio slider', what: 'Panels that slide past each other.' },
  'steel-leaf': { name: 'Steel leaf', what: 'A hollow-metal leaf for a frame that stays.' },
  'steel-frame': { name: 'Steel frame and leaf', what: 'Hollow metal with its frame round the wall.' },
  interior: { name: 'Interior door, lock set', what: 'Inside the house: leaf, flat jambs, lock case.' },
  'seal-only': { name: 'Seal only', what: 'The old door stays and is sealed.' },
}

/** What a kind of unit is called: its opening's name, but for what is no door. */
export const unitKindName = (kind: UnitKind): string =>
  kind === 'lock-set' ? 'Lock set' : kind === 'interior' ? 'Interior door' : FAMILY_NAMES[kind].name

/** What the size of a unit is a size of. */
export const SIZE_NAMES: Readonly<Record<UnitKind, string>> = {
  'hinged-outside': 'Unit size, outside of frame',
  pair: 'Unit size, outside of frame',
  sidelights: 'Unit size, outside of frame',
  storm: 'Door, at its largest',
  slider: 'Unit size, outside of frame',
  'steel-leaf': 'Leaf',
  'steel-frame': 'Unit size, outside of frame',
  interior: 'Unit size, outside of frame',
  'lock-set': 'Faceplate',
}

export const WAY_NAMES: Readonly<Record<Way, { readonly name: string; readonly when: string }>> = {
  pocket: { name: 'Pocket', when: 'The old door is there and the trim stays on.' },
  'pencil-mark': { name: 'Pencil mark', when: 'The trim stays on and shows the edge of the jamb.' },
  'outside-face': { name: 'Outside face', when: 'There is no access inside.' },
  'trim-off': { name: 'Trim off', when: 'The casing is off, or the frame is suspect: stud to stud.' },
  core: { name: 'Core', when: 'The leaf itself: out-swinging utility doors, steel leaves, doors that stay.' },
  masonry: { name: 'Masonry', when: 'Block or brick without wood framing: block to block.' },
  brickmould: { name: 'Brickmould', when: 'What a storm or screen door stands in: trim to trim.' },
}
