// What is asked once when an opening is first looked at: why, what stays, what is in the way, and whether the wall itself is to change.

export const REASONS = ['draft', 'water', 'rot', 'noise', 'security', 'look', 'light', 'code', 'pet'] as const
export type Reason = (typeof REASONS)[number]

export const STAYS = ['outside-casing', 'inside-casing', 'floor', 'siding', 'bell-wire', 'hardware'] as const
export type Stays = (typeof STAYS)[number]

export const OBSTACLES = ['radiator', 'switch', 'alarm-contact', 'bell', 'letter-plate', 'steps', 'furniture'] as const
export type Obstacle = (typeof OBSTACLES)[number]

export const STRUCTURES = ['as-it-is', 'wider', 'higher', 'moved'] as const
export type Structure = (typeof STRUCTURES)[number]

/** Where something may be unsound, and how. */
export const CONDITION_PLACES = [
  'sill',
  'left-leg',
  'right-leg',
  'head',
  'threshold',
  'leaf',
  'outside-casing',
  'inside-wall',
  'seals',
] as const
export type ConditionPlace = (typeof CONDITION_PLACES)[number]
export const CONDITIONS = ['soft', 'rotten', 'cracked', 'rusted', 'stained', 'missing'] as const
export type Condition = (typeof CONDITIONS)[number]

/** What holds the old frame. */
export const FIXINGS = ['nails', 'screws', 'mixed'] as const
export type Fixings = (typeof FIXINGS)[number]

export type Visit = {
  readonly reasons: readonly Reason[]
  /** What is left as it is; `null` until it was asked. */
  readonly stays: readonly Stays[] | null
  readonly obstacles: readonly Obstacle[]
  /** What is to become of the hole in the wall. */
  readonly structure: Structure
  /** What is not sound, place by place; a place that is not named is sound or was not looked at. */
  readonly condition: { readonly [place in ConditionPlace]?: Condition | undefined }
  /** `null` until it was looked at. */
  readonly fixings: Fixings | null
}

export const NO_VISIT: Visit = {
  reasons: [],
  stays: null,
  obstacles: [],
  structure: 'as-it-is',
  condition: {},
  fixings: null,
}

/** What is not sound, in the order of the places. */
export const unsound = ({
  condition,
}: Visit): readonly { readonly place: ConditionPlace; readonly state: Condition }[] =>
  CONDITION_PLACES.flatMap(place => {
    const state = condition[place]
    return state === undefined ? [] : [{ place, state }]
  })

/** Whether a place stays when the old door comes out. */
export const placeStays = (place: ConditionPlace, { stays }: Visit): boolean =>
  place === 'sill' || place === 'inside-wall' || (place === 'outside-casing' && (stays?.includes(place) ?? false))

/** Whether the outside casing stays: as it was said, else by the practice. */
export const trimStays = ({ stays }: Visit, practice: 'keep' | 'strip'): 'keep' | 'strip' =>
  stays === null ? practice : stays.includes('outside-casing') ? 'keep' : 'strip'

/** What a door is sealed against for a reason. */
const SEALED_AGAINST: { readonly [reason in Reason]?: 'water' | 'sound' } = {
  water: 'water',
  noise: 'sound',
}
export const sealedAgainst = ({ reasons }: Visit): readonly string[] =>
  reasons.flatMap(reason => SEALED_AGAINST[reason] ?? [])
