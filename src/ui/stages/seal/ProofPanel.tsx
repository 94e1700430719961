'use client'
import type { Proof } from '@/core/seal/proof'
import { formatRead } from '@/core/units/format-length'
import { sideName } from '@/words/names'
import { Facts, Panel, Quiet } from '../../parts/controls'
import { useDecimal } from '../../parts/Money'
import type { StageProps } from '../../sheet/stage-props'

/** The same places before and after, side by side. */
export function ProofPanel({ store, proof }: Pick<StageProps, 'store'> & { readonly proof: Proof }) {
  const decimal = useDecimal()
  const { step } = store.sheet.job
  const { sound } = store.work.seal.value
  return (
    <Panel>
      <h2>Proof</h2>
      <Facts>
        {proof.edges.flatMap(one => [
          <dt key={one.edge.id}>{sideName(one.edge.id)}</dt>,
          <dd key={`${one.edge.id}.proof`} data-proof={one.edge.id}>
            {formatRead(one.before, step)} → {formatRead(one.after, step)}; {decimal(one.flowBefore50, 1)} →{' '}
            <strong>{decimal(one.flowAfter50, 1)} m³/h</strong>
          </dd>,
        ])}
        <dt>Heat a year, as read</dt>
        <dd>
          {decimal(proof.kwhBefore, 0)} → {decimal(proof.kwhAfter, 0)} kWh
        </dd>
        {sound && (
          <>
            <dt>Sound</dt>
            <dd>
              ≈ {sound.open.rw} → {sound.sealed.rw} dB
            </dd>
          </>
        )}
      </Facts>
      <Quiet>
        {proof.isWhole ? 'Every sealed edge was read again.' : 'Not every sealed edge was read again yet.'} Mean gap,
        and air at 50 Pa.
      </Quiet>
    </Panel>
  )
}
