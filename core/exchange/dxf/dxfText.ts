/** Code pages of older drawings, as decoders name them. */
const PAGES: Readonly<Record<string, string>> = {
  ansi_874: 'windows-874',
  ansi_932: 'shift_jis',
  ansi_936: 'gbk',
  ansi_949: 'euc-kr',
  ansi_950: 'big5',
  dos850: 'windows-1252',
  dos437: 'windows-1252',
}
const HEAD = 40_000
/** Drawings are in UTF-8 from this version on. */
const UTF8_FROM = 'AC1021'

/** The text of a DXF file: UTF-8 where it is, else the code page it names, else that of the western letters. */
export function decodeDxf(bytes: Uint8Array): string {
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, HEAD))
  const version = /\$ACADVER\s+1\s+(AC\d+)/.exec(head)?.[1] ?? ''
  const page = (/\$DWGCODEPAGE\s+3\s+(\S+)/.exec(head)?.[1] ?? 'ansi_1252').toLowerCase()
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    const named = PAGES[page] ?? page.replace(/^ansi_/, 'windows-')
    return new TextDecoder(version >= UTF8_FROM ? 'windows-1252' : knownPage(named)).decode(bytes)
  }
}

function knownPage(name: string): string {
  try {
    return new TextDecoder(name).encoding
  } catch {
    return 'windows-1252'
  }
}

const SIGNATURE_LENGTH = 24
/** Binary drawings begin with a line that says so. */
export const isBinaryDxf = (text: string) => text.slice(0, SIGNATURE_LENGTH).includes(' Binary DXF')

const SIGNS: Readonly<Record<string, string>> = { d: '°', p: '±', c: '⌀', u: '', o: '', k: '', '%': '%' }

/** A text of a drawing as people read it: its codes for signs, lines and letters turned into what they stand for. */
export const readableText = (text: string): string =>
  text
    .replace(/\\U\+([0-9a-fA-F]{4})/g, (_, hex: string) => String.fromCharCode(Number.parseInt(hex, 16)))
    .replace(/%%([dpcuok%])/gi, (_, c: string) => SIGNS[c.toLowerCase()] ?? '')
    .replace(/\\P|\\~/g, ' ')
    .replace(/\\[ACFHQTWfpc][^;\\{}]*;/g, '')
    .replace(/\\S([^;^/#]*)[\^/#]([^;]*);/g, '$1/$2')
    .replace(/\\[LlOoKk]/g, '')
    .replace(/\\([\\{}])/g, '$1')
    .replace(/[{}]/g, '')
    .replace(/\s+/g, ' ')
    .trim()
