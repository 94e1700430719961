import { z } from 'zod'
import { codeOf, LABEL_SHEETS, SHEETS } from '@/core/plan/label'
import { ownAddress } from '@/server/auth'
import { download } from '@/server/download'
import { handle, notFound, refuse } from '@/server/handle'
import { jobPage } from '@/server/job-page'
import { printing } from '@/server/limits'
import { writeLabels } from '@/writers/write-labels'

const asked = z.object({ sheet: z.enum(LABEL_SHEETS), from: z.coerce.number().int().min(1).max(30) })

export const GET = handle('look', async ({ db, acting, request, id }) => {
  const query = new URL(request.url).searchParams
  const parsed = asked.safeParse({ sheet: query.get('sheet') ?? 'a4-3x8', from: query.get('from') ?? 1 })
  if (!parsed.success)
    return refuse(422, { code: 'no-such-sheet', message: 'There is no such sheet of labels; choose one of the list.' })
  const found = await jobPage(db, acting, id, new Date())
  if (!found) return notFound()
  const onlyFire = query.get('only') === 'fire'
  const shown = found.openings.filter(one => !onlyFire || one.hasLabel)
  if (shown.length === 0)
    return refuse(422, { code: 'no-fire-door', message: 'No opening of this job has a fire label.' })
  const labels = shown.map(one => ({
    address: `${ownAddress()}/l/${codeOf(one.id).replace('-', '').toLowerCase()}`,
    code: codeOf(one.id),
    title: `${one.tag} ${one.name}`,
    lines: [found.details.data.name, found.details.data.site],
  }))
  const { sheet, from } = parsed.data
  const pdf = await printing(() => writeLabels(labels, SHEETS[sheet], from - 1, new Date()))
  return download(pdf, 'application/pdf', `${found.details.data.name}-labels.pdf`, true)
})
