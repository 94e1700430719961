import { int, mysqlTable } from 'drizzle-orm/mysql-core'
import { bytes, id, moment } from './columns'
import { company } from './tables'

/** The picture that stands on a company's papers. */
export const firmLogo = mysqlTable('firm_logo', {
  companyId: id('company_id')
    .primaryKey()
    .references(() => company.id),
  picture: bytes('picture').notNull(),
  width: int('width').notNull(),
  height: int('height').notNull(),
  setAt: moment('set_at').notNull(),
})
