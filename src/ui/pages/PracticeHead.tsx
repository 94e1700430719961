import { styled } from 'styled-components'
import { Link } from '../parts/Link'

const Benches = styled.nav`
  display: flex; gap: 18px; flex-wrap: wrap; align-items: center; min-height: 44px;
  a { color: var(--blue); padding: 12px 0; }
  strong { padding: 10px 0; }
`
const BENCHES = [
  ['survey', '/practice', 'Read an opening'],
  ['hanging', '/practice/hanging', 'Even out a leaf'],
] as const

/** The two benches, and which of them this is. */
export const PracticeHead = ({ now }: { readonly now: 'survey' | 'hanging' }) => (
  <>
    <h1>Practice</h1>
    <Benches aria-label="Benches">
      {BENCHES.map(([id, href, name]) =>
        id === now ? (
          <strong key={id} aria-current="page">
            {name}
          </strong>
        ) : (
          <Link key={id} href={href}>
            {name}
          </Link>
        ),
      )}
    </Benches>
  </>
)
