import { inches, mm, ticks } from './length'
import { graduationTicks, parseLength, parseRun } from './parse-length'

const read = (text: string, unit: 'in' | 'mm' = 'in', graduation?: string) => {
  const outcome = parseLength(text, { unit, graduation })
  return outcome.ok ? outcome.value.ticks : outcome.issues[0]!.code
}

describe('a length as typed on site', () => {
  it.each([
    ['36 3/8', inches(36, 3, 8)],
    ['36-3/8', inches(36, 3, 8)],
    ['36 3/8"', inches(36, 3, 8)],
    ['36 3/8 in', inches(36, 3, 8)],
    ['36 3/8 inches', inches(36, 3, 8)],
    ['36⅜', inches(36, 3, 8)],
    ['36.375', inches(36, 3, 8)],
    ['1/2 + 3 1/2 + 7/16', inches(4, 7, 16)],
    ['1/2+3 1/2', inches(4)],
    ['1/2" + 89 mm', ticks(inches(0, 1, 2) + mm(89))],
    ['36 + 1/16+', ticks(inches(36, 1, 16) + inches(0, 1, 32))],
    ['.5', inches(0, 1, 2)],
    [`3' 0 3/8"`, inches(36, 3, 8)],
    [`3'-0 3/8"`, inches(36, 3, 8)],
    ['3′ 0 3/8″', inches(36, 3, 8)],
    ['3ft 3/8in', inches(36, 3, 8)],
    [`3'`, inches(36)],
    [`6' 8"`, inches(80)],
    ['3 ft 2', inches(38)],
    ['3/8', inches(0, 3, 8)],
    ['63/64', inches(0, 63, 64)],
    ['924 mm', mm(924)],
    ['92.4 cm', mm(924)],
    ['0.924 m', mm(924)],
    ['-1 3/16', ticks(-inches(1, 3, 16))],
    ['−1/16', ticks(-inches(0, 1, 16))],
    ['+3/16', inches(0, 3, 16)],
    ['0', ticks(0)],
  ])('%s', (text, expected) => expect(read(text)).toBe(expected))

  it.each([
    ['924', mm(924)],
    ['924.5', mm(924.5)],
    ['36 3/8"', inches(36, 3, 8)],
    [`3' 2`, inches(38)],
  ])('in a metric job: %s', (text, expected) => expect(read(text, 'mm')).toBe(expected))
})

describe('strong and light', () => {
  it.each([
    ['79 1/16+', 'in', undefined, inches(79, 3, 32)],
    ['79 1/16-', 'in', undefined, inches(79, 1, 32)],
    ['79 1/16 -', 'in', undefined, inches(79, 1, 32)],
    ['-1 3/16-', 'in', undefined, ticks(-(inches(1, 3, 16) - inches(0, 1, 32)))],
    ['12+', 'in', '1/32', inches(12, 1, 64)],
    ['924+', 'mm', undefined, mm(924.5)],
    ['924-', 'mm', '0.5', mm(923.75)],
    ['924 mm+', 'in', '1/16', mm(924.5)],
  ] as const)('%s in %s on a %s tape is half a mark more or less', (text, unit, graduation, expected) =>
    expect(read(text, unit, graduation)).toBe(expected),
  )
})

describe('what is no length', () => {
  it.each([
    ['', 'length.empty'],
    ['   ', 'length.empty'],
    ['abc', 'length.unreadable'],
    ['3/10', 'length.denominator'],
    ['36 3/0', 'length.denominator'],
    ['36 9/8', 'length.fraction'],
    ['36 3/8 3/8', 'length.unreadable'],
    ['1,2,3', 'length.comma'],
    ['36,', 'length.comma'],
    ['36.5 3/8', 'length.unreadable'],
    ['36 in 924 mm', 'length.mixed-units'],
    ['999999 mm', 'length.too-long'],
    ['--3', 'length.unreadable'],
    ["'", 'length.unreadable'],
    ['"', 'length.unreadable'],
    ['36 x', 'length.unreadable'],
    ['1e3', 'length.unreadable'],
    ['Infinity', 'length.unreadable'],
  ])('“%s” is %s', (text, code) => expect(read(text)).toBe(code))
  it('keeps what was typed', () => {
    const outcome = parseLength(' 3/10 ', { unit: 'in' })
    expect(!outcome.ok && outcome.issues[0]!.facts.typed).toBe(' 3/10 ')
  })
  it('asks for an inch mark on a fraction in a metric job', () => expect(read('36 3/8', 'mm')).toBe('length.inch-mark'))
})

describe('rounding to the tick', () => {
  it('is marked', () =>
    expect(parseLength('36.333', { unit: 'in' })).toMatchObject({ value: { ticks: 2_953_146, rounded: true } }))
  it('is not claimed where the text is exact', () =>
    expect(parseLength('34.234375', { unit: 'in' })).toMatchObject({ value: { rounded: false } }))
  it('is exact for long decimals, since no float is made of them', () =>
    expect(parseLength('0.00000000000000000000000000000001 mm', { unit: 'in' })).toMatchObject({
      value: { ticks: 0, rounded: true },
    }))
})

it.each([
  ['1/16', 5080],
  ['1/64', 1270],
  ['1', 3200],
  ['0.5', 1600],
])('a %s tape steps by %p ticks', (graduation, expected) => expect(graduationTicks(graduation)).toBe(expected))

describe('a comma', () => {
  const of = (text: string, unit: 'in' | 'mm') => {
    const outcome = parseLength(text, { unit })
    return outcome.ok ? outcome.value.ticks : [outcome.issues[0]!.code, outcome.issues[0]!.facts.choices]
  }
  it.each([
    ['970,5', 'mm', mm(970.5)],
    ['36,5 in', 'mm', inches(36, 1, 2)],
    ['36,375', 'in', inches(36, 3, 8)],
    ['0,25', 'in', inches(0, 1, 4)],
    ['1.841,5', 'mm', mm(1841.5)],
    ['1.841,125', 'mm', ticks(5_891_600)],
    ['1,841.5', 'mm', mm(1841.5)],
    ['-1.841,5 mm', 'in', mm(-1841.5)],
  ] as const)('“%s” in %s is a decimal’s', (text, unit, expected) => expect(of(text, unit)).toBe(expected))
  it('that can part thousands too is asked about', () =>
    expect(of('1,234', 'mm')).toEqual(['length.ambiguous', `${Math.round(mm(1) * 1.234)} ${mm(1234)}`]))
})

describe('a text nobody types', () => {
  it.each([
    ['blanks', `1${' '.repeat(40_000)}x`],
    ['digits', '7'.repeat(40_000)],
    ['layers', '1/2 + '.repeat(7_000)],
    ['words', 'thirty six and '.repeat(3_000)],
  ])('of forty thousand %s is refused by its length, and its sentence shows its beginning', (_, text) => {
    const outcome = parseLength(text, { unit: 'in' })
    expect(outcome).toMatchObject({ ok: false, issues: [{ code: 'length.unreadable' }] })
    if (!outcome.ok) expect(String(outcome.issues[0]!.facts.typed).length).toBeLessThan(60)
  })
  it('up to two hundred letters is read as ever', () => {
    expect(parseLength(`${' '.repeat(190)}36 3/8`, { unit: 'in' })).toMatchObject({
      ok: true,
      value: { ticks: inches(36, 3, 8) },
    })
    expect(parseLength(`${' '.repeat(200)}36 3/8`, { unit: 'in' })).toMatchObject({ ok: false })
  })
})

describe('what a roll holds', () => {
  it.each([
    ['900', 'in', 900 * 81_280],
    ['75 ft', 'in', 900 * 81_280],
    ['30 m', 'mm', 30_000 * 3200],
    ['25', 'mm', 25 * 3200],
  ] as const)('%p is as long as it says', (text, unit, run) => {
    const read = parseRun(text, unit)
    expect(read.ok ? read.value : read.issues[0]!.code).toBe(run)
  })
  it.each([
    ['', 'length.empty'],
    ['a lot', 'length.unreadable'],
    ['2000 m', 'length.run'],
    ['x'.repeat(500), 'length.unreadable'],
  ])('%p is refused as %s', (text, code) => expect(parseRun(text, 'in')).toMatchObject({ issues: [{ code }] }))
})
