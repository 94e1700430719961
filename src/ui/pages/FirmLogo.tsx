'use client'
import { useState } from 'react'
import { FileTrigger } from 'react-aria-components/FileTrigger'
import { Button, Quiet } from '../parts/controls'
import { send, sendPicture } from '../store/send'

type Kept = { readonly setAt: string | null }

/** The picture at the head of the firm's papers: chosen, seen, taken off. */
export function FirmLogo({ setAt: first }: Kept) {
  const [setAt, setSetAt] = useState(first)
  const [said, setSaid] = useState<string | null>(null)
  const keep = async (sent: Awaited<ReturnType<typeof sendPicture<Kept>>>) => {
    setSaid(sent.ok ? null : sent.message)
    if (sent.ok) setSetAt(sent.value.setAt)
  }
  const choose = (files: FileList | null) => {
    const file = files?.[0]
    if (file) void sendPicture<Kept>('/api/firm/logo', file).then(keep)
  }
  return (
    <div style={{ display: 'grid', gap: 8 }}>
      <h3>Logo</h3>
      {setAt ? (
        <span style={{ background: '#fff', padding: 8, border: '1px solid var(--rule)', justifySelf: 'start' }}>
          {/* biome-ignore lint/performance/noImgElement: drawn small already */}
          <img
            src={`/api/firm/logo?at=${encodeURIComponent(setAt)}`}
            alt="The firm’s logo"
            style={{ display: 'block', maxWidth: 220, maxHeight: 72 }}
          />
        </span>
      ) : (
        <Quiet>None: papers begin with their title.</Quiet>
      )}
      <div style={{ display: 'flex', gap: 6, flexWrap: 'wrap' }}>
        <FileTrigger acceptedFileTypes={['image/jpeg', 'image/png', 'image/webp']} onSelect={choose}>
          <Button $plain>{setAt ? 'Another logo' : 'Choose a logo'}</Button>
        </FileTrigger>
        {setAt && (
          <Button $plain onPress={() => void send<Kept>('DELETE', '/api/firm/logo').then(keep)}>
            Take it off
          </Button>
        )}
      </div>
      {said && (
        <p role="alert" style={{ color: 'var(--stop)' }}>
          {said}
        </p>
      )}
    </div>
  )
}
