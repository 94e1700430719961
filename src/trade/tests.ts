import type { HandoverTest } from '@/core/handover/plan-tests'

/** What is tested before a door is handed over. Source: common trade practice; the maker's sheet and local code come first. */
export const TESTS: readonly HandoverTest[] = [
  { id: 'plumb', swing: null, unit: 'length' },
  { id: 'margins', swing: null, unit: 'length' },
  { id: 'stays-open', swing: null, unit: 'none' },
  { id: 'latches', swing: null, unit: 'newton' },
  { id: 'contact', swing: null, unit: 'none' },
  { id: 'bill', swing: null, unit: 'none' },
  { id: 'no-light', swing: null, unit: 'none' },
  { id: 'deadbolt', swing: null, unit: 'none' },
  { id: 'sweep', swing: 'in', unit: 'none' },
  { id: 'hinge-pins', swing: 'out', unit: 'none' },
]
