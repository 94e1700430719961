import sharp from 'sharp'
import { randomFrom, wholeFrom } from '@/core/test/fixtures'
import { cleanPicture, isCleanJpeg, MOST_PHOTO_BYTES } from './clean-picture'

const plain = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#C9D94F' } })
const EXIF = {
  IFD0: { Make: 'Camera', Model: 'Secret Model' },
  IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '54/1 6/1 0/1' },
}
const photo = () => plain(640, 480).withExif(EXIF).jpeg().toBuffer()
const codeOf = async (bytes: Buffer) => {
  const clean = await cleanPicture(bytes)
  return clean.ok ? null : clean.issues[0]!.code
}

describe('a photo that is taken in', () => {
  it('carried camera and place, and carries nothing any more', async () => {
    const bytes = await photo()
    expect((await sharp(bytes).metadata()).exif).toBeDefined()
    const clean = await cleanPicture(bytes)
    if (!clean.ok) throw new Error('refused')
    for (const one of [clean.value.picture, clean.value.small]) {
      const { exif, iptc, xmp, format } = await sharp(one).metadata()
      expect([exif, iptc, xmp, format]).toEqual([undefined, undefined, undefined, 'jpeg'])
      expect(one.includes('Secret Model')).toBe(false)
      expect(await isCleanJpeg(one)).toBe(true)
    }
    expect(await isCleanJpeg(bytes)).toBe(false)
  })
  it.each([
    [5000, 2500, 2048, 1024],
    [600, 400, 600, 400],
  ])('of %p × %p is kept at %p × %p, and small at 320', async (width, height, w, h) => {
    const clean = await cleanPicture(await plain(width, height).jpeg().toBuffer())
    expect(clean.ok && [clean.value.width, clean.value.height]).toEqual([w, h])
    const small = await sharp((clean.ok && clean.value.small) as Buffer).metadata()
    expect(Math.max(small.width!, small.height!)).toBe(320)
  })
  it('stands upright, however the camera was held', async () => {
    const clean = await cleanPicture(await plain(400, 200).withMetadata({ orientation: 6 }).jpeg().toBuffer())
    expect(clean.ok && [clean.value.width, clean.value.height]).toEqual([200, 400])
  })
  it.each(['png', 'webp'] as const)('may be %s', async format =>
    expect(await codeOf(await plain(50, 50).toFormat(format).toBuffer())).toBeNull(),
  )
})

describe('what is refused', () => {
  it.each([
    ['nothing', Buffer.alloc(0)],
    ['a text', Buffer.from('not a picture, whatever its name')],
    [
      'a drawing with a script',
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script/></svg>'),
    ],
    ['a PDF', Buffer.from('%PDF-1.7\n%âãÏÓ\n')],
  ])('%s is no picture', async (_, bytes) => expect(await codeOf(bytes)).toBe('photo.no-image'))
  it('half a picture is broken', async () => {
    const bytes = await plain(800, 600).jpeg().toBuffer()
    expect(await codeOf(bytes.subarray(0, Math.floor(bytes.length / 2)))).toBe('photo.broken')
  })
  it('more than 20 MB is too large', async () =>
    expect(await codeOf(Buffer.alloc(MOST_PHOTO_BYTES + 1))).toBe('photo.too-large'))
})

it('a thousand broken pictures (seeded) never crash it, and what is taken is a clean picture', async () => {
  const sources = [
    await plain(48, 32).withExif(EXIF).jpeg().toBuffer(),
    await plain(48, 32).png().toBuffer(),
    await plain(48, 32).webp().toBuffer(),
  ]
  const outcomes = { taken: 0, refused: 0 }
  for (let seed = 0; seed < 1000; seed++) {
    const random = randomFrom(seed)
    const bytes = Buffer.from(sources[seed % 3]!)
    for (let i = wholeFrom(random, 1, 8); i > 0; i--)
      bytes[wholeFrom(random, 0, bytes.length - 1)] = wholeFrom(random, 0, 255)
    const cut = random() < 0.3 ? bytes.subarray(0, wholeFrom(random, 0, bytes.length)) : bytes
    const clean = await cleanPicture(cut)
    if (clean.ok) {
      outcomes.taken++
      expect((await sharp(clean.value.picture).metadata()).exif).toBeUndefined()
    } else {
      outcomes.refused++
      expect(clean.issues[0]!.code).toMatch(/^photo\.(no-image|broken)$/)
    }
  }
  expect(outcomes.refused).toBeGreaterThan(100)
  expect(outcomes.taken).toBeGreaterThan(100)
}, 60_000)
