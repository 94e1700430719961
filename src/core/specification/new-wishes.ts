import type { Wishes } from './wishes'

/** What a new opening starts with: nothing that decides is settled. */
export const newWishes = (way: Wishes['way']): Wishes => ({
  way,
  hinges: null,
  swing: null,
  use: 'house-entry',
  material: null,
  bore: null,
  subfloor: 'not-seen',
  construction: null,
  densityKgM3: null,
  settings: [],
  labelMinutes: null,
  visit: { reasons: [], stays: null, obstacles: [], structure: 'as-it-is', condition: {}, fixings: null },
  schools: {},
})
