'use client'
import { unsound } from '@/core/specification/visit'
import type { Photo } from '@/core/survey/photo'
import { isOfDelivery } from '@/core/survey/photo-place'
import type { Question } from '@/core/survey/survey-of'
import { placeName } from '@/words/finding-facts'
import { photoPrompt } from '@/words/visit'
import { Panel, Quiet } from '../parts/controls'
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
  const prompts = unsound(store.records.wishes.visit).map(photoPrompt)
  return (
    <Panel aria-label="Photos">
      <h2>Photos</h2>
      {photos.length === 0 && <Quiet>The door, lock edge, label, glass, threshold, bottom corners.</Quiet>}
      {prompts.length > 0 && <Quiet>Also: {prompts.join('; ')}.</Quiet>}
      <PhotoGrid photos={photos} captionOf={captionOf} />
      <Quiet>{question ? `The next one belongs to: ${question.name}.` : 'The next one belongs to the opening.'}</Quiet>
      <PhotoTaker
        openingId={sheet.opening.id}
        place={question?.question ?? null}
        by={() => reader}
        onTaken={store.showPhoto}
      />
    </Panel>
  )
}

const captionOf = ({ slot }: Photo): string => (slot ? placeName(slot) : 'The opening')
