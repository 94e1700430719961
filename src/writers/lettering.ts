import { join } from 'node:path'
import { type Font, openSync } from 'fontkit'
import type PDFDocument from 'pdfkit'

// The type papers are set in. It has Latin, Greek and Cyrillic letters; a name in others is set in one that has them too, so that none is lost.

type Doc = InstanceType<typeof PDFDocument>

export const FONT = { plain: 'plain', bold: 'bold' } as const
export type FontName = (typeof FONT)[keyof typeof FONT]

const modules = () => join(process.cwd(), 'node_modules')
const files = () => ({
  plain: join(modules(), '@expo-google-fonts/source-sans-3/400Regular/SourceSans3_400Regular.ttf'),
  bold: join(modules(), '@expo-google-fonts/source-sans-3/600SemiBold/SourceSans3_600SemiBold.ttf'),
  'plain-other': join(modules(), 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf'),
  'bold-other': join(modules(), 'dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf'),
})

/** Makes the type known to a paper. */
export function registerFonts(doc: Doc): void {
  for (const [name, file] of Object.entries(files())) doc.registerFont(name, file)
}

let own: Font | null = null
function hasAll(text: string): boolean {
  // What is plain Latin is there for certain, and is nearly everything.
  if (/^[\n\u0020-\u017f]*$/.test(text)) return true
  if (!own) {
    const opened = openSync(files().plain)
    if (!('hasGlyphForCodePoint' in opened)) throw new Error('the type of papers is a collection, not one font')
    own = opened
  }
  return [...text].every(letter => /\s/.test(letter) || own!.hasGlyphForCodePoint(letter.codePointAt(0)!))
}

/** Words that are read from the right, one after another. */
const FROM_RIGHT = /[\p{Script=Arabic}\p{Script=Hebrew}]+(?:\s+[\p{Script=Arabic}\p{Script=Hebrew}]+)+/gu

/** Sets the font a text is printed in, and gives the text as it is printed: words that are read from the right stand in their order. Within a word the
 *  font does it. */
export function setFont(doc: Doc, name: FontName, text: string): string {
  doc.font(hasAll(text) ? name : `${name}-other`)
  return text.replace(FROM_RIGHT, run => run.split(/\s+/).reverse().join(' '))
}
