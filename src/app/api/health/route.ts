import { isThere } from '@/store/connection'

export const dynamic = 'force-dynamic'

/** Whether this server and its database answer: 503 while the database does not. */
export async function GET(): Promise<Response> {
  const database = await isThere()
  // A few letters are not worth packing.
  const headers = { 'cache-control': 'no-store, no-transform' }
  return Response.json({ ok: database, database }, { status: database ? 200 : 503, headers })
}
