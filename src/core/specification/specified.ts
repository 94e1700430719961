import type { SchoolId, Schools } from '../base/schools'
import type { Stage } from '../base/stage'
import type { Leaf } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import { assumedOpening, type ModelledOpening } from '../opening/model-opening'
import type { AdjustedOpening } from '../opening/opening'
import { type Survey, waysRead } from '../survey/survey'
import type { SurveyOf } from '../survey/survey-of'
import type { Length } from '../units/length'
import { deriveFurther, type Further, type FurtherCode, type FurtherTrade } from './further'
import type { LeafSheet, SheetLeaf } from './hung-leaf'
import { judgeVisit, type VisitCode } from './judge-visit'
import { type Specification, type SpecificationCode, specify, unitBy } from './specify'
import type { SpecifyOf } from './specify-of'
import type { Wishes } from './wishes'

/** What the opening, the wishes and the chosen unit's leaf lead to. */
export type Specified = {
  readonly specification: Specification
  readonly further: Further
  /** The hole to place a unit in: the modelled one where it was read, block to block in masonry; else an assumed one. */
  readonly hole: AdjustedOpening | null
  readonly holeIsAssumed: boolean
  readonly hasBucks: boolean
}

export type SpecifiedTrade = FurtherTrade & {
  readonly jambStandards: readonly Length[]
  readonly garageMinutes: number
}

/** The chosen unit as far as it specifies: its leaf, and its mass. */
export type ChosenSheet = SheetLeaf & { readonly sheet: LeafSheet; readonly massKg: number | null }

/** Derives size, leaf, jamb, floor and hand, and what else the kind asks for. */
export function specifyOpening(
  of: SpecifyOf,
  asked: SurveyOf,
  measured: { readonly survey: Survey; readonly model: ModelledOpening | null },
  chosen: ChosenSheet | null,
  wishes: Wishes,
  anchors: string | undefined,
  { schools, lengths }: { readonly schools: Schools; readonly lengths: TradeLengths },
  trade: SpecifiedTrade,
): Stage<Specified, SpecificationCode | FurtherCode | VisitCode> {
  const { survey, model } = measured
  const way = waysRead(survey, [wishes.way, ...asked.ways])[0] ?? wishes.way
  const countsDrop = schools.answers['height-start' satisfies SchoolId] === 'finished-floor'
  const specification = specify({
    survey,
    way,
    wishes,
    lengths,
    of,
    jambStandards: trade.jambStandards,
    garageMinutes: trade.garageMinutes,
    anchors,
    leafBottom: chosen ? bottomOf(chosen) : null,
    countsDrop,
    flushFace: schools.answers['flush-face'],
  })
  const leaf = of.leaf({
    survey,
    lengths,
    unit: chosen,
    derived: of.derivesUnit ? unitBy(survey, way, lengths, countsDrop) : null,
  })
  const further = deriveFurther(of.further, {
    survey,
    wishes,
    lengths,
    leaf,
    unitKg: chosen?.massKg ?? null,
    opening: model?.adjusted ?? null,
    isExterior: of.isExterior,
    trade,
  })
  const hole = holeOf(model, specification, lengths)
  return {
    value: {
      specification,
      further: further.value,
      hole,
      holeIsAssumed: !model?.isHole,
      hasBucks: model?.way === 'masonry',
    },
    findings: [...specification.findings, ...further.findings, ...judgeVisit(wishes, of, survey)],
  }
}

const bottomOf = ({ sheet, origin }: ChosenSheet): Leaf | null =>
  sheet.leafBottom === null ? null : { kind: 'unit', name: 'leafBottom', value: sheet.leafBottom, origin }

function holeOf(model: ModelledOpening | null, { unit }: Specification, lengths: TradeLengths): AdjustedOpening | null {
  if (model?.isHole) return model.adjusted
  return unit ? assumedOpening(unit.roughWidth.value, unit.roughHeight.value, lengths) : null
}
