import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

// One word for one thing in everything that is said or printed: what is left of a sentence’s file once the code is taken away.

const ROOT = join(import.meta.dirname, '..')
const files = ['words', 'ui', 'papers'].flatMap(room =>
  readdirSync(join(ROOT, room), { recursive: true, encoding: 'utf8' })
    .filter(name => /\.tsx?$/.test(name) && !/test|glossary/.test(name))
    .map(name => join(room, name)),
)

/** Sentences and names of more than one word, and what stands between tags. */
function saidIn(file: string): readonly string[] {
  const text = readFileSync(join(ROOT, file), 'utf8')
    .replace(/^\s*(\/\/|\/?\*).*$/gm, '')
    .replace(/styled[\w.()]*(<[^>]*>)?`[^`]*`/g, '')
    .replace(/^(import .*|'use client')$/gm, '')
  const quoted = text.match(/'(?:[^'\\\n]|\\.)*'|`[^`]*`/g) ?? []
  const between = text.match(/>[^<>{}=;()]+</g) ?? []
  const plain = [...quoted, ...between].map(one => one.replace(/\$\{[^}]*\}/g, ' '))
  return plain.filter(one => /[A-Za-z’] [A-Za-z]/.test(one))
}

/** A word that is not said, and the one that is. */
const NOT_SAID: Readonly<Record<string, string>> = {
  'shims?|shimming': 'pack',
  'brick-?moulds?|brick moulds?|moulds?': 'outside trim',
  'measurements?': 'reading',
  'latch side|lock side': 'strike side',
  'slabs?': 'leaf',
  'famil(y|ies)': 'kind',
  'manufacturers?|vendors?': 'maker',
  'clients?|homeowners?': 'customer',
  'click|tap here': 'tap',
  'invalid|successfully|oops|error': 'a sentence that says what is wrong',
  'weatherstripping|weather strip|gaskets?': 'weatherstrip, or seal',
  'saddle|door sill': 'threshold',
}

const said = files.flatMap(file => saidIn(file).map(text => ({ file, text })))

it('reads what is said', () => expect(said.length).toBeGreaterThan(2500))

it.each(Object.entries(NOT_SAID))('“%s” is said in one way: %s', word => {
  const at = new RegExp(`(?<![\\w-])(${word})(?![\\w-])`, 'i')
  expect(
    said.filter(({ text }) => at.test(text)).map(({ file, text }) => `${file}: ${text.trim().slice(0, 90)}`),
  ).toEqual([])
})
