import type { Length } from '../units/length'
import { SCHOOL_IDS, type SchoolId, type Schools } from './schools'
import type { TradeLengthId, TradeLengths } from './trade-lengths'

type Lengths = { readonly [id in TradeLengthId]?: Length }

/** The lengths a practice sets, by question and answer. */
export type SchoolLengths = { readonly [id in SchoolId]?: { readonly [answer: string]: Lengths } }

/** The trade's lengths by the practices that hold; their source then says which practice it is. */
export function lengthsBySchool(lengths: TradeLengths, schools: Schools, set: SchoolLengths): TradeLengths {
  const changed = SCHOOL_IDS.flatMap(id => {
    const own = set[id]?.[schools.answers[id]] ?? {}
    const source = { kind: 'default', text: `practice: ${id.replaceAll('-', ' ')}`, checked: true } as const
    return Object.entries(own).map(([name, value]) => [name, { id: name, value, source }])
  })
  return changed.length ? { ...lengths, ...Object.fromEntries(changed) } : lengths
}
