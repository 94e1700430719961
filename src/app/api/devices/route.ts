import { knownDevices } from '@/devices/known'
import { handle } from '@/server/handle'

/** The devices of this place, and where each is reached by whoever is on the same machine. */
export const GET = handle('look', async () => Response.json([...knownDevices()].map(([id, at]) => ({ id, at }))))
