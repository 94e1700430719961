import { type Difference, differencesOf } from './base/differences'
import type { Finding } from './base/finding'
import type { Family } from './base/kinds'
import { SCHOOL_ANSWERS, SCHOOL_IDS, type SchoolAnswer, type SchoolId } from './base/schools'
import { DOORS } from './doors/doors'
import type { OpeningRecords, Trade } from './terms'
import { type FindingCode, type Work, work } from './work'

/** The practices that bear on a kind of door, in the order of the work. */
export function schoolsOf(family: Family): readonly SchoolId[] {
  const bears = new Set(DOORS[family].practices)
  return SCHOOL_IDS.filter(id => bears.has(id))
}

/** What a choice other than the shipped one changes in an opening. */
export type SchoolEffect = {
  readonly id: SchoolId
  /** The shipped practice it stands in place of. */
  readonly instead: SchoolAnswer
  /** First as it would be by the shipped practice, second as it is. */
  readonly differences: readonly Difference[]
  /** What is found with it and not by the shipped practice, and the other way round. */
  readonly found: readonly Finding<FindingCode>[]
  readonly gone: readonly Finding<FindingCode>[]
  /** Steps that come with it and don't otherwise, and the other way round; those that are waited for
   *  otherwise; whether the others stand in another order. */
  readonly steps: {
    readonly found: readonly string[]
    readonly gone: readonly string[]
    readonly waits: readonly string[]
    readonly isReordered: boolean
  }
}

/** For every practice that is not the shipped one: what would be otherwise with it, all else alike. */
export function schoolEffects(records: OpeningRecords, trade: Trade, now: string): readonly SchoolEffect[] {
  const standing = work(records, trade, now)
  const figures = figuresOf(standing)
  const { answers } = standing.terms.schools
  return schoolsOf(records.opening.family).flatMap(id => {
    const instead = SCHOOL_ANSWERS[id][0]
    if (answers[id] === instead) return []
    const schools = { ...records.wishes.schools, [id]: instead }
    const shipped = work({ ...records, wishes: { ...records.wishes, schools } }, trade, now)
    const [usually, here] = [foundIn(shipped), foundIn(standing)]
    return [
      {
        id,
        instead,
        differences: comparedTo(figuresOf(shipped), figures),
        found: without(here, usually),
        gone: without(usually, here),
        steps: stepsChanged(workedBy(shipped), workedBy(standing)),
      },
    ]
  })
}

const foundIn = ({ diagnose, specify }: Work): readonly Finding<FindingCode>[] => [
  ...diagnose.findings,
  ...specify.findings,
]

/** What is done in order: the steps, and the places that are screwed. */
const workedBy = ({ fit }: Work) => ({
  steps: fit.value.steps.map(one => one.id),
  waits: new Map(fit.value.steps.map(one => [one.id, JSON.stringify(one.wait)])),
  screws: fit.value.screwOrder,
})

function stepsChanged(usually: ReturnType<typeof workedBy>, here: ReturnType<typeof workedBy>): SchoolEffect['steps'] {
  const found = here.steps.filter(id => !usually.steps.includes(id))
  const gone = usually.steps.filter(id => !here.steps.includes(id))
  const kept = (ids: readonly string[], others: readonly string[]) => ids.filter(id => others.includes(id)).join(' ')
  const isReordered =
    kept(here.steps, usually.steps) !== kept(usually.steps, here.steps) ||
    here.screws.join(' ') !== usually.screws.join(' ')
  const waits = here.steps.filter(id => usually.waits.has(id) && usually.waits.get(id) !== here.waits.get(id))
  return { found, gone, waits, isReordered }
}

/** Findings of the first that the second has not: another code, or another place. */
const without = (first: readonly Finding<FindingCode>[], second: readonly Finding<FindingCode>[]) =>
  first.filter(one => !second.some(other => other.code === one.code && other.place === one.place))

/** Where one of the two can't be ordered yet, that is the difference; what its line would hold is not. */
function comparedTo(first: Figures, second: Figures): readonly Difference[] {
  if (first.release === second.release) return differencesOf(first, second)
  return differencesOf({ ...first, ...NO_LINE }, { ...second, ...NO_LINE })
}

type Figures = ReturnType<typeof figuresOf>
const NO_LINE = { code: null, padOf: null, flushFace: null, outsideTrim: null, details: null } as const

/** What a practice may change, by the names the words know: sizes, jamb, packing, cuts, bedding and what is ordered. */
export function figuresOf({ specify, order, fit }: Pick<Work, 'specify' | 'order' | 'fit'>) {
  const { specification, further } = specify.value
  const { unit, jamb, pad } = specification
  const { chosen, line } = order.value
  const picked = jamb?.options[jamb.pick]
  return {
    width: unit?.width.value ?? null,
    height: unit?.height.value ?? null,
    roughOpening: unit ? { width: unit.roughWidth.value, height: unit.roughHeight.value } : null,
    jamb: picked?.jamb ?? null,
    pad: pad?.value ?? null,
    frame: further.wrap ? { verdict: further.wrap.verdict, throat: further.wrap.throat } : null,
    cut: chosen?.storm
      ? { headGap: chosen.storm.headGap, bottomGap: chosen.storm.bottomGap, closer: chosen.storm.closer }
      : null,
    release: line ? 'complete' : 'kept-back',
    code: line?.code ?? null,
    padOf: line?.padOf ?? null,
    flushFace: line?.flushFace ?? null,
    outsideTrim: line?.outsideTrim ?? null,
    details: line?.details ?? null,
    sill: fit.value.sill,
    cavity: fit.value.cavity,
    verdict: chosen?.verdict ?? null,
  }
}
