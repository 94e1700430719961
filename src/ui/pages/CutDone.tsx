'use client'
import { useState } from 'react'
import { cutWords } from '@/words/seals'
import { Button } from '../parts/controls'
import { send } from '../store/send'

type Done = { readonly seals: number; readonly kept: number; readonly used: number }

/** The cut list is carried out: its pieces are off it, and what is left over is in the van. */
export function CutDone({ jobId }: { readonly jobId: string }) {
  const [said, setSaid] = useState<string | null>(null)
  const [isBusy, setBusy] = useState(false)
  const done = async () => {
    setBusy(true)
    const sent = await send<Done>('POST', `/api/jobs/${jobId}/cuts`)
    setBusy(false)
    setSaid(sent.ok ? cutWords(sent.value) : sent.message)
  }
  return (
    <>
      <Button $plain isDisabled={isBusy} onPress={() => void done()}>
        It is all cut: off-cuts into the van
      </Button>
      {said && <span role="status">{said}</span>}
    </>
  )
}
