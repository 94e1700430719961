import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { wordScene } from '@/core/drawing/word-scenes'
import { GLOSSARY, piecesOf, wordsIn } from './glossary'

const HERE = import.meta.dirname
const said = readdirSync(HERE, { recursive: true, encoding: 'utf8' })
  .filter(one => /\.ts$/.test(one) && !/test|glossary/.test(one))
  .map(one => readFileSync(join(HERE, one), 'utf8'))
  .join('\n')
  .toLowerCase()

it.each(Object.entries(GLOSSARY))('“%s” is a word the product says, shown where its picture has it', (_, word) => {
  expect(word.forms.some(form => said.includes(form.toLowerCase()))).toBe(true)
  expect(word.says).toMatch(/^[A-Z].*\.$/)
  const [scene, mark] = word.picture
  expect(wordScene(scene).marks.some(one => one.id === mark)).toBe(true)
})

it('has no way of writing twice', () => {
  const forms = Object.values(GLOSSARY).flatMap(one => one.forms)
  expect(new Set(forms).size).toBe(forms.length)
})

it('says no word by itself: what explains a word never only repeats it', () => {
  for (const { name, says } of Object.values(GLOSSARY)) expect([name, says.split(' ').length > 4]).toEqual([name, true])
})

it('parts a sentence at its first trade words, whole and whatever their case, and loses nothing of it', () => {
  const text = 'Stop at the stops: the kerf, a KERF and the sub-sill, not the subfloor or a stopwatch.'
  const pieces = piecesOf(text)
  expect(pieces.map(one => one.text).join('')).toBe(text)
  expect(pieces.filter(one => one.id).map(one => [one.text, one.id])).toEqual([
    ['stops', 'stop'],
    ['kerf', 'kerf'],
    ['sub-sill', 'sub-sill'],
  ])
})

it('takes the longest way of writing, and leaves a sentence without trade words whole', () => {
  expect(wordsIn('Lay the sill pan under the threshold cap.')).toEqual(['pan', 'cap'])
  expect(piecesOf('Nothing of that.')).toEqual([{ text: 'Nothing of that.', id: null }])
  expect(piecesOf('')).toEqual([{ text: '', id: null }])
})
