import type { LoweredMark } from '@/core/drawing/lowered'
import type { Scene } from '@/core/drawing/scene'
import { TICKS_PER_MM } from '@/core/units/length'

/** Millimetres with every digit a tick can have: 1/3200 mm is 0.0003125, so seven places are exact. */
export const exactMm = (ticks: number): string => {
  const text = (ticks / TICKS_PER_MM).toFixed(7).replace(/\.?0+$/, '')
  return text === '-0' ? '0' : text
}

const escaped = (text: string) =>
  text.replace(/[&<>"]/g, sign => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign)

/** A scene as SVG in millimetres, y down, true to the tick. Every mark carries its id and role. */
export function writeSvg(scene: Scene, marks: readonly LoweredMark[], textHeight: number): string {
  const width = exactMm(scene.to.x - scene.from.x)
  const height = exactMm(scene.to.y - scene.from.y)
  const view = `${exactMm(scene.from.x)} ${exactMm(-scene.to.y)} ${width} ${height}`
  const body = marks.map(mark => `  ${writeMark(mark, textHeight)}`).join('\n')
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="${view}" fill="none" stroke="#17242B" stroke-width="1.5">
${body}
</svg>
`
}

function writeMark(mark: LoweredMark, textHeight: number): string {
  const dash = mark.certainty === 'assumed' ? ' stroke-dasharray="12 8"' : ''
  const names = `data-id="${escaped(mark.id)}" data-role="${mark.role}"${dash}`
  switch (mark.kind) {
    case 'line':
      return `<line ${names} x1="${exactMm(mark.x1)}" y1="${exactMm(-mark.y1)}" x2="${exactMm(mark.x2)}" y2="${exactMm(-mark.y2)}"/>`
    case 'path': {
      const points = mark.points.map(p => `${exactMm(p.x)},${exactMm(-p.y)}`).join(' ')
      return `<${mark.closed ? 'polygon' : 'polyline'} ${names} points="${points}"/>`
    }
    case 'arc':
      return writeArc(mark, names)
    case 'text': {
      const [x, y] = [exactMm(mark.x), exactMm(-mark.y)]
      const turn = mark.turnDeg === 0 ? '' : ` transform="rotate(${-mark.turnDeg} ${x} ${y})"`
      return `<text ${names} x="${x}" y="${y}"${turn} text-anchor="${mark.anchor}" font-family="Source Sans 3, sans-serif" font-size="${exactMm(textHeight)}" fill="#17242B" stroke="none">${escaped(mark.text)}</text>`
    }
  }
}

function writeArc(mark: Extract<LoweredMark, { kind: 'arc' }>, names: string): string {
  const radius = exactMm(mark.radius)
  if (mark.toDeg - mark.fromDeg >= 360) {
    return `<circle ${names} cx="${exactMm(mark.centre.x)}" cy="${exactMm(-mark.centre.y)}" r="${radius}"/>`
  }
  const at = (degrees: number) => {
    const angle = (degrees * Math.PI) / 180
    return `${exactMm(mark.centre.x + mark.radius * Math.cos(angle))} ${exactMm(-(mark.centre.y + mark.radius * Math.sin(angle)))}`
  }
  const large = mark.toDeg - mark.fromDeg > 180 ? 1 : 0
  return `<path ${names} d="M ${at(mark.fromDeg)} A ${radius} ${radius} 0 ${large} 0 ${at(mark.toDeg)}"/>`
}
