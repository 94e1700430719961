import type { TradeLengths } from '../base/trade-lengths'
import type { HingeSide } from '../specification/handing'
import type { HingePlaces } from '../specification/hinge-places'
import { hingeMiddles } from '../specification/hinge-places'
import { type Length, minus, nearestTick, plus } from '../units/length'

/** Why a frame is held at a point. */
export type PointWhy = 'hinge' | 'strike' | 'corner' | 'leg' | 'mullion' | 'meeting'

/** One point where a frame can be packed and fastened: up a leg, or along its head. */
export type FasteningPoint = {
  /** `hinge.top`, `strike.latch`, `leg.left.middle`, `mullion.right`. */
  readonly place: string
  readonly member: 'left' | 'right' | 'head'
  /** Above the unit's bottom; along the head from the unit's left end. */
  readonly at: Length
  readonly why: PointWhy
}

/** A frame as far as it decides where it is fastened. Heights are above the unit's bottom. */
export type FrameToFasten = {
  readonly width: Length
  readonly height: Length
  readonly hinges: HingeSide
  readonly leafBottom: Length
  readonly leafHeight: Length
  readonly hingePlaces: HingePlaces
  /** The strike's middle above the leaf's bottom. */
  readonly strikeHeight: Length
  /** Widths of fixed lights; 0 where there is none on that side. */
  readonly sidelights: { readonly left: Length; readonly right: Length }
  /** Of a pair: the left leaf's width. */
  readonly leftLeaf: Length
  readonly lengths: TradeLengths
}

const opposite = (side: HingeSide): HingeSide => (side === 'left' ? 'right' : 'left')

/** What hinges are called, from the top down: the outer ones by their place, those between by their number. */
const hingeName = (i: number, count: number): string =>
  i === 0 ? 'top' : i === count - 1 ? 'bottom' : count === 3 ? 'middle' : String(i + 1)

/** Behind every hinge of one leg. */
export function hingeLeg(frame: FrameToFasten, side: HingeSide, prefix = 'hinge'): readonly FasteningPoint[] {
  const middles = hingeMiddles(frame.hingePlaces, frame.leafHeight)
  return middles.map((middle, i) => ({
    place: `${prefix}.${hingeName(i, middles.length)}`,
    member: side,
    at: plus(frame.leafBottom, middle),
    why: 'hinge',
  }))
}

/** The strike leg: at the strike, near both ends, and for more than three hinges as many points as there are hinges. */
export function strikeLeg(frame: FrameToFasten, side: HingeSide): readonly FasteningPoint[] {
  const corner = frame.lengths['strike-corner'].value
  const [foot, top] = [plus(frame.leafBottom, corner), minus(plus(frame.leafBottom, frame.leafHeight), corner)]
  const strike = plus(frame.leafBottom, frame.strikeHeight)
  const between = [nearestTick((strike + top) / 2), nearestTick((strike + foot) / 2)]
  const more = between.slice(0, Math.max(0, frame.hingePlaces.tops.length - 3))
  const point = (name: string, at: Length, why: PointWhy): FasteningPoint => ({
    place: `strike.${name}`,
    member: side,
    at,
    why,
  })
  return [
    point('top', top, 'corner'),
    ...more.slice(0, 1).map(at => point('upper', at, 'leg')),
    point('latch', strike, 'strike'),
    ...more.slice(1).map(at => point('lower', at, 'leg')),
    point('bottom', foot, 'corner'),
  ]
}

/** A leg that carries neither hinge nor strike: near its ends and in the middle. */
export function plainLeg({ height, lengths }: FrameToFasten, side: HingeSide): readonly FasteningPoint[] {
  const corner = lengths['strike-corner'].value
  const point = (name: string, at: Length): FasteningPoint => ({
    place: `leg.${side}.${name}`,
    member: side,
    at,
    why: 'leg',
  })
  return [point('top', minus(height, corner)), point('middle', nearestTick(height / 2)), point('bottom', corner)]
}

/** One leaf on its hinges: behind every hinge, and down the strike leg. */
export const oneLeaf = (frame: FrameToFasten): readonly FasteningPoint[] => [
  ...hingeLeg(frame, frame.hinges),
  ...strikeLeg(frame, opposite(frame.hinges)),
]

/** Two leaves: behind every hinge of both legs, and one point over where they meet. */
export const twoLeaves = (frame: FrameToFasten): readonly FasteningPoint[] => [
  ...hingeLeg(frame, 'left', 'hinge.left'),
  ...hingeLeg(frame, 'right', 'hinge.right'),
  { place: 'meeting', member: 'head', at: meetingAt(frame), why: 'meeting' },
]

/** Where two leaves meet, from the unit's left end. */
const meetingAt = ({ width, leftLeaf, lengths }: FrameToFasten): Length =>
  leftLeaf > 0 ? plus(leftLeaf, nearestTick(lengths['core-width'].value / 2)) : nearestTick(width / 2)

/** A leaf between fixed lights: the outer legs, hinge or strike leg where no light stands there, and over every mullion. */
export function betweenLights(frame: FrameToFasten): readonly FasteningPoint[] {
  const { width, sidelights, hinges } = frame
  const legOn = (side: HingeSide) => {
    if (sidelights[side] > 0) return plainLeg(frame, side)
    return side === hinges ? hingeLeg(frame, side) : strikeLeg(frame, side)
  }
  const mullion = (side: HingeSide): readonly FasteningPoint[] => {
    if (sidelights[side] === 0) return []
    const at = side === 'left' ? sidelights.left : minus(width, sidelights.right)
    return [{ place: `mullion.${side}`, member: 'head', at, why: 'mullion' }]
  }
  return [...legOn('left'), ...legOn('right'), ...mullion('left'), ...mullion('right')]
}

/** A frame whose panels slide: latch height first, then above and below, on both legs. */
export function slidingLegs({ height, strikeHeight, leafBottom, lengths }: FrameToFasten): readonly FasteningPoint[] {
  const corner = lengths['strike-corner'].value
  const leg = (side: HingeSide): readonly FasteningPoint[] => [
    { place: `leg.${side}.latch`, member: side, at: plus(leafBottom, strikeHeight), why: 'strike' },
    { place: `leg.${side}.top`, member: side, at: minus(height, corner), why: 'leg' },
    { place: `leg.${side}.bottom`, member: side, at: corner, why: 'leg' },
  ]
  return [...leg('left'), ...leg('right')]
}

/** What stands on its trim, or hangs in a frame that stays: nothing is packed. */
export const nothingFastened = (): readonly FasteningPoint[] => []

/** Whether anything of a kind of door is packed and fastened at points. */
export const isPacked = ({
  points,
}: {
  readonly points: (frame: FrameToFasten) => readonly FasteningPoint[]
}): boolean => points !== nothingFastened
