import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { createConnection } from 'mysql2/promise'
import { v7 as uuidV7 } from 'uuid'

export const secret = (): string => readFileSync(join(process.env.HARVEK_FOLDER ?? '', 'cookie-secret'), 'utf8').trim()

async function query(text: string, values: readonly string[] = []): Promise<unknown[]> {
  const connection = await createConnection(process.env.HARVEK_E2E_DATABASE ?? '')
  const [rows] = await connection.query(text, [...values])
  await connection.end()
  return Array.isArray(rows) ? rows : []
}

/** A second company with one member, put straight into the database; gives the member's id. */
export async function addForeignCompany(): Promise<string> {
  const [company, member] = [uuidV7(), uuidV7()]
  await query('insert into company (id, name) values (?, ?)', [company, 'Elsewhere Doors'])
  await query('insert into member (company_id, id, name) values (?, ?, ?)', [company, member, 'Somebody Else'])
  return member
}

/** The id of the demo's first released order. */
export async function firstOrder(): Promise<string> {
  const [row] = await query('select id from purchase_order order by released_at limit 1')
  return (row as { id: string }).id
}

/** The ids of an opening of each kind the demo has, by kind. */
export async function openingByKind(): Promise<ReadonlyMap<string, string>> {
  const rows = await query(
    "select o.family, min(o.id) as id from opening o join job j on j.company_id = o.company_id and j.id = o.job_id where j.name like 'Sandmartin Quay%' and o.archived_at is null group by o.family",
  )
  return new Map((rows as { family: string; id: string }[]).map(one => [one.family, one.id]))
}

/** A member of the demo's firm in a role; who `left` did so. */
export async function addMember(role: string, left = false): Promise<string> {
  const id = uuidV7()
  await query(
    "insert into member (company_id, id, name, role, left_at) select company_id, ?, ?, ?, ? from member where name = 'Ida Marlow'",
    [id, `Some ${role}`, role, (left ? '2026-11-01T00:00:00.000Z' : null) as string],
  )
  return id
}
/** Takes back whom a story added, so that no list of people shows them. */
export const removeMembers = (ids: readonly string[]): Promise<unknown[]> =>
  query('delete from member where id in (?)', [ids as unknown as string])
