import type { FactName } from '@/core/base/facts'

/** Gives a fact of a finding in words, by its name. */
export type Say = (name: FactName | 'place' | 'assumed' | 'unitPlace') => string
/** What a finding says, and why it matters. */
export type Words = { readonly title: (f: Say) => string; readonly why: (f: Say) => string }

export const words = (title: (f: Say) => string, why: ((f: Say) => string) | string): Words => ({
  title,
  why: typeof why === 'string' ? () => why : why,
})
