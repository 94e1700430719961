'use client'
import { Radio, Unplug } from 'lucide-react'
import { useEffect } from 'react'
import { styled } from 'styled-components'
import { Button, Panel, Quiet } from '../parts/controls'
import type { DeviceStore, Link } from './use-devices'

const Row = styled.li`
  display: grid; grid-template-columns: 24px 1fr auto; gap: 4px 8px; align-items: center; min-height: 48px;
  .said { grid-column: 1 / -1; color: var(--stop); font-size: 0.9375rem; }
  .quiet { color: var(--quiet); font-size: 0.875rem; display: block; }
`

const STATES: Readonly<Record<Link['state'], string>> = {
  'not-paired': 'not paired',
  pairing: 'pairing …',
  listening: 'paired: press its button, the value lands in the open field',
  lost: 'lost',
}
const NAMES: Readonly<Record<string, string>> = { laser: 'Laser', level: 'Digital level' }

/** Laser and level: pairing, what each says, and when it is lost. */
export function DevicePanel({ devices }: { readonly devices: DeviceStore }) {
  // biome-ignore lint/correctness/useExhaustiveDependencies: looked for once, when the panel is first shown
  useEffect(() => {
    devices.look()
  }, [])
  return (
    <Panel>
      <h2>Laser and level</h2>
      {devices.links.length === 0 && <Quiet>No measuring device is near.</Quiet>}
      <ul>
        {devices.links.map(link => (
          <Row key={link.id} data-device={link.id} data-state={link.state}>
            {link.state === 'lost' ? <Unplug size={20} aria-hidden /> : <Radio size={20} aria-hidden />}
            <span>
              {link.device?.name ?? NAMES[link.id] ?? link.id}
              <span className="quiet">
                {STATES[link.state]}
                {link.device && `, ±${link.device.exactness}`}
              </span>
            </span>
            {link.state === 'not-paired' || link.state === 'pairing' ? (
              <Button
                $plain
                isDisabled={link.state === 'pairing'}
                onPress={() => devices.pair(link.id)}
                aria-label={`Pair ${link.device?.name ?? NAMES[link.id] ?? link.id}`}
              >
                Pair
              </Button>
            ) : (
              <Button
                $plain
                onPress={() => devices.unpair(link.id)}
                aria-label={`Let go of ${link.device?.name ?? link.id}`}
              >
                Let go
              </Button>
            )}
            {link.said && (
              <p className="said" role="alert">
                {link.said}
              </p>
            )}
          </Row>
        ))}
      </ul>
    </Panel>
  )
}
