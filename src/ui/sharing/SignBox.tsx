'use client'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import SignaturePad from 'signature_pad'
import { styled } from 'styled-components'
import { SIGNATURE, type Stroke } from '@/core/sharing/share'
import { Button, Panel, Quiet } from '../parts/controls'
import { send } from '../store/send'

const Box = styled.form`
  display: grid; gap: 10px; max-width: 640px;
  label { display: grid; gap: 3px; font-size: 0.9375rem; }
  input[type='text'], textarea { width: 100%; min-height: 44px; padding: 8px 10px; font: inherit; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); color: var(--ink); }
  .pad { border: 1.5px solid var(--strong-rule); border-radius: 4px; background: #FFFFFF; aspect-ratio: 10 / 3; width: 100%; touch-action: none; display: block; }
  .check { display: flex; gap: 10px; align-items: center; min-height: 44px; }
  .check input { width: 22px; height: 22px; }
  .wrong { color: var(--stop); font-size: 0.9375rem; }
  .acts { display: flex; gap: 8px; flex-wrap: wrap; }
`
type Props = {
  readonly token: string
  readonly isHere: boolean
  readonly choice: string | null
  readonly colour: string
  readonly act: string
  /** What is to be done before it can be signed. */
  readonly missing?: string | null
  readonly asksWhy?: boolean
}

/** Name and signature by hand; or the typed name, for whoever can't draw here. */
export function SignBox({ token, isHere, choice, colour, act, missing = null, asksWhy = false }: Props) {
  const [name, setName] = useState('')
  const [reason, setReason] = useState('')
  const [typedStands, setTyped] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const [isGoing, setGoing] = useState(false)
  const { canvas, strokesOf, clear } = usePad()
  const router = useRouter()
  const sign = async () => {
    if (missing !== null || choice === null) return setWrong(missing)
    setGoing(true)
    const body = { name, choice, colour, reason, strokes: strokesOf(), typedStands }
    const answer = await send('POST', `/api/shared/${token}${isHere ? '?here' : ''}`, body)
    setGoing(false)
    if (answer.ok || answer.status === 409) router.refresh()
    setWrong(answer.ok ? null : answer.message)
  }
  return (
    <Panel>
      <h2>Sign</h2>
      <Box
        onSubmit={event => {
          event.preventDefault()
          void sign()
        }}
      >
        {asksWhy && (
          <label>
            Why this one (may stay empty)
            <textarea value={reason} maxLength={500} onChange={event => setReason(event.target.value)} />
          </label>
        )}
        <label>
          Your name
          <input
            type="text"
            value={name}
            maxLength={80}
            autoComplete="name"
            onChange={event => setName(event.target.value)}
          />
        </label>
        <div>
          <canvas ref={canvas} className="pad" aria-label="Sign here" role="img" />
          <Quiet>With a finger, a pen or the mouse.</Quiet>
        </div>
        <label className="check">
          <input type="checkbox" checked={typedStands} onChange={event => setTyped(event.target.checked)} />
          My typed name stands for my signature
        </label>
        {wrong ? (
          <p className="wrong" role="alert">
            {wrong}
          </p>
        ) : (
          missing && <Quiet>{missing}</Quiet>
        )}
        <div className="acts">
          <Button type="submit" isDisabled={isGoing}>
            {act}
          </Button>
          <Button $plain onPress={clear}>
            Draw again
          </Button>
        </div>
      </Box>
    </Panel>
  )
}

const MOST_POINTS = 300

/** A field one draws in; its strokes in thousandths of its width. */
function usePad() {
  const canvas = useRef<HTMLCanvasElement>(null)
  const pad = useRef<SignaturePad | null>(null)
  useEffect(() => {
    const field = canvas.current
    if (!field) return
    const drawn = new SignaturePad(field, { minWidth: 1, maxWidth: 2.5, penColor: '#17242B' })
    pad.current = drawn
    const resized = () => {
      const ratio = Math.max(window.devicePixelRatio, 1)
      const { width, height } = field.getBoundingClientRect()
      const kept = drawn.toData()
      field.width = width * ratio
      field.height = height * ratio
      field.getContext('2d')?.scale(ratio, ratio)
      drawn.fromData(kept)
    }
    resized()
    window.addEventListener('resize', resized)
    return () => {
      window.removeEventListener('resize', resized)
      drawn.off()
    }
  }, [])
  const strokesOf = (): readonly Stroke[] => {
    const width = canvas.current?.getBoundingClientRect().width ?? 1
    const bound = (n: number, most: number) => Math.min(most, Math.max(0, Math.round((n * SIGNATURE.width) / width)))
    return (pad.current?.toData() ?? []).slice(0, 60).map(({ points }) => {
      const every = Math.ceil(points.length / MOST_POINTS)
      return points
        .filter((_, i) => i % every === 0 || i === points.length - 1)
        .map(({ x, y }) => [bound(x, SIGNATURE.width), bound(y, SIGNATURE.height)] as const)
    })
  }
  return { canvas, strokesOf, clear: () => pad.current?.clear() }
}
