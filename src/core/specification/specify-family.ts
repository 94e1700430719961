import type { Finding } from '../base/finding'
import { type Step, step } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import type { AdjustedOpening } from '../opening/opening'
import type { Family } from '../survey/families'
import { type LockFamily, nearestLockFamily } from '../survey/lock-family'
import { leafRead, readingLeaf, readValue, type Survey, sizesRead } from '../survey/survey'
import type { Size } from '../units/call-size'
import { type Length, largestOf, magnitude, minus, plus, smallestOf } from '../units/length'
import { type Filling, fillThickness } from './fill-thickness'
import { type Band, type Projection, takenHeights } from './handle-window'
import { type HingePlan, type HingeTrade, type LeafMass, leafMass, planHinges } from './weigh-leaf'
import type { Wishes } from './wishes'
import { type WrapFrame, wrapFrame } from './wrap-frame'

export type FamilyCode =
  | 'trim-tapers'
  | 'handles-meet'
  | 'throat-fits'
  | 'throat-packed'
  | 'throat-none'
  | 'no-welded-frame'
  | 'slider-sill'
  | 'latch-to-case'
  | 'hinges-too-weak'
  | 'two-people'
  | 'deeper-mortises'
  | 'two-closers'
  | 'clear-width'
  | 'setting'

/** What a family's own readings lead to; `null` where it is not of this family or not read yet. */
export type FamilySpecification = {
  readonly mass: LeafMass | null
  readonly hinges: HingePlan | null
  /** The brickmould opening a storm door is ordered for, and heights its handle can't have. */
  readonly storm: { readonly width: Step; readonly height: Step; readonly taken: readonly Band[] } | null
  readonly wrap: (WrapFrame & { readonly wall: Step }) | null
  /** From outside: O the panel that moves, X the fixed one. */
  readonly panels: 'OX' | 'XO' | null
  readonly siding: Filling | null
  readonly lock: LockFamily | null
  readonly clearWidth: Length | null
  readonly findings: readonly Finding<FamilyCode>[]
}

export type FamilyTrade = {
  readonly hinges: HingeTrade
  readonly fillers: readonly Length[]
  readonly locks: readonly LockFamily[]
  readonly crewLiftKg: number
  /** A storm door heavier than this gets two closers. */
  readonly twoClosersKg: number
}

export type FamilyInput = {
  readonly family: Family
  readonly survey: Survey
  readonly wishes: Wishes
  readonly lengths: TradeLengths
  /** The leaf that will hang, where its size is known. */
  readonly leaf: Size | null
  readonly opening: AdjustedOpening | null
  readonly trade: FamilyTrade
}

/** Derives what a family asks for beside its size. */
export function specifyFamily(input: FamilyInput): FamilySpecification {
  const { family, survey, wishes, lengths, trade } = input
  const active = readValue(survey, 'leaf.active')
  const leaf = leafRead(survey) ?? (active !== null && input.leaf ? { ...input.leaf, width: active } : input.leaf)
  const weighed = survey.facts.get('fact.weight')?.code
  const mass = leaf && leafMass(leaf, wishes.construction, weighed === undefined ? null : Number(weighed), trade.hinges)
  const hinges = leaf && mass && HINGED.has(family) ? hingesFor(leaf, mass, input) : null
  const storm = family === 'storm' ? stormOpening(survey, lengths) : null
  const wrap = family === 'steel-frame' ? wrapFor(survey, lengths) : null
  const siding = readValue(survey, 'siding.plane')
  const clearWidth = leaf && HINGED.has(family) ? clearOf(leaf, survey, lengths) : null
  const found: Omit<FamilySpecification, 'findings'> = {
    mass,
    hinges,
    storm,
    wrap,
    panels: panelsOf(survey),
    siding: family === 'slider' && siding !== null && siding > 0 ? fillThickness(siding, trade.fillers) : null,
    lock: family === 'interior' ? lockFamily(survey, lengths, trade.locks) : null,
    clearWidth,
  }
  return { ...found, findings: judgeFamily(found, input) }
}

const HINGED: ReadonlySet<Family> = new Set<Family>([
  'hinged-outside',
  'pair',
  'sidelights',
  'storm',
  'steel-leaf',
  'steel-frame',
  'interior',
])
const EXTERIOR: ReadonlySet<Family> = new Set<Family>(['hinged-outside', 'pair', 'sidelights', 'storm'])

function hingesFor(leaf: Size, mass: LeafMass, { family, lengths, trade }: FamilyInput): HingePlan | null {
  const spacing = minus(leaf.height, plus(lengths['hinge-top'].value, lengths['hinge-bottom'].value))
  return spacing > 0 ? planHinges(mass, leaf, spacing, EXTERIOR.has(family), trade.hinges) : null
}

function stormOpening(survey: Survey, lengths: TradeLengths): FamilySpecification['storm'] {
  const [widths, heights] = [sizesRead(survey, 'brickmould', 'widths'), sizesRead(survey, 'brickmould', 'heights')]
  if (widths.length === 0 || heights.length === 0) return null
  const other = { half: lengths['handle-half'].value, proud: lengths['storm-handle-proud'].value }
  return {
    width: step('unit.smallest-width', 'smallest', widths),
    height: step('unit.smallest-height', 'smallest', heights),
    taken: takenHeights(entryHardware(survey, lengths), other, {
      space: readValue(survey, 'doors.space'),
      spare: lengths['handle-spare'].value,
      depthSpare: lengths['handle-depth-spare'].value,
    }),
  }
}

/** The entry door's handle and deadbolt, where both height and projection were read. */
export function entryHardware(survey: Survey, lengths: TradeLengths): readonly Projection[] {
  const at = (name: 'handle' | 'lock'): readonly Projection[] => {
    const [middle, proud] = [readValue(survey, `${name}.height`), readValue(survey, `${name}.proud`)]
    return middle === null || proud === null ? [] : [{ middle, proud, half: lengths[`${name}-half`].value }]
  }
  return [...at('handle'), ...at('lock')]
}

function wrapFor(survey: Survey, lengths: TradeLengths): FamilySpecification['wrap'] {
  const walls = (['wall.left', 'wall.head', 'wall.right'] as const).flatMap(slot => readingLeaf(survey, slot) ?? [])
  if (walls.length === 0) return null
  const wall = step('jamb.thickest-wall', 'largest', walls)
  return {
    wall,
    ...wrapFrame(wall.value, {
      step: lengths['wrap-step'].value,
      least: lengths['wrap-least'].value,
      most: lengths['wrap-most'].value,
      stripThickness: lengths['wrap-strip'].value,
      return: lengths['wrap-return'].value,
      room: lengths['wrap-room'].value,
      fitsUpTo: lengths['wrap-fits'].value,
      packsUpTo: lengths['wrap-packs'].value,
    }),
  }
}

function panelsOf(survey: Survey): 'OX' | 'XO' | null {
  const moving = survey.facts.get('fact.moving-panel')?.code
  return moving === undefined ? null : moving === 'left' ? 'OX' : 'XO'
}

/** The lock family a backset belongs to: the nearest one within the trade's limit; `null` when none is near. */
function lockFamily(survey: Survey, lengths: TradeLengths, locks: readonly LockFamily[]): LockFamily | null {
  const read = readValue(survey, 'backset')
  const found = read === null ? null : nearestLockFamily(read, locks, lengths['backset-near'].value)
  return found?.isNear ? found.nearest : null
}

/** Clear width at a right angle: the leaf less its thickness and the stop it turns past. */
const clearOf = (leaf: Size, survey: Survey, lengths: TradeLengths): Length =>
  minus(
    leaf.width,
    plus(readValue(survey, 'leaf.thickness') ?? lengths['leaf-thickness'].value, lengths['stop-width'].value),
  )

function make(
  code: FamilyCode,
  place: string,
  severity: Finding['severity'],
  facts: Finding['facts'],
  rule: string,
  cures: readonly string[] = [],
): Finding<FamilyCode> {
  return { code, place, severity, facts, rule, cures }
}

function judgeFamily(found: Omit<FamilySpecification, 'findings'>, input: FamilyInput): readonly Finding<FamilyCode>[] {
  return [
    ...judgeStorm(found, input),
    ...judgeClosers(found, input),
    ...judgeWrap(found, input),
    ...judgeSlider(input),
    ...judgeLock(input),
    ...judgeWeight(found, input),
    ...judgeSettings(found, input),
  ]
}

function judgeStorm({ storm }: Pick<FamilySpecification, 'storm'>, { survey, lengths }: FamilyInput) {
  if (!storm) return []
  const widths = sizesRead(survey, 'brickmould', 'widths').map(one => one.value)
  const spread = minus(largestOf(widths), smallestOf(widths))
  const limit = lengths['square-fine']
  const tapers = spread > limit.value
  return [
    ...(tapers
      ? [
          make(
            'trim-tapers',
            'brickmould/widths.top',
            'watch',
            { spread: { length: spread }, limit: { length: limit.value } },
            limit.id,
            ['mould.pad-out'],
          ),
        ]
      : []),
    ...storm.taken.map(band =>
      make(
        'handles-meet',
        'handle.height',
        'watch',
        { from: { length: band.from }, to: { length: band.to } },
        'handle-spare',
      ),
    ),
  ]
}

/** A tall or heavy storm door slams one closer to pieces. */
function judgeClosers(
  { storm, mass }: Pick<FamilySpecification, 'storm' | 'mass'>,
  { family, survey, lengths, trade }: FamilyInput,
) {
  const limit = lengths['two-closers-height']
  const isTall = storm !== null && storm.height.value > limit.value
  const kg = mass?.kg ?? Number(survey.facts.get('fact.weight')?.code ?? 0)
  const isHeavy = family === 'storm' && kg > trade.twoClosersKg
  if (!isTall && !isHeavy) return []
  const facts = {
    ...(storm ? { height: { length: storm.height.value } } : {}),
    limit: { length: limit.value },
    ...(isHeavy ? { kg: Math.round(kg * 10) / 10 } : {}),
    most: trade.twoClosersKg,
  }
  return [make('two-closers', 'brickmould/heights.left', 'watch', facts, limit.id)]
}

function judgeWrap({ wrap }: Pick<FamilySpecification, 'wrap'>, { survey }: FamilyInput) {
  if (!wrap) return []
  const facts = {
    wall: { length: wrap.wall.value },
    throat: { length: wrap.throat },
    overall: { length: wrap.overall },
    over: { length: wrap.over },
    strips: wrap.strips,
  }
  const code = { fits: 'throat-fits', pack: 'throat-packed', none: 'throat-none' } as const
  const severity = { fits: 'fine', pack: 'watch', none: 'stop' } as const
  const isFinished = survey.facts.get('fact.wall-state')?.code === 'finished'
  return [
    make(code[wrap.verdict], 'wall.left', severity[wrap.verdict], facts, 'wrap-fits'),
    ...(isFinished ? [make('no-welded-frame', 'fact.wall-state', 'watch', {}, 'wrap')] : []),
  ]
}

function judgeSlider({ family, opening, lengths }: FamilyInput) {
  if (family !== 'slider' || !opening) return []
  const fall = magnitude(minus(opening.points.R0.y, opening.points.L0.y))
  const limit = lengths['slider-sill']
  if (fall <= limit.value) return []
  return [
    make('slider-sill', 'fall.sill', 'correct', { fall: { length: fall }, limit: { length: limit.value } }, limit.id, [
      'level.raise-low-end',
    ]),
  ]
}

/** A privacy lock in a leaf with only a tubular latch needs a case chopped in, or a bolt of the same backset added. */
function judgeLock({ family, survey }: FamilyInput) {
  const [kind, wanted] = [survey.facts.get('fact.lock-case')?.code, survey.facts.get('fact.lock-function')?.code]
  if (family !== 'interior' || kind !== 'tubular latch' || !wanted || wanted === 'passage') return []
  return [make('latch-to-case', 'fact.lock-case', 'watch', { wanted }, 'lock', ['lock.chop-case', 'lock.add-bolt'])]
}

function judgeWeight({ mass, hinges }: Pick<FamilySpecification, 'mass' | 'hinges'>, { family, trade }: FamilyInput) {
  if (!mass) return []
  const facts = { kg: Math.round(mass.kg * 10) / 10 }
  return [
    ...(hinges && hinges.hinge === null ? [make('hinges-too-weak', 'fact.weight', 'correct', facts, 'hinges')] : []),
    ...(family === 'interior' && hinges?.hinge && hinges.hinge !== trade.hinges.classes[0]
      ? [make('deeper-mortises', 'fact.weight', 'watch', facts, 'hinges')]
      : []),
    ...(mass.kg > trade.crewLiftKg ? [make('two-people', 'fact.weight', 'watch', facts, 'crew-lift')] : []),
  ]
}

function judgeSettings(
  { clearWidth }: Pick<FamilySpecification, 'clearWidth'>,
  { wishes, lengths }: FamilyInput,
): readonly Finding<FamilyCode>[] {
  const asks = wishes.settings.includes('escape') || wishes.settings.includes('accessible')
  const limit = lengths['clear-width']
  const narrow = asks && clearWidth !== null && clearWidth < limit.value
  return [
    ...(narrow
      ? [
          make(
            'clear-width',
            'unit',
            'correct',
            { clear: { length: clearWidth }, limit: { length: limit.value } },
            limit.id,
            ['code.ask-locally'],
          ),
        ]
      : []),
    ...wishes.settings.map(setting =>
      make('setting', `setting.${setting}`, 'watch', { setting }, setting, ['code.ask-locally']),
    ),
  ]
}
