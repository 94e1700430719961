import { type Difference, differencesOf } from '../base/differences'
import type { OrderLine } from './order'

/** What is no part of what is ordered: how it came about, and by which version of the core it was worked out. */
const BESIDE: ReadonlySet<string> = new Set(['core', 'compared', 'risks'])

/** What changed from one line to another, as far as it changes what is ordered. */
export const changesOf = (a: OrderLine, b: OrderLine): readonly Difference[] =>
  differencesOf(a, b).filter(one => !BESIDE.has(one.path.split(/[.[]/)[0]!))

/** Whether two lines order the same, in whatever order their members stand. */
export const isSameLine = (a: OrderLine, b: OrderLine): boolean => changesOf(a, b).length === 0
