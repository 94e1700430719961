import {
  bigint,
  boolean,
  int,
  mysqlTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core'
import { id, moment } from './columns'
import { company } from './tables'

// Who signs in, and by what: the sign-in library's own tables, named and filled by it; and who was asked to join.

const at = (name: string) => timestamp(name, { fsp: 3, mode: 'date' })

export const user = mysqlTable('user', {
  id: id('id').primaryKey(),
  name: varchar('name', { length: 80 }).notNull(),
  email: varchar('email', { length: 200 }).notNull().unique('user_email'),
  emailVerified: boolean('email_verified').notNull().default(false),
  image: varchar('image', { length: 400 }),
  createdAt: at('created_at').notNull(),
  updatedAt: at('updated_at').notNull(),
})

export const session = mysqlTable('session', {
  id: id('id').primaryKey(),
  token: varchar('token', { length: 100 }).notNull().unique('session_token'),
  userId: id('user_id').notNull(),
  expiresAt: at('expires_at').notNull(),
  ipAddress: varchar('ip_address', { length: 60 }),
  userAgent: varchar('user_agent', { length: 400 }),
  createdAt: at('created_at').notNull(),
  updatedAt: at('updated_at').notNull(),
})

export const account = mysqlTable('account', {
  id: id('id').primaryKey(),
  accountId: varchar('account_id', { length: 200 }).notNull(),
  providerId: varchar('provider_id', { length: 60 }).notNull(),
  userId: id('user_id').notNull(),
  accessToken: text('access_token'),
  refreshToken: text('refresh_token'),
  idToken: text('id_token'),
  accessTokenExpiresAt: at('access_token_expires_at'),
  refreshTokenExpiresAt: at('refresh_token_expires_at'),
  scope: text('scope'),
  password: varchar('password', { length: 400 }),
  createdAt: at('created_at').notNull(),
  updatedAt: at('updated_at').notNull(),
})

export const verification = mysqlTable('verification', {
  id: id('id').primaryKey(),
  identifier: varchar('identifier', { length: 255 }).notNull(),
  value: text('value').notNull(),
  expiresAt: at('expires_at').notNull(),
  createdAt: at('created_at').notNull(),
  updatedAt: at('updated_at').notNull(),
})

export const rateLimit = mysqlTable('rate_limit', {
  id: id('id').primaryKey(),
  key: varchar('key', { length: 255 }).notNull().unique('rate_limit_key'),
  count: int('count').notNull(),
  lastRequest: bigint('last_request', { mode: 'number' }).notNull(),
})

/** Who was asked to join a company, in which role. Its link holds a secret of which only the print is kept. */
export const invitation = mysqlTable(
  'invitation',
  {
    companyId: id('company_id')
      .notNull()
      .references(() => company.id),
    id: id('id').notNull(),
    email: varchar('email', { length: 200 }).notNull(),
    name: varchar('name', { length: 80 }).notNull(),
    role: varchar('role', { length: 12 }).notNull(),
    print: varchar('print', { length: 64 }).notNull(),
    invitedBy: id('invited_by').notNull(),
    createdAt: moment('created_at').notNull(),
    expiresAt: moment('expires_at').notNull(),
    acceptedAt: moment('accepted_at'),
    revokedAt: moment('revoked_at'),
  },
  t => [primaryKey({ columns: [t.companyId, t.id] }), uniqueIndex('invitation_print').on(t.print)],
)
