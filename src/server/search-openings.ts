import { FAMILIES } from '@/core/base/kinds'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { type FoundOpening, findOpenings, type SearchWord } from '@/store/find-openings'
import { FAMILY_NAMES } from '@/words/kinds'

export type FoundOpenings = {
  readonly search: string
  readonly openings: readonly FoundOpening[]
  readonly count: number
}

const MOST_WORDS = 8
const MOST_SHOWN = 200

/** Openings in which every word of `search` stands, a family's own words too. */
export async function searchOpenings(db: Db, acting: Acting, search: string): Promise<FoundOpenings> {
  const words = search.trim().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS)
  return { search, ...(await findOpenings(db, acting, words.map(asWord), MOST_SHOWN)) }
}

const asWord = (word: string): SearchWord => ({
  word,
  families: FAMILIES.filter(family => FAMILY_NAMES[family].name.toLowerCase().includes(word.toLowerCase())),
})
