import type { CallTrade } from '@/core/calls'
import { FLAT_PACKERS, JAMB_STANDARDS } from './jambs'
import { LENGTHS } from './lengths'

/** What the core's JSON calls work with when a request says nothing else. */
export const CALL_TRADE: CallTrade = { lengths: LENGTHS, jambStandards: JAMB_STANDARDS, flats: FLAT_PACKERS }
