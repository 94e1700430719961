import PDFDocument from 'pdfkit'
import QRCode from 'qrcode'
import { type LabelSheet, labelAt } from '@/core/plan/label'
import { FONT, registerFonts, setFont } from './lettering'

const POINTS_PER_MM = 72 / 25.4
const PAD_MM = 2.5

/** One label: the address its code leads to, the code in plain text, and what it is of. */
export type Label = {
  readonly address: string
  readonly code: string
  readonly title: string
  readonly lines: readonly string[]
}

/** Labels on sheets as PDF, the first on the place with that number, from 0: a sheet that was begun is used up. */
export function writeLabels(labels: readonly Label[], sheet: LabelSheet, first: number, madeAt: Date): Promise<Buffer> {
  const doc = new PDFDocument({
    size: sheet.paper === 'a4' ? 'A4' : 'LETTER',
    margin: 0,
    info: { Title: 'Labels', Creator: 'Harvek', CreationDate: madeAt },
  })
  registerFonts(doc)
  const chunks: Buffer[] = []
  doc.on('data', chunk => chunks.push(chunk))
  const finished = new Promise<Buffer>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)))
    doc.on('error', reject)
  })
  let page = 0
  for (const [i, one] of labels.entries()) {
    const at = labelAt(sheet, first + i)
    for (; page < at.page; page++) doc.addPage()
    writeLabel(doc, one, sheet, { x: at.x * POINTS_PER_MM, y: at.y * POINTS_PER_MM })
  }
  doc.end()
  return finished
}

type At = { readonly x: number; readonly y: number }

function writeLabel(
  doc: InstanceType<typeof PDFDocument>,
  { address, code, title, lines }: Label,
  sheet: LabelSheet,
  { x, y }: At,
): void {
  const pad = PAD_MM * POINTS_PER_MM
  const [width, height] = [sheet.width * POINTS_PER_MM, sheet.height * POINTS_PER_MM]
  const side = height - 2 * pad
  drawCode(doc, address, { x: x + pad, y: y + pad }, side)
  const left = x + side + 2 * pad
  const room = { width: width - side - 3 * pad, lineBreak: true, ellipsis: true } as const
  const size = Math.min(12, height / 7)
  const textAt = (text: string, from: number, lines: number) =>
    doc.text(text, left, y + pad + from, { ...room, height: lines * doc.currentLineHeight() + 0.5 })
  doc.fontSize(size).fillColor('#17242B')
  const named = setFont(doc, FONT.bold, title)
  const titleLines = Math.min(2, Math.ceil(doc.widthOfString(named) / room.width))
  textAt(named, 0, titleLines)
  const under = titleLines * doc.currentLineHeight() + 1
  doc.font(FONT.plain).fontSize(size * 0.8)
  const line = doc.currentLineHeight()
  for (const [i, one] of lines.entries()) textAt(setFont(doc, FONT.plain, one), under + i * line, 1)
  doc.font(FONT.bold).fontSize(size)
  textAt(code, height - 2 * pad - doc.currentLineHeight(), 1)
}

/** The code as dark squares, with the quiet room round it that a reader wants. */
function drawCode(doc: InstanceType<typeof PDFDocument>, text: string, { x, y }: At, side: number): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' })
  const quiet = 2
  const cell = side / (modules.size + 2 * quiet)
  doc.fillColor('#000000')
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column))
        doc.rect(x + (column + quiet) * cell, y + (row + quiet) * cell, cell * 1.02, cell * 1.02)
  doc.fill()
}
