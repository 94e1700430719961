'use client'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import { type EdgeWay, together } from '@/core/seal/edge-ways'
import type { SealPlan } from '@/core/seal/plan-seals'
import { leafPart, withJoints } from '@/core/seal/sound-through'
import { sideName } from '@/words/names'
import { Button, Facts, Panel, Quiet } from '../../parts/controls'
import { Disclosure } from '../../parts/Disclosure'
import { Money, useDecimal } from '../../parts/Money'
import type { StageProps } from '../../sheet/stage-props'
import { useHeavy } from '../../worker/use-heavy'

const Dots = dynamic(() => import('../../parts/PlansChart'), {
  ssr: false,
  loading: () => <div style={{ height: 210 }} />,
})

type Props = Pick<StageProps, 'store'> & { readonly plan: SealPlan }

/** Every plan that none beats in cost, draft, sound and push, as a chart one walks along. */
export function PlansPanel({ store, plan }: Props) {
  const [isOpen, setOpen] = useState(false)
  return (
    <Panel>
      <Disclosure title="Other plans: cost against draft" onOpen={() => setOpen(true)}>
        {isOpen && <Front store={store} plan={plan} />}
      </Disclosure>
    </Panel>
  )
}

function Front({ store, plan }: Props) {
  const loads = useMemo(() => plan.edges.map(one => one.free.map(way => way.load)), [plan])
  const front = useHeavy('plans', loads)
  const [at, setAt] = useState<number | null>(null)
  const decimal = useDecimal()
  const rate = useRating(store, plan)
  if (front.failed) return <p role="alert">The plans could not be worked out: {front.failed}. Open this again.</p>
  if (!front.value) return <Quiet>Weighing all combinations …</Quiet>
  const plans = front.value.map(one => one.ways.map((way, i) => plan.edges[i]!.free[way]!))
  const weights = plans.map(together)
  const now = plan.edges.map(one => one.chosen.map(it => it.seal.id).join()).join('|')
  const chosen = plans.findIndex(ways => ways.map(way => idsOf(way).join()).join('|') === now)
  const shown = at ?? Math.max(0, chosen)
  const at0 = Math.min(shown, plans.length - 1)
  const [ways, weighs] = [plans[at0], weights[at0]]
  if (!ways || !weighs) return <Quiet>There is nothing to choose between.</Quiet>
  const take = () =>
    store.save('seal', { edges: Object.fromEntries(ways.map((way, i) => [plan.edges[i]!.edge.id, idsOf(way)])) })
  return (
    <>
      <Dots points={weights.map(one => ({ cost: one[0] / 100, draft: one[1] }))} shown={shown} chosen={chosen} />
      <Quiet data-plans={plans.length}>
        {plans.length === 1 ? 'One plan' : `${plans.length} plans`} that no other beats in cost, draft, sound and push.
      </Quiet>
      <label style={{ display: 'grid', gap: 4, fontSize: '0.9375rem' }}>
        Walk along, the cheapest first
        <input
          type="range"
          min={0}
          max={plans.length - 1}
          value={shown}
          onChange={event => setAt(Number(event.target.value))}
          style={{ minHeight: 44, width: '100%' }}
        />
      </label>
      <Facts>
        <dt>A year</dt>
        <dd style={{ fontSize: '1.375rem', fontWeight: 650 }}>
          <Money cents={Math.round(weighs[0])} />
        </dd>
        <dt>Draft at 4 Pa</dt>
        <dd>{decimal(weighs[1], 1)} m³/h</dd>
        <dt>Sound</dt>
        <dd>{rate ? `≈ Rw ${rate(weighs[2])} dB` : 'say how the leaf is built'}</dd>
        <dt>Push</dt>
        <dd>
          {decimal(weighs[3], 0)} of {plan.latchLimitN} N
        </dd>
      </Facts>
      <ul style={{ fontSize: '0.9375rem' }}>
        {ways.map((way, i) => (
          <li key={plan.edges[i]!.edge.id}>
            {sideName(plan.edges[i]!.edge.id)}: {way.put.map(one => one.seal.name).join(' and ') || 'nothing'}
          </li>
        ))}
      </ul>
      <Button onPress={take}>Take this plan</Button>
    </>
  )
}

const idsOf = (way: EdgeWay): string[] => way.put.map(one => one.seal.id)

/** What a door rates by what its joints let through; `null` while nobody said how its leaf is built. */
function useRating(store: Props['store'], { joints }: SealPlan) {
  const { sound } = store.work.seal.value
  const leaf = store.work.seal.value.size
  return useMemo(() => {
    if (!sound || !leaf) return null
    const part = leafPart(leaf, sound.leaf.rw)
    return (throughM2: number) => withJoints(part, { areaM2: joints.open.areaM2, throughM2 }).rw
  }, [sound, leaf, joints])
}
