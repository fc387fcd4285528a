const MOST = 12 * 1024 * 1024

/**
 * A photo read and drawn no larger than a box, as JPEG; what it is is told by decoding it, not by its name. Throws
 * an error whose message says what to do.
 */
export async function readPhoto(file: File, widthPx: number, heightPx: number): Promise<HTMLCanvasElement> {
  if (file.size > MOST)
    throw new Error(
      `The photo is ${(file.size / 1048576).toFixed(1)} MB; ${MOST / 1048576} MB is the most. Make it smaller.`,
    )
  let picture: ImageBitmap
  try {
    picture = await createImageBitmap(file)
  } catch {
    throw new Error(`${file.name} is no picture that can be read: choose a PNG or JPEG photo.`)
  }
  const canvas = document.createElement('canvas')
  const by = Math.min(1, widthPx / picture.width, heightPx / picture.height)
  canvas.width = Math.max(1, Math.round(picture.width * by))
  canvas.height = Math.max(1, Math.round(picture.height * by))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return canvas
}

/** The one file that an input was given; the input is emptied, so that the same file can be given again. */
export function takenFile(event: Event): File | null {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0] ?? null
  input.value = ''
  return file
}
