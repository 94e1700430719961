import { foreignKey, int, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core'
import { id, json, moment } from './columns'
import { opening } from './tables'

/** Of each opening: a revision that counts up with every change of anything it stands on, in the change's own transaction (by triggers, so
 *  that no way of writing can forget it); and what was summed up of it. A summary is a cache: it holds while `summaryOf` says the same. */
export const openingState = mysqlTable(
  'opening_state',
  {
    companyId: id('company_id').notNull(),
    openingId: id('opening_id').notNull(),
    revision: int('revision').notNull().default(1),
    summaryOf: varchar('summary_of', { length: 160 }).notNull().default(''),
    /** From when on it may say something else although nothing was changed: foam has hardened, an inspection is due. */
    freshUntil: moment('fresh_until'),
    summary: json('summary'),
    small: json('small'),
    ordering: json('ordering'),
    after: json('after_kept'),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.openingId] }),
    foreignKey({
      name: 'state_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
  ],
)
