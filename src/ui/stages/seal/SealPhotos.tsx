'use client'
import { edgePlace, proofPhotos } from '@/core/seal/proof-photos'
import { sideName } from '@/words/names'
import { Panel, Quiet } from '../../parts/controls'
import { PhotoGrid, PhotoTaker } from '../../parts/PhotoTaker'
import type { StageProps } from '../../sheet/stage-props'

/** Photos of the edges, before and after they were sealed, side by side; they go into the record. */
export default function SealPhotos({ store }: Pick<StageProps, 'store'>) {
  const { edges, fitted } = store.work.seal.value
  const { photos, opening } = store.sheet
  const pairs = proofPhotos(edges, photos, fitted)
  const shown = pairs.flatMap(({ edge, before, after }) => [
    ...(before ? [{ photo: before, caption: `${sideName(edge)}, before` }] : []),
    ...(after ? [{ photo: after, caption: `${sideName(edge)}, sealed` }] : []),
  ])
  const captions = new Map(shown.map(one => [one.photo.id, one.caption]))
  const wanted = edges.map(({ id }) => ({
    place: edgePlace(id),
    name: sideName(id),
    taken: photos.filter(one => one.slot === edgePlace(id)).length,
  }))
  return (
    <Panel>
      <h2>Photos, before and sealed</h2>
      {shown.length === 0 && <Quiet>One of each edge before, one once it is sealed: they stand in the record.</Quiet>}
      <PhotoGrid photos={shown.map(one => one.photo)} captionOf={({ id }) => captions.get(id)!} />
      <PhotoTaker
        openingId={opening.id}
        place={edgePlace('door')}
        wanted={wanted}
        placeName="of the closed door"
        by={() => store.reader}
      />
    </Panel>
  )
}
