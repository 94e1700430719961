import { type Length, nearestTick } from '../units/length'

/** By how much the roller farther from the lock jamb is raised, so that the panel stands parallel to it; negative: lowered. The gaps are
 *  read between the panel's edge and that jamb. lift = (gap at top − gap at bottom)·roller spacing / panel height. */
export const rollerLift = (gapTop: Length, gapBottom: Length, panelHeight: Length, rollerSpacing: Length): Length =>
  nearestTick(((gapTop - gapBottom) * rollerSpacing) / panelHeight)

/** Turns of a hinge's set screw that move the leaf by `needed`, to the nearest eighth: needed / advance of one turn. */
export const hingeTurns = (needed: Length, advance: Length): number => Math.round((8 * needed) / advance) / 8
