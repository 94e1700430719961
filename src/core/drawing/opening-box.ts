import type { OpeningPoints } from '../opening/opening'
import type { FactSlot } from '../survey/facts'
import type { Slot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { inches, type Length } from '../units/length'
import type { Drawn, Extent, PartsOf } from './drawn'

export function extentOf({ L0, L2, R0, R2 }: OpeningPoints): Extent {
  const [left, right] = [(L0.x + L2.x) / 2, (R0.x + R2.x) / 2]
  const [bottom, top] = [(L0.y + R0.y) / 2, (L2.y + R2.y) / 2]
  return { left, right, bottom, top, width: right - left, height: top - bottom }
}

/** What was read, else what is usual: a part that was not read is drawn where it mostly is. */
export const readOr = ({ survey }: Drawn, slot: Slot, usual: Length): Length => readValue(survey, slot) ?? usual

export const saidOr = ({ survey }: Drawn, slot: FactSlot, usual: string): string =>
  survey.facts.get(slot)?.code ?? usual

/** Where hinges and bore of a leaf are read from its top when they were not read yet. */
export const USUAL_HINGES: Readonly<Record<'hinge.1' | 'hinge.2' | 'hinge.3', Length>> = {
  'hinge.1': inches(7),
  'hinge.2': inches(38),
  'hinge.3': inches(69),
}
export const USUAL_BORE = inches(41)
export const USUAL_BACKSET = inches(2, 3, 4)
export const USUAL_HANDLE = inches(36)
export const USUAL_LOCK = inches(44)
export const USUAL_HINGE_HEIGHT = inches(4, 1, 2)
export const MOULD = inches(2)

/** One meeting line, in the middle. */
export const halves: PartsOf['divisions'] = (_, { left, width }) => [left + width / 2]

/** Two leaves as the active one was read; else alike. */
export const leavesRead: PartsOf['divisions'] = (drawn, { left, right, width }) => {
  const active = readValue(drawn.survey, 'leaf.active')
  const onLeft = saidOr(drawn, 'fact.active-leaf', 'right') === 'left'
  if (active === null || active >= width) return [left + width / 2]
  return [onLeft ? left + active : right - active]
}

/** A leaf between fixed lights as they were read; else a quarter each. */
export const lightsRead: PartsOf['divisions'] = (drawn, { left, right, width }) => {
  const share = width / 4
  const [l, r] = (['left', 'right'] as const).map(side => {
    if (drawn.survey.skipped.has(`sidelight.${side}`)) return 0
    return readValue(drawn.survey, `sidelight.${side}`) ?? share
  }) as [number, number]
  return l + r < width ? [left + l, right - r] : [left + share, right - share]
}

export const undivided: PartsOf['divisions'] = () => []
