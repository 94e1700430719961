import { boolean, foreignKey, index, int, mysqlTable, primaryKey, uniqueIndex, varchar } from 'drizzle-orm/mysql-core'
import { bytes, id, json, moment, version } from './columns'

const named = varchar('name', { length: 120 }).notNull()
export const company = mysqlTable('company', {
  id: id('id').primaryKey(),
  name: named,
  /** Of the last order that was numbered. */
  orderSeq: int('order_seq').notNull().default(0),
  /** Written by whoever changes what only one may change at a time: a write is seen by every server, a lock by its own alone. */
  turn: int('turn').notNull().default(0),
})

export const member = mysqlTable(
  'member',
  {
    companyId: id('company_id')
      .notNull()
      .references(() => company.id),
    id: id('id').notNull(),
    name: varchar('name', { length: 80 }).notNull(),
    role: varchar('role', { length: 12 }).notNull().default('owner'),
    /** Who signs in as them; `null` for a member of the demo. */
    userId: id('user_id'),
    /** When they left; what they took keeps their name. */
    leftAt: moment('left_at'),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    uniqueIndex('member_id').on(t.id),
    uniqueIndex('member_user').on(t.companyId, t.userId),
  ],
)

export const job = mysqlTable(
  'job',
  {
    companyId: id('company_id')
      .notNull()
      .references(() => company.id),
    id: id('id').notNull(),
    name: varchar('name', { length: 120 }).notNull(),
    site: varchar('site', { length: 200 }).notNull(),
    unit: varchar('unit', { length: 2 }).notNull(),
    step: varchar('step', { length: 6 }).notNull(),
    visitOn: varchar('visit_on', { length: 10 }),
    /** Millionths of a degree. */
    latitudeE6: int('latitude_e6'),
    longitudeE6: int('longitude_e6'),
    placeName: varchar('place_name', { length: 120 }).notNull().default(''),
    /** IANA. */
    timeZone: varchar('time_zone', { length: 60 }),
    loudFrom: int('loud_from'),
    loudTo: int('loud_to'),
    customerName: varchar('customer_name', { length: 120 }).notNull().default(''),
    customerPhone: varchar('customer_phone', { length: 60 }).notNull().default(''),
    customerEmail: varchar('customer_email', { length: 200 }).notNull().default(''),
    delivery: varchar('delivery', { length: 400 }).notNull().default(''),
    notes: varchar('notes', { length: 4000 }).notNull().default(''),
    /** How many places were given to openings: the next one stands behind. */
    openingSeq: int('opening_seq').notNull().default(0),
    revision: int('revision').notNull().default(1),
    archivedAt: moment('archived_at'),
    createdAt: moment('created_at').notNull(),
  },
  t => [primaryKey({ columns: [t.companyId, t.id] })],
)

export const opening = mysqlTable(
  'opening',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    jobId: id('job_id').notNull(),
    tag: varchar('tag', { length: 12 }).notNull(),
    name: varchar('name', { length: 120 }).notNull(),
    family: varchar('family', { length: 40 }).notNull(),
    position: int('position').notNull(),
    revision: int('revision').notNull().default(1),
    archivedAt: moment('archived_at'),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    foreignKey({ name: 'opening_job', columns: [t.companyId, t.jobId], foreignColumns: [job.companyId, job.id] }),
    uniqueIndex('opening_position').on(t.companyId, t.jobId, t.position),
  ],
)

/** Append-only: the database refuses to change or delete a row. */
export const reading = mysqlTable(
  'reading',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    openingId: id('opening_id').notNull(),
    slot: varchar('slot', { length: 60 }).notNull(),
    occasion: varchar('occasion', { length: 12 }).notNull().default('survey'),
    value: int('value').notNull(),
    text: varchar('text', { length: 80 }).notNull(),
    instrument: varchar('instrument', { length: 20 }).notNull(),
    graduation: varchar('graduation', { length: 8 }).notNull(),
    levelLength: int('level_length'),
    deviation: int('deviation'),
    device: varchar('device', { length: 80 }).notNull().default(''),
    takenBy: varchar('taken_by', { length: 80 }).notNull(),
    takenAt: moment('taken_at').notNull(),
    note: varchar('note', { length: 500 }).notNull(),
    memberId: id('member_id').notNull(),
    /** Taken by a trainee. */
    unchecked: boolean('unchecked').notNull().default(false),
    version: version(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    foreignKey({
      name: 'reading_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
    index('reading_of_slot').on(t.companyId, t.openingId, t.slot, t.takenAt),
  ],
)

/** Append-only, like readings: facts, skips with their reasons, and what was withdrawn. */
export const answer = mysqlTable(
  'answer',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    openingId: id('opening_id').notNull(),
    slot: varchar('slot', { length: 60 }).notNull(),
    kind: varchar('kind', { length: 12 }).notNull(),
    code: varchar('code', { length: 60 }).notNull(),
    note: varchar('note', { length: 500 }).notNull(),
    takenBy: varchar('taken_by', { length: 80 }).notNull(),
    takenAt: moment('taken_at').notNull(),
    memberId: id('member_id').notNull(),
    version: version(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    foreignKey({
      name: 'answer_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
  ],
)

/** A photo with its picture and a small one, both freed of everything but the picture. Append-only. */
export const photo = mysqlTable(
  'photo',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    openingId: id('opening_id').notNull(),
    slot: varchar('slot', { length: 60 }),
    width: int('width').notNull(),
    height: int('height').notNull(),
    note: varchar('note', { length: 500 }).notNull(),
    takenBy: varchar('taken_by', { length: 80 }).notNull(),
    takenAt: moment('taken_at').notNull(),
    memberId: id('member_id').notNull(),
    picture: bytes('picture').notNull(),
    small: bytes('small').notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    foreignKey({
      name: 'photo_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
  ],
)

/** Edited records of an opening, one row for each kind, each with a revision of its own. */
export const openingEdit = mysqlTable(
  'opening_edit',
  {
    companyId: id('company_id').notNull(),
    openingId: id('opening_id').notNull(),
    kind: varchar('kind', { length: 20 }).notNull(),
    revision: int('revision').notNull(),
    version: version(),
    data: json('data').notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.openingId, t.kind] }),
    foreignKey({
      name: 'edit_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
  ],
)

/** The practices a job chose in place of the company's. */
export const jobSchools = mysqlTable(
  'job_schools',
  {
    companyId: id('company_id').notNull(),
    jobId: id('job_id').notNull(),
    revision: int('revision').notNull(),
    version: version(),
    data: json('data').notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.jobId] }),
    foreignKey({ name: 'schools_job', columns: [t.companyId, t.jobId], foreignColumns: [job.companyId, job.id] }),
  ],
)

/** Append-only, like its lines: what was released stays as it was. */
export const purchaseOrder = mysqlTable(
  'purchase_order',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    jobId: id('job_id').notNull(),
    number: varchar('number', { length: 40 }).notNull(),
    revision: int('revision').notNull().default(1),
    supersedes: id('supersedes'),
    maker: varchar('maker', { length: 80 }).notNull().default(''),
    releasedAt: moment('released_at').notNull(),
    releasedBy: varchar('released_by', { length: 80 }).notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    foreignKey({ name: 'order_job', columns: [t.companyId, t.jobId], foreignColumns: [job.companyId, job.id] }),
    uniqueIndex('order_revision').on(t.companyId, t.number, t.revision),
  ],
)

export const orderLine = mysqlTable(
  'order_line',
  {
    companyId: id('company_id').notNull(),
    orderId: id('order_id').notNull(),
    line: int('line').notNull(),
    openingId: id('opening_id').notNull(),
    version: version(),
    data: json('data').notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.orderId, t.line] }),
    foreignKey({
      name: 'line_order',
      columns: [t.companyId, t.orderId],
      foreignColumns: [purchaseOrder.companyId, purchaseOrder.id],
    }),
    foreignKey({
      name: 'line_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
  ],
)

/** Append-only: the database refuses to change or delete a row. */
export const logEntry = mysqlTable(
  'log_entry',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    openingId: id('opening_id').notNull(),
    kind: varchar('kind', { length: 10 }).notNull(),
    code: varchar('code', { length: 60 }).notNull(),
    result: varchar('result', { length: 12 }).notNull(),
    text: varchar('text', { length: 500 }).notNull(),
    by: varchar('by_name', { length: 80 }).notNull(),
    at: moment('at').notNull(),
    value: json('value'),
    memberId: id('member_id').notNull(),
    version: version(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    foreignKey({
      name: 'log_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
  ],
)
