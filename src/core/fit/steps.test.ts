import { LENGTHS } from '../../trade/lengths'
import { NUMBERS } from '../../trade/rates'
import { STEPS } from '../../trade/steps'
import { DEFAULT_SCHOOLS } from '../base/schools'
import type { Preparation } from '../catalogue/preparation'
import { HANGINGS } from '../catalogue/unit-values'
import type { LogEntry } from '../log/log'
import { NO_VISIT, STAYS } from '../specification/visit'
import { entry, length, stepEntry } from '../test/fixtures'
import { ZERO } from '../units/length'
import { STEP_LISTS, type StepList } from './fit-of'
import { headerRule, screwOrder } from './fix-order'
import { planSteps, stepsFor } from './plan-steps'
import type { SettingStep } from './setting-step'
import type { StepFacts } from './step-facts'
import { waitEnds } from './step-waits'

const FIGURES = { lengths: LENGTHS, numbers: NUMBERS }
const HOUR = 3_600_000
/** A Wednesday. */
const DAY = Date.UTC(2026, 0, 14, 8)
const FACTS: StepFacts = {
  swing: 'in',
  hasPad: false,
  oldDoor: 'new-wall',
  isHoleRead: true,
  isAccepted: true,
  hasCap: true,
  sill: 'pan',
  cavity: 'foam',
  trim: 'strip',
  wall: 'framed',
  hasFlange: false,
  packsHingeLeg: true,
  holdsHeader: false,
  hanging: 'cut-rail',
  form: 'assembled',
  hasCloser: false,
  lockKind: 'tubular-latch',
  preparations: [],
  schools: DEFAULT_SCHOOLS.answers,
  visit: NO_VISIT,
  now: new Date(DAY).toISOString(),
  zone: 'UTC',
}
const plan = (list: StepList, more: Partial<StepFacts> = {}, log: readonly LogEntry[] = []) =>
  planSteps(STEPS[list], { ...FACTS, ...more }, log, FIGURES)
const stateOf = (id: string, { steps }: ReturnType<typeof plan>) => steps.find(one => one.id === id)?.state
const idsOf = (list: StepList, more: Partial<StepFacts> = {}) =>
  stepsFor(STEPS[list], { ...FACTS, ...more }).map(one => one.id)
/** The steps that end before one of them begins, each done right, an hour after the other. */
function upTo(id: string, list: StepList, more: Partial<StepFacts> = {}): readonly LogEntry[] {
  const own = stepsFor(STEPS[list], { ...FACTS, ...more })
  return own
    .slice(
      0,
      own.findIndex(one => one.id === id),
    )
    .map((one, i) => stepEntry(one, DAY + i))
}
const without = (id: string, log: readonly LogEntry[]) => log.filter(one => one.code !== id)
const AFTER_ALL = new Date(DAY + 30 * 24 * HOUR).toISOString()

const product = <T>(...lists: readonly (readonly T[])[]): readonly (readonly T[])[] =>
  lists.reduce<readonly (readonly T[])[]>((all, list) => all.flatMap(one => list.map(next => [...one, next])), [[]])

/** Every kind × swing × wall × what stays × sill system × what fills × practices. */
const VARIANTS: readonly Partial<StepFacts>[] = product<Partial<StepFacts>>(
  [{ swing: 'in' }, { swing: 'out' }],
  [{ oldDoor: 'in-place' }, { oldDoor: 'out' }, { oldDoor: 'new-wall' }],
  [{ wall: 'masonry' }, { wall: 'framed', hasFlange: true }],
  [{ trim: 'keep', visit: { ...NO_VISIT, stays: STAYS, fixings: 'mixed' } }, { trim: 'strip' }],
  [{ sill: 'pan' }, { sill: 'membrane' }, { sill: 'beads' }],
  [{ cavity: 'foam' }, { cavity: 'fibre' }, { cavity: 'backer-rod' }],
  [
    { holdsHeader: true, form: 'in-parts', packsHingeLeg: false },
    { form: 'knock-down', hasCloser: true },
  ],
).map((parts, i) => {
  const pick = <T>(...of: readonly T[]): T => of[i % of.length]!
  return {
    ...Object.assign({}, ...parts),
    hanging: HANGINGS[i % 4]!,
    lockCase: pick('mortise-case', 'tubular-latch'),
    hasPad: i % 3 === 0,
    isHoleRead: i % 5 > 0,
    preparations: i % 7 ? [] : [{ id: 'relieve-pinch', minutes: 20 } as Preparation],
    schools: {
      ...DEFAULT_SCHOOLS.answers,
      'fresh-unit': pick('clipped', 'opened'),
      fastening: pick('clip-on', 'by-margins', 'dry-fit'),
      'shims-and-screws': pick('rest-on-screws', 'screw-through', 'rest-on-screws', 'rest-on-screws', 'screw-through'),
      'foam-trim': pick('next-day', 'next-day', 'same-day'),
      'mould-screw': pick('late', 'early', 'never', 'late'),
    },
  }
})

describe.each(STEP_LISTS)('the steps of %s', list => {
  const all = VARIANTS.map(more => [more, stepsFor(STEPS[list], { ...FACTS, ...more })] as const)
  it(`are each there once, and need only what stands before them, in ${VARIANTS.length} circumstances`, () => {
    const wrong = all.flatMap(([, own]) =>
      own.filter((one, i) => {
        const earlier = own.slice(0, i).map(it => it.id)
        return earlier.includes(one.id) || one.needs.some(id => !earlier.includes(id))
      }),
    )
    expect(wrong.map(one => one.id)).toEqual([])
  })
  it('can all be done, one after the other, and then nothing is wrong', () => {
    for (const [more, own] of all.filter((_, i) => i % 17 === 0)) {
      const log = own.map((one, i) => stepEntry(one, DAY + i))
      const done = plan(list, { ...more, now: AFTER_ALL }, log)
      expect(done.steps.filter(one => one.state !== 'done').map(one => [one.id, one.state])).toEqual([])
      expect(done.findings).toEqual([])
    }
  })
  it('are every one ready or waiting once what it needs is done, and blocked while one of those is not', () => {
    for (const [more, own] of all.filter((_, i) => i % 101 === 0))
      for (const one of own) {
        const needed = allUnder(one, own)
        const ready = plan(
          list,
          { ...more, now: AFTER_ALL },
          needed.map((it, i) => stepEntry(it, DAY + i)),
        )
        expect([one.id, stateOf(one.id, ready)]).toEqual([one.id, 'ready'])
        const direct = needed.at(-1)
        if (direct)
          expect(
            stateOf(
              one.id,
              plan(
                list,
                more,
                needed.slice(0, -1).map((it, i) => stepEntry(it, DAY + i)),
              ),
            ),
          ).toBe('blocked')
      }
  })
  it('have words, and tools that have names', () => {
    for (const one of STEPS[list]) expect(one.minutes + one.needs.length + one.tools.length).toBeGreaterThan(0)
  })
})

function allUnder(step: SettingStep, own: readonly SettingStep[]): readonly SettingStep[] {
  const under = new Set<string>()
  const add = (id: string) => {
    if (under.has(id)) return
    for (const next of own.find(one => one.id === id)?.needs ?? []) add(next)
    under.add(id)
  }
  for (const id of step.needs) add(id)
  return own.filter(one => under.has(one.id))
}

describe('a gate holds both ways', () => {
  const FOAMED = ['prehung-outside', 'two-leaves', 'between-lights', 'sliding'] as const
  it.each(FOAMED)('%s: no foam before the door was tried', list => {
    const log = upTo('foam', list)
    expect(stateOf('foam', plan(list, {}, log))).toBe('ready')
    expect(stateOf('foam', plan(list, {}, without('operation-test', log)))).toBe('blocked')
    const early = plan(list, {}, [...without('operation-test', log), entry('step', 'foam', 'done', DAY + 99)])
    expect(early.findings).toContainEqual(expect.objectContaining({ place: 'step.foam', severity: 'stop' }))
  })
  it.each(FOAMED)('%s: nothing is taken out before the new unit is accepted', list => {
    const log = upTo('take-out', list, { oldDoor: 'in-place' })
    expect(stateOf('take-out', plan(list, { oldDoor: 'in-place' }, log))).toBe('ready')
    expect(stateOf('take-out', plan(list, { oldDoor: 'in-place', isAccepted: false }, log))).toBe('blocked')
    expect(stateOf('check-unit', plan(list, { isAccepted: false }))).toBe('blocked')
  })
  it.each(FOAMED)('%s: a pan, or beads, and never both', list => {
    expect(idsOf(list, { sill: 'pan' })).toEqual(expect.not.arrayContaining(['sill-beads']))
    expect(idsOf(list, { sill: 'beads' })).toEqual(expect.not.arrayContaining(['sill-pan']))
    expect(idsOf(list, { sill: 'pan' })).toContain('sill-pan')
  })
  it('an upper layer of flashing never before the one under it', () => {
    const log = upTo('head-flashing', 'prehung-outside')
    expect(stateOf('head-flashing', plan('prehung-outside', { now: AFTER_ALL }, log))).toBe('ready')
    const early = [...without('side-flashing', log), entry('step', 'head-flashing', 'done', DAY + 99)]
    expect(plan('prehung-outside', { now: AFTER_ALL }, early).findings).toContainEqual(
      expect.objectContaining({ place: 'step.head-flashing', severity: 'stop', code: 'step-out-of-order' }),
    )
  })
  it('the clip off before the hinge side is fast is a watch with its reason; at once where one works so', () => {
    const log = without('hinge-screws', upTo('first-opening', 'prehung-outside'))
    const early = plan('prehung-outside', {}, [
      ...log,
      entry('step', 'first-opening', 'done', DAY + 99, { text: 'the door would not go in' }),
    ])
    expect(early.findings).toContainEqual(
      expect.objectContaining({
        place: 'step.contact-even',
        severity: 'watch',
      }),
    )
    const opened = { schools: { ...DEFAULT_SCHOOLS.answers, 'fresh-unit': 'opened' as const } }
    expect(idsOf('prehung-outside', opened)).toEqual(expect.arrayContaining(['open-at-once']))
    expect(idsOf('prehung-outside', opened)).not.toContain('first-opening')
  })
  it('what snaps on for good only when everything before it is ticked', () => {
    const log = upTo('interlock', 'sliding', { form: 'in-parts' })
    expect(stateOf('interlock', plan('sliding', { form: 'in-parts' }, log))).toBe('ready')
    for (const id of ['panel-clips', 'fixed-panel', 'riser'])
      expect(stateOf('interlock', plan('sliding', { form: 'in-parts' }, without(id, log)))).toBe('blocked')
  })
  it('no screw into the header of a single unit; over a meeting point beside a temporary pack; as a sheet asks', () => {
    const single = { passiveLeaf: null, sidelights: { left: ZERO, right: ZERO } }
    const pair = { ...single, passiveLeaf: length('36') }
    const lit = { ...single, sidelights: { left: length('12'), right: ZERO } }
    const by = (asksHeadScrews: boolean | null) => ({ asksHeadScrews })
    expect(headerRule(single, 'doubles', by(null))).toBe('no-screw')
    expect(headerRule(single, 'doubles', by(true))).toBe('by-sheet')
    expect([pair, lit].map(one => headerRule(one, 'doubles', by(null)))).toEqual(['beside-pack', 'beside-pack'])
    expect(headerRule(pair, 'never', by(null))).toBe('no-screw')
    expect(headerRule(pair, 'doubles', by(false))).toBe('not-by-sheet')
    expect(idsOf('prehung-outside')).not.toContain('head-screws')
    const log = upTo('meeting-screw', 'two-leaves', { holdsHeader: true })
    expect(stateOf('meeting-screw', plan('two-leaves', { holdsHeader: true }, log))).toBe('ready')
    expect(stateOf('meeting-screw', plan('two-leaves', { holdsHeader: true }, without('meeting-shim', log)))).toBe(
      'blocked',
    )
  })
  it('a wall that is altered waits for who may', () => {
    const wider = { visit: { ...NO_VISIT, structure: 'wider' as const } }
    expect(stateOf('sill-ready', plan('prehung-outside', wider, [stepEntry(find('check-unit'), DAY)]))).toBe('blocked')
    expect(idsOf('prehung-outside')).not.toContain('structure-done')
  })
  it('stands true unfixed: no screw before it was read, and none while it leans', () => {
    const log = upTo('hinge-screws', 'prehung-outside')
    expect(stateOf('hinge-screws', plan('prehung-outside', {}, log))).toBe('ready')
    const read = (value: LogEntry['value']) => [
      ...without('stands-true', log),
      entry('step', 'stands-true', 'done', DAY + 50, { value }),
    ]
    const unread = plan('prehung-outside', {}, read(null))
    expect([stateOf('stands-true', unread), stateOf('hinge-screws', unread)]).toEqual(['doing', 'blocked'])
    const leans = plan('prehung-outside', {}, read({ length: length('1/8') }))
    expect([stateOf('stands-true', leans), stateOf('hinge-screws', leans)]).toEqual(['failed', 'blocked'])
    expect(leans.findings).toContainEqual(
      expect.objectContaining({
        code: 'step-against-limit',
        rule: 'test-plumb',
        facts: expect.objectContaining({ read: { length: length('1/8') }, limit: { length: length('1/16') } }),
        cures: [expect.objectContaining({ code: 'step.again' })],
      }),
    )
  })
})
const find = (id: string, list: StepList = 'prehung-outside') => STEPS[list].find(one => one.id === id)!

describe('a step', () => {
  it('that was opened again asks to look at what rests on it; what can’t be undone stays, and is said', () => {
    const own = stepsFor(STEPS['prehung-outside'], FACTS)
    const log = own.map((one, i) => stepEntry(one, DAY + i))
    const again = plan('prehung-outside', { now: AFTER_ALL }, [
      ...log,
      entry('step', 'operation-test', 'reopened', DAY + 5000),
    ])
    expect([stateOf('foam', again), stateOf('corner-pads', again)]).toEqual(['done', 'look-again'])
    expect(again.findings).toContainEqual(
      expect.objectContaining({ code: 'step-under-irreversible', place: 'step.foam', severity: 'stop' }),
    )
  })
  it('done twice is one, whoever did it first', () => {
    const log = upTo('dry-fit', 'prehung-outside')
    const twice = [...log, { ...stepEntry(find('sill-ready'), DAY + 60_000), by: 'Another' }]
    expect(stateOf('dry-fit', plan('prehung-outside', {}, twice))).toBe('ready')
  })
  it('left out with a reason lets the next begin, and is not waited for', () => {
    const log = [...upTo('foam', 'prehung-outside'), entry('step', 'foam', 'waived', DAY + 99, { text: 'no gap' })]
    expect(stateOf('foam-latch', plan('prehung-outside', {}, log))).toBe('ready')
  })
  it('of what was priced takes as long as it was priced with', () => {
    const preparations = [
      { id: 'relieve-pinch', minutes: 25 } as Preparation,
      { id: 'relieve-pinch', minutes: 10 } as Preparation,
      { id: 'pad-sill', minutes: 15 } as Preparation,
    ]
    const own = stepsFor(STEPS['prehung-outside'], { ...FACTS, preparations })
    expect(own.filter(one => one.id.startsWith('prepare-')).map(one => [one.id, one.minutes])).toEqual([
      ['prepare-relieve-pinch', 35],
    ])
  })
})

it('a door that was set by the former list is not asked what that list did not have', () => {
  const former = [
    'check-unit',
    'sill-ready',
    'dry-fit',
    'sill-pan',
    'tip-in',
    'hinge-plumb',
    'hinge-shims',
    'hinge-screws',
  ]
  const last = ['strike-shims', 'first-opening', 'margins-even', 'long-screws', 'strike-adjust', 'operation-test']
  const log = [...former, ...last].map((id, i) => entry('step', id, 'done', DAY + i))
  const then = plan('prehung-outside', { now: AFTER_ALL }, log)
  expect(then.findings).toEqual([])
  expect(then.steps.filter(one => one.state !== 'done').map(one => one.id)).toEqual([
    'threshold-cap',
    'corner-pads',
    'foam',
    'foam-trim',
    'outside-seal',
  ])
  expect(stateOf('stands-true', plan('prehung-outside', {}, log.slice(0, 6)))).toBeDefined()
})

describe('a wait', () => {
  const wait = { hours: 1, untilMorning: true, longerInCold: true }
  it.each([
    ['2026-01-14T15:00:00.000Z', 18, 'UTC', '2026-01-15T07:00:00.000Z'],
    ['2026-01-14T15:00:00.000Z', 4, 'UTC', '2026-01-16T07:00:00.000Z'],
    ['2026-01-16T15:00:00.000Z', 18, 'UTC', '2026-01-19T07:00:00.000Z'],
    ['2026-01-14T03:00:00.000Z', 18, 'America/Denver', '2026-01-14T14:00:00.000Z'],
    ['2026-03-27T15:00:00.000Z', null, 'Europe/Oslo', '2026-03-30T05:00:00.000Z'],
  ] as const)('after %s at %s °C in %s ends at %s', (at, celsius, zone, end) =>
    expect(waitEnds(wait, at, celsius, zone)).toBe(end),
  )
  it('of hours is twice as long in the cold', () => {
    const hours = { hours: 2, untilMorning: false, longerInCold: true }
    expect(waitEnds(hours, '2026-01-14T15:00:00.000Z', 20, 'UTC')).toBe('2026-01-14T17:00:00.000Z')
    expect(waitEnds(hours, '2026-01-14T15:00:00.000Z', 9, 'UTC')).toBe('2026-01-14T19:00:00.000Z')
  })
  it('is not ended early by a clock that was set back', () => {
    const log = upTo('foam-latch', 'prehung-outside')
    const set = log.map(one => (one.code === 'foam' ? { ...one, at: new Date(DAY - 48 * HOUR).toISOString() } : one))
    const now = new Date(DAY + 12 * HOUR).toISOString()
    expect(stateOf('foam-latch', plan('prehung-outside', { now }, set))).not.toBe('ready')
  })
})

it('screws go up the hinge leg first, in the order one works by', () => {
  const points = (['top', 'middle', 'bottom'] as const).flatMap((at, i) => [
    { place: `hinge.${at}`, member: 'right' as const, at: length(String(70 - 30 * i)), why: 'hinge' as const },
    { place: `strike.${at}`, member: 'left' as const, at: length(String(70 - 30 * i)), why: 'leg' as const },
  ])
  expect(screwOrder(points, 'middle-first').slice(0, 4)).toEqual([
    'hinge.middle',
    'hinge.top',
    'hinge.bottom',
    'strike.middle',
  ])
  expect(screwOrder(points, 'top-first').slice(0, 3)).toEqual(['hinge.top', 'hinge.middle', 'hinge.bottom'])
})
