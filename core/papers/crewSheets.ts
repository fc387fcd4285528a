import type { CountLine } from '../count'
import { dayTold, formatLength, sayNumber } from '../measure'
import type { Scene } from '../scene'
import { cautionOf, potLines, setOutTable, type Method, type SetOutRow } from '../setout'
import { plantingNotes, type PlannedTask } from '../works'
import type { Block, Paper, SheetHead, TextPage } from './paper'
import { upright } from './upright'

interface SetOutSheetAsk {
  readonly method: Method
  readonly path: 'left' | 'right'
}

/** The tables a bed is set out by: its edge, its plants lane by lane, its pots. */
export function setOutSheet(scene: Scene, head: SheetHead, paper: Paper, ask: SetOutSheetAsk): TextPage {
  const { units, region } = head.manner
  const table = setOutTable(scene, { ...ask, units })
  const m = (n: number | null) => (n === null ? '' : formatLength(n, units, 2, region))
  const lanes = new Map<number, SetOutRow[]>()
  for (const r of table.rows) {
    const there = lanes.get(r.lane)
    if (there) there.push(r)
    else lanes.set(r.lane, [r])
  }
  const cells = (r: SetOutRow) => {
    if (r.tapeAM !== null) return [m(r.tapeAM), m(r.tapeBM), r.side ?? '']
    return r.square
      ? [r.square, m(r.inSquare?.x ?? null), m(r.inSquare?.y ?? null)]
      : [m(r.alongM), m(r.outM), m(r.fromLastM)]
  }
  const named = {
    baseline: ['Along, running', 'Out', 'From the last'],
    tapes: [`From ${table.from.name}`, `From ${table.to.name}`, 'Side'],
    radius: [`From ${table.from.name}`, `From ${table.to.name}`, 'Side'],
    grid: ['Square', 'Along in it', 'Out in it'],
  }[ask.method]
  const isSided = ask.method === 'tapes' || ask.method === 'radius'
  const pots = potLines(scene)
  return upright(paper, head, `Setting out: ${scene.bed.name}`, [
    {
      kind: 'words',
      text: `Back to front, from the far end to the path. Measures are rounded to ${m(table.stepM)}; none brings two plants too near.`,
    },
    { kind: 'words', text: table.diagonals.map((d) => `Check ${d.name}: ${m(d.lengthM)}.`).join(' ') },
    ...[...table.cautions, ...table.repeats].map((text): Block => ({ kind: 'caution', text })),
    { kind: 'heading', text: 'The edge' },
    {
      kind: 'table',
      shares: [0.2, 0.4, 0.4],
      right: [1, 2],
      headings: ['Station', 'Along', 'Out'],
      rows: table.edge.map((e, i) => [`${i + 1}`, m(e.alongM), m(e.outM)]),
    },
    ...[...lanes.values()].flatMap((rows): Block[] => [
      { kind: 'heading', text: `From the back, lane ${rows[0]!.lane + 1}: ${rows.length} plants` },
      {
        kind: 'table',
        shares: [0.08, 0.1, 0.31, 0.19, 0.18, 0.14],
        right: isSided ? [0, 3, 4] : [0, 3, 4, 5],
        headings: ['No.', 'Letter', 'Plant', ...named],
        rows: rows.map((r) => [`${r.no}`, r.letters, r.name, ...cells(r)]),
      },
    ]),
    { kind: 'heading', text: 'Pots as they are set; packed backwards' },
    {
      kind: 'table',
      shares: [0.2, 0.12, 0.44, 0.12, 0.12],
      right: [3],
      headings: ['Lane', 'Letter', 'Plant', 'Pots', 'Size'],
      rows: pots.map((p) => [p.lane, p.letters, p.plant.commonName, `${p.count}`, p.size]),
    },
  ])
}

/** The order of works with planting notes by kind and its cautions. */
export function worksSheet(
  tasks: readonly PlannedTask[],
  lines: readonly CountLine[],
  head: SheetHead,
  paper: Paper,
): TextPage {
  const notes = lines
    .map((l) => [l.key, l.plant.commonName, plantingNotes(l.plant).slice(1).join(' ')])
    .filter((r) => r[2] !== '')
  return upright(paper, head, 'Order of works', [
    {
      kind: 'table',
      shares: [0.3, 0.13, 0.13, 0.08, 0.08, 0.28],
      right: [3, 4],
      headings: ['Task', 'From', 'To', 'Hours', 'People', 'Tools'],
      rows: tasks.map((t) => [
        t.name,
        dayTold(t.start),
        dayTold(t.end),
        sayNumber(t.hours, head.manner.region, 1, 1),
        `${t.people}`,
        t.tools.join(', '),
      ]),
    },
    { kind: 'heading', text: 'Planting notes' },
    {
      kind: 'words',
      text:
        'Holes two to three times as wide as the root ball and just as deep; root flare at the surface; ' +
        'air pockets firmed out; pots wait in shade and are watered.',
    },
    { kind: 'table', shares: [0.08, 0.24, 0.68], headings: ['Letter', 'Plant', 'Beside that'], rows: notes },
    { kind: 'heading', text: 'Cautions' },
    ...[...new Set(tasks.flatMap((t) => t.cautions))].map((text): Block => ({ kind: 'caution', text })),
  ])
}

/** What hands must know of the site and its plants. */
export function cautionSheet(
  lines: readonly CountLine[],
  services: readonly string[],
  head: SheetHead,
  paper: Paper,
): TextPage {
  const rows = lines
    .map(({ key, plant: p }) => [
      key,
      p.botanicalName,
      [cautionOf(p), p.invasiveNote, p.legalNote].filter((t) => t !== '').join('; '),
    ])
    .filter((r) => r[2] !== '')
  const general = [
    services.length > 0
      ? `Services on the site: ${services.join(', ')}. Have them marked, and dig by hand near them.`
      : 'No services are drawn on the site. That does not mean there are none: ask the operators before digging.',
    'What is over 25\u202fkg is lifted by two, or with a machine.',
    'Power augers, ladders and structures by those who are trained; electrics and large trees by licensed practice.',
    'No planting at 32\u202f°C: work early, drink, rest in shade. Damp down dust; mask for dry compost and mulch.',
    'Local codes and rules come before anything said here.',
  ]
  return upright(paper, head, 'Cautions', [
    ...general.map((text): Block => ({ kind: 'caution', text })),
    { kind: 'heading', text: 'Plants' },
    ...(rows.length > 0
      ? [{ kind: 'table' as const, shares: [0.08, 0.34, 0.58], headings: ['Letter', 'Plant', 'Caution'], rows }]
      : [{ kind: 'words' as const, text: 'None of the plants is known to harm.' }]),
  ])
}
