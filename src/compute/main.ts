import { createInterface } from 'node:readline'
import { answer } from '@/core/calls/calls'
import { issueWords } from '@/words/issues'
import { CALL_TRADE } from './call-trade'

/** One request line in, one reply line out; whatever the line holds. */
export function replyTo(line: string): string {
  const reply = answerLine(line)
  if ('ok' in reply) return JSON.stringify(reply)
  const { code, path, facts } = reply.error
  return JSON.stringify({ error: { code, message: issueWords({ code, facts }), path } })
}

function answerLine(line: string) {
  let request: unknown
  try {
    request = JSON.parse(line)
  } catch {
    return { error: { code: 'input.json', path: '', facts: {} } }
  }
  return answer(request, CALL_TRADE)
}

/** Answers every line of `input` in order until it ends. */
export async function serveLines(input: NodeJS.ReadableStream, output: NodeJS.WritableStream): Promise<void> {
  for await (const line of createInterface({ input, crlfDelay: Number.POSITIVE_INFINITY })) {
    if (!output.write(`${replyTo(line)}\n`)) await new Promise<void>(resolve => output.once('drain', () => resolve()))
  }
}
