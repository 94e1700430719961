import { randomFrom, wholeFrom } from '../base/random'
import { modelled, UNKNOWN, UNKNOWN_COUNT, type Unknowns } from '../opening/network-model'
import { kindOf, type NetworkReading } from '../survey/network'
import { WAY_READINGS } from '../survey/ways'
import { inches, type Length, minus, nearestTick, plus, TICKS_PER_INCH, ZERO } from '../units/length'

/** What can be wrong with a made-up opening. */
export const FAULTS = ['lean', 'taper', 'bulge', 'sill-falls', 'sill-crowned', 'head-falls'] as const
export type Fault = (typeof FAULTS)[number]

/** A made-up opening: how large it truly is, and what is wrong with it. Never shown before it is scored. */
export type Exercise = { readonly unknowns: Unknowns; readonly faults: readonly Fault[] }

/** The readings a learner can take: those of an opening whose trim is off. */
export const EXERCISE_READINGS: readonly NetworkReading[] = WAY_READINGS['trim-off']

const SIXTY_FOURTH = TICKS_PER_INCH / 64

/** A made-up opening with one to three faults: the same for the same seed. */
export function exerciseFrom(seed: number): Exercise {
  const random = randomFrom(seed)
  const sixtyFourths = (least: number, most: number) => wholeFrom(random, least, most) * SIXTY_FOURTH
  const width = sixtyFourths(30 * 64, 42 * 64)
  const height = sixtyFourths(80 * 64, 86 * 64)
  const faults = someOf(FAULTS, wholeFrom(random, 1, 3), random)
  const u = new Float64Array(UNKNOWN_COUNT)
  for (const i of [UNKNOWN.X_R0, UNKNOWN.X_R1, UNKNOWN.X_R2]) u[i] = width
  for (const i of [UNKNOWN.Y_L2, UNKNOWN.Y_R2, UNKNOWN.Y_T]) u[i] = height
  const side = random() < 0.5 ? -1 : 1
  for (const fault of faults) put(fault, u, side * sixtyFourths(14, 32))
  return { unknowns: u.map(value => value + Math.round((random() - 0.5) * 4) * SIXTY_FOURTH), faults }
}

function someOf<T>(all: readonly T[], count: number, random: () => number): readonly T[] {
  const left = [...all]
  return Array.from({ length: count }, () => left.splice(wholeFrom(random, 0, left.length - 1), 1)[0]!)
}

/** Puts a fault of this size into a true opening. */
function put(fault: Fault, u: Unknowns, size: number): void {
  const add = (indexes: readonly number[], by: number) => {
    for (const i of indexes) u[i]! += by
  }
  const { X_L1, X_L2, X_R1, X_R2, X_R0, Y_R0, Y_S, Y_L2, Y_R2, Y_T } = UNKNOWN
  switch (fault) {
    case 'lean':
      add([X_L2, X_R2], size)
      add([X_L1, X_R1], size / 2)
      return
    case 'taper':
      add([X_R0], -Math.abs(size))
      add([X_R1], -Math.abs(size) / 2)
      return
    case 'bulge':
      add([X_L1], Math.abs(size))
      return
    case 'sill-falls':
      add([Y_R0], size / 2)
      add([Y_S], size / 4)
      return
    case 'sill-crowned':
      add([Y_S], Math.abs(size) / 2)
      return
    case 'head-falls':
      add([Y_R2], size / 2)
      add([Y_T], size / 4)
      add([Y_L2], 0)
  }
}

/** What a perfect hand would read: a size, the lean or fall over the whole side, a bow or crown. */
export const truthOf = ({ unknowns }: Exercise, name: NetworkReading): Length =>
  nearestTick(modelled(name, unknowns).value)

/** How the learner takes a reading: where the hook sits, how far the tape is stretched, and the level's length. */
export type Grip = { readonly hook: Place; readonly stretch: Place; readonly level: Length }
/** On the stud or floor itself, or on what stands before it. */
export type Place = 'on' | 'before'

/** How far before the stud or floor the wrong place is: the casing's edge, the old sill. */
export const BEFORE: Length = inches(0, 1, 2)

/** What the scale shows for a grip: a tape from hook to reading, or the gap at a level's or straightedge's end. */
export function shownOf(exercise: Exercise, name: NetworkReading, { hook, stretch, level }: Grip): Length {
  const truth = truthOf(exercise, name)
  switch (kindOf(name)) {
    case 'lean':
    case 'fall':
      return nearestTick((truth * level) / spanOf(exercise, name))
    case 'bow':
    case 'crown':
      return truth
    default:
      return minus(truth, plus(hook === 'before' ? BEFORE : ZERO, stretch === 'before' ? BEFORE : ZERO))
  }
}

/** How long the side, sill or head is that a level is held to. */
export function spanOf(exercise: Exercise, name: NetworkReading): Length {
  return truthOf(exercise, kindOf(name) === 'lean' ? 'heights.left' : 'widths.bottom')
}
