'use client'
import { ArrowDown, ArrowUp } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import { FAMILIES } from '@/core/base/kinds'
import type { OpeningDetails } from '@/core/survey/job-record'
import type { ListedOpening } from '@/server/job-page'
import { FAMILY_NAMES } from '@/words/kinds'
import { ClashNote } from '../parts/ClashNote'
import { Button, Quiet } from '../parts/controls'
import { send } from '../store/send'
import { useEdit } from '../store/use-edit'
import { Said } from './form'

const List = styled.ul`
  display: grid; gap: 8px;
  li { display: grid; grid-template-columns: auto 76px minmax(140px, 1fr) minmax(150px, 220px) auto; gap: 8px; align-items: center; border-bottom: 1px solid var(--rule); padding-bottom: 8px; }
  input, select { min-height: 44px; min-width: 0; padding: 0 8px; font-size: 1rem; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); color: var(--ink); }
  .moves { display: flex; gap: 4px; }
  .moves button { padding: 0 10px; }
  .ways { display: flex; flex-wrap: wrap; gap: 6px; }
  .kept { grid-column: 1 / -1; order: 9; }
  @media (max-width: 43.75em) { li { grid-template-columns: auto 76px minmax(0, 1fr); } select, .ways { grid-column: 1 / -1; } }
`
type Props = {
  readonly jobId: string
  readonly openings: readonly ListedOpening[]
  readonly nextTag: string
}

/** The openings of a job as a list: called, moved, copied, put away, and made another kind of door. */
export function OpeningList({ jobId, openings, nextTag }: Props) {
  const router = useRouter()
  const [said, setSaid] = useState<string | null>(null)
  const [isBusy, setBusy] = useState(false)
  const act = async (path: string, body: unknown) => {
    setBusy(true)
    const sent = await send('POST', path, body)
    setSaid(sent.ok ? null : sent.message)
    setBusy(false)
    router.refresh()
  }
  const move = (from: number, to: number) => {
    const ids = openings.map(one => one.id)
    ids.splice(to, 0, ...ids.splice(from, 1))
    void act(`/api/jobs/${jobId}/reorder`, { ids })
  }
  return (
    <>
      {said && <Said role="alert">{said}</Said>}
      <List>
        {openings.map((one, i) => (
          <li key={one.id}>
            <Moves
              tag={one.details.tag}
              isFirst={i === 0 || isBusy}
              isLast={i === openings.length - 1 || isBusy}
              onMove={by => move(i, i + by)}
            />
            <OpeningRow one={one} jobId={jobId} onStored={() => router.refresh()} />
            <span className="ways">
              <Button
                $plain
                isDisabled={isBusy}
                aria-label={`Copy ${one.details.tag}`}
                onPress={() => act(`/api/openings/${one.id}/copy`, { id: uuidV7(), tag: nextTag })}
              >
                Copy
              </Button>
              <Button
                $plain
                isDisabled={isBusy}
                aria-label={`Put ${one.details.tag} away`}
                onPress={() => act(`/api/openings/${one.id}/archive`, { archived: true })}
              >
                Put away
              </Button>
            </span>
          </li>
        ))}
      </List>
    </>
  )
}

type MovesProps = {
  readonly tag: string
  readonly isFirst: boolean
  readonly isLast: boolean
  readonly onMove: (by: 1 | -1) => void
}

const Moves = ({ tag, isFirst, isLast, onMove }: MovesProps) => (
  <span className="moves">
    <Button $plain aria-label={`${tag} earlier`} isDisabled={isFirst} onPress={() => onMove(-1)}>
      <ArrowUp size={20} />
    </Button>
    <Button $plain aria-label={`${tag} later`} isDisabled={isLast} onPress={() => onMove(1)}>
      <ArrowDown size={20} />
    </Button>
  </span>
)

type RowProps = { readonly one: ListedOpening; readonly jobId: string; readonly onStored: () => void }

/** What an opening is called and what kind it is. Another kind is asked about first: what stays and what begins anew. */
function OpeningRow({ one, jobId, onStored }: RowProps) {
  const first = { revision: one.revision, data: one.details }
  const {
    data: details,
    save,
    clash,
    choose,
  } = useEdit<OpeningDetails>(
    first,
    {
      path: `/api/openings/${one.id}/details`,
      of: `/api/jobs/${jobId}`,
      what: `${one.details.tag}: what it is called`,
    },
    onStored,
  )
  const [kind, setKind] = useState(details.family)
  const keep = (member: 'tag' | 'name') => (value: string) => {
    const next = value.trim()
    if (next && next !== details[member]) save({ [member]: next })
  }
  return (
    <>
      {clash && (
        <span className="kept">
          <ClashNote clash={clash} step="1/16" onChoose={choose} />
        </span>
      )}
      <input
        aria-label={`Tag of ${details.tag}`}
        key={`tag ${details.tag}`}
        maxLength={12}
        defaultValue={details.tag}
        onBlur={event => keep('tag')(event.currentTarget.value)}
      />
      <input
        aria-label={`${details.tag} is called`}
        key={`name ${details.name}`}
        maxLength={120}
        defaultValue={details.name}
        onBlur={event => keep('name')(event.currentTarget.value)}
      />
      <select
        aria-label={`Kind of ${details.tag}`}
        value={kind}
        onChange={event => setKind(FAMILIES.find(family => family === event.currentTarget.value)!)}
      >
        {FAMILIES.map(family => (
          <option key={family} value={family}>
            {FAMILY_NAMES[family].name}
          </option>
        ))}
      </select>
      {kind !== details.family && (
        <OtherKind
          kind={kind}
          said={one.said}
          onMake={() => save({ family: kind })}
          onLeave={() => setKind(details.family)}
        />
      )}
    </>
  )
}

type OtherKindProps = {
  readonly kind: OpeningDetails['family']
  readonly said: number
  readonly onMake: () => void
  readonly onLeave: () => void
}

/** Asks before an opening is made another kind: what stays and what begins anew. */
const OtherKind = ({ kind, said, onMake, onLeave }: OtherKindProps) => (
  <span className="kept" role="status">
    <Quiet>
      {`As “${FAMILY_NAMES[kind].name}” ${said ? `all ${said} readings and answers stay; those this kind does not ask are kept and not used.` : 'nothing is lost: nothing was read yet.'} The unit that was chosen is chosen anew. Changed back, everything is there again.`}
    </Quiet>
    <span className="ways">
      <Button onPress={onMake}>Make it this kind</Button>
      <Button $plain onPress={onLeave}>
        Leave it
      </Button>
    </span>
  </span>
)
