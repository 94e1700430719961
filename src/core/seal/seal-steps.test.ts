import { figuresIn } from '@/words/figures'
import { ledName, ledWords, stepName } from '@/words/steps'
import { NUMBERS } from '../../trade/rates'
import { SEALS } from '../../trade/seals'
import { SEALING } from '../../trade/steps/sealing'
import type { PlannedStep } from '../fit/setting-step'
import type { LogEntry } from '../log/log'
import { SEAL_KINDS, type Seal } from '../seal-stock/seal'
import { done, entry, LENGTHS, NOW, readings, stepEntry, trade } from '../test/fixtures'
import { KIND_CASES, openingOf } from '../test/kind-cases'
import { asked, EVEN, KERF, planned, requestOf } from '../test/seal-request'
import { type SealStep, sealStepId, sealSteps } from './seal-steps'

const say = figuresIn(LENGTHS, NUMBERS, '1/16')
const at = (minute: number) => Date.UTC(2026, 10, 26, 9, minute)
const step = (id: string, minute: number, result: LogEntry['result'] = 'done', more: Partial<LogEntry> = {}) =>
  entry('step', id, result, at(minute), more)
const record = (code: string, minute: number, result: LogEntry['result'] = 'fitted') =>
  entry('seal', code, result, at(minute))

/** One even door with given seals on its edges. */
const planOf = (edges: Readonly<Record<string, readonly string[]>>, seals: readonly Seal[] = SEALS) =>
  planned(asked({ ...requestOf(readings(EVEN), KERF), seals }, { edges: edges as never }))
type More = Partial<Parameters<typeof sealSteps>[0]>
const led = (plan: ReturnType<typeof planOf>, log: readonly LogEntry[] = [], more: More = {}) =>
  sealSteps({
    plan,
    corners: false,
    setting: [],
    byKind: SEALING,
    log,
    isAccepted: true,
    now: NOW,
    zone: 'UTC',
    lengths: LENGTHS,
    numbers: NUMBERS,
    ...more,
  })
const NONE = { head: [], left: [], right: [], bottom: [] }
const statesOf = (steps: readonly SealStep[]) => Object.fromEntries(steps.map(one => [one.id, one.state]))

describe('the steps of fitting a seal', () => {
  it.each(SEAL_KINDS)(
    '%s: as many as are said, each with what to do and what to check, no more than it takes in all',
    kind => {
      const [like] = SEALS.filter(one => one.on.includes('head') && one.moves.includes('swings'))
      const seal = { ...like!, id: 'tried', name: 'Tried seal', kind, minutes: 37, needsKerf: false }
      const { steps } = led(planOf({ ...NONE, head: ['tried'] }, [seal]))
      expect(steps.map(one => one.id)).toEqual(SEALING[kind].map((_, i) => sealStepId('head', 'tried', i + 1)))
      expect(steps.reduce((sum, one) => sum + one.minutes, 0)).toBe(37)
      const said = steps.map(one => ledWords(one, say))
      for (const [name, how, check] of said) {
        expect([name.startsWith('Head: '), how.length > 5, check.length > 5]).toEqual([true, true, true])
        expect(how + check).not.toContain('{')
      }
      expect(new Set(said.map(([, how]) => how)).size).toBe(steps.length)
    },
  )
  it('follow each other, and the last one is the record that it is in', () => {
    const plan = planOf({ ...NONE, head: ['carrier-bulb'] })
    const first = sealStepId('head', 'carrier-bulb', 1)
    expect(led(plan).steps.map(one => one.state)).toEqual(['ready', 'blocked', 'blocked'])
    expect(led(plan, [step(first, 1)]).steps.map(one => one.state)).toEqual(['done', 'ready', 'blocked'])
    expect(led(plan, [record('head/carrier-bulb', 2)]).steps.map(one => one.state)).toEqual(['done', 'done', 'done'])
    expect(led(plan, [record('head', 2)]).steps.map(one => one.state)).toEqual(['done', 'done', 'done'])
    const out = [record('head/carrier-bulb', 2), record('head/carrier-bulb', 3, 'reopened')]
    expect(led(plan, out).steps.map(one => one.state)).toEqual(['ready', 'blocked', 'blocked'])
    const failed = led(plan, [step(first, 1), record('head/carrier-bulb', 3, 'failed')])
    expect(failed.steps.at(-1)!.state).toBe('failed')
    expect(failed.findings.map(one => one.code)).toEqual(['step-failed'])
  })
  it('a side whose strip meets the head’s waits for it; one that is pushed in does not', () => {
    const first = (side: string, id: string, log: readonly LogEntry[] = []) =>
      led(planOf({ ...NONE, head: [id], left: [id] }), log).steps.find(one => one.id === sealStepId(side, id, 1))!
    expect(first('left', 'carrier-bulb')).toMatchObject({ state: 'blocked', missing: ['head/carrier-bulb/3'] })
    expect(first('left', 'carrier-bulb', [record('head/carrier-bulb', 1)]).state).toBe('ready')
    expect(first('left', 'push-in-foam').state).toBe('ready')
  })
  it('corners come last, after all that meet there, where they are wanted and the bottom is sealed', () => {
    const edges = { ...NONE, left: ['push-in-foam'], bottom: ['sweep-fin-long'] }
    const corner = (plan: ReturnType<typeof planOf>, log: readonly LogEntry[] = []) =>
      led(plan, log, { corners: true }).steps.find(one => one.seal.kind === 'corner')
    expect(corner(planOf(edges))!.missing).toEqual(['left/push-in-foam/2', 'bottom/sweep-fin-long/2'])
    const both = [record('left/push-in-foam', 1), record('bottom/sweep-fin-long', 2)]
    expect(corner(planOf(edges), both)!.state).toBe('ready')
    expect(corner(planOf({ ...NONE, left: ['push-in-foam'] }))).toBeUndefined()
    expect(led(planOf(edges)).steps.some(one => one.seal.kind === 'corner')).toBe(false)
  })
  it('wait for what hardens by the clock, and a figure that misses its limit fails', () => {
    const edges = { ...NONE, bottom: ['bottom-stop'] }
    const stop = SEALS.find(one => one.kind === 'bottom-stop')!
    const plan = planOf({ ...edges, bottom: [stop.id] })
    const id = (n: number) => sealStepId('bottom', stop.id, n)
    const uneven = led(plan, [
      step(id(1), 1, 'done', { value: { length: LENGTHS['contact-even'].value + 1 } as never }),
    ])
    expect(statesOf(uneven.steps)[id(1)]).toBe('failed')
    expect(uneven.findings.map(one => one.code)).toEqual(['step-against-limit'])
    const even = step(id(1), 1, 'done', { value: { length: LENGTHS['contact-even'].value } })
    const later = (now: string) =>
      led(plan, [even, step(id(2), 2), record(`bottom/${stop.id}`, 3)], { corners: true, now }).steps.at(-1)!
    expect(later('2026-11-26T18:00:00.000Z')).toMatchObject({ state: 'waiting', until: '2026-11-27T07:00:00.000Z' })
    expect(later('2026-11-27T07:00:00.000Z').state).toBe('ready')
  })
  it('are asked once more where a groove or a cut can’t be undone', () =>
    expect(SEALING.drop.filter(one => one.irreversible).length).toBe(2))
  it('are called by edge and seal wherever only their id is known', () => {
    expect(stepName('head/carrier-bulb/2')).toBe('Head, carrier bulb: 2')
    expect(ledName(led(planOf({ ...NONE, head: ['carrier-bulb'] })).steps[0]!)).toBe(
      'Head: Bulb on a metal carrier, 1 of 3',
    )
  })
})

describe('in one graph with the setting of the door', () => {
  const setting = (state: PlannedStep['state']) =>
    done(openingOf(KIND_CASES['a hinged outside unit']!, 1), trade()).work.fit.value.steps.map(one => ({
      ...one,
      state,
    }))
  it('none is begun before the margins are even and the door was tried', () => {
    const plan = planOf({ ...NONE, head: ['push-in-foam'] })
    const steps = setting('blocked')
    const open = led(plan, [], { setting: steps })
    expect(open.steps[0]!.state).toBe('blocked')
    expect(open.steps[0]!.missing).toContain('operation-test')
    expect(open.steps[0]!.missing.every(id => steps.some(one => one.id === id))).toBe(true)
    const all = steps.map(one => stepEntry(one, at(1)))
    expect(led(plan, all, { setting: steps, now: '2026-12-20T12:00:00.000Z' }).steps[0]!.state).toBe('ready')
  })
  it('the margins opened again, what was fitted is looked at again', () => {
    const plan = planOf({ ...NONE, head: ['push-in-foam'] })
    const steps = setting('blocked')
    const all = [
      ...steps.map(one => step(one.id, 1)),
      record('head/push-in-foam', 5),
      step('margins-even', 9, 'reopened'),
    ]
    const now = '2026-12-20T12:00:00.000Z'
    expect(led(plan, all, { setting: steps, now }).steps.map(one => one.state)).toContain('look-again')
  })
  it.each(Object.entries(KIND_CASES))('%s: every seal that is planned has its steps, and no other', (name, one) => {
    const { seal } = done(openingOf(one, 1), trade(one.unit ? [one.unit] : [])).work
    const wanted = (seal.value.plan?.edges ?? []).flatMap(edge =>
      edge.chosen.flatMap(({ seal: own }) => SEALING[own.kind].map((_, i) => sealStepId(edge.edge.id, own.id, i + 1))),
    )
    expect([name, [...seal.value.steps.map(it => it.id)].sort()]).toEqual([name, [...wanted].sort()])
    for (const it of seal.value.steps) expect(it.id.length).toBeLessThanOrEqual(60)
  })
})
