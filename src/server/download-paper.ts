import type { Paper } from '@/papers/paper'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findFirm } from '@/store/firm'
import { writePdf } from '@/writers/write-pdf'
import { download } from './download'

/** A paper as PDF on the size of paper the firm prints on, to be looked at in the browser. */
export async function downloadPaper(
  { db, acting }: { readonly db: Db; readonly acting: Acting },
  paper: Paper,
  at: Date,
  name: string,
): Promise<Response> {
  const { data } = await findFirm(db, acting)
  return download(await writePdf(paper, at, data.paper), 'application/pdf', name, true)
}
