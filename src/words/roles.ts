import { MAY, type Role, type Verb } from '@/core/access/access'

export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  owner: 'owner',
  office: 'office',
  installer: 'installer',
  trainee: 'trainee',
}

/** What each verb is, after “Only the owner may”. */
const VERB_WORDS: Readonly<Record<Verb, string>> = {
  look: 'look at this',
  measure: 'take readings and note steps',
  vouch: 'sign this',
  money: 'see what things cost',
  job: 'change jobs and openings',
  settle: 'settle what is wanted',
  receive: 'note what came',
  cut: 'note what was cut',
  order: 'release and change orders',
  archive: 'put things away, and take whole jobs out or in',
  firm: 'change what the firm goes by',
}

const ROLE_WORDS: Readonly<Record<Role, string>> = {
  owner: 'the owner',
  office: 'the office',
  installer: 'installers',
  trainee: 'trainees',
}

/** Whose a verb is: “Only the owner and the office may release and change orders.” */
export function whoMay(verb: Verb): string {
  const names = MAY[verb].map(role => ROLE_WORDS[role])
  const list = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names[0]
  return `Only ${list} may ${VERB_WORDS[verb]}.`
}
