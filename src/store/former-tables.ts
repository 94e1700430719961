import { foreignKey, int, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core'
import { id, json } from './columns'
import { opening } from './tables'

/** What stood in place of the edited records before they were parted: read once, when a database of then is opened. */
const formerTable = <const Name extends string>(name: Name) =>
  mysqlTable(
    name,
    {
      companyId: id('company_id').notNull(),
      openingId: id('opening_id').notNull(),
      revision: int('revision').notNull(),
      data: json('data').notNull(),
    },
    t => [
      primaryKey({ columns: [t.companyId, t.openingId] }),
      foreignKey({
        name: `${name}_opening`,
        columns: [t.companyId, t.openingId],
        foreignColumns: [opening.companyId, opening.id],
      }),
    ],
  )

export const formerWishes = formerTable('wishes')
export const formerSealChoice = formerTable('seal_choice')
