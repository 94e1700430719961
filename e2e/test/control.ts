import { createServer } from 'node:http'

/** A door on loopback for the stories' own process: POST /kill and POST /restart act on the database of the run. */
export async function serveControl(acts: Readonly<Record<string, () => Promise<void>>>) {
  const server = createServer((request, response) => {
    const act = acts[(request.url ?? '').slice(1)]
    if (!act) return response.writeHead(404).end()
    act().then(
      () => response.writeHead(204).end(),
      error => response.writeHead(500).end(String(error)),
    )
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  const address = server.address()
  const port = typeof address === 'object' && address ? address.port : 0
  return {
    address: `http://127.0.0.1:${port}`,
    stop: () => new Promise<void>(resolve => server.close(() => resolve())),
  }
}

type Act =
  | 'kill'
  | 'restart'
  | 'kill-application'
  | 'restart-application'
  | 'kill-laser'
  | 'restart-laser'
  | 'kill-desk'
  | 'restart-desk'

/** Tells a simulated device what to send, or how to misbehave. */
export async function tell(device: 'laser' | 'level', told: Record<string, unknown>): Promise<void> {
  const address = device === 'laser' ? process.env.HARVEK_LASER : process.env.HARVEK_LEVEL
  const answer = await fetch(`${address}/control`, { method: 'POST', body: JSON.stringify(told) })
  if (!answer.ok) throw new Error(`${device}: ${await answer.text()}`)
}

/** Tells the simulated supplier's desk how to read and answer; gives back what it says of itself. */
export async function tellDesk(told: Record<string, unknown>): Promise<unknown> {
  const answer = await fetch(`${process.env.HARVEK_DESK_ADDRESS}/control`, {
    method: 'POST',
    body: JSON.stringify(told),
  })
  if (!answer.ok) throw new Error(`desk: ${await answer.text()}`)
  return answer.json()
}

/** Asks the run to do something to its database, its application or its laser. */
export async function control(act: Act): Promise<void> {
  const answer = await fetch(`${process.env.HARVEK_CONTROL}/${act}`, { method: 'POST' })
  if (!answer.ok) throw new Error(`${act}: ${await answer.text()}`)
}
