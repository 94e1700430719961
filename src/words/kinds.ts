import type { Family, UnitKind } from '@/core/base/kinds'
import type { Way } from '@/core/survey/ways'

// What kinds of door there are and by which ways they are measured, in words.

export const FAMILY_NAMES: Readonly<Record<Family, { readonly name: string; readonly what: string }>> = {
  'hinged-outside': { name: 'Hinged outside unit', what: 'One leaf in a prehung frame, in- or out-swing.' },
  pair: { name: 'Pair', what: 'Two hinged leaves that meet.' },
  sidelights: { name: 'With sidelights', what: 'A hinged leaf with fixed panels beside it; a hinged patio door too.' },
  storm: { name: 'Storm, screen, security', what: 'A second door that stands in the trim outside: from trim to trim.' },
  slider: { name: 'Patio slider', what: 'Panels that slide past each other.' },
  'steel-leaf': { name: 'Steel leaf', what: 'A hollow-metal leaf for a frame that stays.' },
  'steel-frame': { name: 'Steel frame and leaf', what: 'Hollow metal with its frame round the wall.' },
  interior: { name: 'Interior door', what: 'Inside the house: a leaf in flat jambs.' },
  'lock-set': { name: 'Lock set', what: 'A lock for a leaf that stays.' },
  'seal-only': { name: 'Seal only', what: 'The old door stays and is sealed: one hinged leaf.' },
  'seal-pair': { name: 'Seal only, pair', what: 'Two old leaves stay and are sealed.' },
  'seal-slider': { name: 'Seal only, slider', what: 'An old sliding panel stays and is sealed.' },
}

/** What a kind of unit is called: its opening's name. */
export const unitKindName = (kind: UnitKind): string => FAMILY_NAMES[kind].name

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

/** Each way by what is measured, from what to what. */
export const WAY_NAMES: Readonly<Record<Way, { readonly name: string; readonly when: string }>> = {
  pocket: { name: 'Rebate to rebate', when: 'The old door is there and the trim stays on.' },
  'pencil-mark': { name: 'Marked frame edges', when: 'The trim stays on and shows the edge of the jamb.' },
  'outside-face': { name: 'Stop to stop, outside', when: 'There is no access inside.' },
  'trim-off': { name: 'Stud to stud', when: 'The casing is off, or the frame is suspect.' },
  core: { name: 'The leaf itself', when: 'Out-swinging utility doors, steel leaves, doors that stay.' },
  masonry: { name: 'Block to block', when: 'Block or brick without wood framing.' },
  brickmould: { name: 'Trim to trim', when: 'What a storm or screen door stands in.' },
  'lock-edge': { name: 'The leaf’s edge', when: 'Only the lock is changed.' },
}
