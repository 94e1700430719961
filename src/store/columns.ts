import { customType, int, varchar } from 'drizzle-orm/mysql-core'

/** MariaDB keeps JSON as checked text: this column takes any plain value and gives it back parsed, whichever way the driver hands it over. */
export const json = customType<{ data: unknown; driverData: string }>({
  dataType: () => 'json',
  toDriver: value => JSON.stringify(value),
  fromDriver: value => (typeof value === 'string' ? JSON.parse(value) : value),
})

/** Bytes of a picture. */
export const bytes = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'mediumblob' })

export const id = (name: string) => varchar(name, { length: 36 })
/** A moment as ISO 8601 text with milliseconds and Z: sorts by itself and never shifts by a time zone. */
export const moment = (name: string) => varchar(name, { length: 24 })

/** The version a record was written in; what brings it up to the newest stands in the core. */
export const version = () => int('version').notNull().default(1)
