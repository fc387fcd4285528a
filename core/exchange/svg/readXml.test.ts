import { isTag } from 'domhandler'
import { textContent } from 'domutils'
import { describe, expect, it } from 'vitest'
import { readXml } from './readXml'

describe('an XML text', () => {
  it('is a tree of tags, attributes and words', () => {
    const [root] = readXml('<svg viewBox="0 0 1 2"><g id="a">b &amp; c<![CDATA[<d>]]></g></svg>').children.filter(
      isTag,
    )
    expect(root!.attribs).toEqual({ viewBox: '0 0 1 2' })
    expect(textContent(root!)).toBe('b & c<d>')
  })
  it('has its own entities put in, once', () => {
    const type = '<!DOCTYPE svg [<!ENTITY a "ten"><!ENTITY b "&a;&a;">]>'
    const [root] = readXml(`${type}<svg x="&a;">&b;</svg>`).children.filter(isTag)
    expect(root!.attribs).toEqual({ x: 'ten' })
    expect(textContent(root!)).toBe('&a;&a;')
  })
  it.each(['<svg><g></svg>', '<svg', '<svg a=1/>', 'words alone', '<svg>&nothing;</svg>', ''])(
    'that is not well formed is thrown back: %s',
    (text) => expect(() => readXml(text)).toThrow(),
  )
})
