import { v5 as uuidV5 } from 'uuid'

const NAMESPACE = 'b3c2f3b0-7f0e-4c39-8f6d-6b7b6d1f5a42'

/** The id of a thing of the demo: the same on every machine, so that tests and pictures can name it. */
export const demoId = (...parts: readonly string[]): string => uuidV5(parts.join('/'), NAMESPACE)

/** The firm of the demo. */
export const DEMO_COMPANY_ID = demoId('company', 'Larkspur Door & Frame')

/** The demo's owner: whoever visits it is signed in as them at first. */
export const DEMO_MEMBER_ID = demoId('member', 'Ida Marlow')
