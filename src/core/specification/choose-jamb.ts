import { inches, type Length, magnitude, minus, ZERO } from '../units/length'

export type JambOption = {
  readonly kind: 'standard' | 'extension' | 'solid'
  readonly jamb: Length
  /** How far a standard stands proud (+) or shy (−) of the wall; the depth of an extension; 0 for a solid jamb. */
  readonly difference: Length
}

export type JambRules = { readonly standards: readonly Length[]; readonly extensionLimit: Length }

const NEAR_ENOUGH = inches(0, 1, 16)
const PROUD_AT_MOST = inches(0, 1, 4)

/** Every way to make a jamb for `wall` (the wall stack with its spare already in) and the one to pick.
 *  A standard within 1/16 stands alone; else the next larger while it is at most 1/4 proud, then an extension, then solid. */
export function chooseJamb(
  wall: Length,
  { standards, extensionLimit }: JambRules,
): {
  readonly options: readonly JambOption[]
  readonly pick: number
} {
  const near = standards.find(one => magnitude(minus(one, wall)) <= NEAR_ENOUGH)
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
  const pick = proud.kind === 'standard' && proud.difference <= PROUD_AT_MOST ? 0 : options.length - 1
  return { options, pick }
}
