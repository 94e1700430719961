import { FAMILIES } from '@/core/base/kinds'
import { codeTyped } from '@/core/plan/label'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { type FoundJob, type FoundOrder, findJobs, findOrders } from '@/store/find-beside'
import { type FoundOpening, findOpenings, type SearchWord } from '@/store/find-openings'
import { FAMILY_NAMES } from '@/words/kinds'

export type { News } from '@/store/find-beside'

export type FoundOpenings = {
  readonly search: string
  readonly openings: readonly FoundOpening[]
  readonly count: number
  /** Jobs and orders with the same words; empty while nothing is searched. */
  readonly jobs: readonly FoundJob[]
  readonly orders: readonly FoundOrder[]
}

const MOST_WORDS = 8
const MOST_SHOWN = 200
const MOST_BESIDE = 12

/** Openings in which every word of `search` stands, a family's own words too. */
export async function searchOpenings(db: Db, acting: Acting, search: string): Promise<FoundOpenings> {
  const words = search.trim().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS)
  const [openings, jobs, orders] = await Promise.all([
    findOpenings(db, acting, words.map(asWord), MOST_SHOWN),
    words.length ? findJobs(db, acting, words, MOST_BESIDE) : [],
    words.length ? findOrders(db, acting, words, MOST_BESIDE) : [],
  ])
  return { search, ...openings, jobs, orders }
}

const asWord = (word: string): SearchWord => ({
  word,
  code: codeTyped(word),
  families: FAMILIES.filter(family => FAMILY_NAMES[family].name.toLowerCase().includes(word.toLowerCase())),
})
