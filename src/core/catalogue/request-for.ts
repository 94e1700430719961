import { twistRead } from '../opening/observe-survey'
import type { AdjustedOpening } from '../opening/opening'
import { floorHeights } from '../specification/floor-read'
import type { Specification } from '../specification/specify'
import type { Survey } from '../survey/survey'
import { ZERO } from '../units/length'
import type { Request } from './request'
import { type SiteOf, siteFactsOf } from './site-facts'

type Given = Pick<
  Request,
  | 'wishes'
  | 'lengths'
  | 'schools'
  | 'jambStandards'
  | 'rates'
  | 'garageMinutes'
  | 'judges'
  | 'fillers'
  | 'hasBucks'
  | 'shift'
>

/** What of a request comes from readings beside the opening itself. */
export const readBeside = (
  site: SiteOf,
  survey: Survey,
  { wishes, lengths }: Pick<Request, 'wishes' | 'lengths'>,
): Pick<Request, 'site' | 'floor'> => ({
  site: siteFactsOf(site, survey, wishes, lengths),
  floor: floorHeights(survey),
})

/** What the catalogue is judged by for an opening. */
export const requestFor = (
  site: SiteOf,
  opening: AdjustedOpening | null,
  specification: Specification,
  survey: Survey,
  given: Given,
): Request => ({
  ...given,
  points: opening?.points ?? null,
  twist: opening && twistRead(survey, opening.points),
  ...readBeside(site, survey, given),
  wall: specification.jamb?.wanted.value ?? null,
  covering: specification.covering?.value ?? ZERO,
})

/** Whether enough was read to judge anything by. */
export const isJudgeable = ({ points, site }: Request): boolean =>
  points !== null || site.trim !== null || site.leaf !== null || site.lock !== null
