// @ts-check
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { say, Trouble } from './say.mjs'

// What runs on a folder of data: written down, so that a start that finds it left running ends it and goes on.

/** @typedef {{ starter: number, address: string, pids: readonly number[] }} Running */

const noteIn = (/** @type {string} */ folder) => join(folder, 'running.json')

/** Whether a process is there and is what it was said to be: its number may have gone to another since.
 * @param {number} pid @param {RegExp} is */
function runs(pid, is) {
  try {
    return is.test(readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' '))
  } catch {
    return false
  }
}
const STARTER = /bin\/(demo|harvek)/
const PART = /mariadbd|tools\/serve|stand-ins/

/** @param {string} folder @returns {Running | null} */
function read(folder) {
  try {
    return existsSync(noteIn(folder)) ? JSON.parse(readFileSync(noteIn(folder), 'utf8')) : null
  } catch {
    return null
  }
}

/** Writes down what runs here now. @param {string} folder @param {string} address @param {readonly number[]} pids */
export const noteRunning = (folder, address, pids) =>
  writeFileSync(noteIn(folder), JSON.stringify({ starter: process.pid, address, pids }), { mode: 0o600 })

/** @param {string} folder */
export const forgetRunning = folder => rmSync(noteIn(folder), { force: true })

/** Refuses where a Harvek runs on the folder; ends what one that was killed left running, and says so.
 * @param {string} folder */
export async function clearLeftOver(folder) {
  const found = read(folder)
  if (!found) return
  if (found.starter !== process.pid && runs(found.starter, STARTER))
    throw new Trouble(
      `Harvek is running on these data already, at ${found.address}. End it with Ctrl-C where it was started.`,
    )
  const left = found.pids.filter(pid => runs(pid, PART))
  for (const pid of left) process.kill(pid, 'SIGTERM')
  for (let wait = 0; wait < 80 && left.some(pid => runs(pid, PART)); wait++)
    await new Promise(resolve => setTimeout(resolve, 100))
  for (const pid of left.filter(one => runs(one, PART))) process.kill(pid, 'SIGKILL')
  if (left.length)
    say(`A Harvek that was cut off left ${left.length} processes running here; they are ended. The data are whole.`)
  forgetRunning(folder)
}
