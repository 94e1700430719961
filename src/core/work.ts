import { worstFirst } from './base/finding'
import type { Family } from './base/kinds'
import type { SchoolAnswer } from './base/schools'
import { remembered, rememberedParts, settled } from './base/stage'
import { nearLimits } from './catalogue/near-limits'
import { judgeTaken, offerUnits, requestOf } from './catalogue/offered'
import { diagnoseOpening } from './diagnosis/diagnose-opening'
import type { Door } from './doors/door'
import { DOORS, JUDGES } from './doors/doors'
import { fitOpening } from './fit/fitted'
import { planTests } from './handover/plan-tests'
import { judgeStanding } from './opening/judge-standing'
import { measure } from './opening/measure'
import { orderOpening } from './order/ordered'
import { signedIn } from './order/signed-choice'
import { sealSteps } from './seal/seal-steps'
import { sealOpening } from './seal/sealed'
import { specifyOpening } from './specification/specified'
import { trimStays } from './specification/visit'
import { surveyWhere } from './survey/survey-of'
import { type OpeningRecords, type Trade, termsOf } from './terms'
import {
  closingGiven,
  fitGiven,
  movedGaps,
  orderGiven,
  sealGiven,
  sealStepsGiven,
  testsGiven,
  type Worked,
} from './work-given'
import { agreedIn, chosenOf, offerTrade, specifyTrade, type Work } from './work-parts'

export type { FindingCode, Work } from './work-parts'

/** A kind of door, asked by what becomes of its outside. */
function doorWhere(family: Family, trim: 'keep' | 'strip', face: SchoolAnswer<'flush-face'>): Door {
  const door = DOORS[family]
  const survey = surveyWhere(door.survey, { trim, isFlushOutside: face === 'siding' || face === 'casing' })
  return survey === door.survey ? door : { ...door, survey }
}

/** The arrows remember their last answer: a change works out anew only what lies behind it. */
const arrows = () => ({
  terms: remembered(termsOf),
  door: remembered(doorWhere),
  measure: remembered(measure),
  chosen: remembered(chosenOf),
  specify: remembered(specifyOpening),
  request: settled(requestOf),
  judge: remembered(judgeTaken),
  offer: remembered(offerUnits),
  near: remembered(nearLimits),
  agreed: remembered(agreedIn),
  stand: remembered(judgeStanding),
  diagnose: remembered(diagnoseOpening),
  signed: settled(signedIn),
  order: rememberedParts(orderOpening),
  fit: rememberedParts(fitOpening),
  closing: settled(closingGiven),
  moved: settled(movedGaps),
  seal: rememberedParts(sealOpening),
  sealing: rememberedParts(sealSteps),
  test: rememberedParts(planTests),
  specifyTrade: remembered(specifyTrade),
  offerTrade: remembered(offerTrade),
})

/** A bench at which the work on one opening is done again and again while it changes. */
export function workbench(): (records: OpeningRecords, trade: Trade, now: string) => Work {
  const to = arrows()
  return (records, trade, now) => {
    const { opening, readings, answers, wishes, order, fit } = records
    const terms = to.terms(wishes, records.allowances, trade)
    const { answers: by } = terms.schools
    const door = to.door(opening.family, trimStays(wishes.visit, by['outside-trim']), by['flush-face'])
    const { survey: asked, specify: of } = door
    const { lengths } = terms

    // what was read → the opening it is of
    const measured = to.measure(asked, of.derivesUnit, wishes.way, readings, answers, lengths, trade.locks)
    const { survey, model } = measured.value

    // → the unit it wants, its leaf, jamb, floor and hand
    const chosen = to.chosen(trade.units, order.chosen?.unit ?? null, door)
    const leaf = chosen?.sheet ?? null
    const { anchors } = order.details
    const specified = to.specify(of, asked, measured.value, leaf, wishes, anchors, terms, to.specifyTrade(trade))
    const wanted = specified.value

    // → every unit of the catalogue as it would stand there
    const request = to.request(door, JUDGES, survey, wanted, wishes, terms, to.offerTrade(trade))
    const offers = to.judge(door.takes, trade.units, request)
    const offered = to.offer(offers, chosen?.unit.id ?? null, wanted, request, fit.shift)
    const chance = to.stand(model, offered.stood, survey, lengths, trade.numbers['sure-chance'])

    const agreed = to.agreed(measured.findings)
    const near = to.near(asked, door.site, survey, request, offered.chosen?.unit ?? null, agreed)

    // → what is wrong with the opening itself
    const diagnosed = to.diagnose(of, asked, measured.value, wanted, wishes.subfloor, terms)

    // → what is ordered → where it is packed and fastened → what is sealed → what proves it
    const worked: Worked = { records, trade, door, terms, chosen, measured, specified, offered, diagnosed }
    const ordered = to.order(orderGiven(worked, to.signed(records.log).signed))
    const fitted = to.fit(fitGiven(worked, now))
    const closing = to.closing(door, survey, wanted, chosen, wishes.visit, trade, lengths)
    const sealed = to.seal(sealGiven(worked, { ...closing, ...to.moved(fitted.value.hung) }, now))
    const sealing = to.sealing(sealStepsGiven(worked, fitted.value, sealed.value, now))
    const tested = to.test(testsGiven(worked, fitted.value, sealed.value))

    return {
      door,
      terms,
      measure: { value: measured.value, findings: worstFirst([...measured.findings, ...chance, ...near]) },
      diagnose: { value: null, findings: worstFirst(diagnosed) },
      specify: { value: wanted, findings: worstFirst(specified.findings) },
      order: { value: ordered.value, findings: worstFirst(ordered.findings) },
      fit: { value: fitted.value, findings: worstFirst(fitted.findings) },
      seal: {
        value: { ...sealed.value, steps: sealing.steps },
        findings: worstFirst([...sealed.findings, ...sealing.findings]),
      },
      handover: { value: tested.value, findings: worstFirst(tested.findings) },
    }
  }
}

/** The whole work on one opening, once. `now` is ISO 8601. */
export const work = (records: OpeningRecords, trade: Trade, now: string): Work => workbench()(records, trade, now)
