import { type Cure, type CureCode, cure } from '../base/cures'
import type { Finding, RuleId } from '../base/finding'
import { limitFacts } from '../base/limit'
import type { LogEntry } from '../log/log'
import { checkContact } from '../seal/contact-check'
import { type Length, magnitude } from '../units/length'
import { type PartsGiven, partsOf, type TestPart, type TestVerdict } from './test-parts'
import type { HandoverTest, TestsOf, TestWhere } from './tests-of'

export type { TestPart, TestVerdict } from './test-parts'

export type HandoverCode =
  | 'test-failed'
  | 'test-against-limit'
  | 'test-part-failed'
  | 'test-out-of-range'
  | 'contact-not-even'

/** A test of this door with what was found at each of its places: what was read is judged here, whatever was tapped. */
export type PlannedTest = HandoverTest & {
  readonly parts: readonly TestPart[]
  readonly verdict: TestVerdict
}

export type Handover = {
  readonly tests: readonly PlannedTest[]
  readonly open: number
}

export type TestsRequest = PartsGiven & {
  readonly of: TestsOf
  readonly tests: readonly HandoverTest[]
  readonly swing: 'in' | 'out' | null
  /** What holds of this door of where tests are asked. */
  readonly where: ReadonlySet<TestWhere>
  /** The day since which tests are made place by place, `YYYY-MM-DD`. */
  readonly partedOn: string
}

/** The tests of this door with what was found; a failed one is a finding until it passes. */
export function planTests(request: TestsRequest): {
  readonly value: Handover
  readonly findings: readonly Finding<HandoverCode>[]
} {
  const { of, tests, swing, where, log } = request
  const asked = of
    .flatMap(id => tests.filter(test => test.id === id))
    .filter(test => test.swing === null || test.swing === swing)
    .filter(test => test.where === undefined || where.has(test.where))
  const noted = notedAt(log)
  const planned = asked
    .filter(test => !isLaterThanAll(test, asked, noted))
    .map((test): PlannedTest => {
      const parts = partsOf(test, request, request.partedOn)
      return { ...test, parts, verdict: isUneven(parts, request) ? 'failed' : verdictOfAll(parts) }
    })
  return {
    value: { tests: planned, open: planned.filter(test => test.verdict === 'open').length },
    findings: planned.flatMap(test => judgeTest(test, request)),
  }
}

/** When each test was noted last, at whichever of its places. */
function notedAt(log: readonly LogEntry[]): ReadonlyMap<string, string> {
  const at = new Map<string, string>()
  for (const one of log) {
    const id = one.code.split('/')[0]!
    if (one.kind === 'test' && one.at > (at.get(id) ?? '')) at.set(id, one.at)
  }
  return at
}

/** Whether a test joined the list after all others of a door were noted, and was not noted itself. */
const isLaterThanAll = (
  { id, addedOn }: HandoverTest,
  asked: readonly HandoverTest[],
  noted: ReadonlyMap<string, string>,
): boolean =>
  addedOn !== undefined &&
  !noted.has(id) &&
  asked.every(one => one.addedOn !== undefined || (noted.get(one.id) ?? '~') < addedOn)

/** Failed where any place is; open while any is; waived where all were. */
function verdictOfAll(parts: readonly TestPart[]): TestVerdict {
  const any = (verdict: TestVerdict) => parts.some(one => one.verdict === verdict)
  if (any('failed')) return 'failed'
  if (any('open')) return 'open'
  return any('passed') ? 'passed' : 'waived'
}

const contactsIn = (parts: readonly TestPart[]): readonly { readonly part: TestPart; readonly width: Length }[] =>
  parts.flatMap(part =>
    part.reads === 'slot' && part.slot.startsWith('contact.') && part.found?.value && 'length' in part.found.value
      ? [{ part, width: part.found.value.length }]
      : [],
  )

function checked(parts: readonly TestPart[], { lengths }: Pick<PartsGiven, 'lengths'>) {
  const read = contactsIn(parts)
  if (read.length < 2) return null
  const check = checkContact(
    read.map(one => one.width),
    {
      least: lengths['contact-least'].value,
      most: lengths['contact-most'].value,
      even: lengths['contact-even'].value,
      moveMost: lengths['contact-move-most'].value,
    },
  )
  return { ...check, read }
}

/** Whether the strip touches in range everywhere, and yet more at one height than at another. */
function isUneven(parts: readonly TestPart[], figures: Pick<PartsGiven, 'lengths'>): boolean {
  const check = checked(parts, figures)
  return check !== null && check.spread > figures.lengths['contact-even'].value
}

function judgeTest(test: PlannedTest, request: TestsRequest): readonly Finding<HandoverCode>[] {
  if (test.verdict !== 'failed') return []
  const failed = test.parts.filter(one => one.verdict === 'failed')
  const uneven = isUneven(test.parts, request) ? [unevenFinding(test, request)] : []
  return [...failed.map(part => failure(test, part, request)), ...uneven]
}

const AGAIN = cure('test.again')

function failure(test: PlannedTest, part: TestPart, request: TestsRequest): Finding<HandoverCode> {
  const { id, limit } = test
  const make = (code: HandoverCode, facts: Finding['facts'], rule: RuleId): Finding<HandoverCode> => ({
    code,
    place: `test.${id}`,
    severity: 'correct',
    facts: { test: id, text: part.found?.text ?? '', ...facts },
    rule,
    cures: [...curesOf(test, part, request), AGAIN],
  })
  const value = part.found?.value ?? null
  const at = part.point === null ? {} : { point: part.point }
  if (part.wanted?.most && value && 'length' in value) {
    const { least, most } = part.wanted
    return make('test-out-of-range', { ...at, read: value, least: { length: least }, most: { length: most } }, 'look')
  }
  if (limit && value) return make('test-against-limit', { ...at, ...limitFacts(value, limit, request) }, limit.figure)
  return part.point === null
    ? make('test-failed', {}, 'look')
    : make('test-part-failed', { ...at, found: part.found?.code ?? 'failed' }, 'look')
}

/** What a failure at a place asks for: a strip that touches too little or too much is moved by what is missing; a cap's screw is raised or
 *  lowered as the bill says. */
function curesOf({ cures, parts }: PlannedTest, part: TestPart, request: TestsRequest): readonly Cure[] {
  const check = checked(parts, request)
  const i = check?.read.findIndex(one => one.part.code === part.code) ?? -1
  const by = check?.moves[i]
  if (by) return [cure('seal.move-stop', magnitude(by))]
  const code = part.found?.code
  const named: CureCode | undefined = code === 'slides' ? 'cap.raise' : code === 'held' ? 'cap.lower' : undefined
  return named ? [cure(named)] : cures.map(one => cure(one))
}

const unevenFinding = ({ id, parts }: PlannedTest, request: TestsRequest): Finding<HandoverCode> => ({
  code: 'contact-not-even',
  place: `test.${id}`,
  severity: 'correct',
  facts: {
    test: id,
    spread: { length: checked(parts, request)!.spread },
    limit: { length: request.lengths['contact-even'].value },
  },
  rule: 'contact-even',
  cures: [cure('seal.tune-first'), AGAIN],
})
