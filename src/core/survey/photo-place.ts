import { FACT_SLOTS } from './facts'
import { SLOTS } from './slots'

/** What a photo can belong to beside the opening as a whole: a question of the survey, or the unit that was delivered for it. Apart
 *  from the schema, so that a page can ask without carrying the parser. */
export const PHOTO_PLACES = [...SLOTS, ...FACT_SLOTS, 'delivery'] as const
export type PhotoPlace = (typeof PHOTO_PLACES)[number]

export const isOfDelivery = ({ slot }: { readonly slot: PhotoPlace | null }): boolean => slot === 'delivery'
