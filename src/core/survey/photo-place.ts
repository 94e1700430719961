import { FACT_SLOTS } from './facts'
import { SLOTS } from './slots'

/** What a first look is shown by, apart from its readings. */
export const PHOTO_VIEWS = ['door', 'lock-edge', 'label', 'glass', 'threshold', 'corners'] as const
export type PhotoView = (typeof PHOTO_VIEWS)[number]

/** What a photo can belong to beside the opening as a whole: a question of the survey, the unit that was delivered for it, or
 *  a step of the work. Apart
 *  from the schema, so that a page can ask without carrying the parser. */
export const PHOTO_PLACES = [...SLOTS, ...FACT_SLOTS, 'delivery'] as const
/** A step of the work, by its id; or a place that is not sound. */
export type StepPhotoPlace = `step.${string}`
export type UnsoundPhotoPlace = `condition.${string}`
/** An edge of the closed door, by its id. */
export type EdgePhotoPlace = `seal.${string}`
/** A test at hand-over, by its id; a call-back, by its id. */
export type TestPhotoPlace = `test.${string}`
export type PhotoPlace =
  | (typeof PHOTO_PLACES)[number]
  | `view.${PhotoView}`
  | StepPhotoPlace
  | UnsoundPhotoPlace
  | EdgePhotoPlace
  | TestPhotoPlace

export const viewPlace = (view: PhotoView) => `view.${view}` as const

export const isOfDelivery = ({ slot }: { readonly slot: PhotoPlace | null }): boolean => slot === 'delivery'
