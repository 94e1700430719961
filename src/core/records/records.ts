import { schoolChoicesSchema } from '../base/school-choices'
import type { SchoolChoices } from '../base/schools'
import type { Firm } from '../catalogue/firm'
import { firmSchema } from '../catalogue/firm-record'
import type { CatalogueUnit } from '../catalogue/unit'
import { unitSchema } from '../catalogue/unit-record'
import { EDIT_SCHEMAS } from '../edits'
import { type LogEntry, logEntrySchema } from '../log/log'
import { EDIT_KINDS, type EditKind, type Edits } from '../new-edits'
import { type OrderLine, orderLineSchema } from '../order/order'
import { type Receipt, receiptSchema } from '../order/receipt'
import type { DayEntry } from '../plan/day-entry'
import { dayEntrySchema } from '../plan/day-entry-record'
import type { Placing } from '../plan/placing'
import { placingSchema } from '../plan/placing-record'
import { type Answer, answerSchema } from '../survey/answer'
import { type JobDetails, jobDetailsSchema, type OpeningDetails, openingDetailsSchema } from '../survey/job-record'
import { type Reading, readingSchema } from '../survey/reading'
import {
  raiseAnswer,
  raiseChoices,
  raiseDensity,
  raiseFirm,
  raiseLine,
  raiseLineUnit,
  raiseLog,
  raisePlacing,
  raiseReading,
  raiseReceipt,
  raiseSeal,
  raiseVisit,
  raiseWishes,
} from './raise'
import { raiseUnit, silentOnNew } from './raise-unit'
import type { RecordKind } from './version'

// Every kind of record that is stored, with what brings an older one up. A step is never changed and never taken out.

export const UNIT: RecordKind<CatalogueUnit> = {
  name: 'unit',
  ups: [raiseUnit, silentOnNew, silentOnNew, silentOnNew, silentOnNew],
  schema: unitSchema,
}
export const LINE: RecordKind<OrderLine> = {
  name: 'order line',
  ups: [raiseLine, raiseLineUnit, raiseLineUnit, raiseLineUnit, raiseLineUnit],
  schema: orderLineSchema,
}
export const RECEIPT: RecordKind<Receipt> = { name: 'receipt', ups: [raiseReceipt], schema: receiptSchema }
export const FIRM: RecordKind<Firm> = {
  name: 'firm',
  ups: [raiseFirm, raiseFirm, raiseFirm, raiseFirm, raiseFirm, raiseFirm, raiseFirm, raiseFirm],
  schema: firmSchema,
}
export const SCHOOLS: RecordKind<SchoolChoices> = { name: 'practice', ups: [], schema: schoolChoicesSchema }
export const READING: RecordKind<Reading> = { name: 'reading', ups: [raiseReading], schema: readingSchema }
export const ANSWER: RecordKind<Answer> = { name: 'answer', ups: [raiseAnswer], schema: answerSchema }
export const PLACING: RecordKind<Placing> = {
  name: 'place on the plan',
  ups: [raisePlacing],
  schema: placingSchema,
}
export const DAY: RecordKind<DayEntry> = { name: 'note of a day', ups: [], schema: dayEntrySchema }
export const LOG: RecordKind<LogEntry> = { name: 'log entry', ups: [raiseLog], schema: logEntrySchema }

/** A job and an opening lie in columns of their own: a migration brings them up. */
export const JOB: RecordKind<JobDetails> = { name: 'job', ups: [], schema: jobDetailsSchema }
export const OPENING: RecordKind<OpeningDetails> = { name: 'opening', ups: [], schema: openingDetailsSchema }

/** The edited records of an opening began anew when wishes and seal choice were parted; that is their version 1. */
const EDIT_UPS: { readonly [K in EditKind]?: RecordKind<unknown>['ups'] } = {
  wishes: [raiseWishes, raiseVisit, raiseDensity],
  order: [raiseChoices],
  seal: [raiseSeal],
}
export const EDITS: { readonly [K in EditKind]: RecordKind<Edits[K]> } = Object.fromEntries(
  EDIT_KINDS.map(kind => [kind, { name: `${kind} record`, ups: EDIT_UPS[kind] ?? [], schema: EDIT_SCHEMAS[kind] }]),
) as never
