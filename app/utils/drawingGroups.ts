import type { FoundLine } from '~~/core/exchange'

/** Shapes of a drawing that are alike: one layer, one kind. */
export interface DrawingGroup {
  readonly key: string
  readonly layer: string
  readonly what: string
  readonly count: number
  readonly names: readonly string[]
  readonly choices: readonly { readonly label: string; readonly value: string }[]
}

const LABELS: Readonly<Record<string, string>> = {
  none: 'leave out',
  own: 'as it was',
  building: 'building',
  surface: 'path, lawn or water',
  terrace: 'level',
  bed: 'island bed',
  fence: 'fence or wall',
  service: 'pipe or cable',
  tree: 'tree',
  feature: 'post, urn or tap',
}
const MOST_NAMES = 4

const isPoint = (l: FoundLine) => l.points.length === 1
/** Plants of our own files lie on a layer a kind; here they are one. */
const layerOf = (l: FoundLine) => (l.facts?.kind === 'plant' ? 'plants' : l.layer)
export const groupKey = (l: FoundLine) => `${layerOf(l)}|${kindOf(l)}|${isPoint(l)}|${l.closed}`
const kindOf = (l: FoundLine) => (typeof l.facts?.kind === 'string' ? l.facts.kind : l.what)

/** What shapes may become: our own things what they were, outlines and lines and places what fits them. */
function choicesOf(l: FoundLine): string[] {
  const kind = l.facts ? String(l.facts.kind) : ''
  const own = kind !== '' && kind !== 'bed' && kind !== 'plant' ? ['own'] : []
  if (isPoint(l)) return [...own, 'tree', 'feature', 'none']
  return [...own, ...(l.closed ? ['surface', 'building', 'terrace', 'bed'] : ['fence', 'service']), 'none']
}

const GUESSES: readonly (readonly [RegExp, string])[] = [
  [/build|house|haus|wall.?plate|roof/i, 'building'],
  [/terrac|level|deck/i, 'terrace'],
  [/bed|border|plant/i, 'bed'],
  [/gas|water.?main|cable|pipe|drain|electric|service/i, 'service'],
  [/tree|baum/i, 'tree'],
]

/** What a group becomes when nothing was chosen: what it was, what its layer's name says, else the commonest. */
export function firstChoice({ layer, what, choices }: DrawingGroup, bedsThere: boolean): string {
  const has = (value: string) => choices.some((c) => c.value === value)
  if (has('own')) return 'own'
  if (what === 'bed') return bedsThere ? 'none' : 'bed'
  if (what === 'plant' || what === 'hole' || what === 'point') return 'none'
  const guess = GUESSES.find(([sign, value]) => sign.test(layer) && has(value))?.[1]
  return guess ?? choices[0]!.value
}

/** The shapes of a drawing by layer and kind, in the order they come. */
export function drawingGroups(lines: readonly FoundLine[]): DrawingGroup[] {
  const groups = new Map<string, FoundLine[]>()
  for (const l of lines) {
    const list = groups.get(groupKey(l))
    if (list) list.push(l)
    else groups.set(groupKey(l), [l])
  }
  return [...groups].map(([key, list]) => ({
    key,
    layer: layerOf(list[0]!),
    what: kindOf(list[0]!),
    count: list.length,
    names: [...new Set(list.map((l) => l.name))].slice(0, MOST_NAMES),
    choices: choicesOf(list[0]!).map((value) => ({ value, label: LABELS[value]! })),
  }))
}
