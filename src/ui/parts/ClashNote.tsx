'use client'
import { styled } from 'styled-components'
import type { DisplayStep } from '@/core/units/format-length'
import { memberName } from '@/words/members'
import { momentHere } from '@/words/moments'
import type { Clash } from '../store/edit-box'
import { Button } from './controls'
import { MemberValue } from './MemberValue'

const Note = styled.section`
  border: 2px solid var(--correct); padding: 8px 12px; display: grid; gap: 8px; background: var(--sheet);
  dl { display: grid; grid-template-columns: minmax(120px, 1fr) 1fr 1fr; gap: 4px 12px; }
  dt { color: var(--quiet); }
  .sides { display: flex; flex-wrap: wrap; gap: 6px; }
`

type Props = {
  readonly clash: Clash
  readonly step: DisplayStep
  readonly onChoose: (side: 'mine' | 'theirs') => void
}

/** What two people changed otherwise, both sides by each other, until somebody chooses. */
export function ClashNote({ clash, step, onChoose }: Props) {
  const { mine, current, paths, by, at: when } = clash
  return (
    <Note role="alert" aria-label="Changed twice">
      <p>
        {by ?? 'Somebody else'} changed the same in the meantime
        {when && `, ${momentHere(when)}`}. Nothing is lost: choose which holds.
      </p>
      <dl>
        <dt />
        <dd>Yours</dd>
        <dd>{by ?? 'Theirs'}</dd>
        {paths.flatMap(path => [
          <dt key={`${path} what`}>{memberName(path)}</dt>,
          <dd key={`${path} mine`}>
            <MemberValue path={path} value={at(mine, path)} step={step} />
          </dd>,
          <dd key={`${path} theirs`}>
            <MemberValue path={path} value={at(current.data, path)} step={step} />
          </dd>,
        ])}
      </dl>
      <div className="sides">
        <Button onPress={() => onChoose('mine')}>Keep yours</Button>
        <Button $plain onPress={() => onChoose('theirs')}>
          Take theirs
        </Button>
      </div>
    </Note>
  )
}

/** What stands at a dotted path. */
const at = (value: unknown, path: string): unknown =>
  path === ''
    ? value
    : path.split('.').reduce<unknown>((from, name) => (from as Readonly<Record<string, unknown>> | null)?.[name], value)
