'use client'
import { useCallback, useEffect, useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { ShareKind, ShareLine } from '@/core/sharing/share'
import { dayShort } from '@/words/moments'
import { SHARE_NAMES, shareWords } from '@/words/sharing'
import { Button, ButtonLink, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { toClipboard } from '../parts/to-clipboard'
import { useMay } from '../store/rights'
import { send } from '../store/send'

const Box = styled.div`
  display: grid; gap: 10px; grid-template-columns: minmax(0, 1fr); overflow-wrap: anywhere;
  textarea, input { width: 100%; min-height: 44px; padding: 8px 10px; font: inherit; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); color: var(--ink); }
  label { display: grid; gap: 3px; font-size: 0.9375rem; }
  .acts { display: flex; gap: 8px; flex-wrap: wrap; align-items: center; }
  li { display: grid; gap: 4px; border-top: 1px solid var(--rule); padding: 8px 0; }
  .wrong { color: var(--stop); font-size: 0.9375rem; }
`
type Props = {
  readonly openingId: string
  readonly kind: ShareKind
  /** The units that stand side by side. */
  readonly units: readonly string[]
  readonly customerEmail: string
  /** Why it can't be shown yet; `null` where it can. */
  readonly missing: string | null
}
type Made = { readonly path: string; readonly expiresAt: string; readonly mailedTo: string | null }

/** Shows the customer what there is to choose, or the record, by a link of their own; and how those stand that were made. */
export function SharePanel({ openingId, kind, units, customerEmail, missing }: Props) {
  const { shares, load, isAway } = useShares(openingId)
  const [note, setNote] = useState('')
  const [made, setMade] = useState<Made | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const [isGoing, setGoing] = useState(false)
  const may = useMay(kind === 'record' ? 'vouch' : 'settle')
  const make = async (mails: boolean) => {
    setGoing(true)
    const body = { id: uuidV7(), kind, units: kind === 'offer' ? units : [], note, mails }
    const answer = await send<Made>('POST', `/api/openings/${openingId}/shares`, body)
    setGoing(false)
    setWrong(answer.ok ? null : answer.message)
    if (answer.ok) {
      setMade(answer.value)
      void load()
    }
  }
  const end = async (id: string) => {
    const answer = await send('DELETE', `/api/shares/${id}`)
    setWrong(answer.ok ? null : answer.message)
    void load()
  }
  const own = shares.filter(one => one.kind === kind)
  return (
    <Disclosure
      title={kind === 'offer' ? 'Let the customer choose and sign' : 'Let the customer read and sign'}
      onOpen={() => void load()}
    >
      <Box>
        {kind === 'offer' && (
          <>
            <Quiet>
              The {units.length} that stand side by side, drawn in this opening, with what each costs in all.
            </Quiet>
            <label>
              What to say besides
              <textarea value={note} maxLength={2000} onChange={event => setNote(event.target.value)} />
            </label>
          </>
        )}
        {missing && <Quiet>{missing}</Quiet>}
        <div className="acts">
          <Button isDisabled={!may || isGoing || missing !== null} onPress={() => void make(false)}>
            Make a link
          </Button>
          <Button
            $plain
            isDisabled={!may || isGoing || missing !== null || customerEmail === ''}
            onPress={() => void make(true)}
          >
            {customerEmail === '' ? 'Mail it (no address yet)' : `Mail it to ${customerEmail}`}
          </Button>
        </div>
        {made && <MadeLink made={made} />}
        {wrong && (
          <p className="wrong" role="alert">
            {wrong}
          </p>
        )}
        {isAway && <Quiet>Without signal nothing can be shown by a link, nor seen of those that were made.</Quiet>}
        <ul aria-label="Shown so far">
          {own.map(one => (
            <ShareItem key={one.id} one={one} mayEnd={may} onEnd={() => void end(one.id)} />
          ))}
        </ul>
      </Box>
    </Disclosure>
  )
}

/** A link that was just made: said this once. */
function MadeLink({ made }: { readonly made: Made }) {
  const address = `${window.location.origin}${made.path}`
  const [said, setSaid] = useState('')
  const copy = async () => {
    const done = await toClipboard(address)
    setSaid(done ? 'Copied.' : 'Select it and copy it by hand.')
  }
  return (
    <>
      <label>
        {made.mailedTo ? `On its way to ${made.mailedTo}. The link is` : 'The link is'} said only now; it opens until{' '}
        {dayShort(made.expiresAt.slice(0, 10))}
        <input readOnly value={address} data-link onFocus={event => event.currentTarget.select()} />
      </label>
      <div className="acts">
        <Button $plain onPress={() => void copy()}>
          Copy
        </Button>
        <ButtonLink href={`${made.path}?here`} target="_blank">
          Sign here, on this device
        </ButtonLink>
        <span role="status">{said}</span>
      </div>
    </>
  )
}

type ItemProps = { readonly one: ShareLine; readonly mayEnd: boolean; readonly onEnd: () => void }

function ShareItem({ one, mayEnd, onEnd }: ItemProps) {
  const now = new Date().toISOString()
  const isOpen = one.endedAt === null && one.expiresAt > now
  return (
    <li data-share={one.id} data-open={isOpen}>
      <span>
        {SHARE_NAMES[one.kind]} of {dayShort(one.at.slice(0, 10))}, {one.by}: <strong>{shareWords(one, now)}</strong>
      </span>
      <span className="acts">
        <ButtonLink href={`/api/shares/${one.id}/paper.pdf`} target="_blank">
          PDF
        </ButtonLink>
        {isOpen && (
          <Button $plain isDisabled={!mayEnd} onPress={onEnd}>
            End its link
          </Button>
        )}
      </span>
    </li>
  )
}

/** What was shown of an opening; asked for when it is opened, and when one comes back to the page. */
function useShares(openingId: string) {
  const [shares, setShares] = useState<readonly ShareLine[]>([])
  const [isAway, setAway] = useState(false)
  const load = useCallback(async () => {
    const answer = await send<{ shares: readonly ShareLine[] }>('GET', `/api/openings/${openingId}/shares`)
    setAway(!answer.ok)
    if (answer.ok) setShares(answer.value.shares)
  }, [openingId])
  useEffect(() => {
    const look = () => void load()
    window.addEventListener('focus', look)
    return () => window.removeEventListener('focus', look)
  }, [load])
  return { shares, load, isAway }
}
