import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { NEW_FIRM } from '@/core/catalogue/firm'
import { work } from '@/core/work'
import { readCatalogue } from '@/readers/read-catalogue'
import { tradeWith } from '@/trade/trade'
import { scenarioOrder, scenarioRecords } from './demo'
import { likenesses } from './demo-likeness'
import { scenarioSchema } from './demo-scenario'

const read = (name: string) => readFileSync(join(process.cwd(), 'demo', name), 'utf8')
const scenario = scenarioSchema.parse(likenesses(JSON.parse(read('scenario.json'))))
const trade = tradeWith(readCatalogue(read('catalogue.csv')).taken, { firm: { ...NEW_FIRM, ...scenario.firm } })
const all = scenario.jobs.flatMap(job =>
  job.openings.map(one => ({ one, ...scenarioRecords(one, { id: job.name, unit: job.unit }, trade) })),
)

describe('the demo', () => {
  it('has every kind of door ready to be set', () => {
    const ready = all.filter(({ one }) => one.received && one.steps !== 'all')
    expect(new Set(ready.map(({ one }) => one.family)).size).toBe(9)
  })
  it.each(all.flatMap(({ one, records }) => (one.release ? [[one.tag, one, records] as const] : [])))(
    'orders %s as it says',
    (_, one, records) => {
      const release = one.release!
      const order = scenarioOrder({ ...one, release }, records, trade)
      const { value, findings } = work({ ...records, order }, trade, release).order
      expect([
        value.line?.unit.article,
        findings.filter(it => it.severity === 'stop').map(it => [it.code, it.facts]),
      ]).toEqual([one.choose, []])
    },
  )
  it('has one half way, with a step that is not right and a wait that runs', () => {
    const { records } = all.find(({ one }) => one.notRight)!
    const { steps } = work(records, trade, new Date().toISOString()).fit.value
    const states = new Set(steps.map(one => one.state))
    expect([states.has('failed'), states.has('waiting'), states.has('done')]).toEqual([true, true, true])
  })
  it('has one that was tuned, whose margins came out as the moves said', () => {
    const { records } = all.find(({ one }) => one.tuned)!
    const { hung } = work(records, trade, '2026-11-26T12:00:00.000Z').fit.value
    const moved = hung[0]!.margins.states.filter(one => one.expected !== null)
    expect(hung[0]!.margins.moves).toHaveLength(1)
    expect(moved.length).toBeGreaterThan(0)
    for (const one of moved) expect(one.read).toBe(one.expected)
  })
  it('is like nothing that is not there', () =>
    expect(() => likenesses({ jobs: [{ unit: 'in', openings: [{ tag: 'X', like: 'Y' }] }] })).toThrow('X is like Y'))
})
