import type { Finding } from '../base/finding'
import type { Schools } from '../base/schools'
import type { Family } from '../survey/families'
import type { DiagnosisCode } from './diagnose'

/** Of a storm door's opening only what the firm judges by; its range is judged at the order whatever is chosen. */
export function byStormSchool(
  family: Family,
  { answers }: Schools,
  findings: readonly Finding<DiagnosisCode>[],
): readonly Finding<DiagnosisCode>[] {
  const judgedBy = answers['storm-judged-by']
  if (family !== 'storm' || judgedBy === 'all') return findings
  return findings.filter(
    one => (judgedBy === 'square' && one.code === 'square') || (judgedBy === 'plumb' && one.code === 'lean'),
  )
}
