import type { PdfFonts } from '../services/pdfPen'
import { unwrapWoff } from '../services/unwrapWoff'

const FILES: Readonly<Record<keyof PdfFonts, string>> = {
  plain: 'assets:inter:inter-latin-400-normal.woff',
  bold: 'assets:inter:inter-latin-600-normal.woff',
  title: 'assets:fraunces:fraunces-latin-400-normal.woff',
  'title-bold': 'assets:fraunces:fraunces-latin-600-normal.woff',
}

let kept: Promise<PdfFonts> | null = null

/** The fonts that printed sheets carry, built into the server; read once. */
export const readFonts = (): Promise<PdfFonts> => (kept ??= readAll())

async function readAll(): Promise<PdfFonts> {
  const storage = useStorage()
  const read = async (key: string) => {
    const raw: unknown = await storage.getItemRaw(key)
    if (!raw) throw new Error(`The font ${key} is missing from the build.`)
    return typeof raw === 'string' ? Buffer.from(raw, 'base64') : new Uint8Array(raw as Uint8Array)
  }
  const entries = await Promise.all(
    Object.entries(FILES).map(async ([face, key]) => [face, unwrapWoff(await read(key))] as const),
  )
  return Object.fromEntries(entries) as unknown as PdfFonts
}
