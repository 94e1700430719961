import type { Paper } from '@/papers/paper'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findFirm } from '@/store/firm'
import { findLogo } from '@/store/logo'
import { writePdf } from '@/writers/write-pdf'
import { download } from './download'
import { printing } from './limits'

/** A paper as PDF on the firm's size of paper with its logo, to be looked at in the browser. */
export async function downloadPaper(
  { db, acting }: { readonly db: Db; readonly acting: Acting },
  paper: Paper,
  at: Date,
  name: string,
): Promise<Response> {
  const [{ data }, logo] = await Promise.all([findFirm(db, acting), findLogo(db, acting)])
  return download(await printing(() => writePdf(paper, at, { size: data.paper, logo })), 'application/pdf', name, true)
}
