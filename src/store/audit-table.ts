import { index, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core'
import { id, json, moment } from './columns'
import { company } from './tables'

/** Who changed what, when, from what to what. Append-only. */
export const audit = mysqlTable(
  'audit',
  {
    companyId: id('company_id')
      .notNull()
      .references(() => company.id),
    id: id('id').notNull(),
    at: moment('at').notNull(),
    memberId: id('member_id').notNull(),
    by: varchar('by_name', { length: 80 }).notNull(),
    verb: varchar('verb', { length: 20 }).notNull(),
    subject: varchar('subject', { length: 12 }).notNull(),
    subjectId: id('subject_id').notNull(),
    /** The job it belongs to; `null` for what is the firm’s. */
    jobId: id('job_id'),
    about: varchar('about', { length: 200 }).notNull().default(''),
    changes: json('changes').notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    index('audit_of_subject').on(t.companyId, t.subject, t.subjectId),
    index('audit_of_job').on(t.companyId, t.jobId),
  ],
)
