import { DOORS } from '@/core/doors/doors'
import { standingOrders } from '@/core/order/revision'
import { type OpeningDetails, openingDetailsSchema } from '@/core/survey/job-record'
import type { Reading } from '@/core/survey/reading'
import { wayOfSlot } from '@/core/survey/slots'
import { standingReadings } from '@/core/survey/survey'
import { usualWay } from '@/core/survey/survey-of'
import type { Way } from '@/core/survey/ways'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { type Change, editOf, findEdits, type Saved, saveChange } from '@/store/edits'
import { openingPlace } from '@/store/jobs'
import { listOrders } from '@/store/orders'
import { ANSWERS, listRows, READINGS } from '@/store/rows'
import { changeOf } from './put-change'

export const openingChangeSchema = changeOf(openingDetailsSchema)

/** Saves what an opening is called and what kind of door it is. Another kind keeps every reading and answer; the way of measuring goes by
 *  what was read, and what was settled of the order begins anew. `ordered` while a unit stands ordered for it: then the kind stays. */
export async function changeOpening(
  db: Db,
  acting: Acting,
  id: string,
  jobId: string,
  change: Change<OpeningDetails>,
): Promise<Saved<OpeningDetails> | 'ordered'> {
  const isOther = change.base.family !== change.data.family
  if (isOther && (await isOrdered(db, acting, id, jobId))) return 'ordered'
  const saved = await saveChange(openingPlace(db, acting, id), change)
  if (saved.ok && isOther) await settleWay(db, acting, id, saved.current.data.family)
  return saved
}

async function isOrdered(db: Db, acting: Acting, id: string, jobId: string): Promise<boolean> {
  const orders = await listOrders(db, acting, jobId)
  return standingOrders(orders).some(order => order.lines.some(line => line.opening.id === id))
}

/** The way by which most was read; `null` where nothing was. */
function mostRead(readings: readonly Reading[], ways: readonly Way[]): Way | null {
  const count = (way: Way) => readings.filter(one => wayOfSlot(one.slot) === way).length
  const best = [...ways].sort((a, b) => count(b) - count(a))[0]!
  return count(best) > 0 ? best : null
}

/** The way of measuring that the new kind has: the one that was read, else as it was, else its usual one. */
async function settleWay(db: Db, acting: Acting, id: string, family: OpeningDetails['family']): Promise<void> {
  const { wishes, order } = await findEdits(db, acting, id)
  const { survey } = DOORS[family]
  const [readings, answers] = [await listRows(db, READINGS, acting, [id]), await listRows(db, ANSWERS, acting, [id])]
  const way = mostRead(standingReadings(readings, answers), survey.ways) ?? usualWay(survey, wishes.data.way)
  if (way !== wishes.data.way)
    await saveChange(editOf(db, acting, id, 'wishes'), {
      revision: wishes.revision,
      base: wishes.data,
      data: { ...wishes.data, way },
    })
  if (order.data.chosen || order.data.compared.length > 0)
    await saveChange(editOf(db, acting, id, 'order'), {
      revision: order.revision,
      base: order.data,
      data: { ...order.data, chosen: null, compared: [] },
    })
}
