import {
  listOf,
  partWishes,
  raiseAnswer,
  raiseChoices,
  raiseDensity,
  raiseLine,
  raiseLineUnit,
  raiseLog,
  raiseReading,
  raiseReceipt,
  raiseSeal,
  raiseVisit,
  raiseWishes,
} from './raise'
import { raiseUnit, silentOnNew } from './raise-unit'
import { isMembers, type Members } from './version'

export const FILE_VERSION = 8

/** What each older version needs to become the next one: `UP[1]` makes a file of version 1 one of version 2. */
const UP: Readonly<Record<number, (file: Members) => Members>> = {
  1: file => ({
    ...file,
    version: 2,
    openings: listOf(file.openings, opening => ({
      ...opening,
      readings: listOf(opening.readings, reading => ({ deviation: null, device: '', ...reading })),
      answers: [],
      photos: [],
    })),
  }),
  2: file => ({ ...file, version: 3, receipts: [], schools: {} }),
  3: file => ({
    ...file,
    version: 4,
    openings: listOf(file.openings, raiseOpening),
    units: listOf(file.units, raiseUnit),
    orders: listOf(file.orders, order => ({
      revision: 1,
      supersedes: null,
      maker: '',
      withdrawn: null,
      ...order,
      lines: listOf(order.lines, raiseLine),
    })),
  }),
  4: file => ({
    ...file,
    version: 5,
    job: isMembers(file.job) ? raiseJob(file.job) : file.job,
    openings: listOf(file.openings, one => ({
      ...one,
      opening: isMembers(one.opening) ? { archivedAt: null, ...one.opening } : one.opening,
      edits: isMembers(one.edits)
        ? {
            ...one.edits,
            wishes: raiseData(one.edits.wishes, raiseWishes),
            order: raiseData(one.edits.order, raiseChoices),
          }
        : one.edits,
    })),
    units: listOf(file.units, silentOnNew),
    orders: listOf(file.orders, order => ({ ...order, lines: listOf(order.lines, raiseLineUnit) })),
  }),
  5: file => ({
    ...file,
    version: 6,
    receipts: listOf(file.receipts, raiseReceipt),
    openings: listOf(file.openings, one => ({
      ...one,
      edits: isMembers(one.edits) ? { ...one.edits, wishes: raiseData(one.edits.wishes, raiseVisit) } : one.edits,
    })),
  }),
  6: file => ({
    ...file,
    version: 7,
    openings: listOf(file.openings, one => ({
      ...one,
      edits: isMembers(one.edits) ? { ...one.edits, wishes: raiseData(one.edits.wishes, raiseDensity) } : one.edits,
    })),
    units: listOf(file.units, silentOnNew),
    orders: listOf(file.orders, order => ({ ...order, lines: listOf(order.lines, raiseLineUnit) })),
  }),
  7: file => ({
    ...file,
    version: 8,
    openings: listOf(file.openings, one => ({
      ...one,
      edits: isMembers(one.edits) ? { ...one.edits, seal: raiseData(one.edits.seal, raiseSeal) } : one.edits,
    })),
    units: listOf(file.units, silentOnNew),
    orders: listOf(file.orders, order => ({ ...order, lines: listOf(order.lines, raiseLineUnit) })),
  }),
}

/** An edited record with its data changed. */
const raiseData = (record: unknown, up: (data: Members) => Members): unknown =>
  isMembers(record) && isMembers(record.data) ? { ...record, data: up(record.data) } : record

/** Version 5 of a job: with customer, delivery and time zone, its place in one member. */
function raiseJob({ latitudeE6, longitudeE6, ...job }: Members): Members {
  const place = latitudeE6 === undefined ? null : { name: '', latitudeE6, longitudeE6 }
  return {
    customer: { name: '', phone: '', email: '' },
    delivery: '',
    notes: '',
    place,
    timeZone: null,
    archivedAt: null,
    ...job,
  }
}

/** Version 4 of an opening: its edited records parted, its rows with what they hold since. */
function raiseOpening({ wishes, sealChoice, ...opening }: Members): Members {
  const [wished, sealed] = [wishes, sealChoice].map(one => (isMembers(one) ? one : {}))
  const dataOf = (one: Members | undefined): Members => (isMembers(one?.data) ? one.data : {})
  const parts = partWishes(dataOf(wished), dataOf(sealed))
  const edits = Object.fromEntries(
    Object.entries(parts).map(([kind, data]) => [
      kind,
      { revision: (kind === 'seal' ? sealed?.revision : wished?.revision) ?? 1, data },
    ]),
  )
  return {
    ...opening,
    readings: listOf(opening.readings, raiseReading),
    answers: listOf(opening.answers, raiseAnswer),
    log: listOf(opening.log, raiseLog),
    edits,
  }
}

/** A file of an older version brought up to the present one, a version at a time. */
export function raisedFile(value: unknown): unknown {
  if (!isMembers(value) || value.format !== 'harvek-job') return value
  let file = value
  for (let up = UP[Number(file.version)]; up && Number(file.version) < FILE_VERSION; up = UP[Number(file.version)])
    file = up(file)
  return file
}
