type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252'

/** How much of a file is looked at for zeros. */
const LOOKED_AT = 4096
const MOSTLY = 0.3

/**
 * Reads the bytes of a text file by their own signs: a byte order mark; zeros in every other place (UTF-16); what is not UTF-8 is
 * Windows-1252, so that no letter becomes a replacement sign.
 */
export function decodeText(bytes: Uint8Array): { readonly text: string; readonly encoding: Encoding } {
  const encoding = encodingOf(bytes)
  const text = new TextDecoder(encoding).decode(bytes)
  return { text: text.replace(/^\uFEFF/, ''), encoding }
}

function encodingOf(bytes: Uint8Array): Encoding {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le'
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be'
  const zeros = [0, 0]
  const many = Math.min(bytes.length, LOOKED_AT)
  for (let i = 0; i < many; i++) if (bytes[i] === 0) zeros[i % 2]!++
  if (zeros[1]! > (many / 2) * MOSTLY) return 'utf-16le'
  if (zeros[0]! > (many / 2) * MOSTLY) return 'utf-16be'
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return 'utf-8'
  } catch {
    return 'windows-1252'
  }
}
