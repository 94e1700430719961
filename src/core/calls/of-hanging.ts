import type { CallTrade } from '../call-trade'
import { type Reader, reject } from '../calls-input'
import { sillSupports } from '../opening/sill-supports'
import {
  ADJUSTERS,
  type Adjuster,
  type HungLeaf,
  isThere,
  MOST_HINGES,
  type Move,
  predictReveals,
  REVEALS,
  type RevealName,
  type Reveals,
} from '../tuning/reveals'
import { hingeTurns, rollerLift } from '../tuning/small-sums'
import { tuneReveals } from '../tuning/tune-reveals'
import { inches, type Length, nearestTick } from '../units/length'
import { aboveZero, type Calls, closing, positive, sizeOr } from './call'
import { placedFrom } from './of-opening'

const MOST_STEPS = 48
const USUAL_LIMITS = [-12, 12] as const
const AIMS = ['band', 'middle'] as const

/** What is asked of a hung leaf and of what it stands on. */
export const HANGING_CALLS: Calls = {
  'reveal.predict': input => {
    const hung = hungFrom(input)
    const step = stepFrom(input)
    return predictReveals(hung, revealsFrom(input.object('reveals')), movesFrom(input, hung), step)
  },
  'reveal.tune': (input, trade) => tune(input, trade),
  'slider.level': input => ({
    lift: rollerLift(
      input.length('gapTop'),
      input.length('gapBottom'),
      positive(input, 'panelHeight'),
      positive(input, 'rollerSpacing'),
    ),
  }),
  'hinge.turns': input => ({ turns: hingeTurns(input.length('needed'), positive(input, 'advance')) }),
  'sill.supports': (input, trade) => {
    const { points, unit, placement } = placedFrom(input, trade)
    const every = aboveZero(input.optionalLength('every') ?? trade.lengths['support-every'].value, input.path('every'))
    return { supports: sillSupports(points, placement, unit.width, every) }
  },
}

function tune(input: Reader, { lengths }: CallTrade): unknown {
  const hung = hungFrom(input)
  const reveals = revealsFrom(input.object('reveals'))
  const step = stepFrom(input)
  const target = sizeOr(input, 'target', lengths['reveal-target'].value)
  const sillTarget = sizeOr(input, 'sillTarget', target)
  const tolerance = sizeOr(input, 'tolerance', lengths['test-margins'].value)
  const own = input.optionalObject('targets')
  const targets: Reveals = own ? revealsFrom(own) : {}
  const isMiddle = input.optionalText('aim') !== undefined && input.choice('aim', AIMS) === 'middle'
  const half = nearestTick(step / 2)
  const usual = (name: RevealName): Length => (name.startsWith('sill') ? sillTarget : target)
  const tuned = tuneReveals({
    ...hung,
    reveals,
    aims: Object.fromEntries(REVEALS.map(name => [name, targets[name] ?? usual(name)])) as Record<RevealName, Length>,
    tolerance: isMiddle ? half : tolerance,
    bind: isMiddle ? half : lengths['reveal-bind'].value,
    step,
    limits: limitsFrom(input, hung),
    evenOut: input.optionalFlag('evenOut') ?? false,
  })
  return tuned ?? reject('reveal.binds', input.path('limits'))
}

const stepFrom = (input: Reader): Length => {
  const step = input.optionalLength('step')
  return step === undefined ? inches(0, 1, 32) : positive(input, 'step')
}

function hungFrom(input: Reader): HungLeaf {
  const leaf = closing(input.object('leaf'), one => ({
    width: positive(one, 'width'),
    height: positive(one, 'height'),
  }))
  const hinges = closing(input.object('hinges'), one => {
    const [bottom, middle, top] = [one.length('bottom'), one.optionalLength('middle') ?? null, one.length('top')]
    const several = one.optionalLengths('inner')
    if (bottom >= top) reject('input.rising', one.path('top'))
    if (middle !== null && (middle <= bottom || middle >= top)) reject('input.rising', one.path('middle'))
    if (!several) return { bottom, inner: middle === null ? [] : [middle], top }
    const falls = [top, ...several, bottom].every((at, i, all) => i === 0 || at < all[i - 1]!)
    if (middle !== null || !falls || several.length > MOST_HINGES - 2) reject('input.rising', one.path('inner'))
    return { bottom, inner: several, top }
  })
  return { leaf, hinges }
}

const revealsFrom = (input: Reader): Reveals =>
  closing(input, one =>
    Object.fromEntries(
      REVEALS.flatMap(name => {
        const value = one.optionalLength(name)
        return value === undefined ? [] : [[name, value] as const]
      }),
    ),
  )

function movesFrom(input: Reader, { hinges }: HungLeaf): readonly Move[] {
  if (Array.isArray(input.value('moves')) && (input.value('moves') as unknown[]).length === 0) return []
  return input.objects('moves').map(one =>
    closing(one, move => {
      const adjuster = move.choice('adjuster', ADJUSTERS)
      if (!isThere(hinges, adjuster)) reject('input.choice', move.path('adjuster'))
      const steps = move.number('steps')
      return { adjuster, steps: Number.isInteger(steps) ? steps : reject('input.whole', move.path('steps')) }
    }),
  )
}

function limitsFrom(input: Reader, { hinges }: HungLeaf): Readonly<Record<Adjuster, readonly [number, number]>> {
  const own = input.optionalObject('limits')
  const read = (adjuster: Adjuster): readonly [number, number] => {
    if (!isThere(hinges, adjuster)) return [0, 0]
    const pair = own?.optionalNumbers(adjuster)
    if (!own || !pair) return USUAL_LIMITS
    const [least, most] = pair
    const isRange = pair.length === 2 && pair.every(Number.isInteger) && least! <= most!
    if (!isRange || least! < -MOST_STEPS || most! > MOST_STEPS) return reject('input.span', own.path(adjuster))
    return [least!, most!]
  }
  const limits = Object.fromEntries(ADJUSTERS.map(one => [one, read(one)])) as Record<
    Adjuster,
    readonly [number, number]
  >
  own?.close()
  return limits
}
