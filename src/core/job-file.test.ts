import { readFileSync } from 'node:fs'
import Ajv from 'ajv/dist/2020'
import { type JobFile, jobFileJsonSchema, parseJobFile } from './job-file'
import { done, jobRecord, receipt, records, TRUE_OPENING, trade, unit } from './test/fixtures'

const chosen = { chosen: { unit: unit().id, reason: '' } }
const base = records(TRUE_OPENING, chosen)
const file = (): JobFile => ({
  format: 'harvek-job',
  version: 8,
  receipts: [],
  schools: {},
  exportedAt: '2026-01-04T00:00:00.000Z',
  job: jobRecord(),
  openings: [
    {
      opening: { ...base.opening, family: 'hinged-outside', position: 0, archivedAt: null },
      readings: [...base.readings],
      answers: [],
      photos: [],
      edits: {
        wishes: { revision: 1, data: base.wishes },
        order: { revision: 1, data: base.order },
        fit: { revision: 1, data: base.fit },
        seal: { revision: 1, data: base.seal },
        allowances: { revision: 1, data: base.allowances },
      },
      log: [],
    },
  ],
  units: [unit()],
  orders: [
    {
      id: '01900000-0000-7000-8000-0000000000dd',
      number: 'H-1',
      revision: 1,
      supersedes: null,
      maker: 'Test',
      releasedAt: '2026-01-02T00:00:00.000Z',
      releasedBy: 'Ida Marlow',
      withdrawn: null,
      lines: [done(base, trade()).line!],
    },
  ],
})
type Bent = { [member: string]: unknown }
/** The file with one member changed, found by its path. */
function bent(path: readonly (string | number)[], value: unknown): unknown {
  const whole = JSON.parse(JSON.stringify(file()))
  const parent = path.slice(0, -1).reduce<Bent>((at, step) => at[step] as Bent, whole)
  parent[path.at(-1)!] = value
  return whole
}

describe('a job file', () => {
  it('is taken when it is whole', async () => expect((await parseJobFile(file())).file).toEqual(file()))
  it.each([
    [['format'], 'other', 'format'],
    [['version'], 9, 'version'],
    [['job', 'unit'], 'ell', 'job.unit'],
    [['openings', 0, 'readings', 2, 'value'], 1.5, 'openings[0].readings[2].value'],
    [['openings', 0, 'readings', 2, 'slot'], 'roof', 'openings[0].readings[2].slot'],
    [['openings', 0, 'edits', 'wishes', 'data', 'swing'], 'up', 'openings[0].edits.wishes.data.swing'],
    [['openings', 0, 'edits', 'allowances', 'data'], { kerfuffle: 1 }, 'openings[0].edits.allowances.data'],
    [['units', 0, 'priceCents'], 'cheap', 'units[0].priceCents'],
    [['orders', 0, 'lines', 0, 'hinges'], null, 'orders[0].lines[0].hinges'],
    [['surprise'], true, '(whole file)'],
  ])('with %p as %p is refused at its path', async (path, value, expected) => {
    const { file: taken, issues } = await parseJobFile(bent(path, value))
    expect(taken).toBeNull()
    expect(issues.map(one => one.path)).toContain(expected)
  })
  it.each([null, 7, 'x', [], {}])('that is %p is refused', async value =>
    expect((await parseJobFile(value)).file).toBeNull(),
  )
  it('with an id twice is refused', async () => {
    const whole = file()
    const twice = {
      ...whole,
      openings: [
        { ...whole.openings[0]!, readings: [...whole.openings[0]!.readings, whole.openings[0]!.readings[0]!] },
      ],
    }
    expect((await parseJobFile(twice)).issues).toEqual([
      { path: 'readings', message: expect.stringContaining('is there twice') },
    ])
  })
  it('with an order for an opening it does not hold is refused', async () =>
    expect((await parseJobFile({ ...file(), openings: [] })).issues).toContainEqual({
      path: 'orders[0].lines[0].opening.id',
      message: 'no such opening in this file',
    }))
})

/** A unit as it was stored before each kind had a record of its own. */
const OLD_UNIT = {
  id: unit().id,
  article: 'T-1',
  maker: 'Test',
  name: 'Entry',
  family: 'hinged-outside',
  width: unit().width,
  height: unit().height,
  leafWidth: unit().leafWidth,
  leafHeight: unit().leafHeight,
  jamb: unit().jamb,
  hinges: 'both',
  swing: 'both',
  material: 'timber',
  bore: 'double',
  labelMinutes: 0,
  leafBottom: unit().leafBottom,
  sillDepth: unit().sillDepth,
  priceCents: 60_000,
  leadDays: 7,
  stock: true,
  glass: 'none',
  lacks: [],
  details: unit().details,
  storm: null,
  leaf: null,
  frame: null,
  panels: null,
  lock: null,
}
const { waived: _, ...OLD_ORDER } = base.order
const OLD_WISHES = { ...base.wishes, ...OLD_ORDER, shift: 0, allowances: {}, heatingDegreeDays: 2800, centsPerKwh: 14 }

/** The same file as version 3 was written, and version 1 if wished. */
const written = (version: 1 | 3) => {
  const whole = JSON.parse(JSON.stringify(file()))
  const { id, name, site, unit: lengthUnit, step, visitOn, place, createdAt } = whole.job
  const { latitudeE6, longitudeE6 } = place
  whole.job = { id, name, site, unit: lengthUnit, step, visitOn, latitudeE6, longitudeE6, createdAt }
  whole.version = version
  whole.units = [OLD_UNIT]
  for (const line of whole.orders[0].lines) line.unit = OLD_UNIT
  for (const line of whole.orders[0].lines) {
    delete line.wentOn
    delete line.traces
  }
  for (const one of whole.openings) {
    delete one.edits
    delete one.opening.archivedAt
    one.wishes = { revision: 1, data: OLD_WISHES }
    one.sealChoice = { revision: 1, data: {} }
    for (const row of one.readings) delete row.occasion
  }
  if (version === 3) return whole
  delete whole.receipts
  delete whole.schools
  for (const one of whole.openings) {
    delete one.answers
    delete one.photos
    for (const row of one.readings) {
      delete row.deviation
      delete row.device
    }
  }
  return whole
}

describe('a file of an older version', () => {
  const old = () => written(1)
  it.each([1, 3] as const)('%s is brought up to the present one', async version => {
    // What no older file held: nothing is made up for it.
    const now = file()
    const job = { ...now.job, place: { ...now.job.place, name: '' }, timeZone: null }
    const orders = now.orders.map(one => ({ ...one, lines: one.lines.map(line => ({ ...line, traces: [] })) }))
    expect(await parseJobFile(written(version))).toEqual({ file: { ...now, job, orders }, issues: [] })
  })
  it('that is broken says where', async () => {
    const whole = old()
    whole.openings[0].readings[0].value = 'wide'
    expect((await parseJobFile(whole)).issues.map(one => one.path)).toEqual(['openings[0].readings[0].value'])
  })
  it('5 holds receipts without what was seen on the unit', async () => {
    const { damage: _, ...old } = receipt(file().orders[0]!.id)
    const taken = await parseJobFile({ ...file(), version: 5, receipts: [old] })
    expect([taken.issues, taken.file?.receipts]).toEqual([[], [{ ...old, damage: [] }]])
  })
  it('of version 6 is silent on what a sheet and a line could not say then', async () => {
    const whole = JSON.parse(JSON.stringify(file()))
    const { mouldWidth: _w, mouldSetback: _s, ...sheet } = whole.units[0]
    const orders = whole.orders.map((order: { lines: readonly Record<string, unknown>[] }) => ({
      ...order,
      lines: order.lines.map(({ trimOutside: _t, hingeClass: _h, ...line }) => line),
    }))
    const openings = whole.openings.map((one: { edits: { wishes: { data: Record<string, unknown> } } }) => {
      const { densityKgM3: _d, ...data } = one.edits.wishes.data
      return { ...one, edits: { ...one.edits, wishes: { ...one.edits.wishes, data } } }
    })
    const taken = await parseJobFile({ ...whole, version: 6, openings, units: [sheet], orders })
    expect(taken.issues).toEqual([])
    expect(taken.file!.units[0]).toMatchObject({ mouldWidth: null, mouldSetback: null })
    expect(taken.file!.orders.flatMap(one => one.lines).every(line => 'trimOutside' in line)).toBe(true)
  })
  it('of version 7 is silent on the set screws of hinges', async () => {
    const whole = JSON.parse(JSON.stringify(file()))
    const { hingeTurn: _t, hingesApart: _a, ...sheet } = whole.units[0]
    const taken = await parseJobFile({ ...whole, version: 7, units: [sheet] })
    expect(taken.issues).toEqual([])
    expect(taken.file!.units[0]).toMatchObject({ hingeTurn: null, hingesApart: null })
  })
  it.each([{}, null, 3, { format: 'harvek-job', version: 1 }, { format: 'harvek-job', version: 1, openings: [1] }])(
    '%j is no file',
    async value => expect((await parseJobFile(value)).file).toBeNull(),
  )
})

describe('the published schema', () => {
  const published = JSON.parse(readFileSync('docs/harvek-job.schema.json', 'utf8'))
  const validate = new Ajv({ strict: false, validateFormats: false }).compile(published)
  it('is made from the definition (npm run schema)', () =>
    expect(published).toEqual(JSON.parse(JSON.stringify(jobFileJsonSchema()))))
  it('takes what Harvek takes out', () => expect(validate(JSON.parse(JSON.stringify(file())))).toBe(true))
  it('refuses what is bent', () => {
    expect(validate(bent(['job', 'unit'], 'ell'))).toBe(false)
    expect(validate(bent(['openings', 0, 'readings', 0, 'value'], 1.5))).toBe(false)
    expect(validate(bent(['surprise'], 1))).toBe(false)
  })
})
