import type { TradeLengths } from '../base/trade-lengths'
import { type Length, magnitude, minus, ZERO } from '../units/length'

export type JambOption = {
  readonly kind: 'standard' | 'extension' | 'solid'
  readonly jamb: Length
  /** How far a standard stands proud (+) or shy (−) of the wall; the depth of an extension; 0 for a solid jamb. */
  readonly difference: Length
}

export type JambRules = {
  readonly standards: readonly Length[]
  readonly extensionLimit: Length
  /** A standard this far off the wall, either way, stands alone. */
  readonly near: Length
  /** The most a standard may stand proud of the wall. */
  readonly proudMost: Length
}

/** The trade's rules for these standards. */
export const jambRules = (standards: readonly Length[], lengths: TradeLengths): JambRules => ({
  standards,
  extensionLimit: lengths['jamb-extension'].value,
  near: lengths['jamb-near'].value,
  proudMost: lengths['jamb-proud-most'].value,
})

/** Every way to make a jamb for `wall` (the wall stack with its spare already in) and the one to pick.
 *  A standard that is near stands alone; else the next larger while it is not too proud, then an extension, then solid. */
export function chooseJamb(
  wall: Length,
  { standards, extensionLimit, near: nearEnough, proudMost }: JambRules,
): {
  readonly options: readonly JambOption[]
  readonly pick: number
} {
  const near = standards.find(one => magnitude(minus(one, wall)) <= nearEnough)
  if (near !== undefined) return { options: [{ kind: 'standard', jamb: near, difference: minus(near, wall) }], pick: 0 }
  const larger = [...standards].filter(one => one > wall).sort((a, b) => a - b)
  const [smaller] = standards.filter(one => one < wall).sort((a, b) => b - a)
  const last: JambOption =
    smaller !== undefined && wall - smaller <= extensionLimit
      ? { kind: 'extension', jamb: smaller, difference: minus(wall, smaller) }
      : { kind: 'solid', jamb: wall, difference: ZERO }
  const options = [
    ...larger.map((jamb): JambOption => ({ kind: 'standard', jamb, difference: minus(jamb, wall) })),
    last,
  ]
  const proud = options[0]!
  const pick = proud.kind === 'standard' && proud.difference <= proudMost ? 0 : options.length - 1
  return { options, pick }
}
