'use client'
import { useState } from 'react'
import type { CutBack, CutDone as Done } from '@/server/cut-strips'
import { cutBackWords, cutWords } from '@/words/seals'
import { Button } from '../parts/controls'
import { send } from '../store/send'

/** The cut list is carried out: its pieces are off it, and what is left over is in the van. It is asked once more, and can be taken back as a whole
 *  as long as the page stands. */
export function CutDone({ jobId }: { readonly jobId: string }) {
  const [said, setSaid] = useState<string | null>(null)
  const [isAsked, setAsked] = useState(false)
  const [isBusy, setBusy] = useState(false)
  const [undo, setUndo] = useState<Done['undo'] | null>(null)
  const asking = async (ask: () => Promise<string>) => {
    setBusy(true)
    setSaid(await ask())
    setBusy(false)
    setAsked(false)
  }
  const done = () =>
    asking(async () => {
      const sent = await send<Done>('POST', `/api/jobs/${jobId}/cuts`)
      if (sent.ok && sent.value.seals > 0) setUndo(sent.value.undo)
      return sent.ok ? cutWords(sent.value) : sent.message
    })
  const takeBack = () =>
    asking(async () => {
      const sent = await send<CutBack>('DELETE', `/api/jobs/${jobId}/cuts`, undo)
      if (sent.ok) setUndo(null)
      return sent.ok ? cutBackWords(sent.value) : sent.message
    })
  return (
    <>
      <Button $plain isDisabled={isBusy} onPress={() => (isAsked ? void done() : setAsked(true))}>
        {isAsked ? 'Yes, every piece is cut' : 'It is all cut: off-cuts into the van'}
      </Button>
      {isAsked && (
        <Button $plain onPress={() => setAsked(false)}>
          Not yet
        </Button>
      )}
      {undo && !isAsked && (
        <Button $plain isDisabled={isBusy} onPress={() => void takeBack()}>
          Take it back
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
