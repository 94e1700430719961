import type { UnitKind } from '../base/kinds'
import type { Detail } from '../specification/wish-values'
import type { MemberValue, SheetOf, UnitMember } from './unit-members'

type Common<K extends UnitKind> = {
  readonly id: string
  readonly kind: K
  /** What else an order names: one value, or several parted by `|` of which one is to be settled. */
  readonly details: { readonly [detail in Detail]?: string }
}

/** A unit of one kind, as its maker's sheet gives it; `null` is "the sheet is silent". Sizes are of what is delivered, from outside: a
 *  frame, bottom of sill to top of head; a leaf; a storm door at its largest; a lock's faceplate. */
export type UnitOf<K extends UnitKind> = Common<K> & SheetOf<K>

type Units = { readonly [K in UnitKind]: UnitOf<K> }
/** A unit a maker offers, of whatever kind. */
export type CatalogueUnit = Units[UnitKind]

/** What a unit's sheet says of a member; `null` where it is silent, or its kind has no such member. */
export const said = <N extends UnitMember>(unit: CatalogueUnit, name: N): MemberValue<N> | null =>
  ((unit as { readonly [member: string]: unknown })[name] ?? null) as MemberValue<N> | null

/** Whose figure a sheet's is, as a trace names it. */
export const originOf = ({ maker, article }: Pick<CatalogueUnit, 'maker' | 'article'>): string => `${maker} ${article}`
