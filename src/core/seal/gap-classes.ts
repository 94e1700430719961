import { type Length, mm, ZERO } from '../units/length'

/** What a gap is when nobody can read it: by what goes into it. Each a reading with how far it may be off. Source: common trade practice. */
export const GAP_CLASSES = {
  tight: { value: ZERO, deviation: null },
  light: { value: mm(0.5), deviation: mm(0.5) },
  bill: { value: mm(2), deviation: mm(1) },
  pencil: { value: mm(7), deviation: mm(1) },
  finger: { value: mm(14), deviation: mm(3) },
} as const satisfies Readonly<Record<string, { readonly value: Length; readonly deviation: Length | null }>>
export type GapClass = keyof typeof GAP_CLASSES
export const GAP_CLASS_NAMES = Object.keys(GAP_CLASSES) as readonly GapClass[]
