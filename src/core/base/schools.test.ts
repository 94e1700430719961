import { orderSheet } from '../../papers/order-sheet'
import { OWN } from '../../papers/test/audience'
import { SCHOOL_LENGTHS } from '../../trade/schools'
import type { CatalogueUnit } from '../catalogue/unit'
import { DOORS } from '../doors/doors'
import { figuresOf, schoolEffects, schoolsOf } from '../school-effects'
import { usualWay } from '../survey/survey-of'
import type { OpeningRecords } from '../terms'
import { frameUnit, stormUnit } from '../test/family-units'
import { done, LENGTHS, length, NOW, records, shownJob, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { KIND_CASES, openingOf } from '../test/kind-cases'
import { goingOn } from '../test/orders'
import { work } from '../work'
import { lengthsBySchool } from './school-lengths'
import { resolveSchools, SCHOOL_ANSWERS, SCHOOL_IDS, type SchoolChoices, type SchoolId } from './schools'

const CHOSEN = { chosen: { unit: unit().id, reason: '' } }
const POCKET = {
  'pocket/widths.bottom': '36',
  'pocket/widths.middle': '36',
  'pocket/heights.left': '80',
  'floor.drop': '3/8',
  'wall.left': '4 1/2',
}
const FACE = { 'outside-face/widths.bottom': '35', 'outside-face/heights.left': '80', 'wall.left': '4 1/2' }
const STORM = {
  'brickmould/widths.bottom': '36',
  'brickmould/widths.middle': '36',
  'brickmould/widths.top': '36 5/16',
  'brickmould/heights.left': '80 1/2',
  'brickmould/heights.right': '80 1/2',
  'brickmould/diagonals.risingRight': '88 1/2',
  'brickmould/diagonals.risingLeft': '88 1/8',
  'brickmould/lean.left': '3/8',
  'brickmould/lean.right': '0',
}
const TRUE_STORM = {
  'brickmould/widths.bottom': '36',
  'brickmould/widths.middle': '36',
  'brickmould/widths.top': '36',
  'brickmould/heights.left': '80 1/2',
  'brickmould/heights.right': '80 1/2',
}
const storm = (schools: SchoolChoices, texts: { readonly [slot: string]: string } = STORM): OpeningRecords => {
  const base = records(texts, { way: 'brickmould', bore: null, swing: 'out', ...CHOSEN, schools })
  return { ...base, opening: { ...base.opening, family: 'storm' } }
}
const frame = (schools: SchoolChoices): OpeningRecords => {
  const base = records(
    { ...TRUE_OPENING, 'wall.left': '5', 'wall.head': '5', 'wall.right': '5' },
    { bore: null, ...CHOSEN, schools },
  )
  return { ...base, opening: { ...base.opening, family: 'steel-frame' } }
}
const figures = (own: OpeningRecords, units: readonly CatalogueUnit[] = [unit()]) =>
  figuresOf(done(own, trade(units)).work)
const printed = (own: OpeningRecords, units: readonly CatalogueUnit[] = [unit()]) => {
  const { line } = done(goingOn(own, trade(units)), trade(units))
  const head = { number: 'H-1', revision: 1, maker: '', releasedAt: null, releasedBy: '' }
  return JSON.stringify(orderSheet(shownJob(), head, [line!], OWN).blocks.filter(block => block.kind !== 'drawing'))
}

describe('choosing another practice', () => {
  it('hand naming: prints another code', () => {
    const own = (schools: SchoolChoices) => records(TRUE_OPENING, { ...CHOSEN, swing: 'out', schools })
    expect(printed(own({}))).toContain('LH, from outside')
    expect(printed(own({ 'hand-naming': 'pushSide' }))).toContain('RH, push side')
    expect(printed(own({ 'hand-naming': 'din107' }))).toContain('L, din 107')
  })
  it('unit width from an old frame: a new opening is walked by another way', () => {
    const way = (answer: SchoolChoices['unit-width']) =>
      usualWay(DOORS['hinged-outside'].survey, resolveSchools({ 'unit-width': answer }, {}, {}).answers['unit-width'])
    expect([way(undefined), way('trim-off'), way('outside-face')]).toEqual(['pocket', 'trim-off', 'outside-face'])
    expect(usualWay(DOORS.storm.survey, 'trim-off')).toBe('brickmould')
  })
  it('head allowance: the unit is 1/4 higher', () => {
    const height = (schools: SchoolChoices) => figures(records(FACE, { way: 'outside-face', schools })).height
    expect(height({})).toBe(length('81 1/4'))
    expect(height({ 'head-allowance': 'one-and-a-half' })).toBe(length('81 1/2'))
  })
  it('height start: from the underside of the sill no hidden drop is added', () => {
    const height = (schools: SchoolChoices) => figures(records(POCKET, { way: 'pocket', schools })).height
    expect(height({})).toBe(length('81 1/8'))
    expect(height({ 'height-start': 'underside-of-sill' })).toBe(length('80 3/4'))
  })
  it('rough opening: a hole of 38 takes a unit 1/4 or 1 narrower', () => {
    const width = (schools: SchoolChoices) => figures(records(TRUE_OPENING, { schools })).width
    expect(width({})).toBe(length('37 1/2'))
    expect(width({ 'rough-opening': 'three-quarters' })).toBe(length('37 1/4'))
    expect(width({ 'rough-opening': 'masonry' })).toBe(length('36 1/2'))
  })
  it('frame between bucks: tight to them it is 1/4 wider; without bucks it makes no difference', () => {
    const blocks = { 'masonry/widths.bottom': '38', 'masonry/widths.top': '38', 'masonry/heights.left': '82 1/2' }
    const width = (schools: SchoolChoices) => figures(records(blocks, { way: 'masonry', schools })).width
    expect(width({})).toBe(length('36'))
    expect(width({ bucks: 'tight' })).toBe(length('36 1/4'))
    expect(figures(records(TRUE_OPENING, { schools: { bucks: 'tight' } })).width).toBe(length('37 1/2'))
  })
  it('twist: the legs stay plumb, or both stand parallel and off by half of it', () => {
    const twisted = { ...TRUE_OPENING, 'through.left': '3/32', 'through.right': '-3/32' }
    const found = (schools: SchoolChoices) =>
      done(records(twisted, { schools }), trade()).findings.diagnose.find(one => one.code === 'twist')!
    expect(found({})).toMatchObject({ facts: { leftFace: 'in', rightFace: 'out' }, cures: [{ code: 'twist.split' }] })
    expect(found({ twist: 'split' })).toMatchObject({
      facts: { practice: 'split' },
      cures: [{ code: 'twist.parallel' }],
    })
    expect(found({ twist: 'split' }).facts.leftFace).toBeUndefined()
  })
  it('extension: only a solid jamb is left for a 5 1/2 wall', () => {
    const picked = (schools: SchoolChoices) => {
      const { jamb } = done(records({ ...TRUE_OPENING, 'wall.left': '5 1/2' }, { schools }), trade()).specification
      return jamb!.options[jamb!.pick]!.kind
    }
    expect([picked({}), picked({ extension: 'solid-only' })]).toEqual(['extension', 'solid'])
  })
  it('lumber under a sill: is printed, and treated lumber under aluminium is warned of', () => {
    const own = (schools: SchoolChoices) => records({ ...TRUE_OPENING, 'floor.highest': '1/2' }, { ...CHOSEN, schools })
    expect(printed(own({}))).toContain('Pad under the sill, PVC')
    expect(printed(own({ 'sill-lumber': 'treated' }))).toContain('Pad under the sill, treated lumber')
    const codes = (schools: SchoolChoices) => done(own(schools), trade()).findings.order.map(one => one.code)
    expect(codes({})).not.toContain('order-treated-board')
    expect(codes({ 'sill-lumber': 'treated' })).toContain('order-treated-board')
  })
  it('storm door’s head gap: by its sheet, 1/8, or none; the gap below takes the rest', () => {
    const cut = (schools: SchoolChoices) => figures(storm(schools), [stormUnit()]).cut
    expect(cut({})).toMatchObject({ headGap: length('3/16'), bottomGap: length('1/16') })
    expect(cut({ 'storm-head-gap': 'even' })).toMatchObject({ headGap: length('1/8'), bottomGap: length('1/8') })
    expect(cut({ 'storm-head-gap': 'tight' })).toMatchObject({ headGap: 0, bottomGap: length('1/4') })
  })
  it('closer place: is printed', () => {
    expect(printed(storm({}, TRUE_STORM), [stormUnit({}, DETAILS)])).toContain('at the foot, pin')
    expect(printed(storm({ 'closer-place': 'under-glass' }, TRUE_STORM), [stormUnit({}, DETAILS)])).toContain(
      'a hand under the glass',
    )
  })
  it('outside casing: kept, the unit is ordered without brickmould', () => {
    const own = (schools: SchoolChoices) => records(TRUE_OPENING, { ...CHOSEN, schools })
    expect(printed(own({}))).toContain('none, the outside casing stays')
    expect(printed(own({ 'outside-trim': 'strip' }))).toContain('2 in, set back 1/2 in')
  })
  it('flush face: is printed, and what the other face then does is found', () => {
    const own = (schools: SchoolChoices) =>
      records({ ...TRUE_OPENING, 'wall.left': '4 5/8', 'wall.head': '4 5/8' }, { ...CHOSEN, schools })
    const found = (schools: SchoolChoices) =>
      done(own(schools), trade()).findings.specify.find(one => one.code === 'flush-face')
    expect(found({})).toBeUndefined()
    expect(found({ 'flush-face': 'inside' })).toMatchObject({
      facts: { face: 'inside', other: 'sheathing', by: { length: length('1/16') }, stands: 'proud' },
    })
    expect(printed(own({ 'flush-face': 'inside' }))).toContain('the inside wall')
  })
  it('storm opening judged by: other findings', () => {
    const codes = (schools: SchoolChoices) =>
      done(storm(schools), trade([stormUnit()])).findings.diagnose.map(one => one.code)
    expect(codes({})).toEqual(expect.arrayContaining(['square', 'lean']))
    expect(codes({ 'storm-judged-by': 'square' })).toEqual(['square'])
    expect(new Set(codes({ 'storm-judged-by': 'plumb' }))).toEqual(new Set(['lean']))
    expect(codes({ 'storm-judged-by': 'range' })).toEqual([])
  })
  it('throat too big: packed, or refused', () => {
    const verdict = (schools: SchoolChoices) =>
      figures(frame(schools), [frameUnit({ throat: length('5 1/2') }, { width: length('37 1/2') })]).verdict
    expect([verdict({}), verdict({ 'throat-too-big': 'reject' })]).toEqual(['fits', 'dropped'])
  })
  const SETTABLE = { ...TRUE_OPENING, 'trim-off/crown.sill': '0' }
  const steps = (schools: SchoolChoices, units: readonly CatalogueUnit[] = [unit()]) =>
    done(records(SETTABLE, { ...CHOSEN, swing: 'in', schools }), trade(units)).steps.map(one => one.id)
  it('under the sill: one bed is laid, and tipping in waits for it', () => {
    const beds = (schools: SchoolChoices, own: Partial<ReturnType<typeof unit>> = {}) =>
      steps(schools, [unit(own)]).filter(id => /^sill-(pan|membrane|beads)$/.test(id))
    expect(beds({})).toEqual(['sill-pan'])
    expect(beds({ sill: 'membrane' })).toEqual(['sill-membrane'])
    expect(beds({ sill: 'beads' })).toEqual(['sill-beads'])
    expect(beds({ sill: 'beads' }, { asksPan: true })).toEqual(['sill-pan'])
    const tip = done(records(SETTABLE, { ...CHOSEN, schools: { sill: 'membrane' } }), trade()).steps.find(
      one => one.id === 'tip-in',
    )
    expect(tip!.missing).toContain('sill-membrane')
  })
  it('under the sill: beads alone in the weather keep the order back, under cover they don’t', () => {
    const kept = (settings: OpeningRecords['wishes']['settings']) =>
      done(records(SETTABLE, { ...CHOSEN, settings, schools: { sill: 'beads' } }), trade()).findings.order.filter(
        one => one.code === 'order-correct-first' && one.facts.of === 'beads-in-weather',
      ).length
    expect([kept([]), kept(['covered'])]).toEqual([1, 0])
  })
  it('under the sill: a sheet that asks for a pan and beads is not ordered', () => {
    const { work } = done(records(SETTABLE, CHOSEN), trade([unit({ asksPan: true, asksBeads: true })]))
    expect(work.order.value.chosen!.verdict).toBe('dropped')
    expect(work.order.findings.map(one => one.code)).toContain('order-does-not-fit')
  })
  it('gap round the frame: foam, fibre or backer rod, and sealing outside waits for it', () => {
    const fills = (schools: SchoolChoices, own: Partial<ReturnType<typeof unit>> = {}) =>
      steps(schools, [unit(own)]).filter(id => /^(foam|foam-trim|fibre|backer-rod)$/.test(id))
    expect(fills({})).toEqual(['foam', 'foam-trim'])
    expect(fills({ cavity: 'fibre' })).toEqual(['fibre'])
    expect(fills({ cavity: 'backer-rod' })).toEqual(['backer-rod'])
    expect(fills({}, { asksFoam: false })).toEqual(['fibre'])
  })
  it('a pan’s pieces are as wide as the hole: 38 in takes its two ends and no piece between', () => {
    const pan = (schools: SchoolChoices, texts = SETTABLE) =>
      done(records(texts, { ...CHOSEN, schools }), trade()).work.fit.value.pan
    expect(pan({})).toEqual({ end: length('20'), cuts: [] })
    expect(pan({ sill: 'membrane' })).toBeNull()
  })
})

const DETAILS = {
  details: { style: 'full glass', 'colour-outside': 'white', closer: 'one', sweep: 'vinyl', glazing: 'single' },
} as const

const OF_SETTING = [
  'fresh-unit',
  'fastening',
  'screw-order',
  'shims-and-screws',
  'header',
  'foam-trim',
  'mould-screw',
] as const satisfies readonly SchoolId[]

describe.each(Object.entries(KIND_CASES))('how %s is set', (_, one) => {
  const units = one.unit ? [one.unit] : []
  const own = openingOf(one, 1)
  const asked = OF_SETTING.filter(id => schoolsOf(one.family).includes(id))
  it('goes otherwise by another practice of each that bears on it', () => {
    for (const id of asked)
      for (const answer of SCHOOL_ANSWERS[id].slice(1)) {
        const wishes = {
          ...own.wishes,
          schools: { ...own.wishes.schools, 'outside-trim': 'strip' as const, [id]: answer },
        }
        const effect = schoolEffects({ ...own, wishes }, trade(units), NOW).find(it => it.id === id)!
        const { found, gone, waits, isReordered } = effect.steps
        expect([answer, found.length + gone.length + waits.length > 0 || isReordered]).toEqual([answer, true])
      }
  })
  it('has no practice of setting that changes nothing', () => {
    const others = OF_SETTING.filter(id => !asked.includes(id))
    const steps = (schools: SchoolChoices) =>
      work({ ...own, wishes: { ...own.wishes, schools } }, trade(units), NOW).fit.value.steps.map(it => it.id)
    for (const id of others.filter(it => it !== 'screw-order'))
      for (const answer of SCHOOL_ANSWERS[id]) expect(steps({ [id]: answer })).toEqual(steps({}))
  })
})

describe('whose choice holds', () => {
  it('the opening’s before the job’s before the company’s before the shipped one', () => {
    const company: SchoolChoices = { extension: 'solid-only', 'sill-lumber': 'treated', 'closer-place': 'top' }
    const own: SchoolChoices = { 'sill-lumber': 'untreated-wrapped', 'closer-place': 'foot' }
    const { answers, from } = resolveSchools(company, own, { 'closer-place': 'under-glass' })
    expect([answers.extension, answers['sill-lumber'], answers['closer-place'], answers['rough-opening']]).toEqual([
      'solid-only',
      'untreated-wrapped',
      'under-glass',
      'half',
    ])
    expect([from.extension, from['sill-lumber'], from['closer-place'], from['rough-opening']]).toEqual([
      'company',
      'job',
      'opening',
      'default',
    ])
  })
  it('a practice’s length says whose it is', () => {
    const lengths = lengthsBySchool(
      LENGTHS,
      resolveSchools({}, {}, { 'rough-opening': 'three-quarters' }),
      SCHOOL_LENGTHS,
      { hasBucks: false },
    )
    expect(lengths['room-width']).toMatchObject({ value: length('3/4'), source: { text: 'practice: rough opening' } })
    expect(lengths.rebate).toBe(LENGTHS.rebate)
  })
  it('an opening’s own figure stands before a practice', () =>
    expect(
      figures(
        records(TRUE_OPENING, { schools: { 'rough-opening': 'masonry' }, allowances: { 'room-width': length('1') } }),
      ).width,
    ).toBe(length('37')))
})

describe('what a choice changes', () => {
  it('is named, first as it would be by the shipped practice', () => {
    const [effect, ...others] = schoolEffects(
      records(TRUE_OPENING, { schools: { 'rough-opening': 'three-quarters' } }),
      trade(),
      NOW,
    )
    expect(others).toEqual([])
    expect(effect).toMatchObject({ id: 'rough-opening', instead: 'half' })
    expect(effect!.differences).toContainEqual({
      path: 'width',
      kind: 'changed',
      first: length('37 1/2'),
      second: length('37 1/4'),
    })
  })
  it('is what is found with it and not by the shipped one, and the other way round', () => {
    const own = records({ ...TRUE_OPENING, 'wall.left': '4 5/8', 'wall.head': '4 5/8' }, CHOSEN)
    const wishes = { ...own.wishes, schools: { 'flush-face': 'inside' as const } }
    const [effect] = schoolEffects({ ...own, wishes }, trade(), NOW)
    expect(effect!.found.map(one => one.code)).toContain('flush-face')
    expect(effect!.gone).toEqual([])
    const [storms] = schoolEffects(storm({ 'storm-judged-by': 'range' }), trade([stormUnit()]), NOW)
    expect(storms!.found).toEqual([])
    expect(new Set(storms!.gone.map(one => one.code))).toEqual(new Set(['square', 'lean', 'level', 'bow', 'hollow']))
  })
  it('is that the order is kept back, and not all that stands on its line', () => {
    const [effect] = schoolEffects(records(TRUE_OPENING, { ...CHOSEN, schools: { sill: 'beads' } }), trade(), NOW)
    expect(effect!.differences.map(({ path, first, second }) => [path, first, second])).toEqual(
      expect.arrayContaining([
        ['release', 'complete', 'kept-back'],
        ['sill', 'pan', 'beads'],
      ]),
    )
    expect(effect!.differences.map(one => one.path)).not.toContain('details')
  })
  it('is nothing where the shipped practice holds', () => expect(schoolEffects(records(), trade(), NOW)).toEqual([]))
  it('every practice bears on some kind of door, and each kind has its own', () => {
    const families = Object.keys(DOORS) as (keyof typeof DOORS)[]
    expect(new Set(families.flatMap(schoolsOf))).toEqual(new Set(SCHOOL_IDS))
    expect(schoolsOf('storm')).toEqual(['hand-naming', 'storm-head-gap', 'closer-place', 'storm-judged-by'])
    expect(schoolsOf('slider')).not.toContain('hand-naming')
  })
  it('every answer that sets lengths is one of its question’s', () => {
    for (const [id, answers] of Object.entries(SCHOOL_LENGTHS))
      for (const answer of Object.keys(answers))
        expect(SCHOOL_ANSWERS[id as keyof typeof SCHOOL_ANSWERS]).toContain(answer)
  })
})
