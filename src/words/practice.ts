import type { Fault } from '@/core/practice/exercise'
import type { GaugePlace, Grade, Latching, Worth } from '@/core/practice/hanging'
import type { Mark } from '@/core/practice/score'
import type { Adjuster } from '@/core/tuning/reveals'
import { hingeWords, REVEAL_NAMES } from './tuning'

export const FAULT_WORDS: Readonly<Record<Fault, string>> = {
  lean: 'both sides lean alike',
  taper: 'narrower at the bottom',
  bulge: 'the left side bulges in',
  'sill-falls': 'the sill falls',
  'sill-crowned': 'the sill is crowned',
  'head-falls': 'the head falls',
}

export const MARK_WORDS: Readonly<Record<Mark, string>> = {
  right: 'right',
  misread: 'misread',
  'left-out': 'left out, though it mattered',
  redundant: 'redundant: it told nothing new',
  'not-needed': 'not needed',
}

/** What an exercise with a hung leaf is called, by grade. */
export const GRADE_NAMES: Readonly<Record<Grade, string>> = {
  '1': '1 · one pack at the strike leg',
  '2': '2 · one card behind a hinge',
  '3': '3 · two of card and foot',
  '4': '4 · hinge side and strike leg',
  '5': '5 · three at once',
  any: 'Anything',
}
export const LATCH_WORDS: Readonly<Record<Latching, string>> = {
  'falls-in': 'It falls into its latch by itself.',
  push: 'It latches with a push.',
  shoulder: 'It wants a shoulder.',
  'does-not-shut': 'It does not shut.',
}
export const WORTH_WORDS: Readonly<Record<Worth, string>> = {
  helped: 'helped',
  nothing: 'did nothing',
  worse: 'made it worse',
}
/** A place a gauge or level is held to. */
export const gaugeName = (place: GaugePlace): string =>
  place === 'level' ? 'Level along the hinge leg' : REVEAL_NAMES[place]
/** What of a leaf can be moved, for a list to choose from. */
export const adjusterName = (adjuster: Adjuster): string => {
  const [what, place] = adjuster.split('.')
  if (what === 'card' || what === 'pack') return `${what === 'card' ? 'Card' : 'Pack'}, ${hingeWords(adjuster)}`
  if (what === 'foot') return 'Foot of the strike leg'
  return `Strike leg, ${place === 'middle' ? 'at the strike' : place}`
}
