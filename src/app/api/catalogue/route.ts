import { UNIT_KINDS } from '@/core/base/kinds'
import { catalogueOf } from '@/server/catalogue'
import { handle } from '@/server/handle'
import { SORTS, searchCatalogue } from '@/server/search-catalogue'

/** Units of the catalogue: `?q=` words, `?kind=`, `?stock=1`, `?sort=` with a leading `-` for downwards, `?from=`. */
export const GET = handle('look', async ({ db, acting, request }) => {
  const asked = new URL(request.url).searchParams
  const sort = asked.get('sort') ?? 'article'
  return Response.json(
    searchCatalogue(await catalogueOf(db, acting), {
      words: (asked.get('q') ?? '').slice(0, 200),
      kind: UNIT_KINDS.find(one => one === asked.get('kind')) ?? null,
      onlyStock: asked.get('stock') === '1',
      sort: SORTS.find(one => one === sort.replace(/^-/, '')) ?? 'article',
      isDescending: sort.startsWith('-'),
      from: Math.max(0, Math.floor(Number(asked.get('from') ?? 0)) || 0),
    }),
  )
})
