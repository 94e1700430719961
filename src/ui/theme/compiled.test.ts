import { compiledOnce } from './compiled'

it('a style is compiled once, and by each compiler, selector and component by itself', () => {
  const asked: string[] = []
  const compiler = (hash: string) =>
    compiledOnce(
      Object.assign(
        (css: string, selector = '', prefix = '', componentId = '&') => {
          asked.push([hash, css, selector, prefix, componentId].join())
          return [`${selector}{${css}}`]
        },
        { hash },
      ),
    )
  const [plain, other] = [compiler(''), compiler('other')]
  expect([plain.hash, other.hash]).toEqual(['', 'other'])
  for (let i = 0; i < 2; i++) {
    expect(plain('a', '.b', undefined, 'c')).toEqual(['.b{a}'])
    expect(plain('a', '.d', undefined, 'c')).toEqual(['.d{a}'])
    plain('a')
    other('a', '.b', undefined, 'c')
  }
  expect(asked).toEqual([',a,.b,,c', ',a,.d,,c', ',a,,,&', 'other,a,.b,,c'])
})
