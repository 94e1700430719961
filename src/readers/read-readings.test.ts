import { readingSchema } from '@/core/survey/reading'
import { length, randomFrom, readings, records, TRUE_OPENING, wholeFrom } from '@/core/test/fixtures'
import { type ReadingsFor, readReadings } from '@/readers/read-readings'
import { writeReadingsCsv } from '@/writers/write-csv'

const FOR: ReadingsFor = {
  openingId: '01900000-0000-7000-8000-0000000000bb',
  family: 'hinged-outside',
  unit: 'in',
  takenBy: 'Ida Marlow',
  takenAt: '2026-01-01T00:00:00.000Z',
}
const read = (text: string, more: Partial<ReadingsFor> = {}, name = 'readings.csv') => {
  const checked = readReadings(name, text, { ...FOR, ...more })
  if (!checked.ok) throw new Error(checked.issues[0]!.code)
  return checked.value
}
const refusal = (text: string, name = 'readings.csv') => {
  const checked = readReadings(name, text, FOR)
  return checked.ok ? null : checked.issues[0]!.code
}

describe('readings that went out as CSV', () => {
  const own = readings({
    ...TRUE_OPENING,
    'trim-off/lean.left': '-1 3/16',
    'trim-off/widths.top': '38 1/16+',
  })
  it('come in again as they were, a leading minus too', () => {
    const back = read(writeReadingsCsv(own, '1/16'))
    expect(back.rejected).toEqual([])
    expect(back.readings).toEqual(own)
  })
  it('come in from a spreadsheet with a mark before its first line and other line ends', () => {
    const csv = `\uFEFF${writeReadingsCsv(own, '1/16').replaceAll('\n', '\r\n')}`
    expect(read(csv).readings).toHaveLength(own.length)
  })
})

describe('a row', () => {
  const row = (slot: string, typed: string) => read(`slot,typed\n${slot},${typed}\n`)
  it.each([
    ['trim-off/widths.top', '36 3/8', '36 3/8'],
    ['wall.left', '116 mm', '116 mm'],
    ['Wall, left', 'thirty six and three eighths', '36 3/8'],
    ['gap.head.left', '1/8', '1/8'],
  ])('%s %s is taken', (slot, typed, value) =>
    expect(row(`"${slot}"`, typed).readings[0]).toMatchObject({
      value: length(value),
      text: typed,
      takenBy: 'Ida Marlow',
    }),
  )
  it.each([
    ['roof', '36', 'slot', /“roof” is no reading of this kind of door/],
    ['hinge.1', '7', 'slot', /no reading of this kind of door/],
    ['wall.left', '3/10', 'typed', /no fractions of 10/],
    ['wall.left', '', 'typed', /Nothing was typed/],
    ['wall.left', 'twenty one sixteenths', 'typed', /can mean 1 5\/16 in or 20 1\/16 in/],
  ])('%s “%s” is listed with its column and reason', (slot, typed, column, reason) => {
    const { rejected, readings: taken } = row(slot, typed)
    expect(taken).toEqual([])
    expect(rejected).toMatchObject([{ row: 2, column }])
    expect(rejected[0]!.reason).toMatch(reason)
  })
  it('whose text and ticks say different lengths is not taken', () =>
    expect(read('slot,typed,ticks\nwall.left,4 1/2,370840\n').rejected).toMatchObject([{ row: 2, column: 'typed' }]))
  it('whose ticks are none is not taken', () =>
    expect(read('slot,typed,ticks\nwall.left,4 1/2,much\n').rejected).toMatchObject([{ column: 'ticks' }]))
  it('with a member that can’t be is not taken, and says which', () =>
    expect(read('slot,typed,instrument\nwall.left,4 1/2,eye\n').rejected).toMatchObject([{ column: 'instrument' }]))
  it('that is bad leaves the good ones', () => {
    const { readings: taken, rejected } = read('slot,typed\nwall.left,4 1/2\nroof,1\nwall.right,4 5/8\n')
    expect([taken.length, rejected.map(one => one.row)]).toEqual([2, [3]])
  })
  it('of another family is taken there', () =>
    expect(read('slot,typed\nhinge.1,7\n', { family: 'steel-leaf' }).readings).toHaveLength(1))
  it('takes the job’s unit', () =>
    expect(read('slot,typed\nwall.left,116\n', { unit: 'mm' }).readings[0]).toMatchObject({
      value: length('116 mm'),
      graduation: '1',
    }))
  it('without an id gets the same one every time, and another for another opening', () => {
    const id = (more: Partial<ReadingsFor> = {}) => read('slot,typed\nwall.left,4 1/2\n', more).readings[0]!.id
    expect(id()).toBe(id())
    expect(id()).not.toBe(id({ openingId: '01900000-0000-7000-8000-0000000000bc' }))
  })
  it('that stands twice counts once', () =>
    expect(read('slot,typed\nwall.left,4 1/2\nwall.left,4 1/2\n').readings).toHaveLength(1))
})

describe('a file', () => {
  it.each([
    ['', 'file.no-columns'],
    ['a,b\n1,2\n', 'file.no-columns'],
    ['slot,typed\n', 'file.not-readings'],
    ['[', 'file.not-json'],
    ['{}', 'file.not-readings'],
    ['[]', 'file.not-readings'],
    [`slot,typed\n${'wall.left,1\n'.repeat(5001)}`, 'file.too-many'],
  ])('of %p is refused whole', (text, code) => expect(refusal(text)).toBe(code))
  it('of JSON comes in as it went out', () => {
    const own = records().readings
    expect(read(JSON.stringify({ format: 'harvek-readings', readings: own }), {}, 'a.json').readings).toEqual(own)
  })
  const skip = {
    id: '01900000-0000-7000-9000-000000000001',
    slot: 'wall.left',
    kind: 'skipped',
    code: 'later',
    note: '',
    takenBy: 'Ida Marlow',
    takenAt: '2026-01-01T00:00:00.000Z',
  }
  it('of JSON brings its answers too, and lists those that can’t be', () => {
    const foreign = { ...skip, slot: 'hinge.1' }
    const bent = { ...skip, code: 'lazy' }
    const file = JSON.stringify({ readings: records().readings, answers: [skip, foreign, bent] })
    const { answers, rejected } = read(file, {}, 'a.json')
    expect(answers).toEqual([skip])
    expect(rejected.map(one => [one.row, one.column])).toEqual([
      [2, 'answers, slot'],
      [3, 'answers, code'],
    ])
  })
  it('of JSON with answers alone is a file', () =>
    expect(read(JSON.stringify({ readings: [], answers: [skip] }), {}, 'a.json')).toEqual({
      readings: [],
      answers: [skip],
      rejected: [],
    }))
  it('of JSON with odd entries lists them by their place', () =>
    expect(read('[1, null, {"slot":"wall.left","text":"4"}]', {}, 'a.json')).toMatchObject({
      readings: [{ slot: 'wall.left' }],
      rejected: [{ row: 1 }, { row: 2 }],
    }))
})

describe('a thousand broken files of each kind (seeded)', () => {
  const csv = writeReadingsCsv(readings(TRUE_OPENING), '1/16')
  const json = JSON.stringify({ readings: records().readings })
  const PIECES = [
    ',',
    '"',
    '\n',
    '\r',
    '\0',
    '🙂',
    '=',
    "'",
    '{',
    '}',
    '[',
    ']',
    ':',
    '9'.repeat(30),
    'ﷺ',
    '-',
    '\uD800',
    'null',
  ]
  /** The text with some of its characters replaced, dropped or doubled. */
  function spoilt(text: string, seed: number): string {
    const random = randomFrom(seed)
    let out = text
    for (let i = wholeFrom(random, 1, 12); i > 0; i--) {
      const at = wholeFrom(random, 0, out.length)
      const piece = PIECES[wholeFrom(random, 0, PIECES.length - 1)]!
      out = out.slice(0, at) + (random() < 0.7 ? piece : '') + out.slice(at + wholeFrom(random, 0, 9))
    }
    return random() < 0.1 ? out.slice(0, wholeFrom(random, 0, out.length)) : out
  }
  it.each([
    ['CSV', csv, 'a.csv'],
    ['JSON', json, 'a.json'],
  ])('%s never crashes, and what is taken is always whole', (_, text, name) => {
    let refused = 0
    for (let seed = 0; seed < 1000; seed++) {
      const checked = readReadings(name, spoilt(text, seed), FOR)
      if (!checked.ok) {
        refused++
        continue
      }
      const { readings: taken, rejected } = checked.value
      const broken = [
        ...taken.filter(one => !readingSchema.safeParse(one).success),
        ...rejected.filter(one => one.reason.length <= 5),
      ]
      expect([seed, broken]).toEqual([seed, []])
    }
    expect(refused).toBeLessThan(1000)
  })
})
