'use client'
import { CloudOff } from 'lucide-react'
import { useOutbox, useSnapshot } from '../store/use-outbox'

/** Says of something that it waits on this device; nothing once the store has it. */
export function KeptMark({ id }: { readonly id: string }) {
  const { items } = useSnapshot(useOutbox())
  if (!items.some(one => one.id === id)) return null
  return (
    <span data-kept={id} style={{ color: 'var(--watch)', whiteSpace: 'nowrap' }}>
      {' '}
      <CloudOff size={16} aria-hidden /> kept on this device
    </span>
  )
}
