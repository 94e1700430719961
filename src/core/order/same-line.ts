import { type Difference, differencesOf } from '../base/differences'
import type { OrderLine } from './order'

/** What is no part of what is ordered: who measured it when and by which way, how it came about, what it costs here and why it was
 *  chosen. None of it is the maker's business, and none opens an order again. */
const BESIDE: ReadonlySet<string> = new Set([
  'core',
  'compared',
  'risks',
  'wentOn',
  'traces',
  'way',
  'measuredBy',
  'measuredAt',
  'reason',
  'cents',
  'preparations',
  'derived',
])

/** What changed from one line to another, as far as it changes what is ordered. */
export const changesOf = (a: OrderLine, b: OrderLine): readonly Difference[] =>
  differencesOf(a, b).filter(one => !BESIDE.has(one.path.split(/[.[]/)[0]!))

/** Whether two lines order the same, in whatever order their members stand. */
export const isSameLine = (a: OrderLine, b: OrderLine): boolean => changesOf(a, b).length === 0
