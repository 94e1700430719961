import type { Member } from './member'

const MOULDED = ['moulded'] as const

/** What a sheet says of the trim its frame comes with. */
export const MOULD_MEMBERS = {
  mouldWidth: {
    of: 'length',
    column: 'brickmould width',
    in: MOULDED,
    ordered: true,
    alsoCalled: ['mould width', 'casing width'],
  },
  mouldSetback: {
    of: 'length',
    column: 'brickmould setback',
    in: MOULDED,
    ordered: true,
    mayBeZero: true,
    alsoCalled: ['mould setback', 'setback'],
  },
} as const satisfies Readonly<Record<string, Member>>
