import { download } from '@/server/download'
import { handle } from '@/server/handle'
import { sealSheets } from '@/server/seal-list'
import { findFirm } from '@/store/firm'
import { writeSealsCsv } from '@/writers/write-seals-csv'

/** Every seal the firm chooses among, by the columns such a list is read by. */
export const GET = handle('money', async ({ db, acting }) => {
  const { seals } = (await findFirm(db, acting)).data
  return download(writeSealsCsv(sealSheets(seals)), 'text/csv; charset=utf-8', 'seals.csv')
})
