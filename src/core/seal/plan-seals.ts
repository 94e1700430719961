import type { Finding } from '../base/finding'
import { SEASONAL_PRESSURE_PA, yearlyKwh } from '../physics/leakage'
import type { Seal } from '../seal-stock/seal'
import { cornersM3h, draftOf, flowWithM3h, type GapEnd, openFlowWithin } from './draft'
import { cheapest, type EdgeWay, jointDb, jointM2, together, waysOf } from './edge-ways'
import { frontOf } from './front'
import { judgeSeal, type SealCode, type SealOption, type SealSite } from './judge-seal'
import { isStrip, piecesOf, stripLength } from './pieces'
import { type EdgeGaps, expectedGaps, gapsAlong, isTight } from './read-edges'
import type { SealChoice } from './seal-choice'
import { findingsOf } from './seal-findings'
import { type EdgePlan, type Flows, type SealPlan, type SealRequest, sealsOn } from './seal-plan'
import { type Joints, withJoints } from './sound-through'

export type { SealCode, SealOption } from './judge-seal'
export type { EdgePlan, Flows, SealPlan, SealRequest } from './seal-plan'
export { sealsOn } from './seal-plan'

const PRESSURES = [4, 50, 75] as const

type Opened = EdgeGaps & Pick<EdgePlan, 'options' | 'ways' | 'free' | 'stays'> & { readonly ownFails: boolean }

/** Chooses the seals of a whole door together, cuts them, and says what they stop and save; `null` until a gap is read or expected. */
export function planSeals(request: SealRequest): {
  readonly value: SealPlan | null
  readonly findings: readonly Finding<SealCode>[]
} {
  const { site, expectedGap } = request
  const read = request.edges.flatMap(edge => {
    const gaps = gapsAlong(edge, site.survey, request.moved)
    if (gaps) return [gaps]
    return expectedGap !== null && edge.slots.length > 0 && edge.role !== 'bottom'
      ? [expectedGaps(edge, expectedGap)]
      : []
  })
  if (read.length === 0) return { value: null, findings: [] }
  const opened = read.map(one => openEdge(one, request))
  const { ways, meetsTargets } = choosePlan(opened, request)
  const value = planOf(opened, ways, meetsTargets, request)
  return { value, findings: findingsOf(value, opened, request) }
}

/** Everything an edge could be: its options with their reasons, and the ways to leave or seal it. */
function openEdge(read: EdgeGaps, request: SealRequest): Opened {
  const { seals, site, choice, lengths } = request
  const { id, role, moves } = read.edge
  const tight = isTight(read)
  const judge = (seal: Seal) => judgeSeal(seal, read, stripLength(read, seal, lengths), site)
  const options = tight
    ? []
    : seals
        .filter(seal => seal.on.includes(role) && seal.moves.includes(moves))
        .map(judge)
        .sort(byWorth)
  const shipped = request.own(read.edge)
  const ownFails = shipped !== null && !tight && !judge(shipped).holds
  const stays = [
    ...(shipped && !ownFails ? [shipped] : []),
    ...(choice.stays[id] ?? []).flatMap(one => seals.find(seal => seal.id === one) ?? []),
  ].slice(0, 2)
  const byHand = choice.edges[id] ?? null
  // One system on a new unit: while what it ships with does, nothing is added.
  const known = { ...read, options, stays, ownFails }
  const keeps = [only(read, stays, site)]
  if (tight || (shipped && !ownFails && byHand === null)) return { ...known, ways: keeps, free: keeps }
  const given = { read, options, stays, mayStayOpen: choice.draftMost !== null, site }
  const free = waysOf({ ...given, byHand: null })
  return { ...known, free, ways: byHand === null ? free : waysOf({ ...given, byHand }) }
}

const only = (read: EdgeGaps, stays: readonly Seal[], site: SealSite): EdgeWay =>
  waysOf({ read, options: [], stays, byHand: [], mayStayOpen: true, site })[0]!

const byWorth = (a: SealOption, b: SealOption): number =>
  Number(b.holds) - Number(a.holds) ||
  a.centsPerYear - b.centsPerYear ||
  a.seal.difficulty - b.seal.difficulty ||
  (a.seal.id < b.seal.id ? -1 : 1)

/** The targets a plan is held to: the push, the draft at 50 Pa with the corners under a sealed bottom, the sound. */
function meets({ choice, leaf, latchLimitN }: SealRequest, edges: readonly EdgeGaps[]) {
  const areaM2 = total(edges.map(jointM2))
  const corners = choice.corners ? 0 : cornersM3h(edges[0]!.edge.thickness, 50)
  const isUnder = edges.map(one => one.edge.role === 'bottom' && !isTight(one))
  return (ways: readonly EdgeWay[]): boolean => {
    const [, , throughM2, push] = together(ways)
    const isSealed = ways.some((way, i) => isUnder[i] && way.put.length + way.stays.length > 0)
    const draft = total(ways.map(way => way.at50)) + (isSealed ? corners : 0)
    return (
      push <= latchLimitN.value &&
      (choice.draftMost === null || draft <= choice.draftMost) &&
      (choice.rwLeast === null || leaf === null || withJoints(leaf, { areaM2, throughM2 }).rw >= choice.rwLeast)
    )
  }
}

/** The cheapest ways that meet the targets together; where none do, those that come nearest: the push kept, then the least draft. */
function choosePlan(
  opened: readonly Opened[],
  request: SealRequest,
): { readonly ways: readonly EdgeWay[]; readonly meetsTargets: boolean } {
  const isMet = meets(request, opened)
  const first = opened.map(one => cheapest(one.ways))
  if (isMet(first)) return { ways: first, meetsTargets: true }
  const waysIn = ({ ways }: { readonly ways: readonly number[] }) => ways.map((way, i) => opened[i]!.ways[way]!)
  const plans = frontOf(opened.map(one => one.ways.map(way => way.load))).map(waysIn)
  const met = plans.find(one => isMet(one))
  if (met) return { ways: met, meetsTargets: true }
  const light = plans.filter(one => together(one)[3] <= request.latchLimitN.value)
  const by = request.choice.rwLeast === null ? 1 : 2
  const nearest = (light.length > 0 ? light : plans).reduce((best, one) =>
    together(one)[by] < together(best)[by] ? one : best,
  )
  return { ways: nearest, meetsTargets: false }
}

const total = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0)

function planOf(
  opened: readonly Opened[],
  ways: readonly EdgeWay[],
  meetsTargets: boolean,
  request: SealRequest,
): SealPlan {
  const { choice, lengths, latchLimitN } = request
  const { heatingDegreeDays } = choice
  const centsPerKwh = (choice.centsPerKwh * 100) / choice.efficiency
  const edges = opened.map((one, i) => edgeOf(one, ways[i]!, request, centsPerKwh))
  const cornersAt = (pressure: number, isOpen: boolean): number =>
    isOpen ? cornersM3h(edges[0]!.edge.thickness, pressure) : 0
  // What stays at the bottom has its corners open as long as nobody put anything into them.
  const wereOpen = opened.some(one => one.edge.role === 'bottom' && one.stays.length > 0 && !isTight(one))
  const before = draftOf(
    pressure => total(opened.map(one => flowWithM3h(one, one.stays, pressure))) + cornersAt(pressure, wereOpen),
    heatingDegreeDays,
  )
  const after = draftOf(
    pressure =>
      total(edges.map(one => flowWithM3h(one, sealsOn(one), pressure))) +
      cornersAt(pressure, hasOpenCorners(edges, choice)),
    heatingDegreeDays,
  )
  const within = lengths['gauge-within'].value
  const saved = (kwh: number) => (kwh - after.kwhYear) * centsPerKwh
  const bound = (end: Exclude<GapEnd, 'value'>) =>
    saved(
      yearlyKwh(
        total(
          opened.map(one =>
            one.stays.length
              ? flowWithM3h(one, one.stays, SEASONAL_PRESSURE_PA)
              : openFlowWithin(one, SEASONAL_PRESSURE_PA, end, within),
          ),
        ),
        heatingDegreeDays,
      ),
    )
  const put = edges.flatMap(one => one.chosen)
  const [cents, workCents] = [total(put.map(one => one.materialCents)), total(put.map(one => one.workCents))]
  const savedCentsYear = saved(before.kwhYear)
  return {
    edges,
    latchForceN: together(ways)[3],
    latchLimitN: latchLimitN.value,
    before,
    after,
    cents,
    workCents,
    savedCentsYear,
    savedBetween: [bound('least'), bound('most')],
    payBackYears: savedCentsYear > 0 && cents + workCents > 0 ? (cents + workCents) / savedCentsYear : null,
    marginal: marginalOf(edges),
    meetsTargets,
    joints: { open: jointsOf(edges, one => one.stays), sealed: jointsOf(edges, sealsOn) },
  }
}

const jointsOf = (edges: readonly EdgePlan[], seals: (one: EdgePlan) => readonly Seal[]): Joints => ({
  areaM2: total(edges.map(jointM2)),
  throughM2: total(edges.map(one => jointM2(one) * 10 ** (-jointDb(seals(one)) / 10))),
})

/** The bottom is sealed and nobody put anything into its corners. */
const hasOpenCorners = (edges: readonly EdgePlan[], { corners }: SealChoice): boolean =>
  !corners && edges.some(one => one.edge.role === 'bottom' && sealsOn(one).length > 0 && !isTight(one))

const YEAR_FROM_M3H = (degreeDays: number): number => (0.335 * degreeDays * 24) / 1000

function edgeOf(one: Opened, way: EdgeWay, { lengths, choice }: SealRequest, centsPerKwh: number): EdgePlan {
  const chosen = way.put
  const { edge, gap, stop, expected, options, ways, free, stays } = one
  const flows = (seals: readonly Seal[]) =>
    PRESSURES.map(pressure => flowWithM3h(one, seals, pressure)) as unknown as Flows
  const [flowBefore, flowAfter] = [flows(stays), flows([...stays, ...chosen.map(it => it.seal)])]
  const savedCentsYear = (flowBefore[0] - flowAfter[0]) * YEAR_FROM_M3H(choice.heatingDegreeDays) * centsPerKwh
  const spent = total(chosen.map(it => it.materialCents + it.workCents))
  return {
    edge,
    gap,
    stop,
    expected,
    options,
    ways,
    free,
    chosen,
    stays,
    pieces: chosen.flatMap(({ seal }) => (isStrip(seal) ? piecesOf(one, seal, lengths) : [])),
    flowBefore,
    flowAfter,
    savedCentsYear,
    payBackYears: savedCentsYear > 0 && spent > 0 ? spent / savedCentsYear : null,
  }
}

/** Where the next unit of money does most: what each edge saves by what it costs. */
const marginalOf = (edges: readonly EdgePlan[]): SealPlan['marginal'] =>
  edges
    .filter(one => one.chosen.length > 0)
    .map(({ edge, chosen, savedCentsYear }) => ({
      edge: edge.id,
      cents: total(chosen.map(it => it.materialCents + it.workCents)),
      savedCentsYear,
    }))
    .sort((a, b) => b.savedCentsYear / Math.max(1, b.cents) - a.savedCentsYear / Math.max(1, a.cents))
