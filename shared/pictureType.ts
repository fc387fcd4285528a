/** The media type of a PNG or JPEG by its first and last bytes; null for anything else. */
export function pictureType(bytes: Uint8Array): 'image/png' | 'image/jpeg' | null {
  const begins = (...start: number[]) => start.every((b, i) => bytes[i] === b)
  if (begins(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a) && bytes.length > 60) return 'image/png'
  return begins(0xff, 0xd8, 0xff) && bytes.length > 60 ? 'image/jpeg' : null
}
