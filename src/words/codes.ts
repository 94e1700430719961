/** Codes that are written with their hyphen. */
const HYPHENED: ReadonlySet<string> = new Set(['non-removable', 'knock-down'])

/** Codes as they are read where they have no words of their own: hyphens are for machines. */
export const codeWords = (code: string): string => (HYPHENED.has(code) ? code : code.replaceAll('-', ' '))
