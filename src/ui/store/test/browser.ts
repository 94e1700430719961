/** A browser that keeps what it is given, for one test file, empty before each test. */
export function keepingBrowser(): ReadonlyMap<string, string> & Pick<Map<string, string>, 'set'> {
  const kept = new Map<string, string>()
  beforeEach(() => {
    kept.clear()
    Object.assign(globalThis, {
      localStorage: {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => void kept.set(key, value),
        removeItem: (key: string) => void kept.delete(key),
      },
    })
  })
  afterAll(() => {
    Reflect.deleteProperty(globalThis, 'localStorage')
  })
  return kept
}
