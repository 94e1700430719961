/** Rows of a paper's facts: a name and what is said. */
export type Rows = readonly (readonly [string, string])[]

/** A row only where it holds. */
export const when = (holds: boolean, name: string, value: () => string): Rows => (holds ? [[name, value()]] : [])
