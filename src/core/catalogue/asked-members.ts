import type { Member } from './member'

const ASKING = ['asking'] as const

/** What a maker asks for when its unit is set. */
export const ASKED_MEMBERS = {
  asksPan: { of: 'yes', column: 'asks pan', in: ASKING, ordered: false, alsoCalled: ['sill pan'] },
  asksBeads: { of: 'yes', column: 'asks beads', in: ASKING, ordered: false },
  asksFoam: { of: 'yes', column: 'asks foam', in: ASKING, ordered: false },
  asksHeadScrews: { of: 'yes', column: 'asks head screws', in: ASKING, ordered: false },
  asksClip: { of: 'yes', column: 'asks clip', in: ASKING, ordered: false, alsoCalled: ['transport clip'] },
} as const satisfies Readonly<Record<string, Member>>
