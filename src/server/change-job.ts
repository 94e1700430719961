import { type JobDetails, jobDetailsSchema } from '@/core/survey/job-record'
import { isOfUnit } from '@/core/survey/new-job'
import { zoneAt } from './places'

/** A job's details as a page sends them: the step its lengths are shown in belongs to its unit. */
export const sentDetails = jobDetailsSchema.refine(isOfUnit, {
  path: ['step'],
  message: 'lengths of this unit are not shown in this step',
})

/** The clock goes by the place: typed coordinates have one too. */
export const withClock = (details: JobDetails): JobDetails => ({
  ...details,
  timeZone: details.place ? zoneAt(details.place) : null,
})
