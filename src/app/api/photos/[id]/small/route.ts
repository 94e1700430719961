import { getPicture } from '@/server/get-picture'

export const GET = getPicture('look', 'small')
