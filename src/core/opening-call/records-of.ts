import { TRADE_LENGTHS } from '../base/trade-lengths'
import type { CallTrade } from '../call-trade'
import { reject } from '../calls-input'
import type { CatalogueUnit } from '../catalogue/unit'
import type { LogEntry } from '../log/log'
import { newEdits } from '../new-edits'
import type { Order } from '../order/order'
import type { Receipt } from '../order/receipt'
import type { Answer } from '../survey/answer'
import { isAnswerTo, isFactSlot } from '../survey/facts'
import { instrumentFor } from '../survey/instrument'
import { canBeRead } from '../survey/readable'
import type { Reading } from '../survey/reading'
import { isLevelReading, isSlot, type Slot } from '../survey/slots'
import type { OpeningRecords } from '../terms'
import { isLength, type Length, ticks, ZERO } from '../units/length'
import { parseLength } from '../units/parse-length'
import type { OpeningInput, ReadAs } from './input'

const ID = 'opening'
const START = Date.UTC(2026, 0, 1)
const SOMEBODY = 'reader'
const atSecond = (n: number): string => new Date(START + n * 1000).toISOString()

type Unit = 'in' | 'mm'

/** A length as it was typed, bare numbers in the job's unit. @throws InputError at `path`. */
function lengthOf(value: string | number, unit: Unit, path: string): { readonly value: Length; readonly text: string } {
  if (typeof value === 'number')
    return isLength(value) ? { value: ticks(value), text: `${value} ticks` } : reject('input.ticks', path)
  const parsed = parseLength(value, { unit })
  if (parsed.ok) return { value: parsed.value.ticks, text: value }
  const issue = parsed.issues[0]!
  return reject(issue.code, path, issue.facts)
}

/** The slot a name stands for: its own, or one of the way without the way's name before it. */
function slotOf(name: string, way: OpeningInput['way']): Slot {
  if (isSlot(name)) return name
  const own = `${way}/${name}`
  return isSlot(own) ? own : reject('input.unknown', `readings.${name}`)
}

function readingsOf({ readings, way, unit }: OpeningInput): readonly Reading[] {
  const all: Reading[] = []
  for (const [name, given] of Object.entries(readings ?? {})) {
    if (given === null || given === undefined) continue
    const slot = slotOf(name, way)
    const list = Array.isArray(given) ? given : [given]
    list.forEach((one, i) => {
      const path = `readings.${name}${Array.isArray(given) ? `[${i}]` : ''}`
      all.push(readingOf(slot, one, { unit: unit ?? 'in', path, at: all.length }))
    })
  }
  return all
}

type At = { readonly unit: Unit; readonly path: string; readonly at: number }

function readingOf(slot: Slot, given: ReadAs, { unit, path, at }: At): Reading {
  const said = typeof given === 'object' ? given : { value: given }
  const inside = typeof given === 'object' ? `${path}.value` : path
  const { value, text } = lengthOf(said.value, unit, inside)
  if (!canBeRead(slot, value)) reject('input.unreadable', inside)
  const level = said.levelLength
  return {
    id: `reading-${at}`,
    slot,
    occasion: said.occasion ?? 'survey',
    value,
    text: text.slice(0, 80) || '0',
    instrument: said.instrument ?? instrumentFor(slot),
    graduation: unit === 'in' ? '1/16' : '1',
    levelLength:
      level === null || level === undefined || !isLevelReading(slot)
        ? null
        : lengthOf(level, unit, `${path}.levelLength`).value,
    deviation: null,
    device: '',
    takenBy: said.by ?? SOMEBODY,
    takenAt: atSecond(at),
    note: '',
  }
}

function answersOf({ facts }: OpeningInput): readonly Answer[] {
  return Object.entries(facts ?? {}).flatMap(([slot, code], i): readonly Answer[] => {
    if (code === null || code === undefined) return []
    if (!isFactSlot(slot)) return reject('input.unknown', `facts.${slot}`)
    if (!isAnswerTo(slot, code)) return reject('input.form', `facts.${slot}`)
    return [{ id: `answer-${i}`, slot, kind: 'fact', code, note: '', takenBy: SOMEBODY, takenAt: atSecond(i) }]
  })
}

function allowancesOf({ allowances, unit }: OpeningInput): OpeningRecords['allowances'] {
  const own = Object.entries(allowances ?? {}).flatMap(([name, given]) => {
    if (given === null || given === undefined) return []
    const path = `allowances.${name}`
    if (!(TRADE_LENGTHS as readonly string[]).includes(name)) return reject('input.unknown', path)
    const { value } = lengthOf(given, unit ?? 'in', path)
    return [[name, value < 0 ? reject('input.negative', path) : value] as const]
  })
  return Object.fromEntries(own)
}

const logOf = ({ log }: OpeningInput): readonly LogEntry[] =>
  (log ?? []).map(({ kind, id, state, at, text }, i) => ({
    id: `entry-${i}`,
    kind,
    code: id,
    result: state,
    value: null,
    text: text ?? '',
    by: SOMEBODY,
    at: new Date(at).toISOString(),
  }))

/** An order of this opening's unit, and that it was looked at and accepted: what the work asks of a delivery. */
function delivered(opening: OpeningRecords['opening']): Pick<OpeningRecords, 'orders' | 'receipts'> {
  const order = { id: 'order', supersedes: null, withdrawn: null, lines: [{ opening }] } as unknown as Order
  const receipt = { orderId: 'order', line: 1, state: 'accepted', at: atSecond(0) } as Receipt
  return { orders: [order], receipts: [receipt] }
}

/** The units an input names. @throws InputError where a row of a list can't be taken. */
export function unitsOf(
  { units, unitsCsv }: OpeningInput,
  { readUnits, demoUnits }: CallTrade,
): readonly CatalogueUnit[] {
  if (units && unitsCsv) return reject('input.both', 'units')
  if (units) return demoUnits()
  if (!unitsCsv) return []
  const read = readUnits(unitsCsv)
  return read.ok ? read.value : reject('input.rows', 'unitsCsv', read.issues[0]!.facts)
}

/** The records of an opening as an input gives them. @throws InputError at the path of what can't be taken. */
export function recordsOf(input: OpeningInput, units: readonly CatalogueUnit[]): OpeningRecords {
  const { way, family, chosen, accepted, practices } = input
  const { shift, details, visit, ...wished } = input.wishes ?? {}
  const opening = { id: ID, tag: '', name: '', family }
  const first = newEdits(way)
  const unit = chosen ? units.find(one => one.article === chosen) : undefined
  if (chosen && !unit) reject('input.article', 'chosen', { article: chosen })
  const settled = Object.entries(wished).filter(([, value]) => value !== null && value !== undefined)
  return {
    opening,
    readings: readingsOf(input),
    answers: answersOf(input),
    wishes: {
      ...first.wishes,
      ...Object.fromEntries(settled),
      visit: { ...first.wishes.visit, ...visit },
      schools: practices ?? {},
    },
    order: { ...first.order, details: details ?? {}, chosen: unit ? { unit: unit.id, reason: '' } : null },
    fit: {
      shift: shift === null || shift === undefined ? ZERO : lengthOf(shift, input.unit ?? 'in', 'wishes.shift').value,
    },
    seal: first.seal,
    allowances: allowancesOf(input),
    log: logOf(input),
    ...(accepted ? delivered(opening) : { orders: [], receipts: [] }),
  }
}
