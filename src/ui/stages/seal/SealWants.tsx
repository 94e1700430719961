'use client'
import { BEDDED } from '@/core/seal/seal-wants'
import { FACTS } from '@/core/survey/facts'
import { FIRE_RULES } from '@/trade/fire-rules'
import { BEDDED_NAMES, PURPOSE_NAMES } from '@/words/seals'
import { Button, Panel, Quiet } from '../../parts/controls'
import { Disclosure } from '../../parts/Disclosure'
import { Tick } from '../../parts/Tick'
import type { StageProps } from '../../sheet/stage-props'
import { Select, Whole } from './fields'

type Props = Pick<StageProps, 'store'>

/** What it is sealed for, the weightiest first, and how well. */
export function SealWants({ store }: Props) {
  const choice = store.records.seal
  const { purposes } = store.work.seal.value
  const others = FACTS['fact.seal-why'].filter(one => !purposes.includes(one))
  const set = (next: typeof choice.purposes) => store.save('seal', { purposes: next })
  return (
    <Panel>
      <h2>Sealed against</h2>
      {purposes.length === 0 && <Quiet>Say what it is sealed against: it decides which seals do.</Quiet>}
      <Order purposes={purposes} onChange={set} />
      {others.length > 0 && (
        <Select
          label="Also against"
          value=""
          options={[['', '…'], ...others.map(one => [one, PURPOSE_NAMES[one]] as const)]}
          onChange={one => one && set([...purposes, one as (typeof others)[number]])}
        />
      )}
      <HowWell store={store} />
    </Panel>
  )
}

type Purposes = StageProps['store']['records']['seal']['purposes']

/** The purposes in their order, each raised or taken away. */
const Order = ({
  purposes,
  onChange: set,
}: {
  readonly purposes: StageProps['store']['work']['seal']['value']['purposes']
  readonly onChange: (next: Purposes) => void
}) => (
  <ol style={{ listStyle: 'decimal', paddingLeft: 22, display: 'grid', gap: 4 }}>
    {purposes.map((one, i) => (
      <li key={one}>
        <span style={{ display: 'flex', gap: 6, alignItems: 'center', justifyContent: 'space-between' }}>
          <strong>{PURPOSE_NAMES[one]}</strong>
          <span style={{ display: 'flex', gap: 6 }}>
            {i > 0 && (
              <Button $plain aria-label={`Weighs more: ${PURPOSE_NAMES[one]}`} onPress={() => set(raised(purposes, i))}>
                ↑
              </Button>
            )}
            <Button
              $plain
              aria-label={`Not against: ${PURPOSE_NAMES[one]}`}
              onPress={() => set(purposes.filter(it => it !== one))}
            >
              ×
            </Button>
          </span>
        </span>
      </li>
    ))}
  </ol>
)

const WANTED = [
  { member: 'draftMost', label: 'Draft at most, m³/h at 50 Pa', least: 0, most: 10_000, empty: 'closes all it can' },
  { member: 'rwLeast', label: 'Sound: Rw at least, dB', least: 5, most: 70, empty: 'none asked' },
  { member: 'leafRw', label: 'The leaf’s own Rw by its sheet, dB', least: 5, most: 70, empty: 'by how it is built' },
] as const

/** How well it is sealed, by which rules, and what was seen done. */
function HowWell({ store }: Props) {
  const choice = store.records.seal
  return (
    <Disclosure title="How well, and by which rules">
      {WANTED.map(({ member, ...field }) => (
        <Whole
          key={member}
          {...field}
          value={choice[member]}
          onChange={value => store.save('seal', { [member]: value })}
        />
      ))}
      <Select
        label="A label’s gaps by"
        value={choice.rules ?? ''}
        options={[['', 'no label'], ...FIRE_RULES.map(one => [one.id, one.name] as const)]}
        onChange={rules => store.save('seal', { rules: rules || null })}
      />
      <Tick isOn={choice.corners} onChange={corners => store.save('seal', { corners })}>
        Pads or plugs in the bottom corners
      </Tick>
      {BEDDED.map(one => (
        <Tick
          key={one}
          isOn={choice.bedded.includes(one)}
          onChange={isOn =>
            store.save('seal', { bedded: isOn ? [...choice.bedded, one] : choice.bedded.filter(it => it !== one) })
          }
        >
          {BEDDED_NAMES[one]}
        </Tick>
      ))}
    </Disclosure>
  )
}

/** One place further up. */
function raised<T>(all: readonly T[], i: number): T[] {
  const next = [...all]
  const [one] = next.splice(i, 1)
  next.splice(i - 1, 0, one!)
  return next
}
