import { int, mysqlTable, primaryKey, uniqueIndex, varchar } from 'drizzle-orm/mysql-core'
import { id, json, version } from './columns'
import { company } from './tables'

export const unit = mysqlTable(
  'unit',
  {
    companyId: id('company_id')
      .notNull()
      .references(() => company.id),
    id: id('id').notNull(),
    maker: varchar('maker', { length: 80 }).notNull().default(''),
    article: varchar('article', { length: 40 }).notNull(),
    version: version(),
    data: json('data').notNull(),
  },
  t => [
    primaryKey({ columns: [t.companyId, t.id] }),
    uniqueIndex('unit_maker_article').on(t.companyId, t.maker, t.article),
  ],
)

/** Counts up with every change of a company's catalogue, so that whoever holds it knows when it is stale. */
export const catalogueState = mysqlTable('catalogue_state', {
  companyId: id('company_id')
    .primaryKey()
    .references(() => company.id),
  revision: int('revision').notNull(),
})

/** A company's practices, rates and suppliers: an edited record with its revision. */
export const firm = mysqlTable('firm', {
  companyId: id('company_id')
    .primaryKey()
    .references(() => company.id),
  revision: int('revision').notNull(),
  version: version(),
  data: json('data').notNull(),
})
