import { join } from 'node:path'
import PDFDocument from 'pdfkit'
import type { PaperSize } from '@/core/catalogue/firm'
import { lowerScene } from '@/core/drawing/lower-scene'
import type { LoweredMark } from '@/core/drawing/lowered'
import type { Point } from '@/core/geometry/point'
import type { Block, Paper } from '@/papers/paper'
import { drawingWord } from '@/words/drawing'

const POINTS_PER_MM = 72 / 25.4
const MARGIN = 48
const PICTURE_HIGH = 260
const INK = '#17242B'
const QUIET = '#4A5A63'
const RULE = '#D3D7D6'
const fonts = () => join(process.cwd(), 'node_modules/@expo-google-fonts/source-sans-3')
const FONT = { plain: 'plain', bold: 'bold' } as const

type Doc = InstanceType<typeof PDFDocument>

/** What a firm's papers look like: their size, and the logo at their head as JPEG with its size in pixels. */
export type Stationery = {
  readonly size: PaperSize
  readonly logo: { readonly picture: Uint8Array; readonly width: number; readonly height: number } | null
}

/** The room a logo has at the head of a paper, in points. */
const LOGO = { width: 150, height: 48 }

/** A paper as PDF, with its fonts inside. */
export function writePdf(
  paper: Paper,
  madeAt: Date,
  { size, logo }: Stationery = { size: 'a4', logo: null },
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
  doc.registerFont(FONT.plain, join(fonts(), '400Regular/SourceSans3_400Regular.ttf'))
  doc.registerFont(FONT.bold, join(fonts(), '600SemiBold/SourceSans3_600SemiBold.ttf'))
  const chunks: Buffer[] = []
  doc.on('data', chunk => chunks.push(chunk))
  const finished = new Promise<Buffer>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)))
    doc.on('error', reject)
  })
  const root = doc.struct('Document')
  doc.addStructure(root)
  writeHead(doc, root, paper, logo)
  for (const block of paper.blocks) writeBlock(doc, root, block, paper)
  root.end()
  writeFooters(doc, paper.footer)
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

/** Title on the left, logo on the right, neither on the other. */
function writeHead(doc: Doc, root: Node, { title, subtitle }: Paper, logo: Stationery['logo']): void {
  const top = doc.y
  const beside = logo ? LOGO.width + 12 : 0
  const width = innerWidth(doc) - beside
  tagged(doc, root, 'H1', () => {
    doc.font(FONT.bold).fontSize(20).fillColor(INK).text(title, MARGIN, top, { width })
  })
  tagged(doc, root, 'P', () => {
    doc.font(FONT.plain).fontSize(11).fillColor(QUIET).text(subtitle, { width }).moveDown(0.6)
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

function writeBlock(doc: Doc, root: Node, block: Block, paper: Paper): void {
  doc.x = MARGIN
  switch (block.kind) {
    case 'heading':
      ensureRoom(doc, 60)
      tagged(doc, root, 'H2', () => {
        doc.moveDown(0.5).font(FONT.bold).fontSize(13).fillColor(INK).text(block.text, MARGIN).moveDown(0.2)
      })
      return
    case 'text':
      ensureRoom(doc, 30)
      tagged(doc, root, 'P', () => {
        doc
          .font(FONT.plain)
          .fontSize(10.5)
          .fillColor(INK)
          .text(block.text, MARGIN, doc.y, { width: innerWidth(doc) })
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
  writeRow(doc, table, { cells: head, widths, kinds: head.map(() => FONT.bold), heads: head.length, points })
  for (const cells of rows)
    writeRow(doc, table, { cells, widths, kinds: cells.map(() => FONT.plain), heads: 0, points })
  table.end()
  doc.moveDown(0.5)
}

type Row = {
  readonly cells: readonly string[]
  readonly widths: readonly number[]
  readonly kinds: readonly string[]
  /** How many of its cells, from the left, are headings. */
  readonly heads: number
  readonly points?: number | undefined
}

function writeRow(doc: Doc, table: Node, { cells, widths, kinds, heads, points = 10 }: Row): void {
  const width = innerWidth(doc)
  doc.fontSize(points)
  const heights = cells.map((cell, i) =>
    doc.font(kinds[i]!).heightOfString(cell || ' ', { width: widths[i]! * width - 8 }),
  )
  const height = Math.max(...heights) + 5
  ensureRoom(doc, height)
  const top = doc.y
  const row = doc.struct('TR')
  table.add(row)
  let x = MARGIN
  cells.forEach((cell, i) => {
    const at = x
    tagged(doc, row, i < heads ? 'TH' : 'TD', () => {
      doc
        .font(kinds[i]!)
        .fillColor(i === 0 && kinds[i] === FONT.plain ? QUIET : INK)
        .text(cell, at, top + 2, { width: widths[i]! * width - 8 })
    })
    x += widths[i]! * width
  })
  row.end()
  asArtifact(doc, () => {
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
      doc
        .font(FONT.plain)
        .fontSize(10)
        .fillColor(INK)
        .text(text, MARGIN + 16, top, { width: innerWidth(doc) - 16 })
    }),
  )
  doc.y = Math.max(doc.y, top + 15)
}

function writeDrawing(
  doc: Doc,
  root: Node,
  { scene, heightMm, caption, numbers }: Extract<Block, { kind: 'drawing' }>,
  { step }: Paper,
): void {
  const height = heightMm * POINTS_PER_MM
  const [spanX, spanY] = [scene.to.x - scene.from.x, scene.to.y - scene.from.y]
  const scale = Math.min(height / spanY, innerWidth(doc) / spanX)
  ensureRoom(doc, spanY * scale + 20)
  const [left, top] = [MARGIN + (innerWidth(doc) - spanX * scale) / 2, doc.y]
  const textHeight = 9 / scale
  const readingText = numbers && ((id: string, figure: string) => String(numbers.get(id) ?? figure))
  const place: Place = { x: x => left + (x - scene.from.x) * scale, y: y => top + (scene.to.y - y) * scale, scale }
  const figure = () => {
    for (const mark of lowerScene(scene, { textHeight, step, word: drawingWord, openText: '', readingText }))
      drawMark(doc, mark, place)
    doc.undash()
  }
  tagged(doc, root, 'Figure', figure, caption)
  doc.y = top + spanY * scale + 2
  tagged(doc, root, 'Caption', () => {
    doc
      .font(FONT.plain)
      .fontSize(9)
      .fillColor(QUIET)
      .text(caption, MARGIN, doc.y, { width: innerWidth(doc), align: 'center' })
      .moveDown(0.4)
  })
}

function writePicture(doc: Doc, root: Node, { jpeg, ratio, caption }: Extract<Block, { kind: 'picture' }>): void {
  const width = Math.min(innerWidth(doc), PICTURE_HIGH / ratio)
  ensureRoom(doc, width * ratio + 24)
  const picture = () => {
    doc.image(Buffer.from(jpeg), MARGIN, doc.y, { width })
  }
  const top = doc.y
  tagged(doc, root, 'Figure', picture, caption)
  doc.y = top + width * ratio + 3
  tagged(doc, root, 'Caption', () => {
    doc.font(FONT.plain).fontSize(9).fillColor(QUIET).text(caption, MARGIN, doc.y).moveDown(0.6)
  })
}

type Place = { readonly x: (x: number) => number; readonly y: (y: number) => number; readonly scale: number }

/** How the face of a wall is drawn on paper. */
const FAINT = '#C9C5B8'
const WEIGHT: Readonly<Record<string, number>> = { hole: 1.2, frame: 1, leaf: 1, wall: 0.8, shim: 0.8 }

function drawMark(doc: Doc, mark: LoweredMark, at: Place): void {
  doc.lineWidth(WEIGHT[mark.role] ?? 0.5).strokeColor(mark.role === 'texture' ? FAINT : INK)
  if (mark.certainty === 'assumed' || mark.role === 'swing') doc.dash(3, { space: 2 })
  else doc.undash()
  switch (mark.kind) {
    case 'line':
      doc.moveTo(at.x(mark.x1), at.y(mark.y1)).lineTo(at.x(mark.x2), at.y(mark.y2)).stroke()
      return
    case 'path':
      drawPath(doc, mark.points, at)
      if (mark.closed) doc.closePath()
      doc.stroke()
      return
    case 'arc':
      drawArc(doc, mark, at)
      return
    case 'text': {
      const [x, y] = [at.x(mark.x), at.y(mark.y)]
      doc
        .save()
        .rotate(-mark.turnDeg, { origin: [x, y] })
        .font(FONT.plain)
        .fontSize(9)
        .fillColor(INK)
      const width = doc.widthOfString(mark.text)
      const shift = mark.anchor === 'middle' ? width / 2 : mark.anchor === 'end' ? width : 0
      doc.text(mark.text, x - shift, y - 8, { lineBreak: false }).restore()
    }
  }
}

function drawPath(doc: Doc, points: readonly Point[], at: Place): void {
  for (const [i, p] of points.entries()) {
    if (i === 0) doc.moveTo(at.x(p.x), at.y(p.y))
    else doc.lineTo(at.x(p.x), at.y(p.y))
  }
}

function drawArc(doc: Doc, mark: Extract<LoweredMark, { kind: 'arc' }>, at: Place): void {
  const steps = 32
  for (let i = 0; i <= steps; i++) {
    const angle = ((mark.fromDeg + ((mark.toDeg - mark.fromDeg) * i) / steps) * Math.PI) / 180
    const [x, y] = [
      at.x(mark.centre.x + mark.radius * Math.cos(angle)),
      at.y(mark.centre.y + mark.radius * Math.sin(angle)),
    ]
    if (i === 0) doc.moveTo(x, y)
    else doc.lineTo(x, y)
  }
  doc.stroke()
}

function writeFooters(doc: Doc, footer: string): void {
  const { start, count } = doc.bufferedPageRange()
  for (let i = start; i < start + count; i++) {
    doc.switchToPage(i)
    doc.page.margins.bottom = 0
    doc.markContent('Artifact', { type: 'Pagination' })
    doc.font(FONT.plain).fontSize(8.5).fillColor(QUIET)
    doc.text(footer, MARGIN, doc.page.height - 34, { width: innerWidth(doc) - 60, lineBreak: false })
    doc.text(`${i + 1} of ${count}`, MARGIN, doc.page.height - 34, {
      width: innerWidth(doc),
      align: 'right',
      lineBreak: false,
    })
    doc.endMarkedContent()
  }
}
