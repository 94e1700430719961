'use client'
import { useState } from 'react'
import type { CutDone as Done } from '@/server/cut-strips'
import { cutWords } from '@/words/seals'
import { Button } from '../parts/controls'
import { send } from '../store/send'

/** The cut list is carried out: its pieces are off it, and what is left over is in the van. It is asked once more: all of it at once can't be
 *  taken back. */
export function CutDone({ jobId }: { readonly jobId: string }) {
  const [said, setSaid] = useState<string | null>(null)
  const [isAsked, setAsked] = useState(false)
  const [isBusy, setBusy] = useState(false)
  const done = async () => {
    if (!isAsked) return setAsked(true)
    setBusy(true)
    const sent = await send<Done>('POST', `/api/jobs/${jobId}/cuts`)
    setBusy(false)
    setAsked(false)
    setSaid(sent.ok ? cutWords(sent.value) : sent.message)
  }
  return (
    <>
      <Button $plain isDisabled={isBusy} onPress={() => void done()}>
        {isAsked ? 'Yes, every piece is cut' : 'It is all cut: off-cuts into the van'}
      </Button>
      {isAsked && (
        <Button $plain onPress={() => setAsked(false)}>
          Not yet
        </Button>
      )}
      {said && (
        <span role="status" style={{ flexBasis: '100%' }}>
          {said}
        </span>
      )}
    </>
  )
}
