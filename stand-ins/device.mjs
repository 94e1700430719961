// @ts-check
// What both simulated measuring devices share: pairing, a stream of readings, and a way to tell them to misbehave.
import { randomBytes } from 'node:crypto'
import { createServer } from 'node:http'

/** @typedef {{ value: number, places: number, unit: string }} Shown */
/** @typedef {{ name: string, serial: string, instrument: string, exactness: string, units: Record<string, (n: number) => Shown>, jitter: number }} Kind */

const BEAT_MS = 500

/** Runs a device until it is ended. Values are told to `POST /control` in the device's own unit:
 *  `{ measure, jitter, repeat, unit, dropOut, garble }`.
 * @param {Kind} kind @param {number} port */
export function runDevice(kind, port) {
  /** @type {Set<import('node:http').ServerResponse>} */
  const listeners = new Set()
  const tokens = new Set()
  const state = { jitter: 0, repeat: 1, unit: Object.keys(kind.units)[0] ?? '', silentUntil: 0 }
  // Begins with the time, so that a device that was switched off and on never counts back.
  let sequence = Date.now()
  let last = ''
  const isSilent = () => Date.now() < state.silentUntil

  /** @param {string} text */
  const send = text => {
    if (!isSilent()) for (const one of listeners) one.write(text)
  }
  /** @param {number} truth */
  const measure = truth => {
    const off = state.jitter ? (Math.random() * 2 - 1) * state.jitter : 0
    const shown = kind.units[state.unit]?.(truth + off) ?? { value: truth, places: 1, unit: state.unit }
    sequence += 1
    last = `id: ${sequence}\nevent: reading\ndata: ${JSON.stringify({ sequence, value: shown.value.toFixed(shown.places), unit: shown.unit })}\n\n`
    for (let i = 0; i < state.repeat; i++) send(last)
  }
  const beat = setInterval(() => send(': beat\n\n'), BEAT_MS)

  /** @param {Record<string, unknown>} told */
  const control = told => {
    if (typeof told.jitter === 'number') state.jitter = told.jitter
    if (typeof told.repeat === 'number') state.repeat = Math.max(1, Math.min(20, told.repeat))
    if (typeof told.unit === 'string' && told.unit in kind.units) state.unit = told.unit
    if (typeof told.dropOut === 'number') {
      state.silentUntil = Date.now() + told.dropOut * 1000
      for (const one of listeners) one.destroy()
      listeners.clear()
    }
    if (told.garble) send('event: reading\ndata: {"sequence":"?"}\n\n')
    if (typeof told.measure === 'number') measure(told.measure)
  }

  const server = createServer((request, response) => {
    const url = new URL(request.url ?? '/', 'http://device')
    const json = (/** @type {number} */ status, /** @type {unknown} */ body) =>
      response.writeHead(status, { 'content-type': 'application/json' }).end(JSON.stringify(body))
    if (isSilent() && url.pathname !== '/control') return request.socket.destroy()
    // Pages of this machine may listen to it themselves.
    const origin = request.headers.origin ?? ''
    if (/^https?:\/\/(127\.0\.0\.1|localhost)(:\d+)?$/.test(origin))
      response.setHeader('access-control-allow-origin', origin)
    if (request.method === 'OPTIONS')
      return response
        .writeHead(204, {
          'access-control-allow-headers': 'content-type, cache-control',
          'access-control-allow-private-network': 'true',
        })
        .end()
    if (url.pathname === '/' && request.method === 'GET')
      return response.writeHead(200, { 'content-type': 'text/html; charset=utf-8' }).end(page(kind))
    if (url.pathname === '/pair' && request.method === 'POST') {
      const token = randomBytes(12).toString('hex')
      tokens.add(token)
      const { name, serial, instrument, exactness } = kind
      return json(200, { device: { name, serial, instrument, exactness }, token })
    }
    if (url.pathname === '/stream') {
      // A device that was switched off and on has forgotten whom it was paired with; it takes the old token as its own.
      const token = url.searchParams.get('token') ?? ''
      if (!/^[0-9a-f]{24}$/.test(token)) return json(403, { message: 'not paired' })
      tokens.add(token)
      response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store' })
      response.write(': here\n\n')
      const after = Number(url.searchParams.get('after') ?? Number.NaN)
      if (last && sequence > after) response.write(last)
      listeners.add(response)
      response.on('close', () => listeners.delete(response))
      return
    }
    if (url.pathname === '/control' && request.method === 'POST') {
      let text = ''
      request.on('data', chunk => {
        text += chunk
        if (text.length > 10_000) request.destroy()
      })
      request.on('end', () => {
        try {
          control(JSON.parse(text))
          json(200, { listeners: listeners.size })
        } catch {
          json(400, { message: 'not JSON' })
        }
      })
      return
    }
    json(404, { message: 'no such thing' })
  })
  server.listen(port, '127.0.0.1', () =>
    process.stdout.write(`${kind.name} ${kind.serial}: http://127.0.0.1:${port}\n`),
  )
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
    process.once(signal, () => {
      clearInterval(beat)
      server.closeAllConnections()
      server.close(() => process.exit(0))
    })
}

/** A page with the device's buttons, for trying it by hand.
 * @param {Kind} kind */
function page(kind) {
  const units = Object.keys(kind.units)
    .map(unit => `<button onclick="tell({unit:'${unit}'})">${unit}</button>`)
    .join(' ')
  return `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>${kind.name}</title><style>body{font:18px sans-serif;max-width:420px;margin:24px auto;padding:0 12px}button,input{font:inherit;min-height:44px;padding:0 12px;margin:3px 0}</style>
<h1>${kind.name} ${kind.serial}</h1><p>A simulated device, ±${kind.exactness}.</p>
<form onsubmit="tell({measure:Number(v.value)});return false"><label>True value <input id="v" value="924.3" size="8"></label> <button>Measure</button></form>
<p>Unit ${units}</p><p><button onclick="tell({jitter:${kind.jitter}})">Jitter</button> <button onclick="tell({jitter:0})">Steady</button>
<button onclick="tell({repeat:3})">Repeat</button> <button onclick="tell({repeat:1})">Once</button>
<button onclick="tell({dropOut:6})">Drop out for 6 s</button></p>
<script>const tell=body=>fetch('/control',{method:'POST',body:JSON.stringify(body)})</script></html>`
}

/** The port that was asked for on the command line. @param {string[]} args @returns {number} */
export function portOf(args) {
  const at = args.indexOf('--port')
  const port = Number(args[at + 1])
  if (at < 0 || !Number.isInteger(port) || port < 1024 || port > 65_535) {
    process.stderr.write('Say which port of 127.0.0.1 to listen on: --port 4101\n')
    process.exit(1)
  }
  return port
}
