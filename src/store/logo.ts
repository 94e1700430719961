import { eq } from 'drizzle-orm'
import type { Acting } from './acting'
import type { Db } from './connection'
import { firmLogo } from './logo-table'

/** A company's logo as JPEG, its size in pixels, and when it was set, ISO 8601. */
export type Logo = {
  readonly picture: Buffer
  readonly width: number
  readonly height: number
  readonly setAt: string
}

/** The company's logo; `null` where it has none. */
export async function findLogo(db: Db, { companyId }: Pick<Acting, 'companyId'>): Promise<Logo | null> {
  const [row] = await db.select().from(firmLogo).where(eq(firmLogo.companyId, companyId)).limit(1)
  if (!row) return null
  const { picture, width, height, setAt } = row
  return { picture, width, height, setAt }
}

/** Puts a logo in place of the one there is. */
export async function setLogo(db: Db, { companyId }: Acting, logo: Logo): Promise<void> {
  await db
    .insert(firmLogo)
    .values({ companyId, ...logo })
    .onDuplicateKeyUpdate({ set: { ...logo } })
}

export async function removeLogo(db: Db, { companyId }: Acting): Promise<void> {
  await db.delete(firmLogo).where(eq(firmLogo.companyId, companyId))
}
