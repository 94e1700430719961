import { FAMILIES } from '../base/kinds'
import { DOORS } from '../doors/doors'
import type { SealPurpose } from '../seal-stock/seal'
import { FACTS } from '../survey/facts'
import { surveyOf } from '../survey/survey'
import { fact, length, readings } from '../test/fixtures'
import { asked, requestFor } from '../test/seal-request'
import { inches } from '../units/length'
import { closedQuestions } from './closed-answers'
import { planSeals, type SealRequest } from './plan-seals'

// Every answer of the survey of a closed door, for every kind and every purpose.

const CLOSING = FAMILIES.filter(family => DOORS[family].seal.closes)
const PURPOSES = FACTS['fact.seal-why']

type Asked = {
  readonly facts?: Readonly<Record<string, string>>
  readonly site?: Partial<SealRequest['site']>
  readonly gaps?: Readonly<Record<string, string>>
  readonly thickness?: string
}

/** The plan of a kind's door with every gap read, as what it leads to. */
function plan(
  family: (typeof CLOSING)[number],
  purpose: SealPurpose,
  { facts = {}, site = {}, gaps = {}, thickness = '1 3/4' }: Asked = {},
) {
  const { seal } = DOORS[family]
  const edges = seal.edges({
    width: inches(64),
    height: inches(80),
    thickness: length(thickness),
    hinges: 'left',
    leftLeaf: inches(32),
    moves: 'left',
  })
  const read = Object.fromEntries(
    edges.flatMap(edge => [
      ...edge.slots.map(slot => [slot, edge.role === 'bottom' ? '3/8' : '1/8'] as const),
      ...edge.stops.map(slot => [slot, '1/8'] as const),
    ]),
  )
  const answers = Object.entries(facts).map(([slot, code]) => fact(slot as never, code))
  const survey = surveyOf('core', readings({ ...read, ...gaps }), answers)
  const own = { material: 'steel', isOutside: seal.isOutside, purposes: [purpose], ...site }
  return planSeals(asked(requestFor(edges, survey), {}, own))
}
/** What a plan comes to: what is chosen, what holds, what is said. */
const saysOf = ({ value, findings }: ReturnType<typeof plan>) =>
  JSON.stringify([
    value!.edges.map(one => [
      one.chosen.map(it => it.seal.id),
      one.options.filter(it => it.holds).map(it => it.seal.id),
      one.flowBefore,
    ]),
    value!.edges.map(one => one.options.map(it => it.reasons.map(reason => reason.code))),
    findings.map(one => one.code),
  ])

describe.each(CLOSING)('%s', family => {
  it.each(PURPOSES)('is sealed edge by edge against %s: each seal serves it, or it is said that none does', purpose => {
    const { value, findings } = plan(family, purpose)
    expect(value!.edges.length).toBeGreaterThan(3)
    for (const one of value!.edges) {
      for (const { seal } of one.chosen) expect([seal.id, seal.against.includes(purpose)]).toEqual([seal.id, true])
      if (one.chosen.length === 0)
        expect(findings).toContainEqual(
          expect.objectContaining({ code: 'no-seal-holds', place: `seal.${one.edge.id}` }),
        )
    }
  })
  const changes = (given: Asked, from: Asked = {}) =>
    PURPOSES.some(purpose => saysOf(plan(family, purpose, given)) !== saysOf(plan(family, purpose, from)))
  const isSliding = DOORS[family].seal
    .edges({
      width: inches(64),
      height: inches(80),
      thickness: inches(2),
      hinges: 'left',
      leftLeaf: inches(32),
      moves: 'left',
    })
    .some(one => one.moves === 'slides')
  const swings: readonly (readonly [string, Asked, Asked?])[] = [
    ['a kerf', { facts: { 'fact.kerf': 'yes' } }, { facts: { 'fact.kerf': 'no' } }],
    ['no kerf', { facts: { 'fact.kerf': 'no' } }],
    ['a thin leaf', { thickness: '1 3/8' }],
    ['pebbles and dirt', { facts: { 'fact.floor': 'pebbles-and-dirt' } }],
    ['an uneven floor', { facts: { 'fact.floor': 'uneven' } }],
    ['no threshold', { facts: { 'fact.threshold': 'none' } }],
    ['an adjustable cap', { facts: { 'fact.threshold': 'adjustable-cap' } }],
    ['a threshold that falls', { gaps: { 'fall.threshold': '3/8' } }],
    ['a wide stop', { gaps: { 'stop.head.left': '3/8', 'stop.head.meeting-left': '3/8' } }],
    ['uneven contact', { gaps: { 'contact.top': '3/8', 'contact.bottom': '1/2' } }],
  ]
  const any: readonly (readonly [string, Asked, Asked?])[] = [
    ['an appliance behind it', { facts: { 'fact.airflow': 'appliance-behind-it' } }],
    ['the only return air', { facts: { 'fact.airflow': 'needed' } }],
    ['a wide gap at the head', { gaps: { 'gap.head.left': '3/4' } }],
    ['a label', { site: { isLabelled: true } }],
  ]
  const outside: readonly (readonly [string, Asked, Asked?])[] = [
    ['driven rain', { site: { isInRain: true } }],
    ['timber', { site: { material: 'timber' } }],
  ]
  const rows = [...(isSliding ? [] : swings), ...any, ...(DOORS[family].seal.isOutside && !isSliding ? outside : [])]
  it.each(rows.map(([name, given, from = {}]) => ({ name, given, from })))(
    '$name changes what is planned',
    ({ given, from }) => expect(changes(given, from)).toBe(true),
  )

  // Every question of the closed door itself: tried over edges that are shut tight, open, and wide.
  const edgesOf = DOORS[family].seal.edges({
    width: inches(64),
    height: inches(80),
    thickness: inches(1, 3, 4),
    hinges: 'left',
    leftLeaf: inches(32),
    moves: 'left',
  })
  const CAP = { 'fact.threshold': 'adjustable-cap' }
  const everyGap = (text: string) =>
    Object.fromEntries(edgesOf.flatMap(edge => [...edge.slots, ...edge.stops].map(slot => [slot, text])))
  const asks = closedQuestions(edgesOf, surveyOf('core', [], [fact('fact.threshold', 'adjustable-cap')]))
  it.each(asks)('%s bears on something', question => {
    const outcomes = (gap: string) =>
      FACTS[question as 'fact.kerf'].map(code =>
        saysOf(plan(family, 'draft', { facts: { ...CAP, [question]: code }, gaps: everyGap(gap) })),
      )
    expect(['0', '1/8', '3/8'].some(gap => new Set(outcomes(gap)).size > 1)).toBe(true)
  })
})
