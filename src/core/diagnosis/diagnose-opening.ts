import type { Finding } from '../base/finding'
import type { Schools } from '../base/schools'
import type { TradeLengths } from '../base/trade-lengths'
import { pointsBetween, stockBucks } from '../opening/bucks'
import type { ModelledOpening } from '../opening/model-opening'
import type { Specified } from '../specification/specified'
import type { Wishes } from '../specification/wishes'
import type { Survey } from '../survey/survey'
import { checkPlumb, type PlumbCode } from './check-plumb'
import { type DiagnosisCode, diagnose } from './diagnose'

/** What is wrong with the opening itself, and whether a plumb unit of the derived size has its room in it. */
export function diagnoseOpening(
  of: { readonly derivesUnit: boolean },
  asked: { readonly standsOnTrim: boolean },
  measured: { readonly survey: Survey; readonly model: ModelledOpening | null },
  { specification, hole, holeIsAssumed, hasBucks }: Specified,
  subfloor: Wishes['subfloor'],
  { schools, lengths }: { readonly schools: Schools; readonly lengths: TradeLengths },
): readonly Finding<DiagnosisCode | PlumbCode>[] {
  const { survey, model } = measured
  const isOpening = of.derivesUnit || model?.isHole === true
  const found = model && isOpening ? diagnose(survey, model.adjusted, subfloor, lengths, schools.answers.twist) : []
  const points = hole && (hasBucks ? pointsBetween(hole.points, stockBucks(lengths)) : hole.points)
  return [
    ...(asked.standsOnTrim ? byStormSchool(schools, found) : found),
    ...(points && !holeIsAssumed ? checkPlumb(points, specification.unit, lengths) : []),
  ]
}

/** Of a storm door's opening only what the firm judges by; its range is judged at the order whatever is chosen. */
function byStormSchool(
  { answers }: Schools,
  findings: readonly Finding<DiagnosisCode>[],
): readonly Finding<DiagnosisCode>[] {
  const judgedBy = answers['storm-judged-by']
  if (judgedBy === 'all') return findings
  return findings.filter(
    one => (judgedBy === 'square' && one.code === 'square') || (judgedBy === 'plumb' && one.code === 'lean'),
  )
}
