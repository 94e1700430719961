import { type TuneLeavesGiven, tuneLeaves } from '@/core/fit/tune-leaves'
import { planAll } from '@/core/plan/plan-all'
import { frontOf, type Load } from '@/core/seal/front'

/** What is worked out beside the page's own work, by name: plain data in, plain data out. */
export const HEAVY = {
  tune: (given: TuneLeavesGiven) => tuneLeaves(given),
  board: (given: Parameters<typeof planAll>[0]) => planAll(given),
  plans: (edges: readonly (readonly Load[])[]) => frontOf(edges),
} as const
export type HeavyName = keyof typeof HEAVY
export type GivenOf<N extends HeavyName> = Parameters<(typeof HEAVY)[N]>[0]
export type AnswerOf<N extends HeavyName> = ReturnType<(typeof HEAVY)[N]>

export type Asked = { readonly id: number; readonly name: HeavyName; readonly given: unknown }
export type Answered =
  | { readonly id: number; readonly value: unknown }
  | { readonly id: number; readonly failed: string }
