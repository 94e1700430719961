import { type Cure, cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { FactSlot } from '../survey/facts'
import type { Survey } from '../survey/survey'
import type { Edge } from './edge'
import { GAP_CLASSES } from './gap-classes'
import type { SealCode } from './judge-seal'
import { type EdgeGaps, isTight, leastOf, mostOf } from './read-edges'

// What is answered of a closed door besides its gaps: what stands round it, and what was tried at its joints.

const BILLS = ['fact.bill-1', 'fact.bill-2', 'fact.bill-3', 'fact.bill-4', 'fact.bill-5'] as const

/** Where smoke or a hand is held along an edge. */
const airAt = ({ side }: Edge): FactSlot => `fact.air-${side}`

/** What is asked of a closed door that is no length, in the order one walks: what a strip goes into, what lies under the leaf, a bill at each
 *  screw of a cap that can be set, smoke or a hand at each side. */
export function closedQuestions(
  edges: readonly Edge[],
  { facts }: Survey,
  hasCap = facts.get('fact.threshold')?.code === 'adjustable-cap',
): readonly FactSlot[] {
  if (edges.length === 0) return []
  const swings = edges.some(one => one.moves === 'swings')
  const bills = swings && hasCap ? BILLS : []
  return [
    ...(swings ? (['fact.kerf', 'fact.threshold', 'fact.floor'] as const) : []),
    'fact.airflow',
    ...bills,
    ...new Set(edges.map(airAt)),
  ]
}

/** Whether smoke was drawn or a hand felt air at an edge. */
export const drawsAir = (edge: Edge, { facts }: Survey): boolean => {
  const said = facts.get(airAt(edge))?.code
  return said === 'smoke-drawn' || said === 'felt'
}

/** What was tried at the joints of a closed door, held against its gaps. */
export const triedFindings = (read: readonly EdgeGaps[], survey: Survey): readonly Finding<SealCode>[] => [
  ...read.filter(one => one.expected === null).flatMap(one => airAgainstGaps(one, survey)),
  ...capFindings(survey),
  ...read
    .filter(one => one.expected === null && one.edge.role === 'bottom')
    .slice(0, 1)
    .flatMap(one => billsAgainstGap(one, survey)),
]

/** Air at an edge that is shut tight comes from behind the frame or past the corners; smoke that stands before a gap a bill slides through was
 *  held there on a still day. */
function airAgainstGaps(one: EdgeGaps, survey: Survey): readonly Finding<SealCode>[] {
  const place = airAt(one.edge)
  const said = survey.facts.get(place)?.code
  if (said === undefined) return []
  const facts = { side: one.edge.id, how: said }
  if (said !== 'still')
    return isTight(one) ? [found('air-past-tight', place, facts, cure('frame.seal-behind'), cure('gap.read'))] : []
  const least = Math.min(...[one.gap, one.stop].flatMap(row => (row ? [leastOf(row)] : [])))
  return least >= GAP_CLASSES.bill.value ? [found('still-at-gap', place, facts, cure('air.try-again'))] : []
}

/** Screws of the cap where a bill slides are raised, where it is held fast they are lowered. */
function capFindings({ facts }: Survey): readonly Finding<SealCode>[] {
  const at = (code: string) => BILLS.filter(slot => facts.get(slot)?.code === code)
  const [slides, held] = [at('slides'), at('held')]
  const screws = (slots: readonly string[]) => slots.map(slot => slot.slice(-1)).join(' ')
  return [
    ...(slides[0] ? [found('cap-low', slides[0], { screws: screws(slides) }, cure('cap.raise'))] : []),
    ...(held[0] ? [found('cap-high', held[0], { screws: screws(held) }, cure('cap.lower'))] : []),
  ]
}

/** A bill that drags all along says the bottom is shut; a gap read there that a pencil goes through says it is not. */
function billsAgainstGap({ edge, gap, stop }: EdgeGaps, { facts }: Survey): readonly Finding<SealCode>[] {
  const said = BILLS.flatMap(slot => facts.get(slot)?.code ?? [])
  const largest = mostOf((gap ?? stop)!)
  const isShut = said.length > 1 && said.every(one => one !== 'slides')
  return isShut && largest > GAP_CLASSES.pencil.value
    ? [found('bill-against-gap', BILLS[0], { side: edge.id, largest: { length: largest } }, cure('gap.read'))]
    : []
}

const found = (
  code: SealCode,
  place: string,
  facts: Finding['facts'],
  ...cures: readonly Cure[]
): Finding<SealCode> => ({ code, place, severity: 'watch', facts, rule: 'gap-survey', cures })
