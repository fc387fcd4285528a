import type { Thing } from '~~/core/site'

/** A thing as one line of the book. */
export function thingWords(t: Thing): string {
  switch (t.kind) {
    case 'building':
      return (
        `eaves ${t.eaveM} m, ${t.roof.kind === 'flat' ? 'flat' : `${t.roof.kind} to ${t.roof.ridgeM} m`}, ` +
        `${t.openings.length} openings`
      )
    case 'fence':
      return `${t.heightM} m high, stops ${Math.round(t.solid * 100)} %`
    case 'surface':
      return t.cover
    case 'terrace':
      return `${t.levelM >= 0 ? '+' : ''}${t.levelM} m`
    case 'tree':
      return `${t.heightM} × ${t.spreadM} m, stem ${t.clearStemM} m, ${t.leaf}`
    case 'feature':
      return `${t.what}, ${t.heightM} m${t.keepInView ? ', keep in view' : ''}`
    case 'service':
      return `${t.service}, ${t.depthM} m ${t.service === 'overhead' ? 'up' : 'down'}${t.sure ? '' : ', not sure'}`
    case 'viewpoint':
      return `${t.viewer.replace('-', ' ')}, eye ${t.eyeM} m`
    case 'target':
      return `${t.wish === 'keep' ? 'keep open' : 'hide'}, ${t.widthM} m wide, ${t.fromM} to ${t.toM} m`
  }
}
