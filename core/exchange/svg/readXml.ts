import { DomHandler, type Document } from 'domhandler'
import { SaxesParser } from 'saxes'

/** An entity that a document type declares: `<!ENTITY name "value">`. */
const ENTITY = /<!ENTITY\s+([\w.-]+)\s+(?:"([^"]*)"|'([^']*)')\s*>/g

/** A well-formed XML text as a tree; its own entities are put in once, not again within themselves. Throws where it is not well formed. */
export function readXml(text: string): Document {
  const tree = new DomHandler()
  const parser = new SaxesParser()
  parser.on('error', (error) => {
    throw error
  })
  parser.on('doctype', (declared) => {
    for (const [, name, double, single] of declared.matchAll(ENTITY))
      parser.ENTITIES[name!] = double ?? single ?? ''
  })
  parser.on('opentag', ({ name, attributes }) => tree.onopentag(name, attributes))
  parser.on('closetag', () => tree.onclosetag())
  parser.on('text', (words) => tree.ontext(words))
  parser.on('cdata', (words) => tree.ontext(words))
  parser.write(text.replace(/^\uFEFF/, '')).close()
  tree.onend()
  return tree.root
}
