import 'fake-indexeddb/auto'
import { v7 as uuidV7 } from 'uuid'
import { inches } from '@/core/units/length'
import type { OrderView } from '@/server/load-order'
import { LENGTHS, lengthsWith } from '@/trade/lengths'
import { copyOfOrder } from './copies'
import { openBase } from './kept'

// What was taken along, as it is read where there is no signal.

const OWN = { ...LENGTHS['receipt-accepts'], value: inches(0, 3, 16) }

describe('an order that was taken along', () => {
  it.each([
    ['as it is now', { ownLengths: [[['receipt-accepts', OWN]]] }],
    ['with every length of the trade, as it was before', { lengths: [{ ...LENGTHS, 'receipt-accepts': OWN }] }],
  ])('is judged by its own figures: %s', async (_, view) => {
    const base = await openBase(uuidV7())
    await base.orders.put({ id: 'a', jobId: 'j', view: view as unknown as OrderView, takenAt: '' })
    const copy = await copyOfOrder(base, 'a')
    expect(lengthsWith(copy!.view.ownLengths[0]!)).toEqual({ ...LENGTHS, 'receipt-accepts': OWN })
    base.close()
  })
  it('is not there where it was not', async () => {
    const base = await openBase(uuidV7())
    expect(await copyOfOrder(base, 'a')).toBeNull()
    base.close()
  })
})
