import { knownDevices } from '@/server/devices'
import { handle } from '@/server/handle'

export const GET = handle(async () => Response.json([...knownDevices().keys()].map(id => ({ id }))))
