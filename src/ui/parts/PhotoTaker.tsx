'use client'
import { Camera, Check } from 'lucide-react'
import { FileTrigger } from 'react-aria-components/FileTrigger'
import { styled } from 'styled-components'
import type { Photo } from '@/core/survey/photo'
import type { PhotoPlace } from '@/core/survey/photo-place'
import { usePhotos } from '../store/use-photos'
import { useWaitingPicture } from '../store/use-waiting-picture'
import { Button, Quiet } from './controls'

const Grid = styled.ul`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(96px, 1fr)); gap: 6px;
  a { display: block; color: inherit; text-decoration: none; font-size: 0.8125rem; }
  img { width: 100%; height: 84px; object-fit: cover; border: 1px solid var(--strong-rule); border-radius: 3px; display: block; }
`
const Wanted = styled.ul`
  display: flex; flex-wrap: wrap; gap: 6px; margin: 0 0 6px; padding: 0; list-style: none;
  button { display: inline-flex; align-items: center; gap: 6px; }
  button[data-taken] { color: var(--quiet); }
`
const Said = styled.p`color: var(--stop); font-size: 0.9375rem;`
const TYPES = ['image/jpeg', 'image/png', 'image/webp']

type GridProps = { readonly photos: readonly Photo[]; readonly captionOf: (photo: Photo) => string }

/** Photos, small; each opens large. */
export const PhotoGrid = ({ photos, captionOf }: GridProps) => (
  <Grid>
    {photos.map(one => (
      <li key={one.id} data-photo={one.id}>
        <Picture photo={one} caption={captionOf(one)} />
      </li>
    ))}
  </Grid>
)

type PictureProps = { readonly photo: Photo; readonly caption: string }

/** One photo; while the store does not have it, as it lies on this device. */
function Picture({ photo: { id, takenBy }, caption }: PictureProps) {
  const here = useWaitingPicture(id)
  return (
    <a href={here ?? `/api/photos/${id}/picture`} target="_blank" rel="noreferrer" data-waits={here ? '' : undefined}>
      {/* biome-ignore lint/performance/noImgElement: the small picture is made small already */}
      <img src={here ?? `/api/photos/${id}/small`} alt={`${caption}, by ${takenBy}`} loading="lazy" />
      {caption}
    </a>
  )
}

type TakerProps = {
  readonly openingId: string
  /** What another photo would be of, beside what is wanted. */
  readonly placeName?: string
  /** What a new photo belongs to; `null` for the opening as a whole. */
  readonly place: PhotoPlace | null
  /** What is to be shown, each a button that is ticked once it was. */
  readonly wanted?: readonly { readonly place: PhotoPlace; readonly name: string; readonly taken: number }[]
  readonly by: () => string
}

/** Takes photos or lets some be chosen, and stores each at once. */
export function PhotoTaker({ wanted = [], placeName, ...taking }: TakerProps) {
  const { waiting, isAway, said, take } = usePhotos(taking)
  const choose = (files: FileList | null, of?: PhotoPlace) => void take([...(files ?? [])], of)
  return (
    <>
      {wanted.length > 0 && (
        <Wanted aria-label="To be shown">
          {wanted.map(one => (
            <li key={one.place}>
              <FileTrigger
                acceptedFileTypes={TYPES}
                defaultCamera="environment"
                onSelect={files => choose(files, one.place)}
              >
                <Button $plain data-taken={one.taken > 0 ? '' : undefined}>
                  {one.taken > 0 ? <Check size={16} aria-label="taken" /> : <Camera size={16} aria-hidden />} {one.name}
                </Button>
              </FileTrigger>
            </li>
          ))}
        </Wanted>
      )}
      {placeName && <Quiet>Another one, {placeName}:</Quiet>}
      <div style={{ display: 'flex', gap: 6, flexWrap: 'wrap' }}>
        <FileTrigger acceptedFileTypes={TYPES} defaultCamera="environment" onSelect={files => choose(files)}>
          <Button $plain>Take a photo</Button>
        </FileTrigger>
        <FileTrigger acceptedFileTypes={TYPES} allowsMultiple onSelect={files => choose(files)}>
          <Button $plain>Choose photos</Button>
        </FileTrigger>
      </div>
      <p role="status" style={{ minHeight: 20, fontSize: '0.9375rem' }}>
        {waiting > 0 && (isAway ? `${waiting} kept here until there is signal.` : `${waiting} on the way …`)}
      </p>
      {said && <Said role="alert">{said}</Said>}
    </>
  )
}
