import { afterTrade, SYMPTOMS } from '@/trade/after'
import { rankedCauses, symptomsFor } from './after/causes'
import { openingFigures } from './after-figures'
import { afterOf } from './after-work'
import type { OpeningRecords } from './terms'
import { done, entry, reading, stepEntry, testEntry, trade } from './test/fixtures'
import { KIND_CASES, openingOf } from './test/kind-cases'

const at = (day: number) => Date.UTC(2026, 1, day, 12)
const TODAY = '2026-11-27'

/** An opening of a kind as far as steps and tests go. */
function handedOver(one: (typeof KIND_CASES)[string]) {
  const own = openingOf(one, 1)
  const by = trade(one.unit ? [one.unit] : [])
  const { steps, tests } = done(own, by)
  const log = [
    ...steps.map((step, i) => stepEntry(step, at(1) + i * 60_000)),
    ...tests.map((test, i) => testEntry(test, at(2) + i * 60_000)),
  ]
  return { own: { ...own, log } as OpeningRecords, by }
}
const afterIn = (own: OpeningRecords, by: ReturnType<typeof trade>, warrantyMonths: number | null = 24) =>
  afterOf(done(own, by).work, own, { ...afterTrade(by, { latitudeE6: 54_000_000 }), warrantyMonths }, TODAY)

describe.each(Object.entries(KIND_CASES))('%s, in the years after', (_, one) => {
  const { own, by } = handedOver(one)
  const signed = { ...own, log: [...own.log, entry('choice', 'record', 'signed', at(3), { by: 'Wanda Selby' })] }
  it('is handed over when its record is signed, and its deadlines run from then', () => {
    const after = afterIn(signed, by)
    expect(after.handedOverOn).toBe('2026-02-03')
    expect(after.due.find(it => it.id === 'warranty')).toMatchObject({ due: '2028-02-03' })
    expect(new Set(after.due.map(it => it.key)).size).toBe(after.due.length)
  })
  it('has due only what its kind has', () => {
    const { due, file } = afterIn(signed, by)
    const ids = new Set(due.map(it => it.id))
    expect(ids.has('track')).toBe(file.holds.has('slides'))
    expect(ids.has('hinge-screws')).toBe(file.holds.has('hangs'))
    expect(ids.has('sealant')).toBe(file.holds.has('outside'))
    expect(ids.has('closer')).toBe(file.holds.has('closer'))
  })
  it('can be called back for something, and each has causes', () => {
    const { file } = afterIn(signed, by)
    const said = symptomsFor(SYMPTOMS, file.holds)
    expect(said.length).toBeGreaterThan(2)
    for (const symptom of said) expect(rankedCauses(symptom, file).length).toBeGreaterThan(1)
  })
  it('has figures that are numbers', () => {
    const { work } = done(signed, by)
    const figures = openingFigures(work, signed, afterIn(signed, by))
    expect(JSON.stringify(figures)).not.toMatch(/NaN|undefined/)
    expect(figures.article).toBe(one.unit?.article ?? '')
  })
})

describe('a hinged outside door', () => {
  const { own, by } = handedOver(KIND_CASES['a hinged outside unit']!)
  it('nobody handed over has nothing due that runs from the hand-over', () => {
    const after = afterIn({ ...own, log: own.log.filter(one => one.kind === 'step') }, by)
    expect([after.handedOverOn, after.stoodOn]).toEqual([null, '2026-02-01'])
    expect(after.due.every(one => ['bare-wood', 'whole-finish'].includes(one.id))).toBe(true)
  })
  it('read again at a call-back shows the margin that is off, beside what stood at hand-over', () => {
    const margins = ['left', 'right'].flatMap(side =>
      ['top', 'middle', 'bottom'].map(level =>
        reading(`gap.${side}.${level}`, '1/8', { occasion: 'tuned', takenAt: new Date(at(2)).toISOString() }),
      ),
    )
    const again = reading('gap.right.top', '1/32', { occasion: 'call-back', takenAt: new Date(at(20)).toISOString() })
    const { file } = afterIn({ ...own, readings: [...own.readings, ...margins, again] }, by)
    const off = file.margins.filter(one => one.now !== null)
    expect(off).toHaveLength(1)
    expect(off[0]).toMatchObject({ place: 'gap.right.top', now: again.value, atHandover: margins[0]!.value })
    const rubs = SYMPTOMS.find(one => one.id === 'rubs-head')!
    expect(rankedCauses(rubs, file)[0]!.evidence.map(one => one.kind)).toContain('margin-off')
  })
  it('counts a step’s time only where it was begun and done', () => {
    const id = done(own, by).steps[0]!.id
    const timed = { ...own, log: [entry('step', id, 'started', at(1) - 25 * 60_000), ...own.log] }
    expect(openingFigures(done(timed, by).work, timed, afterIn(timed, by)).steps).toMatchObject([{ id, taken: 25 }])
    expect(openingFigures(done(own, by).work, own, afterIn(own, by)).steps).toEqual([])
  })
})
