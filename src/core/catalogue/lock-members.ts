import { FACTS } from '../survey/facts'
import type { Member } from './member'
import { LOCK_KINDS } from './unit-values'

const LOCK = ['locking'] as const

/** What the sheet of a lock set says. */
export const LOCK_MEMBERS = {
  lockKind: {
    of: 'text',
    choices: LOCK_KINDS,
    column: 'lock kind',
    in: LOCK,
    needed: LOCK,
    ordered: true,
  },
  lockFunction: {
    of: 'text',
    choices: FACTS['fact.lock-function'],
    column: 'function',
    in: LOCK,
    needed: LOCK,
    ordered: true,
    alsoCalled: ['lock function'],
  },
  lockBackset: { of: 'length', column: 'lock backset', in: LOCK, needed: LOCK, ordered: true },
  lockCase: { of: 'length', column: 'case', in: LOCK, ordered: true, alsoCalled: ['case depth'] },
  thicknessLeast: { of: 'length', column: 'thickness least', in: LOCK, needed: LOCK, ordered: true },
  thicknessMost: { of: 'length', column: 'thickness most', in: LOCK, needed: LOCK, ordered: true },
} as const satisfies Readonly<Record<string, Member>>
