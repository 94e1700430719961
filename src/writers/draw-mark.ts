import type PDFDocument from 'pdfkit'
import type { LoweredMark } from '@/core/drawing/lowered'
import type { Point } from '@/core/geometry/point'
import { FONT } from './lettering'

type Doc = InstanceType<typeof PDFDocument>

export const INK = '#17242B'

/** Where a drawing stands on its page: from ticks, y up, to points, y down. */
export type Place = { readonly x: (x: number) => number; readonly y: (y: number) => number; readonly scale: number }

/** How the face of a wall is drawn on paper. */
const FAINT = '#C9C5B8'
const WEIGHT: Readonly<Record<string, number>> = { hole: 1.2, frame: 1, leaf: 1, wall: 0.8, shim: 0.8 }

/** One mark of a lowered scene in ink; a figure on a ground of its own. */
export function drawMark(doc: Doc, mark: LoweredMark, at: Place): void {
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
      if (!/^[·~]$/u.test(mark.text)) ground(doc, mark, { x, y, width })
      const shift = mark.anchor === 'middle' ? width / 2 : mark.anchor === 'end' ? width : 0
      doc.text(mark.text, x - shift, y - 8, { lineBreak: false }).restore()
    }
  }
}

/** White under a figure, so that no line runs through it. */
function ground(
  doc: Doc,
  { anchor }: Extract<LoweredMark, { kind: 'text' }>,
  { x, y, width }: { readonly x: number; readonly y: number; readonly width: number },
): void {
  const shift = anchor === 'middle' ? width / 2 : anchor === 'end' ? width : 0
  doc
    .rect(x - shift - 1, y - 7, width + 2, 8.5)
    .fillColor('#FFFFFF')
    .fill()
    .fillColor(INK)
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
