// @ts-check
// A simulated supplier's desk: takes orders once each, answers by and by with its own reading of every line, keeps what it took in a file
// of its own, and can be told to misread, delay, fail, answer twice, query, refuse, garble or go away.
import { appendFileSync, closeSync, existsSync, fsyncSync, openSync, readFileSync, writeSync } from 'node:fs'
import { createServer } from 'node:http'
import { portOf } from './device.mjs'

const args = process.argv.slice(2)
const port = portOf(args)
const file = args[args.indexOf('--store') + 1]
if (!args.includes('--store') || !file) {
  process.stderr.write('Say where the desk keeps its orders: --store desk.jsonl\n')
  process.exit(1)
}

/** @typedef {{ key: string, body: string, at: number, answers: string[] }} Taken */
/** @type {Map<string, Taken>} */
const taken = new Map()
readStore()
const log = openSync(file, 'a')

const MOST_BYTES = 8 * 1024 * 1024
const state = { misread: 'nothing', answer: 'accept', delay: 0.4, fail: 0, twice: false, awayUntil: 0 }
let count = 0
let failures = 0

function readStore() {
  if (!existsSync(file ?? '')) return
  const text = readFileSync(file ?? '', 'utf8')
  // A line that was being written when the desk was killed is left out: nobody was told that it was taken.
  for (const line of text.split('\n')) {
    try {
      const row = JSON.parse(line)
      if (row.kind === 'taken') taken.set(row.key, { key: row.key, body: row.body, at: row.at, answers: [] })
      if (row.kind === 'answer') taken.get(row.key)?.answers.push(row.text)
    } catch {}
  }
  if (text && !text.endsWith('\n')) appendFileSync(file ?? '', '\n')
}

/** Writes a row and waits until the disk has it. @param {Record<string, unknown>} row */
function keep(row) {
  writeSync(log, `${JSON.stringify(row)}\n`)
  fsyncSync(log)
}

/** Whether this answer is one of those that fail: evenly spread, so that a half is a half. */
const fails = () => {
  count += 1
  return Math.floor(count * state.fail) !== Math.floor((count - 1) * state.fail)
}
const isAway = () => Date.now() < state.awayUntil

/** The desk's own reading of a message. @param {string} body @returns {string[]} */
function readingOf(body) {
  const message = JSON.parse(body)
  if (message.format === 'harvek-claim') return claimAnswers(message)
  const isObjection = message.format === 'harvek-objection'
  const isWithdrawal = message.format === 'harvek-withdrawal'
  const order = isObjection || isWithdrawal ? orderOf(message.order.id) : message
  if (!order) return []
  if (state.answer === 'garble') return ['{"format":"harvek-acknowledgement","lines":[']
  const lines = structuredClone(order.lines)
  if (!isObjection && !isWithdrawal) misread(lines)
  const reply = {
    format: 'harvek-acknowledgement',
    version: 1,
    company: order.company.id,
    order: order.order.id,
    state: state.answer === 'query' ? 'query' : state.answer === 'refuse' ? 'refused' : 'accepted',
    message:
      state.answer === 'query'
        ? 'Which sill is wanted? The sheet can be read two ways.'
        : state.answer === 'refuse'
          ? 'We do not make this size.'
          : isWithdrawal
            ? 'Your order is withdrawn.'
            : isObjection
              ? 'Corrected as you wrote.'
              : 'Thank you for your order.',
    lines: state.answer === 'accept' ? lines : [],
  }
  const text = JSON.stringify(reply)
  return state.twice ? [text, text] : [text]
}

/** What is done about a claim: parts are sent, a unit is replaced; or nothing, where the desk refuses. @param {any} message @returns {string[]} */
function claimAnswers(message) {
  if (state.answer === 'garble') return ['{"format":"harvek-claim-answer",']
  const isRefused = state.answer === 'refuse'
  const remedy = isRefused ? 'refused' : message.state === 'parts-owed' ? 'send-parts' : 'replace'
  const text = JSON.stringify({
    format: 'harvek-claim-answer',
    version: 1,
    company: message.company,
    order: message.order.id,
    claim: message.claim,
    remedy,
    message: isRefused ? 'It left us whole.' : 'We are sorry; it is on its way.',
    by: isRefused ? null : new Date(Date.now() + 14 * 86_400_000).toISOString().slice(0, 10),
  })
  return state.twice ? [text, text] : [text]
}

/** @param {string} id */
function orderOf(id) {
  for (const one of taken.values()) {
    const message = JSON.parse(one.body)
    if (message.format === 'harvek-order' && message.order.id === id) return message
  }
  return null
}

const QUARTER_INCH = 20_320

/** @param {Record<string, any>[]} lines */
function misread(lines) {
  for (const line of lines) {
    if (state.misread === 'hand' && line.hinges) line.hinges = line.hinges === 'left' ? 'right' : 'left'
    if (state.misread === 'jamb') line.jamb = Math.round(line.jamb / (4 * QUARTER_INCH)) * 4 * QUARTER_INCH
  }
}

/** What is answered to one message by now. @param {Taken} one */
function answersTo(one) {
  if (one.answers.length === 0 && Date.now() - one.at >= state.delay * 1000) {
    for (const text of readingOf(one.body)) {
      keep({ kind: 'answer', key: one.key, text })
      one.answers.push(text)
    }
  }
  return one.answers
}

const server = createServer((request, response) => {
  const url = new URL(request.url ?? '/', 'http://desk')
  const json = (/** @type {number} */ status, /** @type {unknown} */ body) =>
    response.writeHead(status, { 'content-type': 'application/json' }).end(JSON.stringify(body))
  const control = url.pathname === '/control' || url.pathname === '/'
  if (isAway() && !control) return request.socket.destroy()
  if (url.pathname === '/' && request.method === 'GET')
    return response.writeHead(200, { 'content-type': 'text/html; charset=utf-8' }).end(page())
  if (url.pathname === '/messages' && request.method === 'GET')
    return json(
      200,
      [...taken.values()].map(({ key, body, answers }) => ({
        key,
        message: JSON.parse(body),
        answers: answers.length,
      })),
    )
  const asked = /^\/messages\/([0-9a-f-]{36})\/answers$/.exec(url.pathname)
  if (asked && request.method === 'GET') {
    if (fails()) return json(503, { message: 'The desk is busy.' })
    const one = taken.get(asked[1] ?? '')
    return one ? json(200, { answers: answersTo(one) }) : json(404, { message: 'No such message was taken.' })
  }
  if (request.method !== 'POST' || !['/messages', '/control'].includes(url.pathname))
    return json(404, { message: 'no such thing' })
  let text = ''
  request.on('data', chunk => {
    text += chunk
    if (text.length > MOST_BYTES) request.destroy()
  })
  request.on('end', () => {
    try {
      if (url.pathname === '/control') return json(200, tell(JSON.parse(text)))
      take(String(request.headers['idempotency-key'] ?? ''), text, json, () => request.socket.destroy())
    } catch {
      json(400, { message: 'not JSON' })
    }
  })
})

/** Takes a message once, however often it comes under its key. A failing desk fails before it took it, or after: then only its reply is lost.
 * @param {string} key @param {string} body @param {(status: number, body: unknown) => void} json @param {() => void} hangUp */
function take(key, body, json, hangUp) {
  if (!/^[0-9a-f-]{36}$/.test(key)) return json(400, { message: 'An Idempotency-Key is needed.' })
  const { format } = JSON.parse(body)
  if (!['harvek-order', 'harvek-objection', 'harvek-withdrawal', 'harvek-claim'].includes(format))
    return json(400, { message: 'Not an order.' })
  const failing = fails()
  if (failing) failures += 1
  if (failing && failures % 2) return json(500, { message: 'The desk has a fault.' })
  const before = taken.get(key)
  if (before && before.body !== body) return json(409, { message: 'This key was used for something else.' })
  if (!before) {
    const row = { key, body, at: Date.now(), answers: [] }
    keep({ kind: 'taken', key, body, at: row.at })
    taken.set(key, row)
  }
  if (failing) return hangUp()
  json(before ? 200 : 202, { state: 'received' })
}

/** @param {Record<string, unknown>} told */
function tell(told) {
  if (['nothing', 'hand', 'jamb'].includes(String(told.misread))) state.misread = String(told.misread)
  if (['accept', 'query', 'refuse', 'garble'].includes(String(told.answer))) state.answer = String(told.answer)
  if (typeof told.delay === 'number') state.delay = Math.max(0, told.delay)
  if (typeof told.fail === 'number') state.fail = Math.min(1, Math.max(0, told.fail))
  if (typeof told.twice === 'boolean') state.twice = told.twice
  if (typeof told.away === 'number') state.awayUntil = Date.now() + told.away * 1000
  return { ...state, taken: taken.size }
}

server.listen(port, '127.0.0.1', () => process.stdout.write(`supplier desk: http://127.0.0.1:${port}\n`))
for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
  process.once(signal, () => {
    server.closeAllConnections()
    server.close(() => {
      closeSync(log)
      process.exit(0)
    })
  })

/** A page with the desk's buttons, for trying it by hand. */
function page() {
  /** @param {string} name @param {Record<string, unknown>} told */
  const button = (name, told) => `<button onclick='tell(${JSON.stringify(told)})'>${name}</button>`
  return `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>Supplier desk</title><style>body{font:18px sans-serif;max-width:520px;margin:24px auto;padding:0 12px}button{font:inherit;min-height:44px;padding:0 12px;margin:3px 0}pre{background:#eee;padding:10px}</style>
<h1>Supplier desk</h1><p>A simulated desk: what it took lies in its own file.</p>
<p>Reads ${button('rightly', { misread: 'nothing' })} ${button('the hand swapped', { misread: 'hand' })} ${button('the jamb rounded', { misread: 'jamb' })}</p>
<p>Answers ${button('accepted', { answer: 'accept' })} ${button('with a query', { answer: 'query' })} ${button('refused', { answer: 'refuse' })} ${button('garbage', { answer: 'garble' })}</p>
<p>${button('At once', { delay: 0 })} ${button('After 10 s', { delay: 10 })} ${button('Once', { twice: false })} ${button('Twice', { twice: true })}</p>
<p>${button('Never fails', { fail: 0 })} ${button('Fails every second time', { fail: 0.5 })} ${button('Goes away for 20 s', { away: 20 })}</p>
<pre id="said"></pre>
<script>const tell=async body=>{said.textContent=JSON.stringify(await(await fetch('/control',{method:'POST',body:JSON.stringify(body)})).json(),null,1)};tell({})</script></html>`
}
