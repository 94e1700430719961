import { readFileSync } from 'node:fs'
import Ajv from 'ajv/dist/2020'
import { job } from './job'
import { type JobFile, jobFileJsonSchema, parseJobFile } from './job-file'
import { jobRecord, records, TRUE_OPENING, trade, unit } from './test/fixtures'

const chosen = { chosen: { unit: unit().id, reason: '' } }
const base = records(TRUE_OPENING, chosen)
const file = (): JobFile => ({
  format: 'harvek-job',
  version: 3,
  receipts: [],
  schools: {},
  exportedAt: '2026-01-04T00:00:00.000Z',
  job: jobRecord(),
  openings: [
    {
      opening: { ...base.opening, family: 'hinged-outside', position: 0 },
      readings: [...base.readings],
      answers: [],
      photos: [],
      wishes: { revision: 1, data: base.wishes },
      sealChoice: { revision: 1, data: {} },
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
      lines: [job(base, trade()).line!],
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
  it('is taken when it is whole', () => expect(parseJobFile(file()).file).toEqual(file()))
  it.each([
    [['format'], 'other', 'format'],
    [['version'], 4, 'version'],
    [['job', 'unit'], 'ell', 'job.unit'],
    [['openings', 0, 'readings', 2, 'value'], 1.5, 'openings[0].readings[2].value'],
    [['openings', 0, 'readings', 2, 'slot'], 'roof', 'openings[0].readings[2].slot'],
    [['openings', 0, 'wishes', 'data', 'swing'], 'up', 'openings[0].wishes.data.swing'],
    [['openings', 0, 'wishes', 'data', 'allowances'], { kerfuffle: 1 }, 'openings[0].wishes.data.allowances'],
    [['units', 0, 'priceCents'], 'cheap', 'units[0].priceCents'],
    [['orders', 0, 'lines', 0, 'hinges'], null, 'orders[0].lines[0].hinges'],
    [['surprise'], true, '(whole file)'],
  ])('with %p as %p is refused at its path', (path, value, expected) => {
    const { file: taken, issues } = parseJobFile(bent(path, value))
    expect(taken).toBeNull()
    expect(issues.map(one => one.path)).toContain(expected)
  })
  it.each([null, 7, 'x', [], {}])('that is %p is refused', value => expect(parseJobFile(value).file).toBeNull())
  it('with an id twice is refused', () => {
    const whole = file()
    const twice = {
      ...whole,
      openings: [
        { ...whole.openings[0]!, readings: [...whole.openings[0]!.readings, whole.openings[0]!.readings[0]!] },
      ],
    }
    expect(parseJobFile(twice).issues).toEqual([
      { path: 'readings', message: expect.stringContaining('is there twice') },
    ])
  })
  it('with an order for an opening it does not hold is refused', () =>
    expect(parseJobFile({ ...file(), openings: [] }).issues).toContainEqual({
      path: 'orders[0].lines[0].opening.id',
      message: 'no such opening in this file',
    }))
})

describe('a file of version 1', () => {
  const old = () => {
    const whole = JSON.parse(JSON.stringify(file()))
    whole.version = 1
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
  it('is brought up to the present one', () => expect(parseJobFile(old()).file).toEqual(file()))
  it('that is broken says where', () => {
    const whole = old()
    whole.openings[0].readings[0].value = 'wide'
    expect(parseJobFile(whole).issues.map(one => one.path)).toEqual(['openings[0].readings[0].value'])
  })
  it.each([{}, null, 3, { format: 'harvek-job', version: 1 }, { format: 'harvek-job', version: 1, openings: [1] }])(
    '%j is no file',
    value => expect(parseJobFile(value).file).toBeNull(),
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
