// @ts-check
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { root } from './bundle.mjs'
import { freePort } from './database.mjs'
import { Trouble } from './say.mjs'

/** @typedef {{ port: number, pid: number, address: string, tell: (told: Record<string, unknown>) => Promise<void>, stop: () => Promise<void>, kill: () => Promise<void> }} RunningDevice */

export const DEVICES = /** @type {const} */ (['laser', 'level'])

/** Starts a simulated measuring device as a process of its own and waits until it answers.
 * @param {string} name @param {number} port @returns {Promise<RunningDevice>} */
export const startDevice = (name, port) => startProgram(name, port)

/** @param {string} name @param {number} port @param {string[]} more @returns {Promise<RunningDevice>} */
async function startProgram(name, port, more = []) {
  const child = spawn(process.execPath, [join(root, 'stand-ins', `${name}.mjs`), '--port', String(port), ...more], {
    stdio: ['ignore', 'ignore', 'inherit'],
    detached: true,
  })
  const ended = new Promise(resolve => child.once('exit', resolve))
  const address = `http://127.0.0.1:${port}`
  const end = (/** @type {NodeJS.Signals} */ signal) => async () => {
    if (child.exitCode === null && child.signalCode === null) child.kill(signal)
    await ended
  }
  for (let attempt = 0; attempt < 100; attempt++) {
    if (child.exitCode !== null) break
    const answer = await fetch(address).catch(() => null)
    if (answer?.ok) {
      return {
        port,
        pid: child.pid ?? 0,
        address,
        tell: async told => {
          await fetch(`${address}/control`, { method: 'POST', body: JSON.stringify(told) })
        },
        stop: end('SIGTERM'),
        kill: end('SIGKILL'),
      }
    }
    await new Promise(resolve => setTimeout(resolve, 50))
  }
  child.kill('SIGKILL')
  throw new Trouble(`The simulated ${name} did not start on port ${port}.`)
}

/** Starts the simulated supplier's desk, which keeps what it took in `file`, and waits until it answers.
 * @param {number} port @param {string} file @returns {Promise<RunningDevice>} */
export const startDesk = (port, file) => startProgram('desk', port, ['--store', file])

/** Starts the simulated mail server, which keeps what it took in `file`, and waits until it answers. `smtp` is where mails come in.
 * @param {number} port @param {number} smtpPort @param {string} file @returns {Promise<RunningDevice & { smtp: string }>} */
export async function startMail(port, smtpPort, file) {
  const running = await startProgram('mail', port, ['--smtp', String(smtpPort), '--store', file])
  return { ...running, smtp: `smtp://127.0.0.1:${smtpPort}` }
}

/** Starts every simulated device on a free port. @returns {Promise<Record<string, RunningDevice>>} */
export async function startDevices() {
  /** @type {Record<string, RunningDevice>} */
  const running = {}
  for (const name of DEVICES) running[name] = await startDevice(name, await freePort())
  return running
}

/** What the application is told of the devices. @param {Record<string, RunningDevice>} running */
export const devicesEnv = running =>
  Object.entries(running)
    .map(([name, { port }]) => `${name}=${port}`)
    .join(' ')
