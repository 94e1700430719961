'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { Place } from '@/core/survey/job-record'
import { Button, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Labelled } from '../parts/Labelled'
import { send } from '../store/send'

const Found = styled.ul`
  display: grid; border-top: 1px solid var(--rule);
  button { min-height: 44px; width: 100%; text-align: left; padding: 4px 8px; font-size: 1rem; background: transparent; border: 0; border-bottom: 1px solid var(--rule); color: var(--blue); cursor: pointer; }
`
const Pair = styled.div`display: grid; grid-template-columns: 1fr 1fr auto; gap: 8px; align-items: end;`

type Props = {
  readonly place: Place | null
  readonly timeZone: string | null
  readonly onChange: (place: Place | null) => void
}

/** Where on earth a job is: a town of the list that ships, or coordinates as typed. Nothing is assumed. */
export function PlaceField({ place, timeZone, onChange }: Props) {
  const [found, setFound] = useState<readonly Place[] | null>(null)
  const look = async (words: string) => {
    if (words.trim().length < 2) return setFound(null)
    const sent = await send<{ places: readonly Place[] }>('GET', `/api/places?q=${encodeURIComponent(words)}`)
    setFound(sent.ok ? sent.value.places : null)
  }
  const take = ({ name, latitudeE6, longitudeE6 }: Place) => {
    setFound(null)
    onChange({ name, latitudeE6, longitudeE6 })
  }
  return (
    <div style={{ display: 'grid', gap: 6 }}>
      <Quiet>
        {place
          ? `${place.name || 'By coordinates'}: ${degrees(place)}${timeZone ? `, clock of ${timeZone.replaceAll('_', ' ')}` : ''}`
          : 'Place on earth not said: when it gets dark there is not known.'}
      </Quiet>
      <Labelled label="Nearest town">
        <input maxLength={80} autoComplete="off" onChange={event => void look(event.currentTarget.value)} />
      </Labelled>
      {found && (
        <Found>
          {found.length === 0 && <li>No such town in the list. Type its coordinates below.</li>}
          {found.map(one => (
            <li key={`${one.name} ${one.latitudeE6}`}>
              <button type="button" onClick={() => take(one)}>
                {one.name}
              </button>
            </li>
          ))}
        </Found>
      )}
      <Disclosure title="By coordinates">
        <Coordinates place={place} onTake={take} />
      </Disclosure>
      {place && (
        <div>
          <Button $plain onPress={() => onChange(null)}>
            Forget the place
          </Button>
        </div>
      )}
    </div>
  )
}

function Coordinates({ place, onTake }: { readonly place: Place | null; readonly onTake: (place: Place) => void }) {
  const [north, setNorth] = useState(place ? String(place.latitudeE6 / 1e6) : '')
  const [east, setEast] = useState(place ? String(place.longitudeE6 / 1e6) : '')
  const [latitude, longitude] = [numberIn(north, 90), numberIn(east, 180)]
  const isRead = latitude !== null && longitude !== null
  return (
    <>
      <Pair>
        <Labelled label="Degrees north">
          <input value={north} inputMode="decimal" onChange={event => setNorth(event.currentTarget.value)} />
        </Labelled>
        <Labelled label="Degrees east">
          <input value={east} inputMode="decimal" onChange={event => setEast(event.currentTarget.value)} />
        </Labelled>
        <Button
          $plain
          isDisabled={!isRead}
          onPress={() => isRead && onTake({ name: '', latitudeE6: latitude, longitudeE6: longitude })}
        >
          Take them
        </Button>
      </Pair>
      {(north || east) && !isRead && (
        <Quiet>Degrees as a decimal, north within 90, east within 180; a minus is south or west.</Quiet>
      )}
    </>
  )
}

/** Millionths of a degree, where a figure within the limit was typed. */
function numberIn(text: string, most: number): number | null {
  const plain = text.trim().replace(',', '.')
  if (!/^-?\d+(\.\d+)?$/.test(plain) || Math.abs(Number(plain)) > most) return null
  return Math.round(Number(plain) * 1e6)
}

const degrees = ({ latitudeE6, longitudeE6 }: Place): string =>
  `${Math.abs(latitudeE6 / 1e6).toFixed(3)}° ${latitudeE6 < 0 ? 'S' : 'N'}, ${Math.abs(longitudeE6 / 1e6).toFixed(3)}° ${longitudeE6 < 0 ? 'W' : 'E'}`
