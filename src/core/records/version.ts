import type { z } from 'zod'

/** A stored record as it lies there, of whatever version. */
export type Members = { readonly [name: string]: unknown }
export const isMembers = (value: unknown): value is Members =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A kind of stored record: what brings each older version to the next one, and what the newest must be. `ups[0]` makes a record of
 *  version 1 one of version 2. */
export type RecordKind<T> = {
  readonly name: string
  readonly ups: readonly ((record: Members) => Members)[]
  readonly schema: z.ZodType<T>
}

/** The newest version of a kind. */
export const versionOf = ({ ups }: Pick<RecordKind<unknown>, 'ups'>): number => ups.length + 1

/** A stored record that no step leads from to what this Harvek reads. */
export class UnknownVersion extends Error {
  constructor(name: string, version: number, newest: number) {
    super(
      version > newest
        ? `A ${name} is stored in version ${version}; this Harvek reads up to ${newest}. Start the newer Harvek it was written with.`
        : `A ${name} is stored in version ${version}, and no step leads from there. The database is not changed.`,
    )
  }
}

/** A record of any version brought up to the newest, a step at a time; one of no object stays, for its schema to name. */
export function raised<T>(kind: RecordKind<T>, value: unknown, version: number): unknown {
  const newest = versionOf(kind)
  if (!Number.isInteger(version) || version < 1 || version > newest)
    throw new UnknownVersion(kind.name, version, newest)
  return isMembers(value) ? kind.ups.slice(version - 1).reduce<Members>((record, up) => up(record), value) : value
}

/** A stored record as it is now. @throws UnknownVersion; or what its schema finds wrong. */
export const readRecord = <T>(kind: RecordKind<T>, value: unknown, version: number): T =>
  kind.schema.parse(raised(kind, value, version))
