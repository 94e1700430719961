'use client'
import type { News as Happened } from '@/server/search-openings'
import { momentHere } from '@/words/moments'
import type { Item } from '../outbox/item'
import { Link } from '../parts/Link'

type Props = { readonly news: readonly Happened[]; readonly clashes: readonly Item[] }

/** What happened, each with the way to it. */
const NewsList = ({ news, clashes }: Props) => (
  <section className="list" aria-label="News">
    {news.length + clashes.length === 0 && <p>Nothing new.</p>}
    {clashes.map(one => (
      <Link key={one.id} href={one.of.replace(/^\/api/, '').replace(/^(\/openings\/[^/]+).*/, '$1/measure')}>
        <strong>To be looked at: {one.what}</strong>
      </Link>
    ))}
    {news.map(one => (
      <Link
        key={`${one.kind}${one.id}${one.at}`}
        href={one.kind === 'over' ? `/openings/${one.id}/fit` : `/orders/${one.id}`}
      >
        <strong>
          {one.kind === 'over'
            ? `${one.tag} ${one.name}: the wait is over`
            : `${one.maker || 'The supplier'} answered on order ${one.number}`}
        </strong>
        <span className="at">{momentHere(one.at)}</span>
      </Link>
    ))}
  </section>
)

export default NewsList
