import type { SchoolChoices } from './base/schools'
import { type Firm, hasComma, type NumberFormat } from './catalogue/firm'
import type { CatalogueUnit } from './catalogue/unit'
import type { LogEntry } from './log/log'
import type { EditKind, Edits } from './new-edits'
import type { Order } from './order/order'
import type { Receipt } from './order/receipt'
import type { Answer } from './survey/answer'
import type { Job, Opening } from './survey/job-record'
import type { Photo } from './survey/photo'
import type { Reading } from './survey/reading'
import type { OpeningRecords } from './terms'
import { type DisplayStep, shownStep } from './units/format-length'

/** An edited record with its revision: a write against an old one is answered with what stands now. */
export type Versioned<T> = { readonly revision: number; readonly data: T }

/** The edited records of an opening, each with its own revision. */
export type VersionedEdits = { readonly [K in EditKind]: Versioned<Edits[K]> }

/** A job whose lengths are shown as its firm writes numbers. */
export type ShownJob = Omit<Job, 'step'> & { readonly step: DisplayStep; readonly numbers: NumberFormat }

export const asWritten = (job: Job, numbers: NumberFormat): ShownJob => ({
  ...job,
  numbers,
  step: shownStep(job.step, hasComma(numbers)),
})

/** The clock a job goes by: that of its place, else of its firm. */
export const zoneOf = ({ timeZone }: Pick<Job, 'timeZone'>, firm: Pick<Firm, 'timeZone'>): string =>
  timeZone ?? firm.timeZone ?? 'UTC'

/** One opening as it is stored, with its job and what stands beside it. */
export type OpeningSheet = {
  readonly job: ShownJob
  readonly opening: Opening
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  readonly photos: readonly Photo[]
  readonly edits: VersionedEdits
  readonly log: readonly LogEntry[]
  /** Released orders that hold or held this opening, every revision, the oldest first. */
  readonly orders: readonly Order[]
  /** What was found on the units delivered for them. */
  readonly receipts: readonly Receipt[]
  readonly firm: Firm
  readonly jobSchools: Versioned<SchoolChoices>
  /** The whole catalogue of this kind of door, or of a large one the best of it. */
  readonly units: readonly CatalogueUnit[]
  /** How many units of this kind the catalogue holds, and how many of them go in. */
  readonly catalogue: { readonly count: number; readonly possible: number }
  readonly neighbours: { readonly before: string | null; readonly after: string | null }
  readonly memberName: string
  /** Everybody of the company: who may have read. */
  readonly members: readonly string[]
}

/** The records of a sheet as the work takes them. */
export const recordsOf = ({
  opening,
  readings,
  answers,
  edits,
  log,
  orders,
  receipts,
}: OpeningSheet): OpeningRecords => ({
  opening: { id: opening.id, tag: opening.tag, name: opening.name, family: opening.family },
  readings,
  answers,
  wishes: edits.wishes.data,
  order: edits.order.data,
  fit: edits.fit.data,
  seal: edits.seal.data,
  allowances: edits.allowances.data,
  log,
  orders,
  receipts,
})
