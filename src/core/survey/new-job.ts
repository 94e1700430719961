import type { DisplayStep } from '../units/format-length'
import type { JobDetails } from './job-record'

/** The steps a job's lengths can be shown in, by unit; the usual one first. */
export const STEPS_OF = {
  in: ['1/16', '1/8', '1/32', '1/64'],
  mm: ['1', '0.5', '0.1'],
} as const satisfies Readonly<Record<JobDetails['unit'], readonly DisplayStep[]>>

/** The same job in the other unit, in its usual step. */
export const inUnit = (job: JobDetails, unit: JobDetails['unit']): JobDetails =>
  job.unit === unit ? job : { ...job, unit, step: STEPS_OF[unit][0] }

/** Whether a job's step belongs to its unit. */
export const isOfUnit = ({ unit, step }: Pick<JobDetails, 'unit' | 'step'>): boolean =>
  (STEPS_OF[unit] as readonly DisplayStep[]).includes(step)

/** A job of which nothing is said yet: no place, no customer. */
export const newJob = (unit: JobDetails['unit']): JobDetails => ({
  name: '',
  site: '',
  customer: { name: '', phone: '', email: '' },
  delivery: '',
  notes: '',
  unit,
  step: STEPS_OF[unit][0],
  visitOn: null,
  place: null,
  timeZone: null,
})

/** The details of a whole job, without what is never edited. */
export const detailsOfJob = <T extends JobDetails>({
  name,
  site,
  customer,
  delivery,
  notes,
  unit,
  step,
  visitOn,
  place,
  timeZone,
}: T): JobDetails => ({ name, site, customer, delivery, notes, unit, step, visitOn, place, timeZone })
