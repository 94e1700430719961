import type { CallTrade } from '../call-trade'
import { InputError, readerOf, reject } from '../calls-input'
import { openingWork } from '../opening-call/opening-work'
import { done, type Outcome } from '../outcome'
import { type Calls, closing, taken } from './call'
import { HANGING_CALLS } from './of-hanging'
import { OPENING_CALLS } from './of-opening'
import { PLAN_CALLS } from './of-plan'
import { SEAL_CALLS } from './of-seal'
import { SOUND_CALLS } from './of-sound'
import { UNIT_CALLS } from './of-unit'
import { WORK_CALLS } from './of-work'

/** A call that reads its whole input by a schema of its own. */
type WholeCall = (input: unknown, trade: CallTrade) => unknown

const WHOLE: Readonly<Record<string, WholeCall>> = { 'opening.work': openingWork }

/** Every call of the core by name. */
export const CALLS: Calls = {
  ...UNIT_CALLS,
  ...OPENING_CALLS,
  ...HANGING_CALLS,
  ...SOUND_CALLS,
  ...SEAL_CALLS,
  ...WORK_CALLS,
  ...PLAN_CALLS,
}

export type Reply =
  | { readonly ok: unknown }
  | {
      readonly error: {
        readonly code: string
        readonly path: string
        readonly facts: Readonly<Record<string, string | number>>
      }
    }

/** Answers one request `{ call, input }`, already parsed from JSON. Never throws for a person's mistake. */
export function answer(request: unknown, trade: CallTrade): Reply {
  try {
    return { ok: taken(run(request, trade)) }
  } catch (error) {
    if (error instanceof InputError) return { error: error.issue }
    // A length beyond 20 m is refused by its constructor; out of a call it is the input's doing.
    if (error instanceof RangeError) return { error: { code: 'input.range', path: 'input', facts: {} } }
    throw error
  }
}

function run(request: unknown, trade: CallTrade): Outcome<unknown> {
  const door = readerOf(request)
  const name = door.text('call')
  const whole = Object.hasOwn(WHOLE, name) ? WHOLE[name] : undefined
  if (whole) return done(whole(door.value('input'), trade))
  const call = Object.hasOwn(CALLS, name) ? CALLS[name]! : reject('call.unknown', 'call', { call: name.slice(0, 80) })
  return done(closing(door.root('input'), input => call(input, trade)))
}
