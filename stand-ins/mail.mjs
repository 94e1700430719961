// @ts-check
// A simulated mail server: takes mails by SMTP, keeps them in a file of its own, shows them with their links, and can be told to refuse, to
// delay or to go away.
import { appendFileSync, existsSync, readFileSync } from 'node:fs'
import { createServer } from 'node:http'
import PostalMime from 'postal-mime'
import { SMTPServer } from 'smtp-server'
import { portOf } from './device.mjs'

const args = process.argv.slice(2)
const port = portOf(args)
const named = (/** @type {string} */ name) => args[args.indexOf(name) + 1]
const [smtpPort, file] = [Number(named('--smtp')), named('--store') ?? '']
if (!args.includes('--smtp') || !args.includes('--store')) {
  process.stderr.write('Say where mails come in and where they are kept: --smtp 2525 --store mails.jsonl\n')
  process.exit(1)
}

/** @typedef {{ at: string, to: string, subject: string, text: string }} Kept */
/** @type {Kept[]} */
const mails = existsSync(file)
  ? readFileSync(file, 'utf8')
      .split('\n')
      .flatMap(line => {
        try {
          return [JSON.parse(line)]
        } catch {
          return []
        }
      })
  : []
const state = { refuse: false, delay: 0, awayUntil: 0 }
const isAway = () => Date.now() < state.awayUntil

const smtp = new SMTPServer({
  authOptional: true,
  disabledCommands: ['STARTTLS', 'AUTH'],
  logger: false,
  onConnect: (_session, done) => (isAway() ? done(new Error('away')) : done()),
  onData(stream, session, done) {
    /** @type {Buffer[]} */
    const chunks = []
    stream.on('data', chunk => chunks.push(chunk))
    stream.on('end', async () => {
      await new Promise(resolve => setTimeout(resolve, state.delay * 1000))
      if (state.refuse) return done(Object.assign(new Error('refused here by a button'), { responseCode: 451 }))
      const mail = await PostalMime.parse(Buffer.concat(chunks))
      const to = session.envelope.rcptTo.map(one => one.address).join(', ')
      const kept = { at: new Date().toISOString(), to, subject: mail.subject ?? '', text: (mail.text ?? '').trim() }
      mails.push(kept)
      appendFileSync(file, `${JSON.stringify(kept)}\n`)
      done()
    })
  },
})
smtp.on('error', () => undefined)
smtp.listen(smtpPort, '127.0.0.1')

const safe = (/** @type {string} */ text) => text.replace(/[&<>"]/g, sign => `&#${sign.charCodeAt(0)};`)
const linked = (/** @type {string} */ text) =>
  safe(text).replace(/https?:\/\/[^\s<]+/g, link => `<a href="${link}">${link}</a>`)

const page = () => `<!doctype html><html lang="en"><meta charset="utf-8"><title>Mails</title>
<style>body{font:16px system-ui;margin:24px auto;max-width:760px;padding:0 16px}article{border-top:2px solid #17242b;padding:10px 0}pre{white-space:pre-wrap;font:inherit}button{min-height:44px;margin-right:8px}</style>
<h1>Simulated mail server</h1>
<p>${mails.length} mails. ${state.refuse ? 'Refuses every mail.' : isAway() ? 'Away.' : 'Takes mails.'}</p>
<form method="post" action="/buttons"><button name="what" value="${state.refuse ? 'take' : 'refuse'}">${state.refuse ? 'Take mails again' : 'Refuse mails'}</button>
<button name="what" value="delay">Delay by 5 s</button><button name="what" value="away">Go away for 30 s</button></form>
${mails
  .toReversed()
  .map(
    one =>
      `<article><strong>${safe(one.subject)}</strong><br>to ${safe(one.to)}, ${one.at}<pre>${linked(one.text)}</pre></article>`,
  )
  .join('')}`

/** @param {Record<string, unknown>} told */
function take({ refuse, delay, awaySeconds }) {
  if (typeof refuse === 'boolean') state.refuse = refuse
  if (typeof delay === 'number' && delay >= 0 && delay <= 60) state.delay = delay
  if (typeof awaySeconds === 'number' && awaySeconds >= 0) state.awayUntil = Date.now() + awaySeconds * 1000
}
const BUTTONS = { refuse: { refuse: true }, take: { refuse: false }, delay: { delay: 5 }, away: { awaySeconds: 30 } }

const server = createServer(async (request, response) => {
  let body = ''
  for await (const chunk of request) if (body.length < 10_000) body += chunk
  if (request.method === 'GET' && request.url === '/mails') {
    response.writeHead(200, { 'content-type': 'application/json' }).end(JSON.stringify(mails))
  } else if (request.method === 'POST' && request.url === '/control') {
    try {
      take(JSON.parse(body))
      response
        .writeHead(200, { 'content-type': 'application/json' })
        .end(JSON.stringify({ ...state, count: mails.length }))
    } catch {
      response.writeHead(400).end()
    }
  } else if (request.method === 'POST' && request.url === '/buttons') {
    const what = new URLSearchParams(body).get('what') ?? ''
    if (what in BUTTONS) take(BUTTONS[/** @type {keyof typeof BUTTONS} */ (what)])
    response.writeHead(303, { location: '/' }).end()
  } else response.writeHead(200, { 'content-type': 'text/html; charset=utf-8' }).end(page())
})
server.listen(port, '127.0.0.1')
process.on('SIGTERM', () => process.exit(0))
