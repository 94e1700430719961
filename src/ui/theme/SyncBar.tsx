'use client'
import { Check, CloudOff, LoaderCircle, TriangleAlert } from 'lucide-react'
import { useEffect, useState } from 'react'
import { styled } from 'styled-components'
import { clockWords, lineShort, lineWords } from '@/words/outbox'
import { clockOffset } from '../outbox/clock'
import { type Item, isHeld } from '../outbox/item'
import type { Snapshot } from '../outbox/parts'
import { Button } from '../parts/controls'
import { useOutbox, useSnapshot } from '../store/use-outbox'
import { useWorker } from './worker'

const Bar = styled.aside`
  position: fixed; inset: auto 0 0; z-index: 21; min-height: var(--bar); background: var(--sheet); border-top: 1px solid var(--rule); font-size: 0.9375rem;
  &[data-line='trouble'] { border-top: 2px solid var(--stop); }
  &[data-line='kept'] { border-top: 2px solid var(--watch); }
  .line { display: flex; align-items: center; gap: 8px; min-height: 32px; padding: 2px 16px; color: var(--quiet); }
  .line svg { flex: none; }
  .said { flex: 1; min-width: 0; }
  &[data-line='kept'] .said, &[data-line='trouble'] .said { color: var(--ink); font-weight: 600; }
  .line button { min-height: 32px; padding: 0 10px; font-size: 0.875rem; }
  .line a { font-weight: 600; }
  @media (pointer: coarse) { .line { min-height: 44px; } .line button { min-height: 44px; } }
  .short { display: none; }
  @media (max-width: 43.75em) { .line { padding: 2px 10px; font-size: 0.875rem; } }
  @media (max-width: 37.5em), (max-width: 60em) and (max-height: 30em) {
    body:has(.walk) & .line { min-height: 44px; padding-right: 0; gap: 5px; max-width: calc(100% - 16.25rem); min-width: 0; }
    body:has(.walk) & { .said { position: absolute; opacity: 0; pointer-events: none; } .short { display: block; line-height: 1.1; font-weight: 600; } .line > button:not([aria-expanded]) { display: none; } }
  }
  ul { max-height: 45vh; overflow: auto; border-top: 1px solid var(--rule); padding: 0 16px 8px; }
  li { display: flex; flex-wrap: wrap; gap: 4px 12px; align-items: center; min-height: 44px; border-bottom: 1px solid var(--rule); }
  li .what { flex: 1 1 220px; } li .why { flex: 1 1 100%; color: var(--stop); }
  li .ways { display: flex; gap: 8px; }
`

/** What is stored and what is not, always in sight: it says what waits on this device, lists it, and lets somebody decide on what is not taken. */
export function SyncBar({ isSite }: { readonly isSite: boolean }) {
  const outbox = useOutbox()
  const snapshot = useSnapshot(outbox)
  const [isOpen, setOpen] = useState(false)
  const offset = useClock(snapshot)
  const { isNewer, letIn } = useWorker()
  const { isKnown, items, line, unkept, sending, writing } = snapshot
  const held = items.filter(isHeld).length
  const stands = {
    waiting: items.filter(one => !writing.has(one.id)).length - held,
    held,
    isSending: sending.size > 0,
    line: line.state,
    since: line.since ? hour(line.since) : '',
    unkept: unkept.size,
  }
  const tone = !isKnown
    ? 'looking'
    : held || unkept.size || line.state === 'nobody'
      ? 'trouble'
      : line.state === 'fine'
        ? 'fine'
        : 'kept'
  return (
    <Bar className="unprinted" data-line={tone} data-waits={items.length} aria-label="What is stored">
      {isOpen && items.length > 0 && <Waiting items={items} sending={sending} />}
      <div className="line">
        <Sign tone={tone} isBusy={sending.size > 0} />
        <span className="said" role="status">
          {isKnown ? lineWords(stands) : 'Looking what waits on this device …'}
          {offset !== 0 && ` ${clockWords(offset)}`}
        </span>
        {/* Where the walk through the readings stands in the bar too, two words are all there is room for. */}
        <span className="short" aria-hidden="true">
          {isKnown ? lineShort(stands) : '…'}
        </span>
        {line.state === 'nobody' && <a href="/sign-in">Sign in</a>}
        {isSite && line.state === 'fine' && items.length === 0 && (
          <Button $plain onPress={() => location.reload()}>
            There is signal: fetch it anew
          </Button>
        )}
        {isNewer && (
          <Button $plain onPress={letIn}>
            Newer Harvek: load it
          </Button>
        )}
        {items.length > 0 && line.state !== 'fine' && (
          <Button $plain onPress={() => void outbox.flush()}>
            Send now
          </Button>
        )}
        {items.length > 0 && (
          <Button $plain aria-expanded={isOpen} onPress={() => setOpen(!isOpen)}>
            {isOpen ? 'Close' : 'Look'}
          </Button>
        )}
      </div>
    </Bar>
  )
}

const hour = (at: string): string => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })

/** By how much this device's clock is wrong, as the replies say. */
function useClock(snapshot: Snapshot): number {
  const [offset, setOffset] = useState(0)
  // biome-ignore lint/correctness/useExhaustiveDependencies: every reply says what time it is
  useEffect(() => setOffset(clockOffset()), [snapshot])
  return offset
}

type SignProps = { readonly tone: 'looking' | 'fine' | 'kept' | 'trouble'; readonly isBusy: boolean }

function Sign({ tone, isBusy }: SignProps) {
  if (tone === 'trouble') return <TriangleAlert size={18} color="var(--stop)" aria-hidden />
  if (tone === 'kept') return <CloudOff size={18} color="var(--watch)" aria-hidden />
  return isBusy || tone === 'looking' ? (
    <LoaderCircle size={18} aria-hidden />
  ) : (
    <Check size={18} color="var(--fine)" aria-hidden />
  )
}

type WaitingProps = { readonly items: readonly Item[]; readonly sending: ReadonlySet<string> }

/** Everything that waits, in the order it was done. */
function Waiting({ items, sending }: WaitingProps) {
  const outbox = useOutbox()
  return (
    <ul aria-label="Not stored yet">
      {items.map(one => (
        <li key={one.id}>
          <span className="what">{one.what}</span>
          <span>
            {hour(one.doneAt)} · {stateOf(one, sending)}
          </span>
          {isHeld(one) && (
            <span className="ways">
              {one.refused !== undefined && (
                <Button $plain onPress={() => outbox.tryAgain(one.id)}>
                  Send it again
                </Button>
              )}
              <Button $plain onPress={() => outbox.leaveOut(one.id)}>
                Leave it out
              </Button>
            </span>
          )}
          {one.refused !== undefined && <span className="why">{one.refused}</span>}
        </li>
      ))}
    </ul>
  )
}

function stateOf(item: Item, sending: ReadonlySet<string>): string {
  if (item.refused !== undefined) return 'not taken'
  if (item.kind === 'change' && item.stale) return 'changed by somebody else too: choose on its page'
  return sending.has(item.id) ? 'on its way' : 'kept on this device'
}
