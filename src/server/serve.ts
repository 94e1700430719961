import { createServer } from 'node:http'
import { constants } from 'node:zlib'
import compression from 'compression'
import next from 'next'
import { everyAnswer } from './every-answer'

// What listens: the framework answers.

/** How long a line stays open for the next question. Node’s five seconds close it just as somebody who reads asks again. */
const KEPT_OPEN_MS = 65_000

/** How long what is being answered may take when the server is to end. */
const PATIENCE_MS = 1000

/** A page is packed to what the framework’s own packing makes of it, in half the time (bench). The window is larger than any page. */
const packed = compression({
  brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: 3, [constants.BROTLI_PARAM_LGWIN]: 18 } },
})

/** Listens on a port of this machine until it is told to end: what is being answered then is answered, where that takes no longer than a moment. */
export async function serve(folder: string, port: number): Promise<void> {
  const app = next({ dev: false, dir: folder, hostname: '127.0.0.1', port })
  await app.prepare()
  const answer = everyAnswer(app.getRequestHandler())
  const server = createServer((request, reply) => {
    const answered = () => {
      answer(request, reply).catch((error: unknown) => {
        console.error(error)
        if (!reply.headersSent) reply.statusCode = 500
        reply.end()
      })
    }
    packed(request, reply, answered)
  })
  server.keepAliveTimeout = KEPT_OPEN_MS
  server.listen(port, '127.0.0.1')
  let isEnding = false
  const end = (signal: NodeJS.Signals) => {
    if (isEnding) return
    isEnding = true
    server.close(() => void app.close().then(() => process.exit(signal === 'SIGINT' ? 130 : 143)))
    // A line that is listened to, or that nobody reads, would never end by itself.
    setTimeout(() => server.closeAllConnections(), PATIENCE_MS).unref()
  }
  process.on('SIGINT', end)
  process.on('SIGTERM', end)
}
