import type { Hanging, LockKind } from '../catalogue/unit-values'
import { type SettingSheet, SILENT_SETTING } from '../specification/bedding'
import { readValue, type Survey } from '../survey/survey'
import type { Length } from '../units/length'
import type { FasteningPoint, FrameToFasten } from './fastening'
import type { HingeScrews } from './hanging'
import type { UnitForm } from './setting-step'

/** The lists of steps, each named by how a door is set. */
export const STEP_LISTS = [
  'prehung-outside',
  'two-leaves',
  'between-lights',
  'sliding',
  'on-trim',
  'into-frame',
  'round-wall',
  'inside-wall',
  'into-leaf',
  'made-to-work',
  'leaves-made-to-work',
  'panel-made-to-work',
] as const
export type StepList = (typeof STEP_LISTS)[number]

/** What a unit's sheet asks for when it is set. */
export type MakerAsks = SettingSheet & {
  readonly hasCap: boolean
  /** Screws into the header; `null` where the sheet is silent. */
  readonly asksHeadScrews: boolean | null
  /** That it stays in its clip until both legs are set. */
  readonly asksClip: boolean | null
  /** How it comes, and how a storm door's rail is hung; `null` where its kind has no such thing or the sheet is silent. */
  readonly form: UnitForm | null
  readonly hanging: Hanging | null
  /** The set screws of its hinges; `null` where its sheet tells of none. */
  readonly hingeScrews: HingeScrews | null
  /** What kind of lock goes in; `null` for what is no lock. */
  readonly lock: LockKind | null
}
export const NOTHING_ASKED: MakerAsks = {
  ...SILENT_SETTING,
  hasCap: false,
  asksHeadScrews: null,
  asksClip: null,
  form: null,
  hanging: null,
  hingeScrews: null,
  lock: null,
}

/** What fitting and sealing read off a unit's frame. */
export type FrameOf = Pick<FrameToFasten, 'sidelights'> & {
  readonly jamb: Length | null
  readonly legThickness: Length | null
  readonly legMaterial: string | null
  readonly passiveLeaf: Length | null
}

/** How wide the passive leaf of two is: the chosen frame's, else as it was read; `null` while neither is known. */
export const passiveWidth = (frame: Pick<FrameOf, 'passiveLeaf'> | null, survey: Survey): Length | null =>
  frame?.passiveLeaf ?? readValue(survey, 'leaf.passive')

/** What fitting asks of a kind of door. */
export type FitOf = {
  /** It comes with a closer of its own. */
  readonly bringsCloser?: true
  /** Where its frame is packed and fastened. */
  readonly points: (frame: FrameToFasten) => readonly FasteningPoint[]
  /** What holds it: screws through packs, or anchors of its own. */
  readonly fastener: 'screw' | 'anchor'
  readonly steps: StepList
  /** Whether it closes the house: what stands open of it must be closed by dark. */
  readonly isOutside: boolean
  /** Whether it has a sill outside, on a bed of its own. */
  readonly hasSill: boolean
  /** What is tuned once it stands: one leaf on its hinges, two that meet, or a panel on its rollers; `null` where nothing is. */
  readonly tunes: 'leaf' | 'leaves' | 'panel' | null
  /** How it comes where its sheet does not say; `null` where that makes no difference. */
  readonly form: UnitForm | null
}
