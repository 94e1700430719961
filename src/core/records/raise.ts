import { NEW_FIRM } from '../catalogue/firm'
import { NEW_SEAL_CHOICE } from '../seal/seal-wants'
import { raiseUnit, silentOnNew } from './raise-unit'
import { renamedCode, renamedDetails } from './renamed'
import { isMembers, type Members } from './version'

/** Each object of a list changed; whatever is no list or no object stays, for the schema to name. */
export const listOf = (value: unknown, change: (one: Members) => Members): unknown =>
  Array.isArray(value) ? value.map(one => (isMembers(one) ? change(one) : one)) : value

/** Version 2 of an order's line: its unit as a record of its kind, and every member there. */
export const raiseLine = (old: Members): Members => ({
  hingeCount: null,
  activeLeaf: null,
  panels: null,
  code: null,
  flushFace: null,
  outsideTrim: null,
  padOf: null,
  cut: null,
  agreed: [],
  labelWanted: 0,
  spares: {},
  tolerance: null,
  compared: [],
  ...old,
  unit: isMembers(old.unit) ? raiseUnit(old.unit) : old.unit,
  details: renamedDetails(old.details),
  cents: isMembers(old.cents) ? { hardware: 0, ...old.cents } : old.cents,
})

/** Versions 3 to 5 of an order's line: its unit in the same version. */
export const raiseLineUnit = (old: Members): Members => ({
  wentOn: [],
  traces: [],
  trimOutside: null,
  hingeClass: null,
  ...old,
  unit: isMembers(old.unit) ? silentOnNew(old.unit) : old.unit,
})

/** Version 2 of what is wanted: nothing was said at the first look. */
export const raiseWishes = (old: Members): Members => ({
  visit: { reasons: [], stays: null, obstacles: [], structure: 'as-it-is' },
  ...old,
})

/** Version 3 of the wishes: what is not sound has its place, and what holds the old frame is said. */
export const raiseVisit = (old: Members): Members => ({
  ...old,
  visit: { condition: {}, fixings: null, ...(isMembers(old.visit) ? old.visit : {}) },
})

/** Version 4 of the wishes: nobody said what the leaf's material weighs. */
export const raiseDensity = (old: Members): Members => ({ densityKgM3: null, ...old })

/** Version 2 of what is settled of an order: nothing was gone on with against a finding. */
export const raiseChoices = (old: Members): Members => ({ waived: {}, ...old })

/** Version 2 of what is to be sealed: an edge holds several seals, and what it is for, how well and by which rules is said. */
export const raiseSeal = (old: Members): Members => {
  const edges = isMembers(old.edges) ? old.edges : {}
  const listed = Object.entries(edges).map(([edge, seal]) => [
    edge,
    Array.isArray(seal) ? seal : seal === null ? [] : [seal],
  ])
  return { ...NEW_SEAL_CHOICE, ...old, edges: Object.fromEntries(listed) }
}

/** Version 2 of an answer: no code is prose. */
export const raiseAnswer = (old: Members): Members => ({ ...old, code: renamedCode(old.code) })

/** Version 2 of a reading: when the place was read. Before, only the survey and the door as it stood were read. */
export const raiseReading = (old: Members): Members => ({ ...old, occasion: 'survey' })

/** Version 2 of a log entry: the figure that was read stands apart from its words. */
export const raiseLog = (old: Members): Members => ({ ...old, value: null })

/** Version 2 of a receipt: what was seen on the unit stands apart from its note. */
export const raiseReceipt = (old: Members): Members => ({ ...old, damage: [] })

/** A firm with every member there, whatever its version. */
export const raiseFirm = (old: Members): Members => ({ ...NEW_FIRM, ...old })

/** Nothing shut a hole for the night but a door. */
export const raisePlacing = (old: Members): Members => ({ closure: null, ...old })

/** The edited records that the wishes and the seal choice of version 1 held together. */
export function partWishes(wishes: Members, sealChoice: Members): Readonly<Record<string, Members>> {
  const { details, questions = [], chosen = null, compared = [], shift = 0, allowances = {}, ...rest } = wishes
  const { heatingDegreeDays = 2800, centsPerKwh = 14, ...wished } = rest
  return {
    wishes: raiseWishes({ construction: null, settings: [], labelMinutes: null, schools: {}, ...wished }),
    order: { chosen, compared, details: renamedDetails(details), questions, waived: {} },
    fit: { shift },
    seal: { edges: sealChoice, heatingDegreeDays, centsPerKwh },
    allowances: isMembers(allowances) ? allowances : {},
  }
}
