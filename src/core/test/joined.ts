import type { Family } from '../base/kinds'
import type { CatalogueUnit } from '../catalogue/unit'
import type { Length } from '../units/length'
import { GAP_PLACES } from './edges'
import { done, fact, records, type Settled, TRUE_OPENING, trade, unit } from './fixtures'

// Openings for the tests of what is handed from one sum to the next.

/** The usual unit, chosen. */
export const CHOSEN = { chosen: { unit: unit().id, reason: '' } }
export const FULL = TRUE_OPENING
export type Texts = { readonly [slot: string]: string }
/** The work on a hinged unit by these readings. */
export const run = (texts: Texts, wished: Partial<Settled> = {}, units: readonly CatalogueUnit[] = [unit()]) =>
  done(records(texts, { ...CHOSEN, ...wished }), trade(units))
/** The same for any kind of door, with facts. */
export const of = (
  family: Family,
  texts: Texts,
  wished: Partial<Settled>,
  units: readonly CatalogueUnit[],
  facts: Texts = {},
) => {
  const own = records(texts, { ...CHOSEN, ...wished })
  const answers = Object.entries(facts).map(([slot, code]) => fact(slot as 'fact.kerf', code))
  return done({ ...own, answers, opening: { ...own.opening, family } }, trade(units))
}
/** A hole of a width and a height, true. */
export const wide = (width: string, height = '82 1/2'): Texts => ({
  ...Object.fromEntries(Object.entries(FULL).filter(([slot]) => !slot.includes('diagonals'))),
  ...Object.fromEntries(['bottom', 'middle', 'top'].map(at => [`trim-off/widths.${at}`, width])),
  ...Object.fromEntries(['left', 'centre', 'right'].map(at => [`trim-off/heights.${at}`, height])),
})
/** A hole read block to block. */
export const BLOCK = (width: string): Texts => ({
  ...Object.fromEntries(['bottom', 'middle', 'top'].map(at => [`masonry/widths.${at}`, width])),
  ...Object.fromEntries(['left', 'centre', 'right'].map(at => [`masonry/heights.${at}`, '82 1/2'])),
})
/** Every gap of a closed door alike. */
export const GAPS = (one: string, more: Texts = {}): Texts => ({
  ...Object.fromEntries(GAP_PLACES.map(slot => [slot, one])),
  ...more,
})
/** An old leaf that stays. */
export const SEAL = { 'core/widths.bottom': '35', 'core/heights.left': '79', 'leaf.thickness': '1 3/4' }
export const codes = (all: readonly { readonly code: string }[]) => all.map(one => one.code)
export const sum = (all: readonly Length[]) => all.reduce((total: number, one) => total + one, 0)
