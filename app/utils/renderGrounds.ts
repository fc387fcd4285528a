import MarkdownIt from 'markdown-it'

/** The part of an address that leads to a heading: `Groups, repetition, order` is `groups-repetition-order`. */
const slugOf = (words: string) =>
  words
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')

/** A page of our grounds as HTML; headings and the rows of its tables can be led to by their words. */
export function renderGrounds(text: string): string {
  const markdown = new MarkdownIt()
  markdown.renderer.rules.heading_open = (tokens, i) =>
    `<${tokens[i]!.tag} id="${slugOf(tokens[i + 1]!.content)}" tabindex="-1">`
  const cell = markdown.renderer.rules.td_open
  markdown.renderer.rules.td_open = (tokens, i, options, env, self) => {
    const named = /^\*\*([^*]+)\*\*/.exec(tokens[i + 1]!.content)
    if (named) tokens[i]!.attrSet('id', slugOf(named[1]!))
    return cell ? cell(tokens, i, options, env, self) : self.renderToken(tokens, i, options)
  }
  return markdown.render(text)
}
