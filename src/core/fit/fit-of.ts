import { type SettingSheet, SILENT_SETTING } from '../specification/bedding'
import type { Length } from '../units/length'
import type { FasteningPoint, FrameToFasten } from './fastening'

/** The lists of setting steps that are worked out. */
export const STEP_LISTS = ['prehung-outside'] as const
export type StepList = (typeof STEP_LISTS)[number]

/** What a unit's sheet asks for when it is set. */
export type MakerAsks = SettingSheet & { readonly hasCap: boolean }
export const NOTHING_ASKED: MakerAsks = { ...SILENT_SETTING, hasCap: false }

/** What fitting and sealing read off a unit's frame. */
export type FrameOf = Pick<FrameToFasten, 'sidelights'> & {
  readonly jamb: Length | null
  readonly legThickness: Length | null
  readonly passiveLeaf: Length | null
}

/** What fitting asks of a kind of door. */
export type FitOf = {
  /** Where its frame is packed and fastened. */
  readonly points: (frame: FrameToFasten) => readonly FasteningPoint[]
  /** What holds it: screws through packs, or anchors of its own. */
  readonly fastener: 'screw' | 'anchor'
  /** Its setting steps; `null` while they are not worked out for this kind. */
  readonly steps: StepList | null
}
