import { foreignKey, index, mysqlTable, primaryKey, uniqueIndex, varchar } from 'drizzle-orm/mysql-core'
import { id, json, moment, version } from './columns'
import { opening } from './tables'

/** What was shown to a customer by a link of their own, frozen; of the link only its print is kept. Append-only: the database refuses to change
 *  or delete a row, here and in the two below. */
export const share = mysqlTable(
  'share',
  {
    companyId: id('company_id').notNull(),
    id: id('id').notNull(),
    openingId: id('opening_id').notNull(),
    kind: varchar('kind', { length: 10 }).notNull(),
    print: varchar('print', { length: 64 }).notNull(),
    shown: json('shown').notNull(),
    by: varchar('by_name', { length: 80 }).notNull(),
    at: moment('at').notNull(),
    expiresAt: moment('expires_at').notNull(),
    memberId: id('member_id').notNull(),
    version: version(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    uniqueIndex('share_print').on(t.print),
    index('share_of_opening').on(t.companyId, t.openingId),
    foreignKey({
      name: 'share_opening',
      columns: [t.companyId, t.openingId],
      foreignColumns: [opening.companyId, opening.id],
    }),
  ],
)

/** That a link opens nothing any more. */
export const shareEnd = mysqlTable(
  'share_end',
  {
    companyId: id('company_id').notNull(),
    shareId: id('share_id').notNull(),
    by: varchar('by_name', { length: 80 }).notNull(),
    at: moment('at').notNull(),
    memberId: id('member_id').notNull(),
  },
  t => [primaryKey({ columns: [t.companyId, t.shareId] })],
)

/** What was signed by a link; once. `witness` is the member beside whom it was signed. */
export const signing = mysqlTable(
  'signing',
  {
    companyId: id('company_id').notNull(),
    shareId: id('share_id').notNull(),
    data: json('data').notNull(),
    at: moment('at').notNull(),
    witness: varchar('witness', { length: 80 }),
    version: version(),
  },
  t => [primaryKey({ columns: [t.companyId, t.shareId] })],
)
