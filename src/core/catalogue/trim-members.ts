import type { Member } from './member'
import { CLOSER_PLACES, HANGINGS, STORM_KINDS } from './unit-values'

const TRIM = ['on-trim'] as const

/** What the sheet of a door that stands on the outside trim says. */
export const TRIM_MEMBERS = {
  stormKind: { of: 'text', choices: STORM_KINDS, column: 'storm kind', in: TRIM, needed: TRIM, ordered: true },
  widthLeast: {
    of: 'length',
    column: 'width least',
    in: TRIM,
    needed: TRIM,
    ordered: false,
    alsoCalled: ['min width', 'width min', 'width from'],
  },
  widthMost: {
    of: 'length',
    column: 'width most',
    in: TRIM,
    needed: TRIM,
    ordered: false,
    alsoCalled: ['max width', 'width max', 'width to'],
  },
  heightLeast: {
    of: 'length',
    column: 'height least',
    in: TRIM,
    needed: TRIM,
    ordered: false,
    alsoCalled: ['min height', 'height min', 'height from'],
  },
  heightMost: {
    of: 'length',
    column: 'height most',
    in: TRIM,
    needed: TRIM,
    ordered: false,
    alsoCalled: ['max height', 'height max', 'height to'],
  },
  hanging: { of: 'text', choices: HANGINGS, column: 'hanging', in: TRIM, needed: TRIM, ordered: false },
  deduction: {
    of: 'length',
    column: 'rail deduction',
    in: TRIM,
    needed: TRIM,
    ordered: false,
    mayBeZero: true,
    alsoCalled: ['deduction'],
  },
  headGap: { of: 'length', column: 'head gap', in: TRIM, needed: TRIM, ordered: false, mayBeZero: true },
  bottomGap: { of: 'length', column: 'bottom gap', in: TRIM, needed: TRIM, ordered: false, mayBeZero: true },
  reversible: { of: 'yes', column: 'reversible', in: TRIM, ordered: false },
  handleAt: { of: 'length', column: 'handle at', in: TRIM, ordered: false, alsoCalled: ['handle height'] },
  handleHalf: { of: 'length', column: 'handle half', in: TRIM, ordered: false },
  handleProud: { of: 'length', column: 'handle proud', in: TRIM, ordered: false, alsoCalled: ['handle projection'] },
  closerPin: { of: 'length', column: 'closer pin', in: TRIM, ordered: false },
  closerPlace: { of: 'text', choices: CLOSER_PLACES, column: 'closer place', in: TRIM, ordered: false },
  faceLeast: { of: 'length', column: 'face least', in: TRIM, ordered: false },
  proudLeast: { of: 'length', column: 'proud least', in: TRIM, ordered: false },
  keyInside: { of: 'yes', column: 'key inside', in: TRIM, ordered: false },
} as const satisfies Readonly<Record<string, Member>>
