'use client'
import { useState } from 'react'
import { CHAIN_MEMBERS, type ChainMember, sizeChain } from '@/core/specification/size-chain'
import { chainParts } from '@/core/specification/trim-outside'
import { parseSize } from '@/core/units/call-size'
import { isLength, type Length } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { callSizeWords } from '@/words/call-size'
import { issueWords } from '@/words/issues'
import { CHAIN_NAMES } from '@/words/names'
import { Facts, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Labelled } from '../parts/Labelled'
import { Worded } from '../parts/Worded'
import type { WorkedStore } from '../store/worked'

/** From any one width of a door to all the others, by the parts that hold here. A call size names a leaf. */
export default function SizeChainPanel({ store }: { readonly store: WorkedStore }) {
  const [known, setKnown] = useState<ChainMember>('leaf')
  const [text, setText] = useState('')
  const { unit, step } = store.sheet.job
  const called = parseSize(text)
  const typed = called.ok ? null : parseLength(text, { unit })
  const width = called.ok ? called.value.width : typed?.ok ? typed.value.ticks : null
  const chain = width !== null && width > 0 ? chainOf(called.ok ? 'leaf' : known, width, store) : null
  return (
    <>
      <Labelled label="Known">
        <select
          value={known}
          onChange={event => setKnown(CHAIN_MEMBERS.find(one => one === event.currentTarget.value)!)}
        >
          {CHAIN_MEMBERS.map(one => (
            <option key={one} value={one}>
              {CHAIN_NAMES[one]}
            </option>
          ))}
        </select>
      </Labelled>
      <Labelled label="Its width, or a call size such as 3068">
        <input value={text} autoComplete="off" onChange={event => setText(event.currentTarget.value)} />
      </Labelled>
      {text.trim() !== '' && typed && !typed.ok && <Quiet>{issueWords(typed.issues[0]!)}</Quiet>}
      {called.ok && <Quiet>{callSizeWords(called.value.width, called.value.height)}</Quiet>}
      {chain && (
        <Facts>
          {CHAIN_MEMBERS.flatMap(one => [
            <dt key={`${one} name`}>
              <Worded text={CHAIN_NAMES[one]} isLabel />
            </dt>,
            <dd key={one} data-chain={one}>
              <Figure value={chain[one]} step={step} unit />
            </dd>,
          ])}
        </Facts>
      )}
      <Quiet>
        By this opening’s allowances; outside trim and its setback by the chosen unit’s sheet, as usual where it is
        silent.
      </Quiet>
    </>
  )
}

function chainOf(known: ChainMember, width: Length, { work }: WorkedStore) {
  const { lengths } = work.terms
  const sheet = work.order.value.chosen?.unit
  const parts = chainParts(lengths, sheet && 'mouldWidth' in sheet ? sheet : {})
  // A width at the very end of what a length can be has none beyond it.
  const widest = width + 2 * (parts.rebate + parts.stop + parts.setback + parts.mould) + parts.allowance
  return isLength(widest) ? sizeChain(known, width, parts) : null
}
