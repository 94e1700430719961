'use client'
import { Menu, X } from 'lucide-react'
import { usePathname, useRouter } from 'next/navigation'
import { type ReactNode, useEffect, useState } from 'react'
import { styled } from 'styled-components'
import { may } from '@/core/access/access'
import type { Visitor } from '@/server/page'
import { ROLE_NAMES } from '@/words/roles'
import { Link } from '../parts/Link'
import { RightsOf } from '../store/rights'
import { send } from '../store/send'
import { forgetWho } from '../store/who'
import { Going } from './Going'
import { followDevice, keepLight, keptLight } from './light'
import { News } from './News'
import { Words } from './Words'

const Bar = styled.header`
  display: flex; align-items: center; gap: 14px; min-height: 52px; padding: 0 20px; border-bottom: 1px solid var(--rule); background: var(--sheet);
  nav { display: flex; gap: 4px; flex: 1; min-width: 0; overflow-x: auto; scrollbar-width: none; }
  nav a, .word { display: inline-flex; align-items: center; justify-content: center; flex: none; min-width: 44px; min-height: 44px; padding: 0 8px; color: var(--ink); text-decoration: none; }
  nav a:hover { text-decoration: underline; }
  .acts { display: inline-flex; align-items: center; gap: 6px; } .acts select { max-width: 190px; }
  .me { display: block; line-height: 44px; max-width: 260px; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; color: var(--ink); font-size: 0.9375rem; }
  /* Who one is gives way before a page is out of sight. */
  @media (min-width: 68.8125em) { nav { flex: 1 1 auto; } .me { flex: 0 99999 auto; min-width: 44px; } }
  .word { font-weight: 700; font-size: 1.25rem; letter-spacing: 0.01em; padding-left: 0; gap: 9px; }
  @media (max-width: 73.75em) { gap: 10px; nav { gap: 0; } nav a { padding: 0 6px; } .who { display: none; } }
  .words { display: inline-grid; place-items: center; min-width: 44px; min-height: 44px; border: none; border-radius: 4px; background: none; color: var(--ink); cursor: pointer; }
  .menu { display: none; }
  @media (max-width: 68.75em) {
    padding: 0 10px; gap: 4px; flex-wrap: wrap; .me { max-width: 180px; }
    nav a { padding: 0 8px; }
    .menu { display: inline-grid; place-items: center; min-width: 44px; min-height: 44px; border: none; border-radius: 4px; background: none; color: var(--ink); cursor: pointer; }
    /* By the menu all pages, who acts and the light; without it the pages of a day. */
    &:not([data-menu]) { nav a:nth-child(n + 9), .acts, .me, .light { display: none; } }
    &[data-menu] {
      padding-bottom: 10px;
      nav { order: 3; flex: 1 0 100%; display: grid; grid-template-columns: repeat(auto-fill, minmax(7rem, 1fr)); border-top: 1px solid var(--rule); }
      nav a { justify-content: flex-start; }
      .word { flex: 1; justify-content: flex-start; padding-left: 12px; }
      .acts, .me { order: 4; flex: 1 1 55%; min-width: 0; padding-left: 8px; } .acts select { width: 100%; max-width: none; }
      .light { order: 5; flex: 1 1 30%; }
    }
  }
  @media (max-width: 56.25em) { &:not([data-menu]) nav a:nth-child(n + 7) { display: none; } }
  @media (max-width: 43.75em) {
    padding: 0 6px; gap: 2px; .word { gap: 0; font-size: 0; padding: 0; min-width: 44px; }
    &:not([data-menu]) nav a:nth-child(n + 4) { display: none; }
  }
`
const Who = styled.span`color: var(--quiet); font-size: 0.9375rem;`
const Light = styled.select`min-height: 44px; border: 1px solid var(--rule); background: var(--sheet); padding: 0 8px; border-radius: 4px; font-size: 0.9375rem;`

const LIGHTS = { device: 'Device', paper: 'Paper', cellar: 'Cellar', sun: 'Sun' } as const

type Props = { readonly visitor: Visitor | null; readonly children: ReactNode }

/** The frame round every page: the way home, who is acting, the light. */
export function Shell({ visitor, children }: Props) {
  const [light, setLight] = useState('device')
  const [menu, setMenu] = useMenu()
  useEffect(() => {
    document.documentElement.dataset.hydrated = 'yes'
    setLight(keptLight())
    return followDevice()
  }, [])
  useFindKey()
  const mayFirm = visitor !== null && may(visitor.role, 'firm')
  const mayPeople = visitor !== null && visitor.others.length === 0 && may(visitor.role, 'people')
  const choose = (next: string) => {
    setLight(next)
    keepLight(next)
  }
  return (
    <>
      <Going />
      {visitor && <p className="printed">{visitor.firm}</p>}
      <Bar className="unprinted" data-menu={menu || undefined}>
        <Link className="word" href="/">
          <svg width="18" height="28" viewBox="0 0 18 28" aria-hidden="true">
            <rect x="1" y="1" width="16" height="26" fill="none" stroke="currentColor" strokeWidth="2" />
            <rect
              x="4.5"
              y="12"
              width="9"
              height="4"
              rx="2"
              fill="var(--vial)"
              stroke="currentColor"
              strokeWidth="1.4"
            />
          </svg>
          Harvek
        </Link>
        {visitor ? <Nav mayFirm={mayFirm} mayPeople={mayPeople} /> : <span style={{ flex: 1 }} />}
        {visitor && <Words />}
        {visitor && <News member={visitor.id} />}
        {visitor && (
          <button
            type="button"
            className="menu"
            aria-expanded={menu}
            aria-label={menu ? 'Close the menu' : 'Menu'}
            onClick={() => setMenu(!menu)}
          >
            {menu ? <X size={22} aria-hidden /> : <Menu size={22} aria-hidden />}
          </button>
        )}
        {visitor && <WhoActs visitor={visitor} />}
        <Light
          className={visitor ? 'light' : undefined}
          aria-label="Light"
          value={light}
          onChange={event => choose(event.target.value)}
        >
          {Object.entries(LIGHTS).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Light>
      </Bar>
      <RightsOf role={visitor?.role ?? 'trainee'}>{children}</RightsOf>
    </>
  )
}

/** On a narrow window the pages are behind a menu; another page closes it. */
function useMenu() {
  const path = usePathname()
  const [openOn, setOpenOn] = useState<string | null>(null)
  return [openOn === path, (isOpen: boolean) => setOpenOn(isOpen ? path : null)] as const
}

/** The pages, as far as they are somebody’s. */
const Nav = ({ mayFirm, mayPeople }: { readonly mayFirm: boolean; readonly mayPeople: boolean }) => (
  <nav aria-label="Main">
    <Link href="/">Today</Link>
    <Link href="/plan">Plan</Link>
    <Link href="/jobs">Jobs</Link>
    <Link href="/openings">Openings</Link>
    <Link href="/orders">Orders</Link>
    <Link href="/due">Due</Link>
    <Link href="/figures">Figures</Link>
    <Link href="/catalogue">Catalogue</Link>
    {mayFirm && <Link href="/firm">Firm</Link>}
    {mayPeople && <Link href="/people">People</Link>}
    <Link href="/practice">Practice</Link>
  </nav>
)

/** Who acts; in the demo one goes on as another member by choosing them. */
function WhoActs({ visitor: { id, name, role, others, firm } }: { readonly visitor: Visitor }) {
  if (others.length === 0)
    return (
      <Link className="me" href="/profile" aria-label={`${name}, ${ROLE_NAMES[role]} of ${firm}: profile`}>
        {name}
        <span className="who"> · {firm}</span>
      </Link>
    )
  const goOnAs = async (other: string) => {
    const sent = await send('POST', '/api/demo/member', { id: other })
    if (!sent.ok) return
    await forgetWho()
    location.reload()
  }
  return (
    <span className="acts">
      <Who className="who">Demo, as</Who>
      <Light aria-label="In the demo, go on as" value={id} onChange={event => void goOnAs(event.target.value)}>
        {others.map(one => (
          <option key={one.id} value={one.id}>
            {one.name}, {ROLE_NAMES[one.role]}
          </option>
        ))}
      </Light>
    </span>
  )
}

/** `/` finds an opening, wherever one is; never while a field has the focus or single keys are off. */
function useFindKey(): void {
  const router = useRouter()
  useEffect(() => {
    const act = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null
      if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey) return
      if (target?.closest('input, select, textarea, dialog') || localStorage.getItem('harvek-single-keys') === 'off')
        return
      event.preventDefault()
      router.push('/openings')
    }
    window.addEventListener('keydown', act)
    return () => window.removeEventListener('keydown', act)
  }, [router])
}
