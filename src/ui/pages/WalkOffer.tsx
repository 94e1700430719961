'use client'
import { styled } from 'styled-components'
import { walkTo } from '../opening/walk'
import { Button } from '../parts/controls'
import { Link } from '../parts/Link'

const Line = styled.aside`
  display: flex; flex-wrap: wrap; align-items: center; gap: 8px 14px; padding: 10px 14px; background: var(--vial-wash); border: 1px solid var(--ink);
  p { flex: 1 1 240px; }
  a { font-weight: 600; }
  :root[data-walk] & { display: none; }
`

type Props = { readonly opening: { readonly id: string; readonly tag: string; readonly name: string } }

/** Offers the first walk through one opening, on a device where nobody took or left it. */
export const WalkOffer = ({ opening: { id, tag, name } }: Props) => (
  <Line className="unprinted" aria-label="First walk">
    <p>First time here? A short walk shows a sheet from the first reading to the record; leave it when you like.</p>
    <Link className="tall" href={`/openings/${id}/measure`} onClick={() => walkTo(0)}>
      Walk through {tag} {name}
    </Link>
    <Button $plain onPress={() => walkTo(null)}>
      Not now
    </Button>
  </Line>
)
