import { SCHOOL_ANSWERS, SCHOOL_IDS, type SchoolAnswer, type SchoolId } from './base/schools'
import { type JobResult, job, type OpeningRecords, type Trade } from './job'
import { type Difference, differencesOf } from './order/differences'
import { FAMILY_RULES, type Family } from './survey/families'

const HINGED: readonly SchoolId[] = ['hand-naming']
const FRAMED: readonly SchoolId[] = ['rough-opening']
const OLD_FRAME: readonly SchoolId[] = ['unit-width', 'head-allowance', 'height-start']
const JAMBED: readonly SchoolId[] = ['extension', 'flush-face']
const OUTSIDE: readonly SchoolId[] = ['sill-lumber', 'outside-trim']
const STORM: readonly SchoolId[] = ['storm-judged-by', 'storm-head-gap', 'closer-place']

/** The practices that bear on a kind of door, in the order of the work. */
export function schoolsOf(family: Family): readonly SchoolId[] {
  const { ways, settles, hasJamb, derivesUnit } = FAMILY_RULES[family]
  const bears = new Set<SchoolId>([
    ...(ways.includes('pocket') ? OLD_FRAME : []),
    ...(derivesUnit ? FRAMED : []),
    ...(hasJamb ? JAMBED : []),
    ...(family === 'hinged-outside' || family === 'pair' || family === 'sidelights' ? OUTSIDE : []),
    ...(family === 'storm' ? STORM : []),
    ...(family === 'steel-frame' ? (['throat-too-big'] as const) : []),
    ...(settles.includes('hinges') ? HINGED : []),
  ])
  return SCHOOL_IDS.filter(id => bears.has(id))
}

/** What a choice other than the shipped one changes in an opening. */
export type SchoolEffect = {
  readonly id: SchoolId
  /** The shipped practice it stands in place of. */
  readonly instead: SchoolAnswer
  /** First as it would be by the shipped practice, second as it is. */
  readonly differences: readonly Difference[]
}

/** For every practice that is not the shipped one: what would be otherwise with it, all else alike. */
export function schoolEffects(records: OpeningRecords, trade: Trade): readonly SchoolEffect[] {
  const now = job(records, trade)
  const figures = figuresOf(now)
  return schoolsOf(records.opening.family).flatMap(id => {
    const instead = SCHOOL_ANSWERS[id][0]
    if (now.schools.answers[id] === instead) return []
    const schools = { ...records.wishes.schools, [id]: instead }
    const shipped = job({ ...records, wishes: { ...records.wishes, schools } }, trade)
    return [{ id, instead, differences: differencesOf(figuresOf(shipped), figures) }]
  })
}

/** What a practice may change, by the names the words know: sizes, jamb, packing, cuts, what is ordered and what is found. */
export function figuresOf({ specification, familySpecification, chosen, line, findings }: JobResult) {
  const { unit, jamb, floor } = specification
  const picked = jamb?.options[jamb.pick]
  return {
    width: unit?.width.value ?? null,
    height: unit?.height.value ?? null,
    roughOpening: unit ? { width: unit.roughWidth.value, height: unit.roughHeight.value } : null,
    jamb: picked?.jamb ?? null,
    pad: floor?.pad.value ?? null,
    frame: familySpecification.wrap
      ? { verdict: familySpecification.wrap.verdict, throat: familySpecification.wrap.throat }
      : null,
    cut: chosen?.storm
      ? { headGap: chosen.storm.headGap, bottomGap: chosen.storm.bottomGap, closer: chosen.storm.closer }
      : null,
    code: line?.code ?? null,
    padOf: line?.padOf ?? null,
    flushFace: line?.flushFace ?? null,
    outsideTrim: line?.outsideTrim ?? null,
    details: line?.details ?? null,
    verdict: chosen?.verdict ?? null,
    findings: [...findings.diagnose, ...findings.specify].map(one => one.code),
  }
}
