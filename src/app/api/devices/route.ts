import { knownDevices } from '@/server/devices'
import { handle } from '@/server/handle'

export const GET = handle('look', async () => Response.json([...knownDevices().keys()].map(id => ({ id }))))
