import type { Length } from '../units/length'
import { SCHOOL_IDS, type SchoolId, type Schools } from './schools'
import type { TradeLengthId, TradeLengths } from './trade-lengths'

type Lengths = { readonly [id in TradeLengthId]?: Length }

/** The lengths a practice sets, by question and answer. */
export type SchoolLengths = { readonly [id in SchoolId]?: { readonly [answer: string]: Lengths } }

/** The trade's lengths by the practices that hold; their source then says which practice it is. */
export function lengthsBySchool(
  lengths: TradeLengths,
  schools: Schools,
  set: SchoolLengths,
  { hasBucks = false }: { readonly hasBucks?: boolean } = {},
): TradeLengths {
  // The room round a unit in masonry counts its bucks: where they are counted by themselves, only their air is left.
  // Without bucks nothing stands tight to them.
  const holds = SCHOOL_IDS.filter(id =>
    hasBucks ? !(id === 'rough-opening' && schools.answers[id] === 'masonry') : id !== 'bucks',
  )
  const changed = holds.flatMap(id => {
    const own = set[id]?.[schools.answers[id]] ?? {}
    const source = { kind: 'default', text: `practice: ${id.replaceAll('-', ' ')}`, checked: true } as const
    return Object.entries(own).map(([name, value]) => [name, { id: name, value, source }])
  })
  return changed.length ? { ...lengths, ...Object.fromEntries(changed) } : lengths
}
