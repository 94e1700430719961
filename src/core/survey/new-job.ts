import { type DisplayStep, STEPS_OF, type UnitSteps, USUAL_STEPS } from '../units/format-length'
import type { JobDetails } from './job-record'

/** The same job in the other unit, as finely as its firm shows it. */
export const inUnit = (job: JobDetails, unit: JobDetails['unit'], steps: UnitSteps): JobDetails =>
  job.unit === unit ? job : { ...job, unit, step: steps[unit] }

/** Whether a job's step belongs to its unit. */
export const isOfUnit = ({ unit, step }: Pick<JobDetails, 'unit' | 'step'>): boolean =>
  (STEPS_OF[unit] as readonly DisplayStep[]).includes(step)

/** A job of which nothing is said yet: no place, no customer. */
export const newJob = (unit: JobDetails['unit'], steps: UnitSteps = USUAL_STEPS): JobDetails => ({
  name: '',
  site: '',
  customer: { name: '', phone: '', email: '' },
  delivery: '',
  notes: '',
  unit,
  step: steps[unit],
  visitOn: null,
  place: null,
  timeZone: null,
  loud: null,
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
  loud,
}: T): JobDetails => ({ name, site, customer, delivery, notes, unit, step, visitOn, place, timeZone, loud })
