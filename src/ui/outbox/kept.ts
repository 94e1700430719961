import type { Dexie as DexieType, Table } from 'dexie'
import type { AlongSheet } from '@/server/along'
import type { JobPage } from '@/server/job-page'
import type { OrderView } from '@/server/load-order'
import type { Item } from './item'
import { baseNameOf } from './place'

// What lies on the device, in a database of its member's own: what waits for the store, and what was taken along.

type Seq = { readonly seq?: number }
/** A job, a sheet or an order as it was when it was taken along, and when. */
export type JobCopy = { readonly id: string; readonly page: JobPage; readonly takenAt: string }
export type SheetCopy = AlongSheet & { readonly id: string; readonly jobId: string; readonly takenAt: string }
export type OrderCopy = {
  readonly id: string
  readonly jobId: string
  readonly view: OrderView
  readonly takenAt: string
}
export type Picture = { readonly id: string; readonly picture: Blob }

export type Tables = {
  readonly outbox: Table<Item & Seq, number>
  readonly pictures: Table<Picture, string>
  readonly sheets: Table<SheetCopy, string>
  readonly jobs: Table<JobCopy, string>
  readonly orders: Table<OrderCopy, string>
}
export type Base = DexieType & Tables

/** The database of one member on this device. Loaded behind what is needed to read and type.
 *  @throws where the browser keeps nothing. */
export async function openBase(member: string): Promise<Base> {
  const { Dexie } = await import('dexie')
  const base = new Dexie(baseNameOf(member), { chromeTransactionDurability: 'strict' })
  base.version(1).stores({
    outbox: '++seq,&id,of',
    pictures: '&id',
    sheets: '&id,jobId',
    jobs: '&id',
    orders: '&id,jobId',
  })
  await base.open()
  return base as Base
}
