import { standingOrders } from '@/core/order/revision'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { listOpenings } from '@/store/jobs'
import { loadOpenings, workOf } from './load-opening'

/** An opening whose order is complete: which unit, of which maker, and whether it was released already. */
export type ReadyLine = {
  readonly id: string
  readonly tag: string
  readonly name: string
  readonly maker: string
  readonly article: string
  readonly isReleased: boolean
}

/** The openings of a job that could go on an order now, as one walks round the house. */
export async function readyLines(db: Db, acting: Acting, jobId: string): Promise<readonly ReadyLine[]> {
  const openings = await listOpenings(db, acting, jobId)
  const sheets = await loadOpenings(
    db,
    acting,
    openings.map(one => one.id),
  )
  return sheets.flatMap(sheet => {
    const { line } = workOf(sheet).order.value
    if (!line) return []
    const { id, tag, name } = sheet.opening
    const { maker, article } = line.unit
    return [
      {
        id,
        tag,
        name,
        maker,
        article,
        isReleased: standingOrders(sheet.orders).some(one => one.lines.some(line => line.opening.id === id)),
      },
    ]
  })
}
