'use client'
import { unsound } from '@/core/specification/visit'
import type { Photo } from '@/core/survey/photo'
import { isOfDelivery, type PhotoPlace, viewPlace } from '@/core/survey/photo-place'
import type { Question } from '@/core/survey/survey-of'
import { placeName } from '@/words/finding-facts'
import { PHOTO_VIEW_NAMES, photoPrompt } from '@/words/visit'
import { Panel } from '../parts/controls'
import { PhotoGrid, PhotoTaker } from '../parts/PhotoTaker'
import type { SheetStore } from '../store/use-sheet'

type Props = {
  readonly store: SheetStore
  /** The reading a new photo belongs to; `null` for the opening as a whole. */
  readonly question: { readonly question: Question; readonly name: string } | null
}

/** Photos of the opening and its readings, small; taken or chosen. */
export function Photos({ store, question }: Props) {
  const { sheet, reader } = store
  const photos = sheet.photos.filter(one => !isOfDelivery(one))
  const count = (place: PhotoPlace) => photos.filter(one => one.slot === place).length
  const wanted = [
    ...store.glance.asked.views.map(view => [viewPlace(view), PHOTO_VIEW_NAMES[view]] as const),
    ...unsound(store.records.wishes.visit).map(one => [`condition.${one.place}`, photoPrompt(one)] as const),
  ].map(([place, name]) => ({ place, name, taken: count(place) }))
  return (
    <Panel aria-label="Photos">
      <h2>Photos</h2>
      <PhotoGrid photos={photos} captionOf={captionOf} />
      <PhotoTaker
        openingId={sheet.opening.id}
        place={question?.question ?? null}
        wanted={wanted}
        placeName={question ? `of ${question.name}` : 'of the opening'}
        by={() => reader}
      />
    </Panel>
  )
}

const captionOf = ({ slot }: Photo): string => (slot ? placeName(slot) : 'The opening')
