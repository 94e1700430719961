import type { Finding } from './base/finding'
import type { UnitKind } from './base/kinds'
import type { Stage } from './base/stage'
import type { NearCode } from './catalogue/near-limits'
import type { OfferCode } from './catalogue/offer'
import type { OfferTrade } from './catalogue/offered'
import { type CatalogueUnit, originOf } from './catalogue/unit'
import type { PlumbCode } from './diagnosis/check-plumb'
import type { DiagnosisCode } from './diagnosis/diagnose'
import type { Door, UnitDoor } from './doors/door'
import { doorOfUnit } from './doors/doors'
import type { FitCode, Fitted } from './fit/fitted'
import type { Handover, HandoverCode } from './handover/plan-tests'
import type { ChanceCode } from './opening/judge-chance'
import type { MeasureCode, Measured } from './opening/measure'
import type { OrderCode } from './order/check-order'
import type { Ordered } from './order/ordered'
import type { SealCode } from './seal/plan-seals'
import type { SealStep } from './seal/seal-steps'
import type { Sealed } from './seal/sealed'
import type { FurtherCode } from './specification/further'
import type { VisitCode } from './specification/judge-visit'
import type { ChosenSheet, Specified, SpecifiedTrade } from './specification/specified'
import type { SpecificationCode } from './specification/specify'
import type { Terms, Trade } from './terms'

export type FindingCode =
  | MeasureCode
  | ChanceCode
  | NearCode
  | DiagnosisCode
  | PlumbCode
  | SpecificationCode
  | FurtherCode
  | VisitCode
  | OfferCode
  | OrderCode
  | FitCode
  | SealCode
  | HandoverCode

/** What the core says about one opening, stage by stage. */
export type Work = {
  readonly door: Door
  readonly terms: Terms
  readonly measure: Stage<Measured, FindingCode>
  readonly diagnose: Stage<null, FindingCode>
  readonly specify: Stage<Specified, FindingCode>
  readonly order: Stage<Ordered, FindingCode>
  readonly fit: Stage<Fitted, FindingCode>
  readonly seal: Stage<Sealed & { readonly steps: readonly SealStep[] }, FindingCode>
  readonly handover: Stage<Handover, FindingCode>
}

/** The unit that was chosen, with what its kind answers; `null` where none was, or it left the catalogue. */
export type Chosen = {
  readonly unit: CatalogueUnit
  readonly door: UnitDoor<UnitKind>
  /** Its leaf, where it brings one. */
  readonly sheet: ChosenSheet | null
}

export function chosenOf(units: readonly CatalogueUnit[], id: string | null, { takes }: Door): Chosen | null {
  const unit = units.find(one => one.id === id && takes.includes(one.kind))
  if (!unit) return null
  const door = doorOfUnit(unit)
  const sheet = door.leaf(unit as never)
  const { width, height, massKg } = unit
  return { unit, door, sheet: sheet && { width, height, origin: originOf(unit), sheet, massKg } }
}

/** The places that were read twice and agree. */
export const agreedIn = (findings: readonly Finding[]): ReadonlySet<string> =>
  new Set(findings.filter(one => one.code === 'second-agrees').map(one => one.place))

export const specifyTrade = ({
  hinges,
  fillers,
  locks,
  numbers,
  twoClosersKg,
  jambStandards,
}: Trade): SpecifiedTrade => ({
  hinges,
  fillers,
  locks,
  crewLiftKg: numbers['crew-lift'].value,
  twoClosersKg,
  jambStandards,
  garageMinutes: numbers['garage-minutes'].value,
})

export const offerTrade = ({ jambStandards, rates, numbers, fillers }: Trade): Omit<OfferTrade, 'units'> => ({
  jambStandards,
  rates,
  garageMinutes: numbers['garage-minutes'].value,
  fillers,
})
