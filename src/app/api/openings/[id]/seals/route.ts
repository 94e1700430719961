import { sealChoiceSchema } from '@/core/seal/seal-choice'
import { putVersion } from '@/server/put-version'
import { saveSealChoice } from '@/store/records'

export const PUT = putVersion(sealChoiceSchema, saveSealChoice)
