import type { Family } from '@/core/base/kinds'
import { glanceOf } from '@/core/glance'
import { EDIT_KINDS, newEdits } from '@/core/new-edits'
import { asWritten, type OpeningSheet, recordsOf, type VersionedEdits, zoneOf } from '@/core/sheet'
import type { Way } from '@/core/survey/ways'
import { work } from '@/core/work'
import { tradeWith } from '@/trade/trade'
import { copyOfJob } from './copies'
import type { Base, SheetCopy } from './kept'

/** An opening as it is added to a job. */
export type NewOpening = {
  readonly id: string
  readonly tag: string
  readonly name: string
  readonly family: Family
  readonly way: Way
}

const FIRST_REVISION = 1

/** The sheet of an opening that is added where there is no signal: by what was taken along of its job. `null` where that was not.
 *  Units of its kind are those of another opening of the kind that was taken along. */
export async function newCopy(
  base: Base,
  jobId: string,
  made: NewOpening,
  member: string,
  now: Date,
): Promise<SheetCopy | null> {
  const copy = await copyOfJob(base, jobId)
  if (!copy) return null
  const { page } = copy.job
  const alike = copy.sheets.find(one => one.sheet.opening.family === made.family)?.sheet
  const edits = newEdits(made.way)
  const { way: _, ...own } = made
  const sheet: OpeningSheet = {
    job: asWritten(page.job, page.firm.numbers),
    opening: { ...own, position: page.openings.length, archivedAt: null },
    readings: [],
    answers: [],
    photos: [],
    edits: Object.fromEntries(
      EDIT_KINDS.map(kind => [kind, { revision: FIRST_REVISION, data: edits[kind] }]),
    ) as unknown as VersionedEdits,
    log: [],
    orders: [],
    receipts: [],
    firm: page.firm,
    jobSchools: page.schools,
    units: alike?.units ?? [],
    catalogue: alike?.catalogue ?? { count: 0, possible: 0 },
    neighbours: { before: page.openings.at(-1)?.id ?? null, after: null },
    memberName: member,
    members: copy.sheets[0]?.sheet.members ?? [member],
  }
  const trade = tradeWith(sheet.units, {
    firm: sheet.firm,
    jobSchools: sheet.jobSchools.data,
    zone: zoneOf(sheet.job, sheet.firm),
  })
  const glance = glanceOf(work(recordsOf(sheet), trade, now.toISOString()), recordsOf(sheet))
  const at = now.toISOString()
  const kept = { id: made.id, jobId, revision: 0, sheet, glance, takenAt: at }
  await base.sheets.put(kept)
  return kept
}
