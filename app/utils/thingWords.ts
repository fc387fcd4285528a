import type { Thing } from '~~/core/model'

/** A thing as one line of the book. */
export function thingWords(t: Thing): string {
  switch (t.kind) {
    case 'building':
      return (
        `eaves ${t.eaveM}\u202fm, ${t.roof.kind === 'flat' ? 'flat' : `${t.roof.kind} to ${t.roof.ridgeM}\u202fm`}, ` +
        `${t.openings.length} openings`
      )
    case 'fence':
      return `${t.heightM}\u202fm high, stops ${Math.round(t.solid * 100)} %`
    case 'surface':
      return t.cover
    case 'terrace':
      return `${t.levelM >= 0 ? '+' : ''}${t.levelM}\u202fm`
    case 'tree':
      return `${t.heightM} × ${t.spreadM}\u202fm, stem ${t.clearStemM}\u202fm, ${t.leaf}`
    case 'feature':
      return `${t.what}, ${t.heightM} m${t.keepInView ? ', keep in view' : ''}`
    case 'service':
      return `${t.service}, ${t.depthM}\u202fm ${t.service === 'overhead' ? 'up' : 'down'}${t.sure ? '' : ', not sure'}`
    case 'viewpoint':
      return `${t.viewer.replace('-', ' ')}, eye ${t.eyeM}\u202fm`
    case 'target':
      return `${t.wish === 'keep' ? 'keep open' : 'hide'}, ${t.widthM}\u202fm wide, ${t.fromM} to ${t.toM}\u202fm`
  }
}
