import { worstFirst } from './base/finding'
import { remembered } from './base/stage'
import { offerUnits, requestOf } from './catalogue/offered'
import { diagnoseOpening } from './diagnosis/diagnose-opening'
import { DOORS, JUDGES } from './doors/doors'
import { fitOpening } from './fit/fitted'
import { planTests } from './handover/plan-tests'
import { chanceOf, judgeStanding } from './opening/judge-standing'
import { measure } from './opening/measure'
import { deliveryOf } from './order/delivery'
import { orderOpening } from './order/ordered'
import { sealOpening } from './seal/sealed'
import { specifyOpening } from './specification/specified'
import { CORE_VERSION, type OpeningRecords, type Trade, termsOf } from './terms'
import { chosenOf, offerTrade, specifyTrade, type Work } from './work-parts'

export type { FindingCode, Work } from './work-parts'

/** The arrows that cost something remember their last answer: a change works out anew only what lies behind it. */
const arrows = () => ({
  terms: remembered(termsOf),
  measure: remembered(measure),
  chosen: remembered(chosenOf),
  specify: remembered(specifyOpening),
  request: remembered(requestOf),
  offer: remembered(offerUnits),
  specifyTrade: remembered(specifyTrade),
  offerTrade: remembered(offerTrade),
})

/** A bench at which the work on one opening is done again and again while it changes. */
export function workbench(): (records: OpeningRecords, trade: Trade, now: string) => Work {
  const to = arrows()
  return (records, trade, now) => {
    const { opening, readings, answers, wishes, order, log } = records
    const door = DOORS[opening.family]
    const terms = to.terms(wishes, records.allowances, trade)
    const { lengths } = terms

    // what was read → the opening it is of
    const measured = to.measure(
      door.survey,
      door.specify.derivesUnit,
      wishes.way,
      readings,
      answers,
      lengths,
      trade.locks,
    )
    const { survey, model } = measured.value

    // → the unit it wants, its leaf, jamb, floor and hand
    const chosen = to.chosen(trade.units, order.chosen?.unit ?? null, door)
    const specified = to.specify(
      door.specify,
      door.survey,
      measured.value,
      chosen?.sheet ?? null,
      wishes,
      order.details.anchors,
      terms,
      to.specifyTrade(trade),
    )
    const { further, hole } = specified.value

    // → every unit of the catalogue as it would stand there
    const request = to.request(
      door,
      JUDGES,
      survey,
      specified.value,
      wishes,
      records.fit.shift,
      terms,
      to.offerTrade(trade),
    )
    const offered = to.offer(door.takes, trade.units, chosen?.unit.id ?? null, specified.value, request)
    const chance = judgeStanding(model, offered.stood, survey, lengths, trade.numbers['sure-chance'])

    // → what is wrong with the opening itself
    const { derivesUnit } = door.specify
    const diagnosed = diagnoseOpening(
      { derivesUnit, ...door.survey },
      measured.value,
      specified.value,
      wishes.subfloor,
      terms,
    )

    // → what is ordered, and what stands in its way
    const ordered = orderOpening({
      opening,
      ways: door.survey.ways,
      specify: door.specify,
      of: chosen?.door.order ?? null,
      survey,
      specified: specified.value,
      offered,
      wishes,
      choices: order,
      terms,
      firm: trade.firm,
      findings: [...measured.findings, ...diagnosed, ...specified.findings],
      core: CORE_VERSION,
    })

    // → where it is packed and fastened, step by step
    const unit = chosen?.unit as never
    const fitted = fitOpening({
      of: door.fit,
      chosen: offered.chosen,
      frame: chosen?.door.frame(unit) ?? null,
      sheet: chosen?.sheet?.sheet ?? null,
      hasCap: chosen?.door.asks(unit).hasCap ?? false,
      survey,
      specified: specified.value,
      wishes,
      chance: chanceOf(hole, offered.stood, lengths),
      delivery: deliveryOf(opening.id, records.orders, records.receipts),
      log,
      now,
      lengths,
      flats: trade.flats,
      hingeTrade: trade.hinges,
      steps: trade.steps,
    })

    // → what is sealed on which edge
    const sealed = sealOpening({
      of: door.seal,
      survey,
      readings,
      answers,
      leaf: further.leaf,
      hinges: wishes.hinges,
      choice: records.seal,
      log,
      seals: trade.seals,
      material: chosen?.sheet ? chosen.unit.material : wishes.material,
      latchLimitN: trade.numbers['latch-force'],
      lengths,
    })

    // → what proves it
    const handed = planTests({
      of: chosen?.door.tests ?? door.tests,
      tests: trade.tests,
      swing: wishes.swing,
      lengths,
      numbers: trade.numbers,
      log,
    })

    return {
      door,
      terms,
      measure: { value: measured.value, findings: worstFirst([...measured.findings, ...chance]) },
      diagnose: { value: null, findings: worstFirst(diagnosed) },
      specify: { value: specified.value, findings: worstFirst(specified.findings) },
      order: { value: ordered.value, findings: worstFirst(ordered.findings) },
      fit: { value: fitted.value, findings: worstFirst(fitted.findings) },
      seal: { value: sealed.value, findings: worstFirst(sealed.findings) },
      handover: { value: handed.value, findings: worstFirst(handed.findings) },
    }
  }
}

/** The whole work on one opening, once. `now` is ISO 8601. */
export const work = (records: OpeningRecords, trade: Trade, now: string): Work => workbench()(records, trade, now)
