import { connect, createServer, type Server, type Socket } from 'node:net'

/** What becomes of what is sent: it goes through; it does so slowly; it is refused; it hangs; it arrives and its reply is lost. */
export type Signal = 'there' | 'slow' | 'refused' | 'hangs' | 'reply-lost'

/** Slower than a page that lies on the device is waited for. */
const SLOW_MS = 4500

export type SiteLine = {
  readonly address: string
  readonly goes: (next: Signal) => void
  readonly stop: () => Promise<void>
}

/** The line between a tablet and the application, which can be cut for everything in the browser at once, its workers too. */
export async function startLine(target: string): Promise<SiteLine> {
  const port = Number(new URL(target).port)
  const open = new Set<Socket>()
  let signal: Signal = 'there'
  const kept = (socket: Socket) => {
    open.add(socket)
    socket.on('error', () => undefined)
    socket.on('close', () => open.delete(socket))
  }
  const server: Server = createServer(from => {
    kept(from)
    if (signal === 'refused') return from.destroy()
    if (signal === 'hangs') return undefined
    const to = connect(port, '127.0.0.1')
    kept(to)
    if (signal === 'slow') setTimeout(() => from.pipe(to), SLOW_MS)
    else from.pipe(to)
    to.on('data', data => (signal === 'reply-lost' ? from.destroy() : from.write(data)))
    to.on('end', () => from.end())
    from.on('close', () => to.destroy())
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  const at = server.address()
  if (typeof at !== 'object' || !at) throw new Error('no port')
  return {
    address: `http://127.0.0.1:${at.port}`,
    goes: next => {
      signal = next
      if (next !== 'there' && next !== 'slow') for (const socket of open) socket.destroy()
    },
    stop: () =>
      new Promise(resolve => {
        for (const socket of open) socket.destroy()
        server.close(() => resolve())
      }),
  }
}
