import type { H3Event } from 'h3'
import { pictureType } from '../../shared/pictureType'

/**
 * The PNG or JPEG that a request carries, told by its bytes; refuses anything else, and what is larger than
 * `mostMB`. `instead` says what to do.
 */
export async function readPicture(
  event: H3Event,
  mostMB: number,
  instead: string,
): Promise<{ readonly bytes: Uint8Array; readonly mediaType: 'image/png' | 'image/jpeg' }> {
  const bytes = await readRawBody(event, false)
  const mediaType = bytes ? pictureType(bytes) : null
  if (!bytes || !mediaType) throw refuse(422, `That is not a PNG or JPEG picture: nothing was changed. ${instead}`)
  if (bytes.length > mostMB * 1024 * 1024)
    throw refuse(
      413,
      `The picture is ${(bytes.length / 1048576).toFixed(1)} MB; ${mostMB} MB is the most. Make it smaller.`,
    )
  return { bytes, mediaType }
}
