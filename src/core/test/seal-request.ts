import { NUMBERS } from '../../trade/rates'
import { SEALS } from '../../trade/seals'
import { oneLeafEdges } from '../seal/edge'
import { planSeals, type SealPlan, type SealRequest } from '../seal/plan-seals'
import type { SealChoice } from '../seal/seal-choice'
import { NEW_SEAL_CHOICE } from '../seal/seal-wants'
import type { Answer } from '../survey/answer'
import { type Survey, surveyOf } from '../survey/survey'
import { inches } from '../units/length'
import { fact, LENGTHS, length, readings } from './fixtures'

/** What is asked of a door's seals: an outside leaf of nobody knows what, nothing wished, every seal of the trade. */
export const requestFor = (edges: SealRequest['edges'], survey: Survey): SealRequest => ({
  edges,
  site: {
    survey,
    material: null,
    isOutside: true,
    isInRain: false,
    purposes: [],
    isLabelled: false,
    bedded: [],
    reasons: {},
    centsPerHour: 6500,
  },
  choice: NEW_SEAL_CHOICE,
  leaf: null,
  own: () => null,
  expectedGap: null,
  moved: new Set(),
  seals: SEALS,
  latchLimitN: NUMBERS['latch-force'],
  lengths: LENGTHS,
})

/** The edges of one leaf of 36 by 80 in, 1 3/4 thick, hinged on the left. */
export const LEAF_EDGES = oneLeafEdges({
  width: inches(36),
  height: inches(80),
  thickness: length('1 3/4'),
  hinges: 'left',
  leftLeaf: null,
  moves: null,
})

/** The same for that leaf as it was read. */
export const requestOf = (all: ReturnType<typeof readings>, answers: readonly Answer[] = []): SealRequest =>
  requestFor(LEAF_EDGES, surveyOf('trim-off', all, answers))

/** There is a slot in the stop for what is pushed in. */
export const KERF = [fact('fact.kerf', 'yes')]

export const EVEN = Object.fromEntries(
  [
    'head.left',
    'head.centre',
    'head.right',
    'left.top',
    'left.middle',
    'left.bottom',
    'right.top',
    'right.middle',
    'right.bottom',
    'bottom.left',
    'bottom.centre',
    'bottom.right',
  ].map(place => [`gap.${place}`, place.startsWith('bottom') ? '1/4' : '1/8']),
)
export type EdgeChoices = SealChoice['edges']
/** The plan of an even door with a kerf, by what is changed of it. */
export const plan = (
  texts: { readonly [slot: string]: string } = EVEN,
  edges: EdgeChoices = {},
  material: string | null = 'fibreglass',
  seals = SEALS,
) => planned(asked({ ...requestOf(readings(texts), KERF), seals }, { edges }, { material }))

/** A request with something of it chosen or found otherwise. */
export const asked = (
  request: SealRequest,
  choice: Partial<SealChoice> = {},
  site: Partial<SealRequest['site']> = {},
): SealRequest => ({
  ...request,
  choice: { ...request.choice, ...choice },
  site: { ...request.site, ...site },
})
export const planned = (request: SealRequest): SealPlan & Pick<ReturnType<typeof planSeals>, 'findings'> => {
  const { value, findings } = planSeals(request)
  return { ...value!, findings }
}
export const idsOn = (side: SealPlan['edges'][number]) => side.chosen.map(one => one.seal.id)
