import { DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf'
import type { LoweredMark } from '@/core/drawing/lowered'
import { TICKS_PER_MM } from '@/core/units/length'

const BLACK = 7
const inMm = (ticks: number): number => ticks / TICKS_PER_MM

/** Lowered marks as DXF in millimetres, y up, true to the tick. A point of the opening is a POINT and a pack a closed
 *  polyline, each on a layer of its own id (`point-L0`, `shim-hinge-top`); all else lies on the layer of its role. */
export function writeDxf(marks: readonly LoweredMark[], textHeight: number): string {
  const writer = new DxfWriter()
  writer.setUnits(Units.Millimeters)
  for (const name of new Set(marks.map(layerOf))) writer.addLayer(name, BLACK)
  for (const mark of marks) addMark(writer, mark, textHeight)
  return writer.stringify()
}

const layerOf = ({ role, id }: LoweredMark): string =>
  (role === 'point' || role === 'shim' ? id : role).replaceAll('.', '-')

function addMark(writer: DxfWriter, mark: LoweredMark, textHeight: number): void {
  const options = { layerName: layerOf(mark) }
  const at = (x: number, y: number) => point3d(inMm(x), inMm(y))
  switch (mark.kind) {
    case 'line':
      writer.addLine(at(mark.x1, mark.y1), at(mark.x2, mark.y2), options)
      return
    case 'path':
      writer.addLWPolyline(
        mark.points.map(p => ({ point: point2d(inMm(p.x), inMm(p.y)) })),
        { ...options, flags: mark.closed ? 1 : 0 },
      )
      return
    case 'arc':
      if (mark.role === 'point') writer.addPoint(inMm(mark.centre.x), inMm(mark.centre.y), 0, options)
      else if (mark.toDeg - mark.fromDeg >= 360)
        writer.addCircle(at(mark.centre.x, mark.centre.y), inMm(mark.radius), options)
      else writer.addArc(at(mark.centre.x, mark.centre.y), inMm(mark.radius), mark.fromDeg, mark.toDeg, options)
      return
    case 'text':
      writer.addText(at(mark.x, mark.y), inMm(textHeight), mark.text, { ...options, rotation: mark.turnDeg })
  }
}
