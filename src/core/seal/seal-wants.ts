import type { SealChoice } from './seal-choice'

export { BEDDED, type Bedded } from './bedded'

// What can be chosen of seals: apart from its schema, so that a page can offer it without carrying the parser.

export const NEW_SEAL_CHOICE: SealChoice = {
  edges: {},
  stays: {},
  purposes: [],
  draftMost: null,
  rwLeast: null,
  leafRw: null,
  rules: null,
  bedded: [],
  reasons: {},
  corners: false,
  heatingDegreeDays: 2800,
  centsPerKwh: 14,
  efficiency: 100,
}

/** By what a reason for a seal on an edge, and that it is fitted, is kept. */
export const reasonKey = (edgeId: string, sealId: string): string => `${edgeId}/${sealId}`
