'use client'
import { useState } from 'react'
import { Button } from 'react-aria-components/Button'
import { Dialog } from 'react-aria-components/Dialog'
import { Heading } from 'react-aria-components/Heading'
import { Modal, ModalOverlay } from 'react-aria-components/Modal'
import { styled } from 'styled-components'
import { wordScene } from '@/core/drawing/word-scenes'
import { GLOSSARY, wordsIn } from '@/words/glossary'
import { SceneView } from '../parts/SceneView'

const Veil = styled(
  ModalOverlay,
)`position: fixed; inset: 0; background: rgb(0 0 0 / 0.35); display: grid; place-items: center; z-index: 40;`
const Box = styled(Modal)`
  background: var(--sheet); color: var(--ink); border: 2px solid var(--ink); width: min(680px, 100vw); max-height: 100dvh; overflow-y: auto;
  section { outline: none; padding: 16px 20px 20px; display: grid; gap: 12px; }
  .head { display: flex; align-items: center; justify-content: space-between; gap: 12px; }
  .one { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); gap: 16px; align-items: center; }
  .picture { height: 260px; background: var(--paper); }
  .says { font-size: 1.125rem; line-height: 1.4; }
  ul { display: grid; grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr)); gap: 2px 10px; }
  li button { width: 100%; min-height: 44px; text-align: left; border: none; border-bottom: 1px solid var(--rule); background: none; color: var(--blue); cursor: pointer; padding: 0 6px; }
  li button[aria-current='true'] { background: var(--vial-wash); color: var(--ink); font-weight: 650; box-shadow: inset 0 0 0 1.5px var(--ink); }
  .close { min-height: 44px; padding: 0 16px; border: 1.5px solid var(--blue); color: var(--blue); background: none; border-radius: 4px; cursor: pointer; font-weight: 600; }
  @media (max-width: 37.5em) { .one { grid-template-columns: minmax(0, 1fr); } .picture { height: 210px; } }
`
const NOTHING: ReadonlyMap<string, string> = new Map()
const never = () => undefined
const byName = (a: string, b: string): number => GLOSSARY[a]!.name.localeCompare(GLOSSARY[b]!.name)

type Props = { readonly first: string | null; readonly onClose: () => void }

/** The words of the trade: the one that was asked for with its picture, those that stand on the page, and all of them. Loaded when it is first asked for. */
export default function WordDialog({ first, onClose }: Props) {
  const [here] = useState(() => wordsIn(document.querySelector('main')?.textContent ?? '').toSorted(byName))
  const [id, setId] = useState(first ?? here[0] ?? 'margin')
  const others = Object.keys(GLOSSARY)
    .filter(one => !here.includes(one))
    .sort(byName)
  return (
    <Veil isOpen isDismissable onOpenChange={open => !open && onClose()}>
      <Box>
        <Dialog>
          <div className="head">
            <Heading slot="title">{capital(GLOSSARY[id]!.name)}</Heading>
            <Button className="close" onPress={onClose}>
              Close
            </Button>
          </div>
          <Shown id={id} />
          {here.length > 0 && <Listed title="On this page" ids={here} id={id} onPick={setId} />}
          <Listed title={here.length > 0 ? 'All others' : 'All words'} ids={others} id={id} onPick={setId} />
        </Dialog>
      </Box>
    </Veil>
  )
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

function Shown({ id }: { readonly id: string }) {
  const { name, says, picture } = GLOSSARY[id]!
  return (
    <div className="one">
      <div className="picture">
        <SceneView
          scene={wordScene(picture[0])}
          step="1/16"
          title={`Picture: ${name}`}
          selected={picture[1]}
          names={NOTHING}
          onSelect={never}
          textPx={13}
          canCloser={false}
        />
      </div>
      <p className="says" role="status">
        {says}
      </p>
    </div>
  )
}

type ListedProps = {
  readonly title: string
  readonly ids: readonly string[]
  readonly id: string
  readonly onPick: (id: string) => void
}

const Listed = ({ title, ids, id, onPick }: ListedProps) => (
  <div>
    <h3>{title}</h3>
    <ul aria-label={title}>
      {ids.map(one => (
        <li key={one}>
          <button type="button" aria-current={one === id || undefined} onClick={() => onPick(one)}>
            {GLOSSARY[one]!.name}
          </button>
        </li>
      ))}
    </ul>
  </div>
)
