import type { OpeningRecords } from '../terms'
import { done, length, NOW, reading, trade } from '../test/fixtures'
import { KIND_CASES, openingOf, sealed } from '../test/kind-cases'
import { type Length, plus, times } from '../units/length'
import { workbench } from '../work'
import type { Offer } from './offer'

const STEP = length('1/32')
const GRID = Array.from({ length: 17 }, (_, i) => i - 8)
const saidOf = ({ verdict, reasons, preparations }: Offer) =>
  [verdict, ...reasons.map(one => one.code), ...preparations.map(one => one.id)].join(' ')

/** In how many places each kind was found to turn: the table below means nothing where none does. */
const turning = new Map<string, number>()

describe.each(Object.entries(KIND_CASES).filter(([, one]) => one.unit))('%s', (kind, one) => {
  const by = trade([sealed(one.unit!)])
  // On one bench: what a reading does not reach stays the very same.
  const worked = workbench()
  const own = openingOf(one, 1)
  const { further } = worked(own, by, NOW).door.survey
  const slots = own.readings.filter(it => further.includes(it.slot as never) && it.levelLength === null)
  const withValue = (slot: string, value: Length): OpeningRecords => ({
    ...own,
    readings: own.readings.map(it => (it.slot === slot ? { ...it, value } : it)),
  })

  it('asks again for exactly those readings that turn what is said of the chosen unit within their ±', () => {
    const wrong = slots.flatMap(({ slot, value }) => {
      const along = GRID.map(i => {
        const { order, measure } = worked(withValue(slot, plus(value, times(STEP, i))), by, NOW)
        const { chosen } = order.value
        return {
          said: chosen && saidOf(chosen),
          isAsked: measure.findings.some(it => it.code === 'near-limit' && it.place === slot),
        }
      })
      return along.flatMap(({ said, isAsked }, i) => {
        const beside = [along[i - 1], along[i + 1]]
        if (said === null || beside.some(it => !it || it.said === null)) return []
        const turns = beside.some(it => it!.said !== said)
        if (turns) turning.set(kind, (turning.get(kind) ?? 0) + 1)
        return turns === isAsked ? [] : [[slot, GRID[i], said, turns]]
      })
    })
    expect(wrong).toEqual([])
  })
})

it('and most kinds have such readings', () => {
  expect([...turning.values()].filter(count => count > 0).length).toBeGreaterThanOrEqual(6)
})

it('a reading near a limit is not asked for again once another hand agrees', () => {
  const one = KIND_CASES['a hinged outside unit']!
  const units = [sealed(one.unit!)]
  const own = openingOf(one, 1)
  const asked = (readings: OpeningRecords['readings']) =>
    done({ ...own, readings }, trade(units)).work.measure.findings.filter(it => it.code === 'near-limit')
  const floors = GRID.map(i => plus(length('3/4'), times(STEP, i)))
  const found = floors.map(value => ({
    value,
    near: asked([
      ...own.readings.filter(it => it.slot !== 'floor.highest'),
      reading('floor.highest', '3/4', { value }),
    ]),
  }))
  const near = found.find(it => it.near.some(finding => finding.place === 'floor.highest'))!
  expect(near.near[0]!.cures.map(it => it.code)).toEqual(['reading.take-again'])
  const second = reading('floor.highest', '3/4', { value: near.value, takenBy: 'Bram Oake' })
  const first = reading('floor.highest', '3/4', { value: near.value })
  const both = [...own.readings.filter(it => it.slot !== 'floor.highest'), first, second]
  expect(asked(both).filter(it => it.place === 'floor.highest')).toEqual([])
})
