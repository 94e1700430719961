import tzLookup from '@photostructure/tz-lookup'
import { findFromCityStateProvince } from 'city-timezones'
import type { Place } from '@/core/survey/job-record'

/** A town of the list that ships, with its clock. */
export type KnownPlace = Place & { readonly timeZone: string }

const MOST = 12

/** Towns in whose name, province or country every word stands, the largest first. */
export function searchPlaces(words: string): readonly KnownPlace[] {
  if (words.trim().length < 2) return []
  return [...findFromCityStateProvince(words.trim().slice(0, 80))]
    .sort((a, b) => b.pop - a.pop)
    .slice(0, MOST)
    .map(({ city, province, country, lat, lng, timezone }) => ({
      name: [...new Set([city, province, country].filter(Boolean))].join(', ').slice(0, 120),
      latitudeE6: Math.round(lat * 1e6),
      longitudeE6: Math.round(lng * 1e6),
      timeZone: timezone,
    }))
}

/** The clock at a place on earth, IANA. */
export const zoneAt = ({ latitudeE6, longitudeE6 }: Pick<Place, 'latitudeE6' | 'longitudeE6'>): string =>
  tzLookup(latitudeE6 / 1e6, longitudeE6 / 1e6)
