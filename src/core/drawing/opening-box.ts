import type { JobResult } from '../job'
import type { OpeningPoints } from '../opening/opening'
import type { FactSlot } from '../survey/facts'
import type { Slot } from '../survey/slots'
import { readValue } from '../survey/survey'
import { inches, type Length } from '../units/length'

/** The upright box that an opening or leaf roughly fills, real-valued ticks: what parts and readings are laid out in. */
export type Extent = {
  readonly left: number
  readonly right: number
  readonly bottom: number
  readonly top: number
  readonly width: number
  readonly height: number
}

export function extentOf({ L0, L2, R0, R2 }: OpeningPoints): Extent {
  const [left, right] = [(L0.x + L2.x) / 2, (R0.x + R2.x) / 2]
  const [bottom, top] = [(L0.y + R0.y) / 2, (L2.y + R2.y) / 2]
  return { left, right, bottom, top, width: right - left, height: top - bottom }
}

/** What was read, else what is usual: a part that was not read is drawn where it mostly is. */
export const readOr = ({ survey }: JobResult, slot: Slot, usual: Length): Length => readValue(survey, slot) ?? usual

export const saidOr = ({ survey }: JobResult, slot: FactSlot, usual: string): string =>
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

/** The meeting lines of a door with several panels: x of each, from the left. */
export function divisions(result: JobResult, { left, right, width }: Extent): readonly number[] {
  switch (result.family) {
    case 'pair': {
      const active = readValue(result.survey, 'leaf.active')
      const onLeft = saidOr(result, 'fact.active-leaf', 'right') === 'left'
      if (active === null || active >= width) return [left + width / 2]
      return [onLeft ? left + active : right - active]
    }
    case 'sidelights': {
      const share = width / 4
      const [l, r] = (['left', 'right'] as const).map(side => {
        if (result.survey.skipped.has(`sidelight.${side}`)) return 0
        return readValue(result.survey, `sidelight.${side}`) ?? share
      }) as [number, number]
      return l + r < width ? [left + l, right - r] : [left + share, right - share]
    }
    case 'slider':
      return [left + width / 2]
    default:
      return []
  }
}
