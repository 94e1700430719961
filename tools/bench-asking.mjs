// @ts-check
// Asks an address again and again, by itself, until it is told to end; then says how long the slowest answer took, ms.
import { parentPort, workerData } from 'node:worker_threads'
import { ask } from './ask.mjs'

const port = /** @type {import('node:worker_threads').MessagePort} */ (parentPort)
let isOver = false
port.once('message', () => {
  isOver = true
})
let worst = 0
let isReady = false
while (!isOver) {
  const start = performance.now()
  await ask(workerData)
  if (isReady) worst = Math.max(worst, performance.now() - start)
  else port.postMessage('ready')
  isReady = true
}
port.postMessage(worst)
