import { boolean, foreignKey, index, int, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core'
import { id, moment, version } from './columns'
import { company, opening } from './tables'

/** What was noted of a day of the company. Append-only: the database refuses to change or delete a row. */
export const dayEntry = mysqlTable(
  'day_entry',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    day: varchar('day', { length: 10 }).notNull(),
    kind: varchar('kind', { length: 10 }).notNull(),
    key: varchar('entry_key', { length: 80 }).notNull(),
    result: varchar('result', { length: 20 }).notNull(),
    by: varchar('by_name', { length: 80 }).notNull(),
    at: moment('at').notNull(),
    memberId: id('member_id').notNull(),
    version: version(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    index('day_entry_of_day').on(t.companyId, t.day),
    foreignKey({ name: 'day_entry_company', columns: [t.companyId], foreignColumns: [company.id] }),
  ],
)

/** Where somebody put a task of an opening. Append-only: the database refuses to change or delete a row. */
export const placing = mysqlTable(
  'placing',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    openingId: id('opening_id').notNull(),
    part: varchar('part', { length: 12 }).notNull(),
    crew: id('crew_id'),
    day: varchar('day', { length: 10 }),
    minute: int('minute'),
    isFixed: boolean('is_fixed').notNull(),
    closure: varchar('closure', { length: 200 }),
    by: varchar('by_name', { length: 80 }).notNull(),
    at: moment('at').notNull(),
    memberId: id('member_id').notNull(),
    version: version(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    index('placing_of_opening').on(t.companyId, t.openingId),
    foreignKey({
      name: 'placing_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
  ],
)
