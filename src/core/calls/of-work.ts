import { type Reader, reject } from '../calls-input'
import { packGap } from '../fit/pack-gap'
import { screwHole } from '../fit/screw-hole'
import { hingePullN } from '../physics/hinge-load'
import { checkContact } from '../seal/contact-check'
import { dateAfter } from '../units/date-after'
import { inches } from '../units/length'
import { type Calls, closing, notNegative, sizeOr, spanFrom, taken } from './call'

/** What is asked while a door is set, sealed and handed over. */
export const WORK_CALLS: Calls = {
  'shim.pack': (input, { lengths, flats }) => {
    const wedge = input.optionalObject('wedge')
    return taken(
      packGap(input.length('gap'), {
        wedge: wedge
          ? closing(wedge, w => ({ tip: w.length('tip'), butt: w.length('butt'), length: w.length('length') }))
          : {
              tip: lengths['wedge-tip'].value,
              butt: lengths['wedge-butt'].value,
              length: lengths['wedge-length'].value,
            },
        bearing: input.optionalLength('bearing') ?? inches(4, 9, 16),
        flats: input.optionalLengths('flats') ?? flats,
        slack: lengths['pack-slack'].value,
      }),
    )
  },
  'hinge.load': input => {
    const [width, spacing] = [input.length('leafWidth'), input.length('hingeSpacing')]
    const mass = input.number('massKg')
    if (mass <= 0) reject('input.negative', input.path('massKg'))
    if (width <= 0) reject('input.negative', input.path('leafWidth'))
    if (spacing <= 0) reject('input.negative', input.path('hingeSpacing'))
    return { pullN: hingePullN(mass, width, spacing) }
  },
  'screw.hole': (input, { lengths }) => {
    const holes = input.lengths('holes').map((one, i) => notNegative(one, `${input.path('holes')}[${i}]`))
    const drywall = sizeOr(input, 'drywall', input.length('drywall'))
    const stud = sizeOr(input, 'stud', lengths['stud-depth'].value)
    return { pick: screwHole(holes, { drywall, stud, margin: sizeOr(input, 'margin', lengths['screw-margin'].value) }) }
  },
  'contact.check': (input, { lengths }) => {
    const widths = input.lengths('widths').map((one, i) => notNegative(one, `${input.path('widths')}[${i}]`))
    if (widths.length !== HEIGHTS_OF_CONTACT) reject('contact.three', input.path('widths'))
    const range = input.optionalLengths('range') ? spanFrom(input, 'range') : null
    return checkContact(widths, {
      least: notNegative(range?.[0] ?? lengths['contact-least'].value, input.path('range')),
      most: range?.[1] ?? lengths['contact-most'].value,
      even: sizeOr(input, 'even', lengths['contact-even'].value),
      moveMost: sizeOr(input, 'most', lengths['contact-move-most'].value),
    })
  },
  'date.after': input => ({ on: taken(dateAfter(input.text('on'), wholeOr(input, 'months'), wholeOr(input, 'days'))) }),
}

/** Top, middle, bottom. */
const HEIGHTS_OF_CONTACT = 3
const MOST_DAYS = 400_000

/** A whole number that is not negative; 0 where it is not given. */
function wholeOr(input: Reader, name: string): number {
  const figure = input.optionalNumber(name) ?? 0
  return Number.isInteger(figure) && figure >= 0 && figure <= MOST_DAYS
    ? figure
    : reject('input.whole', input.path(name))
}
