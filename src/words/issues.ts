import type { Issue } from '@/core/outcome'
import { formatWithUnit } from '@/core/units/format-length'
import { isLength, ticks } from '@/core/units/length'

type Facts = Issue['facts']
const quoted = (facts: Facts) => `“${String(facts.typed).trim()}”`
const size = (n: string | number | undefined) => (isLength(n) ? formatWithUnit(ticks(n), '1/64') : String(n))

/** What is wrong with unreadable input and what to do, by code. */
const WORDS: Readonly<Record<string, (facts: Facts) => string>> = {
  'length.empty': () => 'Nothing was typed. Type a length such as 36 3/8 or 924 mm.',
  'length.unreadable': f => `${quoted(f)} can’t be read as a length. Type it as 36 3/8, 3' 0 3/8" or 924 mm.`,
  'length.denominator': f =>
    `${quoted(f)}: a tape has no fractions of ${f.denominator}. Use halves, 4ths, 8ths, 16ths, 32nds or 64ths.`,
  'length.fraction': f =>
    `${quoted(f)}: ${f.fraction} is a whole inch or more. Type the whole inches first, then what is over.`,
  'length.mixed-units': f => `${quoted(f)} mixes inches and metric. Type it in one of them.`,
  'length.inch-mark': f =>
    `${quoted(f)} has a fraction, but this job is in millimetres. Put an inch mark after it if inches are meant.`,
  'length.comma': f =>
    `${quoted(f)} has a comma, which could be a decimal or a thousand. Use a point for a decimal and nothing for thousands.`,
  'length.ambiguous': f =>
    `${quoted(f)} can mean ${String(f.choices)
      .split(' ')
      .map(one => size(Number(one)))
      .join(' or ')}. Say which.`,
  'length.too-long': f => `${quoted(f)} is more than 20 m. Check the figure and its unit.`,
  'length.run': f => `${quoted(f)} is more than a kilometre. Check the figure and its unit.`,
  'length.below-zero': f => `${quoted(f)}: a size is above zero.`,
  'photo.too-large': () => 'This is larger than 20 MB; nothing was stored. Send a smaller photo.',
  'photo.no-image': () => 'This is no JPEG, PNG or WebP picture; nothing was stored. Take the photo as JPEG.',
  'photo.broken': () => 'This picture is broken and can’t be opened; nothing was stored. Take it again.',
  'file.not-json': () => 'This is not JSON; nothing was taken.',
  'file.not-readings': () => 'No readings were found here; nothing was taken.',
  'file.no-columns': f => `The first line must name the columns; “slot” and “typed” are needed. Found: ${f.columns}.`,
  'file.too-many': f => `There are more than ${f.most} rows; nothing was taken. Split the file.`,
  'row.slot': f => `“${f.slot}” is no reading of this kind of door.`,
  'row.ticks': f => `“${f.ticks}” is no whole number of ticks.`,
  'row.differs': f => `“${f.typed}” and ${f.ticks} ticks say different lengths.`,
  'row.member': f => `${f.member} can’t be taken: ${f.message}.`,
  'device.unit': f =>
    `The device sent ${quoted(f)}, which is not ${f.wanted}. Take this reading with another instrument.`,
  'device.exactness': f => `The device gives its exactness as ${quoted(f)}, which can’t be read.`,
  'size.unreadable': f => `${quoted(f)} is not a door’s size. Type it as 3068, 3/0 x 6/8, 36x80 or 826x2040.`,
  'opening.no-width': () => 'At least one width is needed before the opening can be drawn.',
  'opening.no-height': () => 'At least one height is needed before the opening can be drawn.',
  'opening.unsettled': () =>
    'These readings are so far apart that no opening comes near them. Check the widths and heights first.',
  'corner.impossible': f =>
    `Legs of ${size(f.legA)} and ${size(f.legB)} with a diagonal of ${size(f.diagonal)} make no corner. Measure the diagonal again.`,
  'shim.negative': f => `The gap is negative (${size(f.gap)}): there is nothing to pack, the unit is too large here.`,
  'shim.flats': () => 'Every flat packer needs a thickness above zero.',
  'shim.wedge': () => 'A wedge needs a thin end above zero, a thicker butt and a length.',
  'shim.too-wide': f => `A gap of ${size(f.gap)} is too wide for packers this thin. Pack it out with lumber first.`,
  'shim.no-pack': f =>
    `No mix of these packers and wedges fills ${size(f.gap)}. Add a thinner packer or another wedge.`,
  'plan.zone': f => `Nobody knows a clock called “${f.zone}”. Choose the time zone by a town, such as Europe/Oslo.`,
  'no-daylight': f => `The sun does not rise there on ${f.date}. Bring your own light, or choose another day.`,
  'plan.twice': f => `Two tasks are called “${f.id}”.`,
  'plan.unknown': f => `No task is called “${f.id}”.`,
  'plan.circle': () => 'These tasks need each other in a circle: none of them can be the first.',
  'plan.people': f => `“${f.id}” takes ${f.people} people; the crew has ${f.crew}.`,
  'plan.many': f => `At most ${f.most} tasks are planned at once.`,
  'plan.share': () => 'A share is between 0 and 1.',
  'plan.degrees': f => `Degrees go from −${f.most} to ${f.most}.`,
  'plan.clock': () => 'A time of the day is typed as 17:30.',
  'plan.perimeter': () => 'Give the perimeter or the opening’s width and height, not both.',
  'strip.sizes': () => 'A strip needs a length, a hole pitch above zero and between 1 and 1000 holes.',
  'strip.too-long': f => `The piece (${size(f.length)}) is longer than the stock (${size(f.stock)}).`,
  'strip.no-place': f =>
    `No cut of ${size(f.length)} keeps every hole ${size(f.leastEnd)} from the ends. Drill new holes or choose another strip.`,
  'strip.many': f => `At most ${f.most} pieces are laid out at once. Part them into two lists.`,
  'seal.places': () => 'The gap at the stop needs as many readings as the gap at the edge.',
  'seal.leaks': () => 'A part has one seal, or two behind each other: one or two figures.',
  'fire.no-rule': () => 'There is no rule for this edge: give its limits, or leave its readings out.',
  'input.object': () => 'An object with named members is needed here.',
  'input.missing': () => 'This member is needed and is missing.',
  'input.unknown': () => 'This member is not known here. Check its spelling.',
  'input.text': () => 'A text is needed here.',
  'input.choice': f => `One of these is needed here: ${f.choices}.`,
  'input.number': () => 'A number is needed here.',
  'input.negative': () => 'A figure above zero is needed here.',
  'input.list': () => 'A list with at least one entry is needed here.',
  'input.ticks': () => 'A whole number of ticks (1/3200 mm) within 20 m is needed here.',
  'input.length': () => 'A length is needed here: a text such as "36 3/8" or a whole number of ticks.',
  'input.span': () => 'Two lengths are needed here, the smaller one first: ["35 7/8", "36 3/8"].',
  'input.point': () => 'A point is needed here: [x, y].',
  'input.range': () => 'A figure of this request leads beyond 20 m. Check the lengths and their units.',
  'input.size': () => 'This is too long, too short, too large or too small.',
  'input.form': () => 'This can’t be read as what is needed here.',
  'input.unreadable': () => 'Nobody can have read this length here. Check the figure and its unit.',
  'input.both': () => 'A list and the demo’s catalogue can’t both be given. Leave one out.',
  'input.rows': f => `The list can’t be taken. Row ${f.row}, ${f.column}: ${String(f.reason).replace(/[.]$/, '')}.`,
  'input.article': f => `No unit of the list has the article “${f.article}”.`,
  'input.one-of': () => 'Two ways of saying the same are given. Leave one out.',
  'input.rising': () => 'Figures above zero that rise are needed here.',
  'input.whole': () => 'A whole number, not below zero, is needed here.',
  'pan.centre': () => 'A centre piece no longer than its lap adds nothing.',
  'sound.bands': () => 'A level for each third-octave band is needed, and as many in every part.',
  'sound.method': () => 'Only rw or stc is a method.',
  'contact.three': () => 'Three widths are needed here: top, middle, bottom.',
  'date.unreadable': () => 'A date is needed here: year, month, day, as in 2026-08-31.',
  'date.range': () => 'This leads beyond the year 9999.',
  'input.json': () => 'This line is not JSON.',
  'call.unknown': f => `There is no call named “${f.call}”.`,
}

/** The sentence for an issue: what was typed, what is wrong, what to do. */
export const issueWords = ({ code, facts }: Pick<Issue, 'code' | 'facts'>): string =>
  WORDS[code]?.(facts) ?? `Refused: ${code}`

/** Every code that has words, for the test that none is missing. */
export const ISSUE_CODES = Object.keys(WORDS)
