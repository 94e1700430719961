import { wishesSchema } from '@/core/specification/wishes'
import { putVersion } from '@/server/put-version'
import { saveWishes } from '@/store/records'

export const PUT = putVersion(wishesSchema, saveWishes)
