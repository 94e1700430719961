import type { TradeNumbers } from '../base/figure'
import type { TradeLengths } from '../base/trade-lengths'
import type { Material } from '../catalogue/material'
import type { Preparation } from '../catalogue/preparation'
import { type Due, dueAt } from '../fit/due'
import type { PanPieces } from '../fit/fitted'
import type { ShimPlan } from '../fit/plan-shims'
import type { SettingStep } from '../fit/setting-step'
import type { SillSupport } from '../opening/sill-supports'
import type { Size } from '../units/call-size'
import { type Length, minus, nearestTick, plus, roundDown, TICKS_PER_INCH, times, ZERO } from '../units/length'
import { flashingTape } from './flashing-tape'
import { foamIn3, foamPerimeter } from './foam'
import { type Bead, sealantMl } from './sealant'

/** What an amount is counted in: what a tube holds, mL; what a can yields, in³; a run of ticks; or pieces. */
export type Measure = 'mL' | 'in3' | 'run' | 'piece'

/** A term of the formula behind an amount: so many, each of this length or this cross-section. */
export type Term = {
  /** What it is of, as words say it: `sill`, `sides`, `head`, `round`. */
  readonly of: TermOf
  readonly count: number
  readonly length: Length | null
  /** The bead's diameter, the gap and depth that foam fills; none for pieces. */
  readonly across: readonly Length[]
}
export const TERMS_OF = [
  'sill',
  'sill-bed',
  'sill-lip',
  'sides',
  'head',
  'round',
  'mould-back',
  'joint',
  'points',
  'work',
] as const
export type TermOf = (typeof TERMS_OF)[number]

/** What one step of an opening takes of one material. */
export type Taking = {
  readonly material: Material
  /** What tells one from another of its kind: how thick a flat, how long a screw or a piece; `null` where there is one kind only. */
  readonly size: Length | null
  readonly measure: Measure
  /** What it comes to, waste and what is lost included, not yet whole packs. */
  readonly amount: number
  /** What one pack holds in the same measure; 1 for pieces; `null` for what comes by length. */
  readonly pack: number | null
  /** Rounded up by itself: what lies under a sill. */
  readonly isApart: boolean
  readonly terms: readonly Term[]
  /** By which share it was raised: waste, spares; 0 for none. */
  readonly share: number
  readonly step: string
  /** When the step was done, ISO 8601; `null` while it is not. */
  readonly doneAt: string | null
}

export type TakeOffGiven = {
  readonly steps: readonly Pick<SettingStep, 'id' | 'place' | 'shows'>[]
  readonly doneAt: (step: string) => string | null
  readonly planned: {
    readonly shims: ShimPlan | null
    readonly screwOrder: readonly string[]
    readonly firstLeg: 'left' | 'right' | null
    readonly pan: PanPieces | null
    readonly supports: readonly SillSupport[]
    readonly pad: Length
  }
  readonly preparations: readonly Preparation[]
  /** The unit, and what holds it; `null` where none is set. */
  readonly unit: Size | null
  /** Over the trim it comes with. */
  readonly mouldWidth: Length | null
  /** The rough opening; `null` where it stands in none, or none was read. */
  readonly room: Size | null
  readonly jamb: Length
  readonly fastener: 'screw' | 'anchor'
  /** The casing inside stays: it was freed and goes on again. */
  readonly keepsCasing: boolean
  readonly lengths: TradeLengths
  readonly numbers: TradeNumbers
}

/** All that the steps of an opening take, step by step: what of it is still to be taken along is what is not done. Nothing of an opening whose unit is
 *  not known: what it takes follows from it. */
export function takeOff(given: TakeOffGiven): readonly Taking[] {
  const { unit, steps } = given
  if (!unit) return []
  const site: Site = { ...given, unit, room: given.room ?? unit }
  return steps.flatMap(one =>
    [...ofDue(one, site), ...(OF_STEP[one.id]?.(site) ?? [])].map(own => stamped(own, one, given)),
  )
}

type Raw = Omit<Taking, 'step' | 'doneAt' | 'share'> & { readonly share?: number }
type Site = TakeOffGiven & { readonly unit: Size; readonly room: Size }

const stamped = (own: Raw, { id }: Pick<SettingStep, 'id'>, { doneAt }: TakeOffGiven): Taking => ({
  share: 0,
  ...own,
  step: id,
  doneAt: doneAt(id),
})

const pieces = (material: Material, count: number, size: Length | null, of: TermOf, share = 0): readonly Raw[] =>
  count > 0
    ? [
        {
          material,
          size,
          measure: 'piece',
          amount: count * (1 + share),
          pack: 1,
          isApart: false,
          terms: [{ of, count, length: size, across: [] }],
          share,
        },
      ]
    : []

/** What the plan says for a step: packs, screws, the pan's pieces, the pad, supports, lumber. */
function ofDue(step: Pick<SettingStep, 'id' | 'place' | 'shows'>, site: Site): readonly Raw[] {
  const due = dueAt(step as SettingStep, site.planned, site.preparations)
  const spare = site.numbers['spare-share'].value
  return [
    ...tally(due.flatMap(one => (one.kind === 'pack' && one.pack ? one.pack.flats : []))).flatMap(([size, count]) =>
      pieces('flat', count, size, 'points', spare),
    ),
    ...pieces(
      'wedge-pair',
      due.filter(one => one.kind === 'pack' && one.pack?.wedgeOffset != null).length,
      null,
      'points',
      spare,
    ),
    ...screwsIn(due, site),
    ...due.flatMap(one => ofOther(one, site)),
  ]
}

/** Screws at hinges and at other points, by their length; plugs for what was opened to drive them; anchors where no screw is planned. */
function screwsIn(due: readonly Due[], { fastener, planned }: Site): readonly Raw[] {
  const screws = due.flatMap(one => (one.kind === 'screw' ? [one] : []))
  const why = new Map(planned.shims?.points.map(one => [one.place, one.why]))
  const of = (isHinge: boolean) =>
    tally(screws.filter(one => (why.get(one.place) === 'hinge') === isHinge).flatMap(one => one.length ?? []))
  return [
    ...of(true).flatMap(([size, count]) => pieces('hinge-screw', count, size, 'points')),
    ...of(false).flatMap(([size, count]) => pieces('point-screw', count, size, 'points')),
    ...pieces('anchor', fastener === 'anchor' ? screws.filter(one => one.length === null).length : 0, null, 'points'),
    ...pieces('plug', screws.filter(one => one.hole?.access != null).length, null, 'points'),
  ]
}

/** How often each length occurs, the shortest first. */
function tally(all: readonly Length[]): readonly (readonly [size: Length, count: number])[] {
  const counts = new Map<Length, number>()
  for (const one of all) counts.set(one, (counts.get(one) ?? 0) + 1)
  return [...counts].sort(([a], [b]) => a - b)
}

function ofOther(due: Due, site: Site): readonly Raw[] {
  switch (due.kind) {
    case 'pan':
      return [
        ...pieces('pan-end', 2, due.pan.end, 'sill'),
        ...tally(due.pan.cuts).flatMap(([size, count]) => pieces('pan-centre', count, size, 'sill')),
        ...pieces('pan-cement', 1, null, 'sill'),
      ]
    case 'support':
      return sillShim(due.thickness, site.lengths['pack-step'].value)
    case 'pad':
      return strip('pad-strip', due.thickness, site.room.width, 'sill')
    case 'preparation':
      return ofPreparation(due.preparation)
    default:
      return []
  }
}

/** As thick as it can be cut; what is thinner than that is none. */
const sillShim = (thickness: Length, step: Length): readonly Raw[] =>
  pieces('sill-shim', thickness < step ? 0 : 1, roundDown(thickness, step), 'sill')

/** A piece so thick and so long, by length. */
const strip = (material: Material, thickness: Length, run: Length, of: TermOf): readonly Raw[] => [
  {
    material,
    size: thickness,
    measure: 'run',
    amount: run,
    pack: null,
    isApart: false,
    terms: [{ of, count: 1, length: run, across: [thickness] }],
  },
]

/** What priced work is of: lumber, or flat stock. */
const PREPARED_OF: { readonly [id in Preparation['id']]?: Material } = {
  'build-down-head': 'lumber',
  'extend-jamb': 'lumber',
  'pad-siding': 'lumber',
  'pack-sides': 'flat-stock',
  'pack-legs': 'flat-stock',
  'strip-throat': 'flat-stock',
}
function ofPreparation({ id, amount, run }: Preparation): readonly Raw[] {
  const material = PREPARED_OF[id]
  return material && amount > 0 && run > 0 ? strip(material, amount, run, 'work') : []
}

/** Sealant for beads; what lies under a sill is rounded up by itself. */
function sealant(
  beads: readonly (Bead & { readonly of: TermOf; readonly count: number })[],
  { numbers }: Site,
  isApart = false,
): Raw {
  const share = numbers['sealant-waste'].value
  const all = beads.flatMap(({ count, ...one }) => Array.from({ length: count }, () => one))
  return {
    material: 'sealant',
    size: null,
    measure: 'mL',
    amount: sealantMl(all, share),
    pack: numbers['sealant-tube'].value,
    isApart,
    terms: beads.map(({ of, count, length, diameter }) => ({ of, count, length, across: [diameter] })),
    share,
  }
}

/** Sides and head: what is sealed, filled and cased. */
const roundIn = ({ width, height }: Size): Length => foamPerimeter(width, height)

const bead = (of: TermOf, count: number, length: Length, diameter: Length) => ({ of, count, length, diameter })

const underSill = (site: Site): Raw => {
  const { numbers, lengths, room } = site
  return sealant([bead('sill', numbers['sill-beads'].value, room.width, lengths['bead-sill'].value)], site, true)
}

const tape = (of: TermOf, count: number, length: Length, { numbers }: Site): Raw => ({
  material: 'flashing-tape',
  size: null,
  measure: 'run',
  amount: length * count,
  pack: numbers['tape-roll'].value * TICKS_PER_INCH,
  isApart: false,
  terms: [{ of, count, length, across: [] }],
})

const tapeOf = ({ room, lengths }: Site) =>
  flashingTape(room.width, room.height, lengths['tape-up-turn'].value, lengths['tape-lap'].value)

/** What fills the gap round the frame, by length. */
const filling = (material: 'backer-rod' | 'fibre', { room, numbers }: Site): Raw => ({
  material,
  size: null,
  measure: 'run',
  amount: roundIn(room),
  pack: material === 'backer-rod' ? numbers['rod-roll'].value * TICKS_PER_INCH : null,
  isApart: false,
  terms: [{ of: 'round', count: 1, length: roundIn(room), across: [] }],
})

/** The gap round the frame on the mean, after what fills it before. */
function meanGap({ planned: { shims } }: Site): Length {
  const gaps = (shims?.points ?? []).filter(one => one.member !== 'head').map(one => Math.max(0, one.gap - one.filler))
  return gaps.length ? nearestTick(gaps.reduce((sum, one) => sum + one, 0) / gaps.length) : ZERO
}

function foam(site: Site): readonly Raw[] {
  const { room, jamb, lengths, numbers } = site
  const [gap, depth] = [meanGap(site), minus(jamb, lengths['foam-back'].value)]
  if (gap <= 0 || depth <= 0) return []
  return [
    {
      material: 'foam',
      size: null,
      measure: 'in3',
      amount: foamIn3(roundIn(room), gap, depth),
      pack: numbers['foam-can'].value * numbers['foam-share'].value,
      isApart: false,
      terms: [{ of: 'round', count: 1, length: roundIn(room), across: [gap, depth] }],
    },
  ]
}

const joint = (site: Site, round: Size): Raw =>
  sealant([bead('joint', 1, roundIn(round), site.lengths['bead-other'].value)], site)

/** Fasteners along trim: one at its start and one for each further distance. */
const along = (run: Length, every: Length): number => Math.floor(run / every) + 1

function casing({ room, lengths, keepsCasing }: Site): readonly Raw[] {
  const over = lengths['casing-over'].value
  const [leg, head] = [plus(room.height, over), plus(room.width, times(over, 2))]
  const every = lengths['nail-every'].value
  return [
    ...(keepsCasing ? [] : [...pieces('casing', 2, leg, 'sides'), ...pieces('casing', 1, head, 'head')]),
    // Into the jamb and into the wall.
    ...pieces('finish-nail', 2 * (2 * along(leg, every) + along(head, every)), null, 'round'),
  ]
}

function mouldScrews({ unit, lengths }: Site): readonly Raw[] {
  const every = lengths['nail-every'].value
  return pieces('mould-screw', 2 * along(unit.height, every) + along(unit.width, every), null, 'round')
}

const dripCap = ({ mouldWidth, unit, lengths }: Site): readonly Raw[] =>
  pieces('drip-cap', 1, plus(mouldWidth ?? unit.width, times(lengths['drip-cap-over'].value, 2)), 'head')

/** What steps take beside what the plan says for them, by their id. */
const OF_STEP: { readonly [step: string]: (site: Site) => readonly Raw[] } = {
  'sill-beads': site => [underSill(site)],
  'sill-membrane': site => [tape('sill', 1, tapeOf(site).sill, site), underSill(site)],
  'sill-flashing': site => [tape('sill', 1, tapeOf(site).sill, site)],
  'sill-pan': site => {
    const { room, lengths } = site
    return [
      sealant([bead('sill-bed', 2, room.width, lengths['bead-bed'].value)], site, true),
      sealant([bead('sill-lip', 1, room.width, lengths['bead-other'].value)], site),
    ]
  },
  'side-flashing': site => [tape('sides', 2, tapeOf(site).sides, site)],
  'head-flashing': site => [tape('head', 1, tapeOf(site).head, site), ...dripCap(site)],
  'flange-fast': site => [joint(site, site.unit)],
  'mould-screws': site => [
    ...mouldScrews(site),
    sealant([bead('mould-back', 1, roundIn(site.unit), site.lengths['bead-back'].value)], site),
  ],
  foam,
  fibre: site => [filling('fibre', site)],
  'backer-rod': site => [filling('backer-rod', site), joint(site, site.room)],
  'casing-sealed': site => [joint(site, site.unit)],
  'outside-seal': site => [joint(site, site.unit)],
  'rail-sealed': site => [joint(site, site.unit)],
  'inside-trim': casing,
  'all-anchors': ({ planned }) => pieces('anchor', planned.shims?.points.length ?? 0, null, 'points'),
  'corner-pads': () => pieces('corner-pad', 2, null, 'sill'),
}

/** The ids of steps that take something of their own. */
export const TAKING_STEPS: readonly string[] = Object.keys(OF_STEP)

/** Packs of one material for several takings: what lies under sills each by itself, the rest together. By length it is the whole run. */
export function packsFor(takings: readonly Taking[], roundUp: (count: number) => number): number {
  const pack = takings[0]?.pack ?? null
  if (pack === null) return takings.reduce((sum, one) => sum + one.amount, 0)
  const rest = takings.filter(one => !one.isApart).reduce((sum, one) => sum + one.amount, 0)
  return (
    takings.filter(one => one.isApart).reduce((sum, one) => sum + roundUp(one.amount / pack), 0) + roundUp(rest / pack)
  )
}
