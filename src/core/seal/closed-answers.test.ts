import { surveyOf } from '../survey/survey'
import { fact, readings } from '../test/fixtures'
import { EVEN, LEAF_EDGES, requestOf } from '../test/seal-request'
import { closedQuestions } from './closed-answers'
import { askedAlong } from './deciding-gaps'
import { slidingEdges, twoLeafEdges } from './edge'
import { planSeals } from './plan-seals'

const CAP = fact('fact.threshold', 'adjustable-cap')
const surveyBy = (...answers: ReturnType<typeof fact>[]) => surveyOf('core', [], answers)
const CLOSED = { width: LEAF_EDGES[0]!.length, height: LEAF_EDGES[1]!.length, thickness: LEAF_EDGES[0]!.thickness }

/** What is said of a door with these gaps by what was tried at its joints. */
const said = (gaps: Readonly<Record<string, string>>, ...answers: ReturnType<typeof fact>[]) =>
  planSeals(requestOf(readings(gaps), answers)).findings.flatMap(one =>
    /^(air-past|still-at|cap-|bill-)/.test(one.code)
      ? [`${one.code} ${one.place} ${one.facts.screws ?? ''}`.trim()]
      : [],
  )
const EVERY = (text: string) => Object.fromEntries(Object.keys(EVEN).map(slot => [slot, text]))

describe('what is answered of a closed door', () => {
  it('is a bill at each screw only where the cap has screws', () => {
    const bills = (...answers: ReturnType<typeof fact>[]) =>
      closedQuestions(LEAF_EDGES, surveyBy(...answers)).filter(one => one.startsWith('fact.bill'))
    expect([bills(), bills(fact('fact.threshold', 'fixed')), bills(CAP).length]).toEqual([[], [], 5])
  })
  it('is air once at each side, whatever number of edges lies on it', () => {
    const air = (edges: typeof LEAF_EDGES) =>
      closedQuestions(edges, surveyBy())
        .filter(one => one.startsWith('fact.air-'))
        .map(one => one.slice(9))
    const pair = twoLeafEdges({ ...CLOSED, hinges: 'left', leftLeaf: CLOSED.width, moves: null })
    const both = twoLeafEdges({
      ...CLOSED,
      width: (CLOSED.width * 2) as never,
      hinges: 'left',
      leftLeaf: CLOSED.width,
      moves: null,
    })
    expect(air(LEAF_EDGES)).toEqual(['head', 'left', 'right', 'bottom'])
    expect(pair).toEqual([])
    expect(air(both)).toEqual(['head', 'left', 'bottom', 'right', 'middle'])
  })
  it('asks a panel that slides for no kerf and no threshold', () => {
    const edges = slidingEdges({ ...CLOSED, hinges: 'left', leftLeaf: null, moves: 'right' })
    expect(closedQuestions(edges, surveyBy())).toEqual([
      'fact.airflow',
      'fact.air-head',
      'fact.air-right',
      'fact.air-middle',
      'fact.air-bottom',
    ])
  })
  it('is nothing where nothing closes', () => expect(closedQuestions([], surveyBy())).toEqual([]))
})

describe('smoke or a hand at the joints', () => {
  it('that finds air at an edge shut tight looks behind its frame', () => {
    expect(said(EVERY('0'), fact('fact.air-left', 'felt'))).toEqual(['air-past-tight fact.air-left'])
    expect(said(EVERY('0'), fact('fact.air-left', 'still'))).toEqual([])
    expect(said(EVERY('1/8'), fact('fact.air-left', 'felt'))).toEqual([])
  })
  it('that stands still before a gap a bill slides through was tried on a still day', () => {
    expect(said(EVERY('1/8'), fact('fact.air-head', 'still'))).toEqual(['still-at-gap fact.air-head'])
    expect(said(EVERY('1/16'), fact('fact.air-head', 'still'))).toEqual([])
  })
  it('brings the edge it finds air at before the others that are not read', () => {
    const next = (...answers: ReturnType<typeof fact>[]) => askedAlong(LEAF_EDGES, null, surveyBy(...answers)).next
    expect([next(), next(fact('fact.air-head', 'smoke-drawn')), next(fact('fact.air-head', 'still'))]).toEqual([
      'gap.left.middle',
      'gap.head.centre',
      'gap.left.middle',
    ])
  })
})

describe('a bill at each screw of a cap', () => {
  it('says which to raise and which to lower', () =>
    expect(
      said(
        EVERY('1/8'),
        CAP,
        fact('fact.bill-1', 'drags'),
        fact('fact.bill-2', 'slides'),
        fact('fact.bill-3', 'held'),
        fact('fact.bill-4', 'slides'),
      ),
    ).toEqual(['cap-low fact.bill-2 2 4', 'cap-high fact.bill-3 3']))
  it('that drags all along stands against a bottom gap a finger goes into', () => {
    const dragging = [fact('fact.bill-1', 'drags'), fact('fact.bill-2', 'drags')]
    expect(said(EVERY('1/2'), CAP, ...dragging)).toEqual(['bill-against-gap fact.bill-1'])
    expect(said(EVERY('1/4'), CAP, ...dragging)).toEqual([])
  })
})
