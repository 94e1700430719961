import { z } from 'zod'
import { schoolChoicesSchema } from '@/core/base/school-choices'
import { firmSchema } from '@/core/catalogue/firm-record'
import { DOORS } from '@/core/doors/doors'
import { EDIT_SCHEMAS } from '@/core/edits'
import { decisionsSchema } from '@/core/exchange/decisions'
import { logEntrySchema } from '@/core/log/log'
import { EDIT_KINDS, type EditKind, newEdits } from '@/core/new-edits'
import { receiptSchema } from '@/core/order/receipt'
import { isDay } from '@/core/plan/day-entry'
import { dayEntrySchema } from '@/core/plan/day-entry-record'
import { placingSchema } from '@/core/plan/placing-record'
import { answerSchema } from '@/core/survey/answer'
import { openingSchema } from '@/core/survey/job-record'
import { canBeRead } from '@/core/survey/readable'
import { readingSchema } from '@/core/survey/reading'
import { WAYS } from '@/core/survey/ways'
import { editOf, saveChange } from '@/store/edits'
import { listDeskAnswers } from '@/store/exchange'
import { firmPlace, schoolsPlace } from '@/store/firm'
import { addOpening, findJob, findJobDetails, findOpening, insertJobOnce, jobPlace } from '@/store/jobs'
import { findOrder } from '@/store/orders'
import { ANSWERS, addRows, DAY_ENTRIES, DECISIONS, LOG_ENTRIES, PLACINGS, READINGS, RECEIPTS } from '@/store/rows'
import { impossibleWords } from '@/words/readable'
import { sentDetails, withClock } from './change-job'
import { changeOpening, openingChangeSchema } from './change-kind'
import { type Asked, bodyOf, MOST_RECORD_BYTES, notFound, refuse, type Way } from './handle'
import { addingRows, answerAdded } from './post-rows'
import { answerChange, changeOf } from './put-change'

// Every way rows are added and records are changed. A page's outbox sends these, together or one by one: each may be sent twice and is done
// once.

export const readings = addingRows('measure', READINGS, readingSchema, {
  check: ({ slot, value, text }) => (canBeRead(slot, value) ? null : impossibleWords(slot, text)),
})

export const answers = addingRows('measure', ANSWERS, answerSchema, {
  asks: ({ kind }) => (kind === 'signed' ? 'vouch' : null),
})

export const log = addingRows('measure', LOG_ENTRIES, logEntrySchema, {
  asks: ({ kind }) => (kind === 'test' ? 'vouch' : null),
  check: ({ kind }) => (kind === 'choice' ? 'A customer’s choice is signed by their link, and noted by itself' : null),
})

/** Where tasks are put. */
export const placings = addingRows('plan', PLACINGS, placingSchema)

async function putEdit<K extends EditKind>({ db, acting, request, id }: Asked, kind: K): Promise<Response> {
  const change = await bodyOf(request, changeOf(EDIT_SCHEMAS[kind]))
  const saved = await saveChange(editOf(db, acting, id, kind), change)
  return answerChange(db, acting, saved, { subject: 'opening', subjectId: id, about: kind })
}

/** Saves one edited record of an opening: what it is now, or 409 with what stands and what both sides changed. */
export const edits: Way = {
  verb: 'settle',
  answer: async asked => {
    const kind = EDIT_KINDS.find(one => one === asked.params.kind)
    if (!kind || !(await findOpening(asked.db, asked.acting, asked.id))) return notFound()
    return putEdit(asked, kind)
  },
}

/** Saves what an opening is called and what kind of door it is: what it is now, or 409. */
export const openingDetails: Way = {
  verb: 'job',
  answer: async ({ db, acting, request, id }) => {
    const found = await findOpening(db, acting, id)
    if (!found) return notFound()
    const saved = await changeOpening(db, acting, id, found.jobId, await bodyOf(request, openingChangeSchema))
    if (saved !== 'ordered') return answerChange(db, acting, saved, { subject: 'opening', subjectId: id, about: '' })
    return refuse(422, {
      code: 'ordered',
      message: 'A unit is ordered for this opening: its kind stays. Withdraw the order first.',
    })
  },
}

const newJob = z.strictObject({ id: z.uuid(), details: sentDetails })

/** Begins a job. Its id is made where it was begun: sent twice, it is one job. */
export const job: Way = {
  verb: 'job',
  answer: async ({ db, acting, request }) => {
    const { id, details } = await bodyOf(request, newJob)
    const createdAt = new Date().toISOString()
    await insertJobOnce(db, acting, { ...withClock(details), id, createdAt, archivedAt: null })
    return Response.json({ id }, { status: 201 })
  },
}

/** Saves what is said of a job: what it is now, or 409 with what stands. */
export const jobDetails: Way = {
  verb: 'job',
  answer: async ({ db, acting, request, id }) => {
    if (!(await findJobDetails(db, acting, id))) return notFound()
    const change = await bodyOf(request, changeOf(sentDetails))
    const saved = await saveChange(jobPlace(db, acting, id), { ...change, data: withClock(change.data) })
    return answerChange(db, acting, saved, { subject: 'job', subjectId: id, about: '' })
  },
}

/** Saves the practices a job chose: what they are now, or 409 with what stands. */
export const jobSchools: Way = {
  verb: 'job',
  answer: async ({ db, acting, request, id }) => {
    if (!(await findJob(db, acting, id))) return notFound()
    const saved = await saveChange(schoolsPlace(db, acting, id), await bodyOf(request, changeOf(schoolChoicesSchema)))
    return answerChange(db, acting, saved, { subject: 'job', subjectId: id, about: 'schools' })
  },
}

const newOpening = openingSchema
  .pick({ id: true, tag: true, name: true, family: true })
  .extend({ way: z.enum(WAYS) })
  .refine(one => DOORS[one.family].survey.ways.includes(one.way), {
    path: ['way'],
    message: 'this kind of door is not measured so',
  })

/** Adds an opening to a job. Its id is made where it was added: sent twice, it is one opening. */
export const opening: Way = {
  verb: 'job',
  answer: async ({ db, acting, request, id }) => {
    if (!(await findJob(db, acting, id))) return notFound()
    const { way, ...own } = await bodyOf(request, newOpening)
    if (!(await findOpening(db, acting, own.id))) await addOpening(db, acting, id, own, newEdits(way))
    return Response.json({ id: own.id }, { status: 201 })
  },
}

/** Notes what was found on a delivered unit, and what becomes of it. */
export const receipts: Way = {
  verb: 'receive',
  answer: async ({ db, acting, request, id }) => {
    const found = await findOrder(db, acting, id)
    if (!found) return notFound()
    const receipt = await bodyOf(request, receiptSchema)
    if (receipt.orderId !== id || receipt.line > found.order.lines.length)
      return refuse(422, { code: 'other-line', message: 'This line is not in this order; nothing was stored.' })
    return answerAdded(await addRows(db, RECEIPTS, acting, id, [receipt]))
  },
}

/** Notes what somebody decided of differences between an order and its acknowledgement. */
export const decisions: Way = {
  verb: 'order',
  answer: async ({ db, acting, request, id }) => {
    if (!(await findOrder(db, acting, id))) return notFound()
    const asked = await bodyOf(request, decisionsSchema)
    const desk = await listDeskAnswers(db, acting, [id])
    if (!desk.some(one => one.id === asked.answerId)) return notFound()
    const rows = asked.decisions.map(one => ({ ...one, orderId: id, answerId: asked.answerId }))
    return answerAdded(await addRows(db, DECISIONS, acting, id, rows))
  },
}

const MOST_NOTED = 500

/** Notes of a day: what is in the van, what weather is likely. */
export const dayEntries: Way = {
  verb: 'measure',
  answer: async ({ db, acting, request, params }) => {
    const day = params.date ?? ''
    if (!isDay(day)) return refuse(422, { code: 'no-day', message: 'There is no such day; nothing was stored.' })
    const rows = await bodyOf(request, z.array(dayEntrySchema).min(1).max(MOST_NOTED))
    return answerAdded(await addRows(db, DAY_ENTRIES, acting, day, rows))
  },
}

/** Saves the firm's own practices, rates and suppliers: what it is now, or 409 with what stands. */
export const firm: Way = {
  verb: 'firm',
  answer: async ({ db, acting, request }) => {
    const saved = await saveChange(
      firmPlace(db, acting),
      await bodyOf(request, changeOf(firmSchema), MOST_RECORD_BYTES),
    )
    return answerChange(db, acting, saved, { subject: 'firm', subjectId: acting.companyId, about: '' })
  },
}

/** The ways by method and address. */
export const WRITES: readonly (Way & { readonly method: 'POST' | 'PUT'; readonly at: string })[] = [
  { ...job, method: 'POST', at: '/api/jobs' },
  { ...jobDetails, method: 'PUT', at: '/api/jobs/[id]' },
  { ...jobSchools, method: 'PUT', at: '/api/jobs/[id]/schools' },
  { ...opening, method: 'POST', at: '/api/jobs/[id]/openings' },
  { ...openingDetails, method: 'PUT', at: '/api/openings/[id]/details' },
  { ...readings, method: 'POST', at: '/api/openings/[id]/readings' },
  { ...answers, method: 'POST', at: '/api/openings/[id]/answers' },
  { ...log, method: 'POST', at: '/api/openings/[id]/log' },
  { ...placings, method: 'POST', at: '/api/openings/[id]/placings' },
  { ...edits, method: 'PUT', at: '/api/openings/[id]/edits/[kind]' },
  { ...receipts, method: 'POST', at: '/api/orders/[id]/receipts' },
  { ...decisions, method: 'POST', at: '/api/orders/[id]/decisions' },
  { ...dayEntries, method: 'POST', at: '/api/days/[date]/entries' },
  { ...firm, method: 'PUT', at: '/api/firm' },
]
