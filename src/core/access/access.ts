// Who may do what: data only. Every route and page names its verb, and the interface asks the same table.

export const ROLES = ['owner', 'office', 'installer', 'trainee'] as const
export type Role = (typeof ROLES)[number]
const isRole = (text: string): text is Role => (ROLES as readonly string[]).includes(text)
/** A role as it is stored; one that this Harvek does not know may do least. */
export const roleOf = (text: string): Role => (isRole(text) ? text : 'trainee')

const ALL: readonly Role[] = ROLES
const SKILLED: readonly Role[] = ['owner', 'office', 'installer']
const DESK: readonly Role[] = ['owner', 'office']

/** Each thing that is done, and whose it is. */
export const MAY = {
  /** Sees jobs, openings, orders, lists and papers, practises, and pairs devices. */
  look: ALL,
  /** Takes readings, answers, photos; notes steps and seals as done. */
  measure: ALL,
  /** Notes a hand-over test, and signs what a trainee read. */
  vouch: SKILLED,
  /** Sees what things cost. */
  money: SKILLED,
  /** Makes and changes jobs and openings, chooses practices for a job, brings in readings from a file. */
  job: SKILLED,
  /** Says what is wanted, chooses a unit, seals, moves and settings of an opening. */
  settle: SKILLED,
  /** Notes what came and claims on it. */
  receive: SKILLED,
  /** Notes what was cut, out of the firm's bars and off-cuts. */
  cut: SKILLED,
  /** Releases, changes and withdraws orders, accepts and objects. */
  order: DESK,
  /** Puts jobs and openings away, takes whole jobs out and brings them in. */
  archive: DESK,
  /** Changes what the firm goes by: rates, practices, suppliers, lists of units and seals. */
  firm: DESK,
  /** Asks people to join, changes their roles, lets them go. */
  people: DESK,
  /** Puts tasks on crews and days. */
  plan: SKILLED,
  /** Sees who changed what. */
  audit: DESK,
} as const satisfies Readonly<Record<string, readonly Role[]>>
export type Verb = keyof typeof MAY
export const VERBS = Object.keys(MAY) as readonly Verb[]

/** Whether somebody of a role may. */
export const may = (role: Role, verb: Verb): boolean => MAY[verb].includes(role)
