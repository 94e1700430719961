import { TICKS_PER_INCH } from './length'

// Lengths as a dictating keyboards types them: number words, mixed with digits. Every way to understand the words is
// worked out; where there is more than one, nothing is guessed.

/** One way to understand what was said, in ticks before strength; `metric` decides what strong and light add. */
export type SpokenLength = { readonly ticks: number; readonly metric: boolean }

/** What was said: a direction, every way to understand the size, and strong or light. */
export type Spoken = { readonly sign: 1 | -1; readonly sizes: readonly SpokenLength[]; readonly strength: -1 | 0 | 1 }

const UNITS =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  )
const TENS = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety']

const DENOMINATORS: Readonly<Record<string, number>> = {
  half: 2,
  halves: 2,
  quarter: 4,
  quarters: 4,
  fourth: 4,
  fourths: 4,
  eighth: 8,
  eighths: 8,
  sixteenth: 16,
  sixteenths: 16,
  'thirty second': 32,
  'thirty seconds': 32,
  'sixty fourth': 64,
  'sixty fourths': 64,
}

const FEET = new Set(['foot', 'feet', 'ft', "'"])
const INCHES = new Set(['inch', 'inches', 'in', '"'])
const METRIC: Readonly<Record<string, number>> = {
  mm: 3200,
  millimetre: 3200,
  millimetres: 3200,
  millimeter: 3200,
  millimeters: 3200,
  cm: 32_000,
  centimetre: 32_000,
  centimetres: 32_000,
  centimeter: 32_000,
  centimeters: 32_000,
}

const STRONG = ['a hair over', 'hair over', 'just over', 'strong', 'heavy', 'plus']
const LIGHT = ['a hair under', 'hair under', 'just under', 'light', 'shy', 'scant', 'minus']

type Words = readonly string[]
/** A value read from the first `used` words. */
type Step = { readonly value: number; readonly used: number }

/** Understands `text` (lower case); `null` when it holds no words for a length. A bare number takes `unit`. */
export function parseSpoken(text: string, unit: 'in' | 'mm'): Spoken | null {
  let words = text
    .replace(/^-\s*/, 'minus ')
    .replace(/[-,]/g, ' ')
    .replace(/(\d)(['"])/g, '$1 $2')
    .split(/\s+/)
    .filter(Boolean)
  if (words.length === 0 || words.length > 14) return null
  const sign = words[0] === 'minus' || words[0] === 'negative' ? -1 : 1
  if (sign < 0) words = words.slice(1)
  const [body, strength] = withoutStrength(words)
  const sizes = [...imperial(body, unit), ...metric(body, unit)]
  const distinct = sizes.filter((one, i) => sizes.findIndex(other => other.ticks === one.ticks) === i)
  return distinct.length ? { sign, sizes: distinct, strength } : null
}

function withoutStrength(words: Words): readonly [Words, -1 | 0 | 1] {
  for (const [phrases, strength] of [
    [STRONG, 1],
    [LIGHT, -1],
  ] as const) {
    for (const phrase of phrases) {
      const length = phrase.split(' ').length
      if (words.slice(-length).join(' ') === phrase) return [words.slice(0, -length), strength]
    }
  }
  return [words, 0]
}

/** Feet and inches, inches with a fraction, or a fraction alone: every way that uses all the words. */
function imperial(words: Words, unit: 'in' | 'mm'): readonly SpokenLength[] {
  const feet = numbers(words).filter(one => FEET.has(words[one.used] ?? ''))
  const named = words.some(word => INCHES.has(word) || FEET.has(word) || isFractionWord(word))
  const from = (skipped: number, ticks: number) =>
    inchesOf(words.slice(skipped)).map(size => ({ ticks: ticks + size, metric: false }))
  const withFeet = feet.flatMap(one => from(one.used + 1, one.value * 12 * TICKS_PER_INCH))
  return withFeet.length || (unit === 'mm' && !named)
    ? withFeet
    : from(0, 0).filter(one => one.ticks > 0 || words.includes('zero'))
}

const isFractionWord = (word: string): boolean =>
  word in DENOMINATORS || /^\d+\/\d+$/.test(word) || /^seconds?$/.test(word)

/** Every sum of whole inches and a fraction that the words can mean, in ticks; nothing said is nothing over. */
function inchesOf(all: Words): readonly number[] {
  const words = withoutInches(all)
  if (words.length === 0) return all.length === 0 ? [0] : []
  const start = words[0] === 'and' ? 1 : 0
  const rest = words.slice(start)
  const alone = fractions(rest).filter(one => one.used === rest.length)
  const wholes = numbers(rest).flatMap(whole => {
    const ticks = whole.value * TICKS_PER_INCH
    if (whole.used === rest.length) return [ticks]
    let at = whole.used
    if (INCHES.has(rest[at] ?? '')) at++
    if (rest[at] === 'and') at++
    const tail = rest.slice(at)
    return fractions(tail, rest[at - 1] === 'and')
      .filter(one => one.used === tail.length && one.value < TICKS_PER_INCH)
      .map(one => ticks + one.value)
  })
  return [...alone.map(one => one.value), ...wholes]
}

/** The words without the unit at their end: `inches`, `an inch`, `of an inch`. */
function withoutInches(words: Words): Words {
  const found = /( of)?( an)? \S+$/.exec(` ${words.join(' ')}`)
  if (!INCHES.has(words[words.length - 1] ?? '')) return words
  return words.slice(0, words.length - (found?.[0].trim().split(' ').length ?? 1))
}

/** A fraction at the front: `three eighths`, `a quarter`, `3/8`, and where `bare` also `half`, in ticks. */
function fractions(words: Words, bare = true): readonly Step[] {
  const slashed = /^(\d+)\/(2|4|8|16|32|64)$/.exec(words[0] ?? '')
  if (slashed && Number(slashed[1]) < Number(slashed[2]))
    return [{ value: (Number(slashed[1]) * TICKS_PER_INCH) / Number(slashed[2]), used: 1 }]
  const counts: Step[] = [...numbers(words)]
  if (words[0] === 'a' || words[0] === 'an') counts.push({ value: 1, used: 1 })
  if (bare && /^(half|quarter)$/.test(words[0] ?? '')) counts.push({ value: 1, used: 0 })
  return counts.flatMap(count => {
    const [one, two] = [words[count.used] ?? '', words.slice(count.used, count.used + 2).join(' ')]
    const by = DENOMINATORS[two] ?? DENOMINATORS[one]
    if (!by || count.value <= 0 || !Number.isInteger(count.value)) return []
    return [{ value: (count.value * TICKS_PER_INCH) / by, used: count.used + (DENOMINATORS[one] ? 1 : 2) }]
  })
}

/** Every number the words can begin with: `thirty`, `thirty six`, `nine hundred and twenty four`, `two thousand one hundred`,
 *  `36`, `3.5`. */
function numbers(words: Words): readonly Step[] {
  const [first = ''] = words
  if (/^\d+(\.\d+)?$/.test(first)) return [{ value: Number(first), used: 1 }]
  const below = belowThousand(words)
  return [...below, ...multiples(words, below, 'thousand', 1000, belowThousand)].flatMap(one => [
    one,
    ...decimals(one, words),
  ])
}

const belowThousand = (words: Words): readonly Step[] => {
  const small = smallNumbers(words)
  return [...small, ...multiples(words, small, 'hundred', 100, smallNumbers)]
}

/** `two hundred`, `a thousand and five`: a count, the word, and what may follow it. */
function multiples(
  words: Words,
  counts: readonly Step[],
  word: string,
  by: number,
  follow: (words: Words) => readonly Step[],
): readonly Step[] {
  const one = words[0] === 'a' ? [{ value: 1, used: 1 }] : []
  return [...counts, ...one]
    .filter(count => words[count.used] === word && count.value > 0 && count.value < 100)
    .flatMap(count => {
      const base = { value: count.value * by, used: count.used + 1 }
      const skip = words[base.used] === 'and' ? 1 : 0
      const more = follow(words.slice(base.used + skip)).map(rest => ({
        value: base.value + rest.value,
        used: base.used + skip + rest.used,
      }))
      return [base, ...more]
    })
}

/** `point five` after a number. */
function decimals(one: Step, words: Words): readonly Step[] {
  if (words[one.used] !== 'point') return []
  let digits = ''
  let used = one.used + 1
  for (; used < words.length; used++) {
    const digit = UNITS.indexOf(words[used]!)
    if (digit < 0 || digit > 9) break
    digits += digit
  }
  return digits ? [{ value: Number(`${one.value}.${digits}`), used }] : []
}

/** Numbers under a hundred at the front; `thirty six` also as `thirty`, with six left over. */
function smallNumbers(words: Words): readonly Step[] {
  const [first = '', second = ''] = words
  const unit = UNITS.indexOf(first)
  if (unit >= 0) return [{ value: unit, used: 1 }]
  const ten = (TENS.indexOf(first) + 2) * 10
  if (ten < 20) return []
  const more = UNITS.indexOf(second)
  return more > 0 && more < 10
    ? [
        { value: ten, used: 1 },
        { value: ten + more, used: 2 },
      ]
    : [{ value: ten, used: 1 }]
}

function metric(words: Words, unit: 'in' | 'mm'): readonly SpokenLength[] {
  const by = METRIC[words[words.length - 1] ?? '']
  if (by === undefined && unit !== 'mm') return []
  const digits = by === undefined ? words : words.slice(0, -1)
  return numbers(digits)
    .filter(one => one.used === digits.length)
    .map(one => ({ ticks: one.value * (by ?? 3200), metric: true }))
}
