import { randomFrom, wholeFrom } from '@/core/base/random'
import { oneLeafEdges, twoLeafEdges } from '@/core/seal/edge'
import { frontOf } from '@/core/seal/front'
import { nestPieces } from '@/core/seal/nest-pieces'
import { planSeals } from '@/core/seal/plan-seals'
import { NEW_SEAL_CHOICE } from '@/core/seal/seal-wants'
import type { Reading } from '@/core/survey/reading'
import { inches, ticks } from '@/core/units/length'
import { LENGTHS } from '@/trade/lengths'
import { NUMBERS, RATES } from '@/trade/rates'
import { SEALS } from '@/trade/seals'
import { median } from './median'

// The seals of a whole door: every plan worth having, and the strips of a visit out of bars.

const ROUNDS = 9
const timed = (run: () => unknown): number => {
  run()
  return median(ROUNDS, run)
}

/** A closed door of one or two leaves, all of its gaps read. */
function closed(leaves: 1 | 2) {
  const size = { height: inches(80), thickness: inches(1, 3, 4), hinges: 'left', moves: null } as const
  const edges =
    leaves === 1
      ? oneLeafEdges({ ...size, width: inches(36), leftLeaf: null })
      : twoLeafEdges({ ...size, width: inches(72), leftLeaf: inches(36) })
  const bySlot = new Map(
    edges.flatMap(edge =>
      [...edge.slots, ...edge.stops].map(slot => {
        const value = edge.role === 'bottom' ? inches(0, 1, 4) : inches(0, 1, 8)
        return [slot, { slot, value, deviation: null, instrument: 'gauge' } as Reading] as const
      }),
    ),
  )
  return {
    edges,
    site: {
      survey: { way: 'core', bySlot, facts: new Map(), skipped: new Map() } as never,
      material: 'fibreglass',
      isOutside: true,
      isInRain: false,
      purposes: [],
      isLabelled: false,
      bedded: [],
      reasons: {},
      centsPerHour: RATES.centsPerHour,
    },
    choice: NEW_SEAL_CHOICE,
    leaf: null,
    own: () => null,
    expectedGap: null,
    moved: new Set<string>(),
    seals: SEALS,
    latchLimitN: NUMBERS['latch-force'],
    lengths: LENGTHS,
  } as const
}

export type SealBench = {
  readonly seals: number
  readonly doors: readonly {
    readonly edges: number
    readonly planMs: number
    readonly frontMs: number
    readonly plans: number
  }[]
  readonly nestMs: number
  readonly nestOptimal: number
  readonly nestOf: number
}

/** Medians of planning a door's seals, of the front of all its plans, and of nesting forty pieces. */
export function benchSeals(): SealBench {
  const doors = ([1, 2] as const).map(leaves => {
    const request = closed(leaves)
    const { value } = planSeals(request)
    const loads = value!.edges.map(one => one.free.map(way => way.load))
    return {
      edges: request.edges.length,
      planMs: timed(() => planSeals(request)),
      frontMs: timed(() => frontOf(loads)),
      plans: frontOf(loads).length,
    }
  })
  const random = randomFrom(40)
  const visits = Array.from({ length: 12 }, () =>
    Array.from({ length: 40 }, () => ticks(wholeFrom(random, 10 * 16, 80 * 16) * 5080)),
  )
  const nests = visits.map(pieces => nestPieces(inches(84), inches(0, 1, 16), pieces)!)
  let next = 0
  return {
    seals: SEALS.length,
    doors,
    nestMs: median(visits.length, () => nestPieces(inches(84), inches(0, 1, 16), visits[next++ % visits.length]!)),
    nestOptimal: nests.filter(one => one.optimal).length,
    nestOf: nests.length,
  }
}
