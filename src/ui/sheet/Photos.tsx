'use client'
import { useState } from 'react'
import { FileTrigger } from 'react-aria-components'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { Question } from '@/core/survey/families'
import type { Photo } from '@/core/survey/photo'
import { placeName } from '@/words/findings'
import { Button, Panel, Quiet } from '../parts/controls'
import type { SheetStore } from './use-sheet'

const Grid = styled.ul`
  display: grid; grid-template-columns: repeat(3, 1fr); gap: 6px;
  a { display: block; color: inherit; text-decoration: none; font-size: 13px; }
  img { width: 100%; height: 84px; object-fit: cover; border: 1px solid var(--strong-rule); border-radius: 3px; display: block; }
`
const Said = styled.p`color: var(--stop); font-size: 15px;`

const MOST_BYTES = 20 * 1024 * 1024

type Props = {
  readonly store: SheetStore
  /** The reading a new photo belongs to; `null` for the opening as a whole. */
  readonly question: { readonly question: Question; readonly name: string } | null
}

/** Photos of the opening and its readings, small; taken or chosen. */
export function Photos({ store, question }: Props) {
  const { sheet, reader } = store
  const [said, setSaid] = useState<string | null>(null)
  const [busy, setBusy] = useState(0)
  const takeOne = async (file: File): Promise<string | null> => {
    if (file.size > MOST_BYTES) return `${file.name} is larger than 20 MB; nothing was stored.`
    const query = new URLSearchParams({
      id: uuidV7(),
      slot: question?.question ?? '',
      by: reader,
      at: new Date().toISOString(),
    })
    const answer = await fetch(`/api/openings/${sheet.opening.id}/photos?${query}`, {
      method: 'POST',
      body: file,
    }).catch(() => null)
    const body = await answer?.json().catch(() => null)
    if (!answer?.ok) return `${file.name}: ${body?.message ?? 'not stored, the server does not answer. Try again.'}`
    store.showPhoto(body.photo as Photo)
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
  const types = ['image/jpeg', 'image/png', 'image/webp']
  return (
    <Panel aria-label="Photos">
      <h2>Photos</h2>
      {sheet.photos.length === 0 && <Quiet>The door, lock edge, label, glass, threshold, bottom corners.</Quiet>}
      <Grid>
        {sheet.photos.map(one => (
          <li key={one.id} data-photo={one.id}>
            <a href={`/api/photos/${one.id}/picture`} target="_blank" rel="noreferrer">
              {/* biome-ignore lint/performance/noImgElement: the small picture is made small already */}
              <img src={`/api/photos/${one.id}/small`} alt={`${captionOf(one)}, by ${one.takenBy}`} loading="lazy" />
              {captionOf(one)}
            </a>
          </li>
        ))}
      </Grid>
      <Quiet>{question ? `The next one belongs to: ${question.name}.` : 'The next one belongs to the opening.'}</Quiet>
      <div style={{ display: 'flex', gap: 6, flexWrap: 'wrap' }}>
        <FileTrigger acceptedFileTypes={types} defaultCamera="environment" onSelect={take}>
          <Button $plain>Take a photo</Button>
        </FileTrigger>
        <FileTrigger acceptedFileTypes={types} allowsMultiple onSelect={take}>
          <Button $plain>Choose photos</Button>
        </FileTrigger>
      </div>
      <p role="status" style={{ minHeight: 20, fontSize: 15 }}>
        {busy > 0 ? `${busy} on the way …` : ''}
      </p>
      {said && <Said role="alert">{said}</Said>}
    </Panel>
  )
}

const captionOf = ({ slot }: Photo): string => (slot ? placeName(slot) : 'The opening')
