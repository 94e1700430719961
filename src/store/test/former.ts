import { readFileSync } from 'node:fs'
import { createConnection } from 'mysql2/promise'

/** Puts what an older Harvek left in the place of everything in a database: tables, rows and triggers, as a dump has them. */
export async function restore(url: string, dump: string): Promise<void> {
  const connection = await createConnection({ uri: url })
  await connection.query('SET FOREIGN_KEY_CHECKS = 0')
  const [tables] = await connection.query('SHOW TABLES')
  for (const row of tables as readonly Record<string, string>[])
    await connection.query(`DROP TABLE \`${Object.values(row)[0]}\``)
  for (const statement of statementsOf(readFileSync(dump, 'utf8'))) await connection.query(statement)
  await connection.end()
}

/** The statements of a dump, whichever delimiter ends them. */
function statementsOf(dump: string): readonly string[] {
  const statements: string[] = []
  let [delimiter, text] = [';', '']
  for (const line of dump.split('\n')) {
    const changed = /^DELIMITER (.*)$/.exec(line)
    if (changed) delimiter = changed[1]!
    // A line for the command-line client alone.
    if (changed || line.includes('enable the sandbox mode')) continue
    text += `${line}\n`
    if (!line.trimEnd().endsWith(delimiter)) continue
    statements.push(text.trimEnd().slice(0, -delimiter.length))
    text = ''
  }
  return statements.filter(one => one.trim() !== '')
}
