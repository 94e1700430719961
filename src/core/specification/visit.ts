// What is asked once when an opening is first looked at: why, what stays, what is in the way, and whether the wall itself is to change.

export const REASONS = ['draft', 'water', 'rot', 'noise', 'security'] as const
export type Reason = (typeof REASONS)[number]

export const STAYS = ['outside-casing', 'inside-casing', 'bell-wire', 'hardware'] as const
export type Stays = (typeof STAYS)[number]

export const OBSTACLES = ['radiator', 'switch', 'alarm-contact', 'bell', 'letter-plate', 'steps', 'furniture'] as const
export type Obstacle = (typeof OBSTACLES)[number]

export const STRUCTURES = ['as-it-is', 'wider', 'higher', 'moved'] as const
export type Structure = (typeof STRUCTURES)[number]

export type Visit = {
  readonly reasons: readonly Reason[]
  /** What is left as it is; `null` until it was asked. */
  readonly stays: readonly Stays[] | null
  readonly obstacles: readonly Obstacle[]
  /** What is to become of the hole in the wall. */
  readonly structure: Structure
}

export const NO_VISIT: Visit = { reasons: [], stays: null, obstacles: [], structure: 'as-it-is' }

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
