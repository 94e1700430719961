import { CORE_VERSION } from '@/core/terms'
import type { CompanyContext } from '@/store/company'
import type { Standing } from '@/store/openings'

/** What works out: another build, or another core, may say something else. */
export const buildNow = (): string => `${process.env.HARVEK_BUILD ?? ''}/${CORE_VERSION}`

/** What is worked out of an opening is worked out of this: whatever of it differs, it is worked out anew. */
export const basisOf = (
  { opening, job, schools }: Standing,
  { firm, catalogueRevision }: Pick<CompanyContext, 'firm' | 'catalogueRevision'>,
): string => [buildNow(), catalogueRevision, firm.revision, job, schools, opening].join('/')

/** Whether what was worked out still holds at `now`, ISO 8601. */
export const stillHolds = (freshUntil: string | null, now: string): boolean => freshUntil === null || freshUntil > now

/** The first of some moments, ISO 8601; `null` where there is none. */
export const soonestOf = (moments: readonly (string | null)[]): string | null =>
  moments.flatMap(one => one ?? []).sort()[0] ?? null
