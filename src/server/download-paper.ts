import type { Paper } from '@/papers/paper'
import type { Acting } from '@/store/acting'
import { companyOf } from '@/store/company'
import type { Db } from '@/store/connection'
import { findFirm } from '@/store/firm'
import { findLogo } from '@/store/logo'
import { type Stationery, writePdf } from '@/writers/write-pdf'
import { download } from './download'
import { printing } from './limits'

/** A paper as PDF on the firm's size of paper with its logo, to be looked at in the browser. */
export async function downloadPaper(
  { db, acting }: { readonly db: Db; readonly acting: Acting },
  paper: Paper,
  at: Date,
  name: string,
): Promise<Response> {
  const { name: firm } = await companyOf(db, acting)
  const stationery = await stationeryOf(db, acting, firm)
  return download(await printing(() => writePdf(paper, at, stationery)), 'application/pdf', name, true)
}

/** What the papers of a firm look like: its size of paper, its name with how it is reached, its logo. */
export async function stationeryOf(db: Db, of: Pick<Acting, 'companyId'>, firm: string): Promise<Stationery> {
  const [{ data }, logo] = await Promise.all([findFirm(db, of), findLogo(db, of)])
  const { address, phone, email } = data.about
  return { size: data.paper, from: [firm, address, phone, email].filter(Boolean).join(' · '), logo }
}
