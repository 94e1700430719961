import { baseNameOf, placeOf, WHO_CACHE, WHO_PATH } from '../ui/outbox/place'

/** Whether what stands at an address was taken along on this device by whoever is signed in. */
export async function liesHere(path: string): Promise<boolean> {
  const place = placeOf(path)
  const who = await whoIsHere()
  if (!place || who === null) return false
  const base = await opened(baseNameOf(who)).catch(() => null)
  if (!base) return false
  try {
    const table = place === 'list' ? 'jobs' : place.table
    const store = base.transaction(table).objectStore(table)
    return (await answerOf(place === 'list' ? store.count() : store.count(place.id))) > 0
  } catch {
    return false
  } finally {
    base.close()
  }
}

/** Whose device it is; `null` where nobody is signed in. */
export async function whoIsHere(): Promise<string | null> {
  const who = await (await caches.open(WHO_CACHE)).match(WHO_PATH)
  return who ? who.text() : null
}

/** A database that is there; none is made by asking for it. */
function opened(name: string): Promise<IDBDatabase> {
  const request = indexedDB.open(name)
  request.onupgradeneeded = () => request.transaction?.abort()
  return answerOf(request)
}

const answerOf = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error)
  })
