import PDFDocument from 'pdfkit'
import type { PaperSize } from '@/core/catalogue/firm'
import { lowerScene } from '@/core/drawing/lower-scene'
import type { Block, Paper } from '@/papers/paper'
import { drawingWord } from '@/words/drawing'
import { drawMark, INK, type Place } from './draw-mark'
import { FONT, type FontName, registerFonts, setFont } from './lettering'

const POINTS_PER_MM = 72 / 25.4
const MARGIN = 48
const PICTURE_HIGH = 260
const QUIET = '#4A5A63'
const RULE = '#D3D7D6'

type Doc = InstanceType<typeof PDFDocument>

/** What a firm's papers look like: their size, whose they are, and the logo at their head as JPEG with its size in pixels. */
export type Stationery = {
  readonly size: PaperSize
  /** The firm and how it is reached, in one line. */
  readonly from: string
  readonly logo: { readonly picture: Uint8Array; readonly width: number; readonly height: number } | null
}

/** The room a logo has at the head of a paper, in points. */
const LOGO = { width: 150, height: 48 }

/** A paper as PDF, with its fonts inside. */
export function writePdf(
  paper: Paper,
  madeAt: Date,
  { size, from, logo }: Stationery = { size: 'a4', from: '', logo: null },
): Promise<Buffer> {
  const doc = new PDFDocument({
    size: size === 'a4' ? 'A4' : 'LETTER',
    margin: MARGIN,
    bufferPages: true,
    // Tagged, so that it is read out in its order: headings, tables and drawings as what they are.
    pdfVersion: '1.5',
    tagged: true,
    lang: 'en',
    displayTitle: true,
    info: { Title: paper.title, Creator: 'Harvek', CreationDate: madeAt },
  })
  registerFonts(doc)
  const chunks: Buffer[] = []
  doc.on('data', chunk => chunks.push(chunk))
  const finished = new Promise<Buffer>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)))
    doc.on('error', reject)
  })
  const root = doc.struct('Document')
  doc.addStructure(root)
  writeHead(doc, root, paper, { from, logo })
  paper.blocks.forEach((block, i) => {
    writeBlock(doc, root, block, paper, paper.blocks[i + 1])
  })
  root.end()
  writeFooters(doc, paper, madeAt)
  doc.end()
  return finished
}

type Node = ReturnType<Doc['struct']>

/** Content that stands in the paper as what it is, for whoever has it read out. */
const tagged = (doc: Doc, parent: Node, type: string, write: () => void, alt?: string): void => {
  parent.add(doc.struct(type, alt === undefined ? {} : { alt }, write))
}

/** What only looks: rules, the head's logo, the foot of every page. */
function asArtifact(doc: Doc, draw: () => void): void {
  doc.markContent('Artifact')
  draw()
  doc.endMarkedContent()
}

/** Whose paper it is, over all; title on the left, logo on the right, neither on the other. */
function writeHead(
  doc: Doc,
  root: Node,
  { title, subtitle }: Paper,
  { from, logo }: Pick<Stationery, 'from' | 'logo'>,
): void {
  if (from)
    tagged(doc, root, 'P', () => {
      const said = setFont(doc, FONT.bold, from)
      doc
        .fontSize(9)
        .fillColor(QUIET)
        .text(said, MARGIN, doc.y - 12, { width: innerWidth(doc) })
        .moveDown(0.7)
    })
  const top = doc.y
  const beside = logo ? LOGO.width + 12 : 0
  const width = innerWidth(doc) - beside
  tagged(doc, root, 'H1', () => {
    const said = setFont(doc, FONT.bold, title)
    doc.fontSize(20).fillColor(INK).text(said, MARGIN, top, { width })
  })
  tagged(doc, root, 'P', () => {
    const said = setFont(doc, FONT.plain, subtitle)
    doc.fontSize(11).fillColor(QUIET).text(said, { width }).moveDown(0.6)
  })
  if (!logo) return
  const scale = Math.min(LOGO.width / logo.width, LOGO.height / logo.height)
  const [wide, high] = [logo.width * scale, logo.height * scale]
  const under = doc.y
  asArtifact(doc, () => {
    doc.image(Buffer.from(logo.picture), doc.page.width - MARGIN - wide, top, { width: wide, height: high })
  })
  doc.x = MARGIN
  doc.y = Math.max(under, top + high + 8)
}

const innerWidth = (doc: Doc): number => doc.page.width - 2 * MARGIN
const bottom = (doc: Doc): number => doc.page.height - MARGIN - 18

function ensureRoom(doc: Doc, height: number): void {
  if (doc.y + height > bottom(doc)) doc.addPage()
}

/** The room a heading takes, with that above it. */
const HEADING_HIGH = 34

/** How much of a block must stand under its heading: a drawing or picture whole, of what runs on its beginning. */
function leastOf(doc: Doc, block: Block | undefined): number {
  switch (block?.kind) {
    case 'drawing':
      return drawnHeight(doc, block).high + 20
    case 'picture':
      return pictureWidth(doc, block) * block.ratio + 24
    case 'table':
      return 54
    case undefined:
      return 0
    default:
      return 32
  }
}

function writeBlock(doc: Doc, root: Node, block: Block, paper: Paper, next: Block | undefined): void {
  doc.x = MARGIN
  switch (block.kind) {
    case 'heading':
      // A heading never stands alone at a page's foot.
      ensureRoom(doc, HEADING_HIGH + leastOf(doc, next))
      tagged(doc, root, 'H2', () => {
        const said = setFont(doc, FONT.bold, block.text)
        doc.fontSize(13).moveDown(0.5).fillColor(INK).text(said, MARGIN).moveDown(0.2)
      })
      return
    case 'text':
      ensureRoom(doc, 30)
      tagged(doc, root, 'P', () => {
        const said = setFont(doc, FONT.plain, block.text)
        doc
          .fontSize(10.5)
          .fillColor(INK)
          .text(said, MARGIN, doc.y, { width: innerWidth(doc) })
          .moveDown(0.4)
      })
      return
    case 'facts': {
      const table = doc.struct('Table')
      root.add(table)
      for (const [name, value] of block.rows)
        writeRow(doc, table, { cells: [name, value], widths: [0.3, 0.7], kinds: [FONT.plain, FONT.plain], heads: 1 })
      table.end()
      doc.moveDown(0.4)
      return
    }
    case 'table':
      writeTable(doc, root, block)
      return
    case 'checks': {
      const list = doc.struct('L')
      root.add(list)
      for (const item of block.items) writeCheck(doc, list, item)
      list.end()
      doc.moveDown(0.4)
      return
    }
    case 'drawing':
      writeDrawing(doc, root, block, paper)
      return
    case 'picture':
      writePicture(doc, root, block)
  }
}

function writeTable(doc: Doc, root: Node, { head, rows, widths, points }: Extract<Block, { kind: 'table' }>): void {
  const table = doc.struct('Table')
  root.add(table)
  const heading = { cells: head, widths, kinds: head.map(() => FONT.bold), heads: head.length, points }
  ensureRoom(doc, heightOf(doc, heading) + (rows[0] ? heightOf(doc, { ...heading, cells: rows[0] }) : 0))
  writeRow(doc, table, heading)
  for (const cells of rows) {
    const row = { cells, widths, kinds: cells.map(() => FONT.plain), heads: 0, points }
    // What runs on says again on the next page what its columns are.
    if (doc.y + heightOf(doc, row) > bottom(doc)) {
      doc.addPage()
      asArtifact(doc, () => drawRow(doc, heading, plainly, plainly))
    }
    writeRow(doc, table, row)
  }
  table.end()
  doc.moveDown(0.5)
}

type Row = {
  readonly cells: readonly string[]
  readonly widths: readonly number[]
  readonly kinds: readonly FontName[]
  /** How many of its cells, from the left, are headings. */
  readonly heads: number
  readonly points?: number | undefined
}

function heightOf(doc: Doc, { cells, widths, kinds, points = 10 }: Row): number {
  doc.fontSize(points)
  const heights = cells.map((cell, i) => {
    const said = setFont(doc, kinds[i]!, cell)
    return doc.heightOfString(said || ' ', { width: widths[i]! * innerWidth(doc) - 8 })
  })
  return Math.max(...heights) + 5
}

function writeRow(doc: Doc, table: Node, row: Row): void {
  ensureRoom(doc, heightOf(doc, row))
  const own = doc.struct('TR')
  table.add(own)
  drawRow(
    doc,
    row,
    (write, i) => tagged(doc, own, i < row.heads ? 'TH' : 'TD', write),
    write => asArtifact(doc, write),
  )
  own.end()
}

const plainly = (write: () => void): void => write()

/** The cells of a row beside each other, and the rule under them; `inCell` and `asRule` say what each is in the paper. */
function drawRow(
  doc: Doc,
  row: Row,
  inCell: (write: () => void, i: number) => void,
  asRule: (write: () => void) => void,
): void {
  const { cells, widths, kinds, points = 10 } = row
  const [width, height, top] = [innerWidth(doc), heightOf(doc, row), doc.y]
  let x = MARGIN
  cells.forEach((cell, i) => {
    const at = x
    inCell(() => {
      const said = setFont(doc, kinds[i]!, cell)
      doc
        .fontSize(points)
        .fillColor(i === 0 && kinds[i] === FONT.plain ? QUIET : INK)
        .text(said, at, top + 2, { width: widths[i]! * width - 8 })
    }, i)
    x += widths[i]! * width
  })
  asRule(() => {
    doc
      .moveTo(MARGIN, top + height)
      .lineTo(MARGIN + width, top + height)
      .lineWidth(0.5)
      .strokeColor(RULE)
      .stroke()
  })
  doc.y = top + height
}

function writeCheck(doc: Doc, list: Node, { text, ticked }: { readonly text: string; readonly ticked: boolean }): void {
  ensureRoom(doc, 18)
  const top = doc.y
  asArtifact(doc, () => {
    doc
      .rect(MARGIN, top + 2, 9, 9)
      .lineWidth(0.8)
      .strokeColor(INK)
      .stroke()
    if (ticked)
      doc
        .moveTo(MARGIN + 2, top + 6.5)
        .lineTo(MARGIN + 4, top + 9)
        .lineTo(MARGIN + 8, top + 3.5)
        .stroke()
  })
  list.add(
    doc.struct('LI', { actual: `${ticked ? 'done' : 'not done'}: ${text}` }, () => {
      const said = setFont(doc, FONT.plain, text)
      doc
        .fontSize(10)
        .fillColor(INK)
        .text(said, MARGIN + 16, top, { width: innerWidth(doc) - 16 })
    }),
  )
  doc.y = Math.max(doc.y, top + 15)
}

type Drawing = Extract<Block, { kind: 'drawing' }>
type Picture = Extract<Block, { kind: 'picture' }>

/** How a drawing stands on its page: its scale, and its size in points. */
function drawnHeight(doc: Doc, { scene, heightMm }: Drawing) {
  const [spanX, spanY] = [scene.to.x - scene.from.x, scene.to.y - scene.from.y]
  const scale = Math.min((heightMm * POINTS_PER_MM) / spanY, innerWidth(doc) / spanX)
  return { scale, wide: spanX * scale, high: spanY * scale }
}

function writeDrawing(doc: Doc, root: Node, drawing: Drawing, { step }: Paper): void {
  const { scene, caption, numbers } = drawing
  const { scale, wide, high } = drawnHeight(doc, drawing)
  ensureRoom(doc, high + 20)
  const [left, top] = [MARGIN + (innerWidth(doc) - wide) / 2, doc.y]
  const textHeight = 9 / scale
  const readingText = numbers && ((id: string, figure: string) => String(numbers.get(id) ?? figure))
  const place: Place = { x: x => left + (x - scene.from.x) * scale, y: y => top + (scene.to.y - y) * scale, scale }
  const figure = () => {
    const marks = lowerScene(scene, { textHeight, step, word: drawingWord, openText: '', readingText })
    // Figures stand on a ground of their own over every line.
    for (const mark of marks) if (mark.kind !== 'text') drawMark(doc, mark, place)
    for (const mark of marks) if (mark.kind === 'text' && mark.text) drawMark(doc, mark, place)
    doc.undash()
  }
  tagged(doc, root, 'Figure', figure, caption)
  doc.y = top + high + 2
  tagged(doc, root, 'Caption', () => {
    doc
      .fontSize(9)
      .fillColor(QUIET)
      .text(setFont(doc, FONT.plain, caption), MARGIN, doc.y, { width: innerWidth(doc), align: 'center' })
      .moveDown(0.4)
  })
}

const pictureWidth = (doc: Doc, { ratio }: Picture): number => Math.min(innerWidth(doc), PICTURE_HIGH / ratio)

function writePicture(doc: Doc, root: Node, block: Picture): void {
  const { jpeg, ratio, caption } = block
  const width = pictureWidth(doc, block)
  ensureRoom(doc, width * ratio + 24)
  const picture = () => {
    doc.image(Buffer.from(jpeg), MARGIN, doc.y, { width })
  }
  const top = doc.y
  tagged(doc, root, 'Figure', picture, caption)
  doc.y = top + width * ratio + 3
  tagged(doc, root, 'Caption', () => {
    const said = setFont(doc, FONT.plain, caption)
    doc.fontSize(9).fillColor(QUIET).text(said, MARGIN, doc.y).moveDown(0.6)
  })
}

/** At the foot of every page: what holds for all of it, which paper it is of, when it was made, and which page. */
function writeFooters(doc: Doc, { title, footer }: Paper, madeAt: Date): void {
  const { start, count } = doc.bufferedPageRange()
  for (let i = start; i < start + count; i++) {
    doc.switchToPage(i)
    doc.page.margins.bottom = 0
    doc.markContent('Artifact', { type: 'Pagination' })
    const at = doc.page.height - 40
    const line = { width: innerWidth(doc), lineBreak: false } as const
    doc.fontSize(8.5).fillColor(QUIET)
    doc.text(setFont(doc, FONT.plain, footer), MARGIN, at, line)
    const paper = `${title} · ${madeAt.toISOString().slice(0, 10)}`
    doc.text(setFont(doc, FONT.plain, paper), MARGIN, at + 12, {
      ...line,
      width: innerWidth(doc) - 70,
      ellipsis: true,
      height: 10,
    })
    doc.font(FONT.plain).text(`${i + 1} of ${count}`, MARGIN, at + 12, { ...line, align: 'right' })
    doc.endMarkedContent()
  }
}
