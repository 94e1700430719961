import type { Member } from './member'

const ASKING = ['asking'] as const

const HUNG = ['hung'] as const

/** What a maker asks for when its unit is set, and how the hinges of its leaf are turned then. */
export const ASKED_MEMBERS = {
  hingeTurn: {
    of: 'length',
    column: 'hinge screw per turn',
    in: HUNG,
    ordered: false,
    alsoCalled: ['hinge adjustment per turn'],
  },
  hingesApart: { of: 'yes', column: 'hinge screws each by itself', in: HUNG, ordered: false },
  asksPan: { of: 'yes', column: 'asks pan', in: ASKING, ordered: false, alsoCalled: ['sill pan'] },
  asksBeads: { of: 'yes', column: 'asks beads', in: ASKING, ordered: false },
  asksFoam: { of: 'yes', column: 'asks foam', in: ASKING, ordered: false },
  asksHeadScrews: { of: 'yes', column: 'asks head screws', in: ASKING, ordered: false },
  asksClip: { of: 'yes', column: 'asks clip', in: ASKING, ordered: false, alsoCalled: ['transport clip'] },
} as const satisfies Readonly<Record<string, Member>>
