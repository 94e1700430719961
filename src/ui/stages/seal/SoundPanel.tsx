'use client'
import dynamic from 'next/dynamic'
import { BANDS_HZ } from '@/core/physics/sound'
import type { ClosedSize } from '@/core/seal/sealed'
import { leafPart, ratingByGap, type SoundThrough } from '@/core/seal/sound-through'
import { Facts, Panel, Quiet } from '../../parts/controls'
import { Disclosure } from '../../parts/Disclosure'
import { useDecimal } from '../../parts/Money'
import type { StageProps } from '../../sheet/stage-props'

const Lines = dynamic(() => import('../../parts/LinesChart'), {
  ssr: false,
  loading: () => <div style={{ height: 210 }} />,
})

const AREAS_CM2 = [0, 1, 2, 5, 10, 20, 50, 100, 200] as const

/** What the door keeps out by itself, with its gaps as they were read, and sealed as planned. */
export function SoundPanel({ store }: Pick<StageProps, 'store'>) {
  const decimal = useDecimal()
  const { sound } = store.work.seal.value
  const leaf = store.work.seal.value.size
  if (!sound || !leaf)
    return (
      <Panel>
        <h2>Sound</h2>
        <Quiet>Say under Specify how the leaf is built, or above what its sheet rates it, and read a gap.</Quiet>
      </Panel>
    )
  return (
    <Panel>
      <h2>Sound</h2>
      <p data-sound-words>
        Your {sound.leaf.rw} dB leaf with these gaps is a <strong>{sound.open.rw} dB</strong> door.
      </p>
      <Facts>
        <dt>Sealed as planned</dt>
        <dd style={{ fontSize: '1.625rem', fontWeight: 650 }} data-figure="sound">
          ≈ {sound.sealed.rw} dB
        </dd>
        <dt>Rw, and STC</dt>
        <dd>
          {sound.open.rw} → {sound.sealed.rw}, {sound.open.stc} → {sound.sealed.stc}
        </dd>
        <dt>What limits it now</dt>
        <dd>{sound.limitedBy === 'leaf' ? 'the leaf' : 'the joints'}</dd>
        <dt>Open in all</dt>
        <dd>{decimal(sound.openM2 * 10_000, 1)} cm²</dd>
        <dt>Open at most for Rw {sound.target}</dt>
        <dd>
          {sound.allowedM2 === null ? 'the leaf alone falls short' : `${decimal(sound.allowedM2 * 10_000, 1)} cm²`}
        </dd>
      </Facts>
      <Charts sound={sound} leaf={leaf} />
      <Quiet>
        Good to ± {sound.within} dB: the leaf by how it is built or its sheet, each open gap as wholly open. A gap too
        small to see still counts: look with the light behind it; soft acoustic sealant behind the frame, and a solid
        fill round it, not foam alone.
      </Quiet>
    </Panel>
  )
}

/** By frequency: the leaf, open and sealed; and the rating against a wholly open area. */
function Charts({ sound, leaf }: { readonly sound: SoundThrough; readonly leaf: ClosedSize }) {
  const part = leafPart(leaf, sound.leaf.rw)
  return (
    <Disclosure title="By frequency, and by gap">
      <Lines
        label="Sound kept out by band"
        unit="dB"
        across="Hz"
        groups={BANDS_HZ.map(String)}
        series={[
          { name: 'leaf', values: sound.leaf.bands, tone: 'quiet' },
          { name: 'open', values: sound.open.bands, tone: 'stop' },
          { name: 'sealed', values: sound.sealed.bands, tone: 'fine' },
        ]}
      />
      <Lines
        label="Rating against open area"
        unit="dB"
        across="cm² open"
        groups={AREAS_CM2.map(String)}
        series={[
          {
            name: 'Rw',
            values: ratingByGap(
              part,
              AREAS_CM2.map(one => one / 10_000),
            ),
            tone: 'fine',
          },
        ]}
      />
    </Disclosure>
  )
}
