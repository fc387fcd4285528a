import { fail, ok, type Result } from '~~/core/result'

const LONGEST_PX = 1600
const QUALITY = 0.85

/** A photo as JPEG, its longer side at most 1,600 pixels; its place and camera are left behind. What is no picture is told in words. */
export async function smallerPicture(file: Blob): Promise<Result<Blob>> {
  const picture = await createImageBitmap(file).catch(() => null)
  if (!picture) return fail('That is no picture that can be shown: choose a photo as JPEG, PNG or WebP.')
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  const blob = await new Promise<Blob | null>((done) => {
    canvas.toBlob(done, 'image/jpeg', QUALITY)
  })
  return blob ? ok(blob) : fail('The photo could not be made smaller: choose another one.')
}
