import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import type { Reading } from '../survey/reading'
import { isLevelReading, type Slot } from '../survey/slots'
import type { Survey } from '../survey/survey'
import { type Length, minus, plus } from '../units/length'
import { judgeUnit } from './judge-unit'
import type { Offer } from './offer'
import type { Request } from './request'
import { readBeside } from './request-for'
import type { SiteOf } from './site-facts'
import type { CatalogueUnit } from './unit'

export type NearCode = 'near-limit'

type Asked = {
  /** What is read beside the network of widths and heights; those are weighed by chance. */
  readonly further: readonly string[]
}

/** Every reading that would change what is said of the chosen unit if it were off by no more than its own exactness: it lies within its ±
 *  of a limit, whichever that is, and is asked for again. Each is moved both ways and the unit judged anew, where it stands centred: none
 *  of these readings bears on where it is moved to. `agreed` are readings that were taken twice and agree. */
export function nearLimits(
  asked: Asked,
  site: SiteOf,
  survey: Survey,
  request: Request,
  unit: CatalogueUnit | null,
  agreed: ReadonlySet<string>,
): readonly Finding<NearCode>[] {
  if (!unit) return []
  const { lengths } = request
  const stands = printOf(judgeUnit(unit, withReadings(site, survey, request)))
  return asked.further.flatMap(slot => {
    const reading = survey.bySlot.get(slot as Slot)
    if (!reading || agreed.has(slot) || isLevelReading(reading.slot)) return []
    const by = reading.deviation ?? lengths['deviation-tape'].value
    const turned = [minus(reading.value, by), plus(reading.value, by)]
      .map(value => judgeUnit(unit, withReadings(site, moved(survey, reading, value), request)))
      .find(one => printOf(one) !== stands)
    return turned ? [nearLimit(reading, by, turned, lengths)] : []
  })
}

const moved = (survey: Survey, reading: Reading, value: Length): Survey => ({
  ...survey,
  bySlot: new Map(survey.bySlot).set(reading.slot, { ...reading, value }),
})

/** What the unit is judged by if the survey said this. */
function withReadings(site: SiteOf, survey: Survey, request: Request): Request {
  const read = readBeside(site, survey, request)
  const { wallStack } = read.site
  const hasJamb = request.wall !== null && wallStack !== null
  return { ...request, ...read, wall: hasJamb ? plus(wallStack, request.lengths['wall-spare'].value) : request.wall }
}

/** What is said of a unit, apart from its figures. */
const printOf = ({ verdict, reasons, preparations }: Offer): string =>
  [verdict, ...reasons.map(one => one.code), ...preparations.map(one => one.id)].join(' ')

function nearLimit(
  reading: Reading,
  by: Length,
  { reasons, preparations }: Offer,
  lengths: TradeLengths,
): Finding<NearCode> {
  const stop = reasons.find(one => one.severity === 'stop')
  return {
    code: 'near-limit',
    place: reading.slot,
    severity: 'watch',
    facts: {
      read: { length: reading.value },
      within: { length: by },
      would: stop ? 'not-in' : preparations.length > 0 ? 'other-work' : 'otherwise',
    },
    rule: reading.deviation === null ? lengths['deviation-tape'].id : 'instrument',
    cures: [cure('reading.take-again')],
  }
}
