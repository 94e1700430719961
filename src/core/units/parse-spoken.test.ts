import { formatLength } from './format-length'
import { isLength, ticks } from './length'
import { parseLength } from './parse-length'

/** What was dictated, and what it is: a length to the 64th, several where it must be asked, nothing where it is none. */
const INCHES: readonly (readonly [said: string, understood: string])[] = [
  ['thirty six and three eighths strong', '36 13/32'],
  ['two foot ten and a quarter', '34 1/4'],
  ['thirty six', '36'],
  ['thirty-six', '36'],
  ['thirty six inches', '36'],
  ['thirty six three eighths', '36 3/8'],
  ['thirty six and three eighths', '36 3/8'],
  ['36 and three eighths', '36 3/8'],
  ['36 and 3/8', '36 3/8'],
  ['36 and 3/8 strong', '36 13/32'],
  ['36 and a half', '36 1/2'],
  ['thirty six and a half', '36 1/2'],
  ['thirty six and one half inches', '36 1/2'],
  ['thirty six inches and a half', '36 1/2'],
  ['eighty one and eleven sixteenths', '81 11/16'],
  ['eighty one and eleven sixteenths light', '81 21/32'],
  ['eighty one eleven sixteenths', '81 11/16'],
  ['eighty two and five eighths a hair over', '82 21/32'],
  ['eighty two and five eighths just under', '82 19/32'],
  ['eighty two and five eighths shy', '82 19/32'],
  ['eighty two and five eighths scant', '82 19/32'],
  ['eighty two and five eighths heavy', '82 21/32'],
  ['three eighths', '3/8'],
  ['five eighths', '5/8'],
  ['a quarter', '1/4'],
  ['one quarter', '1/4'],
  ['half', '1/2'],
  ['a half', '1/2'],
  ['half an inch', '1/2'],
  ['three eighths of an inch', '3/8'],
  ['a sixteenth', '1/16'],
  ['an eighth', '1/8'],
  ['thirteen sixteenths', '13/16'],
  ['one thirty second', '1/32'],
  ['five thirty seconds', '5/32'],
  ['seven sixty fourths', '7/64'],
  ['seven sixty-fourths', '7/64'],
  ['minus three sixteenths', '-3/16'],
  ['minus a sixteenth light', '-1/32'],
  ['negative one eighth', '-1/8'],
  ['six foot eight', '80'],
  ['six feet eight inches', '80'],
  ['six foot', '72'],
  ['3 foot 3/8', '36 3/8'],
  ['three foot and three eighths', '36 3/8'],
  ['two foot ten', '34'],
  ['two foot ten and three quarter inches', '34 3/4'],
  ['2 foot 10 and a quarter', '34 1/4'],
  ['six foot eight and a sixteenth strong', '80 3/32'],
  ['zero', '0'],
  ['zero inches', '0'],
  ['a hundred and five', '105'],
  ['one hundred five and a half', '105 1/2'],
  ['four and nine sixteenths', '4 9/16'],
  ['four and a half', '4 1/2'],
  ['four point five', '4 1/2'],
  ['four point two five inches', '4 1/4'],
  ['nine hundred twenty four millimetres', '≈ 36 3/8'],
  ['nine hundred and twenty four mm', '≈ 36 3/8'],
  ['ninety two point four centimeters', '≈ 36 3/8'],
  ['eighty nine and nine sixteenths', '89 9/16'],
  ['three quarters', '3/4'],
  ['one and one sixteenth', '1 1/16'],
  ['three three eighths', '3 3/8'],
  ['twelve and seven eighths plus', '12 29/32'],
  ['thirty eight', '38'],
  ['twenty one sixteenths', '1 5/16 | 20 1/16'],
  ['thirty seven sixteenths', '2 5/16 | 30 7/16'],
  ['twenty three quarters', '5 3/4 | 20 3/4'],
  ['forty three eighths', '5 3/8 | 40 3/8'],
  ['twenty five thirty seconds', '25/32 | 20 5/32'],
  ['thirty two thirty seconds', '1 | 30 1/16'],
  ['fifty nine sixty fourths', '59/64 | 50 9/64'],
  ['twenty one sixteenths strong', '1 11/32 | 20 3/32'],
  ['six eight', ''],
  ['three tenths', ''],
  ['about thirty six', ''],
  ['thirty six thirty', ''],
  ['foot', ''],
  ['and a', ''],
]
const MILLIMETRES: readonly (readonly [said: string, understood: string])[] = [
  ['nine hundred twenty four', '924.0'],
  ['nine hundred and twenty four', '924.0'],
  ['eighty two', '82.0'],
  ['forty five point five', '45.5'],
  ['nine hundred strong', '900.5'],
  ['one thousand', '1000.0'],
  ['a thousand and five', '1005.0'],
  ['two thousand one hundred', '2100.0'],
  ['two thousand and thirty one', '2031.0'],
  ['two thousand and thirty one point five', '2031.5'],
  ['two thousand nine hundred and twenty four light', '2923.5'],
  ['two thousand thousand', ''],
  ['three eighths', '≈ 9.5'],
  ['thirty six inches', '≈ 914.5'],
  ['minus two', '-2.0'],
]

function understood(said: string, unit: 'in' | 'mm'): string {
  const step = unit === 'in' ? '1/64' : '0.5'
  const parsed = parseLength(said, { unit })
  if (parsed.ok) return formatLength(parsed.value.ticks, step)
  const [issue] = parsed.issues
  if (issue!.code !== 'length.ambiguous') return ''
  return String(issue!.facts.choices)
    .split(' ')
    .map(Number)
    .filter(isLength)
    .map(one => formatLength(ticks(one), step))
    .join(' | ')
}

describe('a length that was dictated, in inches', () => {
  it.each(INCHES)('“%s” is %s', (said, expected) => expect(understood(said, 'in')).toBe(expected))
  it('is tried in at least 60 forms', () => expect(INCHES.length).toBeGreaterThanOrEqual(60))
})

describe('a length that was dictated, in millimetres', () => {
  it.each(MILLIMETRES)('“%s” is %s', (said, expected) => expect(understood(said, 'mm')).toBe(expected))
})

it('keeps the words beside the value', () =>
  expect(parseLength('Thirty Six', { unit: 'in' })).toMatchObject({ value: { text: 'Thirty Six' } }))
