import { path, type Scene } from '@/core/drawing/scene'
import { point } from '@/core/geometry/point'
import { KEEP, type Shown, SIGNATURE, type Signed } from '@/core/sharing/share'
import { inches } from '@/core/units/length'
import type { Block } from './paper'

/** One thousandth of a signature's width, in ticks: it is drawn three inches wide. */
const THOUSANDTH = inches(3) / SIGNATURE.width

/** A signature as a drawing of its strokes. */
export const signatureScene = ({ strokes }: Pick<Signed, 'strokes'>): Scene => ({
  name: 'signature',
  marks: strokes.map((stroke, i) =>
    path(
      'leaf',
      `stroke.${i}`,
      stroke.map(([x, y]) => point(Math.round(x * THOUSANDTH), Math.round((SIGNATURE.height - y) * THOUSANDTH))),
      false,
    ),
  ),
  from: point(0, 0),
  to: point(Math.round(SIGNATURE.width * THOUSANDTH), Math.round(SIGNATURE.height * THOUSANDTH)),
})

/** What was signed, by whom, when and beside whom; an empty line where it is not signed yet. */
export function signatureBlocks(shown: Shown, signed: Signed | null): readonly Block[] {
  if (!signed)
    return [
      { kind: 'heading', text: 'Signature' },
      { kind: 'text', text: 'Not signed yet.' },
    ]
  const { name, at, witness, reason, strokes } = signed
  const rows: (readonly [string, string])[] = [
    ...chosenRows(shown, signed),
    ...(reason ? [['Why', reason] as const] : []),
    ['Signed by', name],
    ['On', `${at.slice(0, 16).replace('T', ' ')} UTC${witness ? `, beside ${witness}` : ', by the link'}`],
  ]
  const drawn: readonly Block[] = strokes.some(one => one.length > 1)
    ? [{ kind: 'drawing', scene: signatureScene(signed), heightMm: 18, caption: name }]
    : [{ kind: 'text', text: `The typed name stands for the signature: ${name}.` }]
  return [{ kind: 'heading', text: 'Signature' }, { kind: 'facts', rows }, ...drawn]
}

function chosenRows(shown: Shown, { choice, colour }: Signed): readonly (readonly [string, string])[] {
  if (shown.kind === 'record') return []
  if (choice === KEEP) return [['Chosen', 'The old door is kept and repaired']]
  const chosen = shown.choices.find(one => one.id === choice)
  return [
    ['Chosen', chosen ? `${chosen.article} ${chosen.name}` : choice],
    ...(colour ? [['Colour', colour] as const] : []),
  ]
}
