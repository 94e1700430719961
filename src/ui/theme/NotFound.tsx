'use client'
import { usePathname } from 'next/navigation'
import { useEffect } from 'react'
import { Link } from '../parts/Link'
import { useMaybeOutbox, useSnapshotOf } from '../store/use-outbox'

/** Nothing is at this address, or it is somebody else’s; or it was made on this device and is still on its way. */
export function NotFound() {
  const outbox = useMaybeOutbox()
  const address = `/api${usePathname().split('/').slice(0, 3).join('/')}`
  const isMade = useSnapshotOf(outbox).items.some(one => one.kind === 'whole' && one.makes === address)
  useEffect(() => {
    if (!isMade) return
    return outbox?.listen(({ type }) => {
      const isLeft = outbox.snapshot().items.some(one => one.kind === 'whole' && one.makes === address)
      if (type === 'settled' && !isLeft) location.reload()
    })
  }, [outbox, address, isMade])
  return (
    <main style={{ maxWidth: 640, margin: '60px auto', padding: '0 20px', display: 'grid', gap: 14 }}>
      <h1>{isMade ? 'On its way' : 'Not found'}</h1>
      <p>
        {isMade
          ? 'It was made on this device and is not stored yet. It is shown as soon as it is.'
          : 'There is nothing at this address, or it belongs to another company.'}
      </p>
      <p>
        <Link href="/jobs">To the jobs</Link>
      </p>
    </main>
  )
}
