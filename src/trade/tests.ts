import type { HandoverTest } from '@/core/handover/plan-tests'

/** What is tested before a door is handed over. Source: common trade practice; the maker's sheet and local code come first. */
export const TESTS: readonly HandoverTest[] = [
  { id: 'plumb', only: null, unit: 'length' },
  { id: 'margins', only: null, unit: 'length' },
  { id: 'stays-open', only: null, unit: 'none' },
  { id: 'latches', only: null, unit: 'newton' },
  { id: 'contact', only: null, unit: 'none' },
  { id: 'bill', only: null, unit: 'none' },
  { id: 'no-light', only: null, unit: 'none' },
  { id: 'deadbolt', only: null, unit: 'none' },
  { id: 'sweep', only: 'in', unit: 'none' },
  { id: 'hinge-pins', only: 'out', unit: 'none' },
]
