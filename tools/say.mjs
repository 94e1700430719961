// @ts-check
/** A mistake of the world that a person can mend: shown as its sentence, without a stack. */
export class Trouble extends Error {}

/** @param {string} text */
export const say = text => void process.stdout.write(`${text}\n`)

/** Runs `main`; a `Trouble` becomes its sentence and exit code 1.
 * @param {() => Promise<void>} main */
export async function runMain(main) {
  try {
    await main()
  } catch (error) {
    process.stderr.write(`${error instanceof Trouble ? error.message : error instanceof Error ? error.stack : error}\n`)
    process.exitCode = 1
  }
}
