/** The measuring devices this installation knows: their ids and where each listens on this machine. */
export function knownDevices(): ReadonlyMap<string, string> {
  const entries = (process.env.HARVEK_DEVICES ?? '').split(' ').flatMap(pair => {
    const [id, port] = pair.split('=')
    return id && /^\d{2,5}$/.test(port ?? '') ? [[id, `http://127.0.0.1:${port}`] as const] : []
  })
  return new Map(entries)
}
