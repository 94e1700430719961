'use client'
import { useState } from 'react'
import { FileTrigger } from 'react-aria-components'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { Photo } from '@/core/survey/photo'
import type { PhotoPlace } from '@/core/survey/photo-place'
import { Button } from './controls'

const Grid = styled.ul`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(96px, 1fr)); gap: 6px;
  a { display: block; color: inherit; text-decoration: none; font-size: 13px; }
  img { width: 100%; height: 84px; object-fit: cover; border: 1px solid var(--strong-rule); border-radius: 3px; display: block; }
`
const Said = styled.p`color: var(--stop); font-size: 15px;`
const MOST_BYTES = 20 * 1024 * 1024
const TYPES = ['image/jpeg', 'image/png', 'image/webp']

type GridProps = { readonly photos: readonly Photo[]; readonly captionOf: (photo: Photo) => string }

/** Photos, small; each opens large. */
export const PhotoGrid = ({ photos, captionOf }: GridProps) => (
  <Grid>
    {photos.map(one => (
      <li key={one.id} data-photo={one.id}>
        <a href={`/api/photos/${one.id}/picture`} target="_blank" rel="noreferrer">
          {/* biome-ignore lint/performance/noImgElement: the small picture is made small already */}
          <img src={`/api/photos/${one.id}/small`} alt={`${captionOf(one)}, by ${one.takenBy}`} loading="lazy" />
          {captionOf(one)}
        </a>
      </li>
    ))}
  </Grid>
)

type TakerProps = {
  readonly openingId: string
  /** What a new photo belongs to; `null` for the opening as a whole. */
  readonly place: PhotoPlace | null
  readonly by: () => string
  readonly onTaken: (photo: Photo) => void
}

/** Takes photos or lets some be chosen, and stores each at once. */
export function PhotoTaker({ openingId, place, by, onTaken }: TakerProps) {
  const [said, setSaid] = useState<string | null>(null)
  const [busy, setBusy] = useState(0)
  const takeOne = async (file: File): Promise<string | null> => {
    if (file.size > MOST_BYTES) return `${file.name} is larger than 20 MB; nothing was stored.`
    const query = new URLSearchParams({ id: uuidV7(), slot: place ?? '', by: by(), at: new Date().toISOString() })
    const answer = await fetch(`/api/openings/${openingId}/photos?${query}`, { method: 'POST', body: file }).catch(
      () => null,
    )
    const body = await answer?.json().catch(() => null)
    if (!answer?.ok) return `${file.name}: ${body?.message ?? 'not stored, the server does not answer. Try again.'}`
    onTaken(body.photo as Photo)
    return null
  }
  const take = async (files: FileList | null) => {
    const all = [...(files ?? [])]
    setSaid(null)
    setBusy(all.length)
    for (const file of all) {
      const refused = await takeOne(file)
      if (refused) setSaid(refused)
      setBusy(left => left - 1)
    }
  }
  return (
    <>
      <div style={{ display: 'flex', gap: 6, flexWrap: 'wrap' }}>
        <FileTrigger acceptedFileTypes={TYPES} defaultCamera="environment" onSelect={take}>
          <Button $plain>Take a photo</Button>
        </FileTrigger>
        <FileTrigger acceptedFileTypes={TYPES} allowsMultiple onSelect={take}>
          <Button $plain>Choose photos</Button>
        </FileTrigger>
      </div>
      <p role="status" style={{ minHeight: 20, fontSize: 15 }}>
        {busy > 0 ? `${busy} on the way …` : ''}
      </p>
      {said && <Said role="alert">{said}</Said>}
    </>
  )
}
