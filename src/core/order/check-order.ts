import type { Finding } from '../base/finding'
import { goesIn, type Offer } from '../catalogue/judge-unit'
import type { Specification } from '../specification/specify'
import type { Wishes } from '../specification/wishes'
import type { Survey } from '../survey/survey'
import type { OrderLine } from './order'

export type OrderCode =
  | 'order-missing'
  | 'order-does-not-fit'
  | 'order-reading-suspect'
  | 'order-unchecked'
  | 'order-hand'
  | 'order-edge'
  | 'order-differs'
  | 'order-hole-assumed'

/** What a kind of door must have settled, and whether its jamb must be known. */
type Asked = { readonly settles: readonly ('hinges' | 'swing' | 'bore')[]; readonly hasJamb: boolean }

/** What stands in the way of releasing a line (stop), and what is risky (watch). Empty means it can go. */
export function checkOrder(
  specification: Specification,
  wishes: Wishes,
  offer: Offer | null,
  findings: readonly Finding[],
  { settles, hasJamb }: Asked,
): readonly Finding<OrderCode>[] {
  const missing = [
    ...(specification.unit ? [] : ['size']),
    ...settles.filter(name => wishes[name] === null),
    ...(!hasJamb || specification.jamb ? [] : ['wall']),
    ...(offer ? [] : ['unit']),
  ]
  return [
    ...missing.map((what): Finding<OrderCode> => make('order-missing', 'stop', { what })),
    ...(offer && !goesIn(offer) ? [make('order-does-not-fit', 'stop', { article: offer.unit.article })] : []),
    ...findings.flatMap(one => riskOf(one) ?? []),
    ...uncheckedRisk(findings),
    ...(offer && offer.verdict === 'tight' ? [make('order-edge', 'watch', { article: offer.unit.article })] : []),
  ]
}

function make(
  code: OrderCode,
  severity: 'watch' | 'stop',
  facts: Finding['facts'],
  place = 'order',
): Finding<OrderCode> {
  return { code, place, severity, facts, rule: 'completeness', cures: [] }
}

function riskOf({ code, place }: Finding): Finding<OrderCode> | null {
  switch (code) {
    case 'reading-suspect':
      return make('order-reading-suspect', 'stop', { slot: place }, place)
    case 'ways-disagree':
      return make('order-differs', 'stop', { slot: place }, place)
    case 'hand-conventions':
      return make('order-hand', 'watch', {}, place)
    case 'hole-assumed':
      return make('order-hole-assumed', 'watch', {}, place)
    default:
      return null
  }
}

/** All unchecked readings in one line: a list of them would hide what stops the order. */
function uncheckedRisk(findings: readonly Finding[]): readonly Finding<OrderCode>[] {
  const unchecked = findings.filter(one => one.code === 'reading-unchecked')
  const slot = unchecked.map(one => one.facts.slot).join(' ')
  return unchecked.length ? [make('order-unchecked', 'watch', { slot }, unchecked[0]!.place)] : []
}

export const mayRelease = (findings: readonly Finding<OrderCode>[]): boolean =>
  findings.every(one => one.severity !== 'stop')

/** The line as it will be frozen; `null` while something that must be settled is not. */
export function orderLine(
  opening: OrderLine['opening'],
  survey: Survey,
  specification: Specification,
  wishes: Wishes,
  offer: Offer | null,
  risks: readonly Finding<OrderCode>[],
  core: string,
): OrderLine | null {
  const { unit, handing } = specification
  if (!unit || !handing || !offer || !wishes.hinges || !wishes.swing || !mayRelease(risks)) return null
  const last = [...survey.bySlot.values()].reduce((latest, one) => (one.takenAt > latest.takenAt ? one : latest))
  return {
    opening: { id: opening.id, tag: opening.tag, name: opening.name },
    quantity: 1,
    unit: offer.unit,
    derived: { width: unit.width.value, height: unit.height.value },
    roughOpening: { width: unit.roughWidth.value, height: unit.roughHeight.value },
    hinges: wishes.hinges,
    swing: wishes.swing,
    codes: handing,
    wall: specification.jamb?.wanted.value ?? null,
    jambExtension: offer.jamb?.kind === 'extension' ? offer.jamb.difference : null,
    pad: offer.pad,
    preparations: [...offer.preparations],
    cents: offer.cents,
    way: survey.way,
    measuredBy: last.takenBy,
    measuredAt: last.takenAt,
    reason: wishes.chosen?.reason ?? '',
    risks: risks.map(one => one.code),
    core,
  }
}
