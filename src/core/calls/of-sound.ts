import { type Reader, reject } from '../calls-input'
import {
  BANDS_HZ,
  compositeTl,
  largestGapM2,
  RATED_BANDS,
  SOUND_METHODS,
  type SoundMethod,
  soundRating,
} from '../physics/sound'
import { type Calls, closing } from './call'

/** What is asked of sound through a door. */
export const SOUND_CALLS: Calls = {
  'sound.composite': input => {
    const parts = input
      .objects('parts')
      .map(part => closing(part, one => ({ areaM2: areaOf(one), tlDb: one.numbers('tlDb') })))
    if (parts.length === 0) reject('input.missing', input.path('parts'))
    const bands = parts[0]!.tlDb.length
    const other = parts.findIndex(one => one.tlDb.length !== bands || one.tlDb.length === 0)
    if (other >= 0) reject('sound.bands', `${input.path('parts')}[${other}].tlDb`)
    return { tlDb: compositeTl(parts) }
  },
  'sound.rate': input => ({ rating: soundRating(bandsOf(input, RATED_BANDS), methodOf(input)) }),
  'sound.gap': input => {
    const part = { areaM2: areaOf(input), tlDb: bandsOf(input, BANDS_HZ.length) }
    return { gapM2: largestGapM2(part, input.number('target'), methodOf(input)) }
  },
}

function areaOf(input: Reader): number {
  const area = input.number('areaM2')
  return area > 0 ? area : reject('input.negative', input.path('areaM2'))
}

function bandsOf(input: Reader, count: number): readonly number[] {
  const bands = input.numbers('tlDb')
  return bands.length === count ? bands : reject('sound.bands', input.path('tlDb'))
}

function methodOf(input: Reader): SoundMethod {
  const text = input.text('method')
  return SOUND_METHODS.find(one => one === text) ?? reject('sound.method', input.path('method'))
}
