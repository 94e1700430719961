import { addDays, format, isWeekend, nextMonday, parseISO } from 'date-fns'
import { goesIn } from './catalogue/judge-unit'
import type { Offer } from './catalogue/offer'
import { said } from './catalogue/unit'
import { detailChoices } from './catalogue/unit-values'
import { doorOfUnit } from './doors/doors'
import { drawnOf, lookOf } from './draw'
import { dressedScene } from './drawing/dressed'
import { elevation } from './drawing/elevation'
import type { OfferedChoice, OfferedRepair } from './sharing/share'
import { planRepair, type RepairRates } from './specification/repair'
import { panelsSaid } from './specification/wall-rules'
import type { OpeningRecords, Trade } from './terms'
import type { Work } from './work'

/** The first working day on which what is ordered on a day, `YYYY-MM-DD`, can be fitted. */
export function earliestDay(today: string, days: number): string {
  const there = addDays(parseISO(today), days)
  return format(isWeekend(there) ? nextMonday(there) : there, 'yyyy-MM-dd')
}

/** The units a customer may choose among, in the order they were picked, each drawn in the opening; what does not go in is left out. */
export function offeredChoices(
  work: Work,
  records: OpeningRecords,
  picked: readonly string[],
  today: string,
): readonly OfferedChoice[] {
  const { offers } = work.order.value
  return picked.flatMap(id => {
    const offer = offers.find(one => one.unit.id === id)
    return offer && goesIn(offer) ? [choiceOf(work, records, offer, today)] : []
  })
}

function choiceOf(work: Work, records: OpeningRecords, offer: Offer, today: string): OfferedChoice {
  const { unit, cents, days, minutes, preparations } = offer
  const { details } = unit
  // What is settled of the chosen unit is no longer chosen among.
  const settled = records.order.chosen?.unit === unit.id ? records.order.details : {}
  const of = (detail: 'style' | 'colour-outside' | 'colour-inside' | 'hinge-finish') =>
    detailChoices(settled[detail] ?? details[detail])
  const colours = of('colour-outside').length > 0 ? of('colour-outside') : of('colour-inside')
  const style = of('style')[0] ?? ''
  const look = lookOf(unit, style ? { style } : {})
  const drawn = drawnOf(work, records.wishes, offer)
  const door = doorOfUnit(unit)
  const { survey } = work.measure.value
  const activeLeaf = sideSaid(survey.facts.get('fact.active-leaf')?.code)
  const hand = {
    hinges: records.wishes.hinges,
    activeLeaf,
    panels: panelsSaid(survey),
  }
  return {
    id: unit.id,
    maker: unit.maker,
    article: unit.article,
    name: unit.name,
    width: unit.width,
    height: unit.height,
    cents: cents.total,
    days,
    earliest: earliestDay(today, days),
    minutes,
    work: preparations.map(one => ({ id: one.id, amount: one.amount })),
    style,
    glass: look.hasGlass ? String(said(unit, 'glass')) : '',
    colours,
    metal: of('hinge-finish')[0] ?? '',
    scene: dressedScene(elevation(drawn, 'handover'), door.front(unit as never, hand), look),
  }
}

const sideSaid = (code: string | undefined): 'left' | 'right' | null =>
  code === 'left' || code === 'right' ? code : null

/** What it takes to keep the old door, as a customer is told it; `null` where nothing was said that can be repaired. */
export function offeredRepair(
  { wishes }: Pick<OpeningRecords, 'wishes'>,
  rates: RepairRates,
  trade: Pick<Trade, 'rates'>,
): OfferedRepair | null {
  const plan = planRepair(wishes.visit, rates, trade.rates.centsPerHour)
  return (
    plan && { cents: plan.cents, items: plan.repairs.map(({ id, count, isCosmetic }) => ({ id, count, isCosmetic })) }
  )
}
