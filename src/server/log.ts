import pino, { type Logger } from 'pino'

const kept = globalThis as { harvekLog?: Logger }

/** The log: a line for each request and each fault, with ids and never with what people typed. Into the file that `HARVEK_LOG` names; without one,
 *  only faults are written, to where errors go. */
export function log(): Logger {
  const file = process.env.HARVEK_LOG
  kept.harvekLog ??= file
    ? pino({ base: null }, pino.destination({ dest: file, mkdir: true, sync: false, mode: 0o600 }))
    : pino({ base: null, level: 'error' }, pino.destination({ dest: 2, sync: false }))
  return kept.harvekLog
}

const ID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/gi

/** An address without what is asked by it: ids say which thing, nothing more is kept. */
export const addressIn = (url: string): string => new URL(url, 'http://x').pathname.slice(0, 200)

/** The same as a pattern, so that requests of one kind are one. */
export const routeIn = (url: string): string => addressIn(url).replaceAll(ID, '[id]')

type Fault = { readonly code?: unknown; readonly errno?: unknown; readonly cause?: unknown; readonly digest?: unknown }

/** What of a fault may be kept: its kind, its codes and where in the program it happened. A message may hold what somebody typed; of a statement it
 *  holds all of it. */
export function faultIn(error: unknown): Readonly<Record<string, unknown>> {
  if (!(error instanceof Error)) return { kind: typeof error }
  const { code, errno, cause, digest } = error as Error & Fault
  const frames = (error.stack ?? '').split('\n').filter(line => /^\s+at /.test(line))
  return {
    kind: error.name,
    ...(code === undefined ? {} : { code }),
    ...(errno === undefined ? {} : { errno }),
    ...(digest === undefined ? {} : { digest }),
    at: frames.slice(0, 12).map(line => line.trim()),
    ...(cause instanceof Error ? { cause: faultIn(cause) } : {}),
  }
}
