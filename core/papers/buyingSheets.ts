import type { Order, Supplier, Tray } from '../model'
import { dayTold } from '../measure'
import type { GardenCount, SowingLine } from '../count'
import type { Plant } from '../plant'
import { isDay } from '../time'
import type { Paper, SheetHead, TextPage } from './paper'
import { money, price, upright } from './upright'

/** The plant schedule with what is to buy, its sizes and prices. */
export function scheduleSheet(count: GardenCount, head: SheetHead, paper: Paper): TextPage {
  const rows = count.lines.map((l) => [
    ...[
      l.key,
      l.plant.botanicalName,
      l.plant.commonName,
      `${l.need}`,
      `${l.spare || ''}`,
      `${l.used || ''}`,
      `${l.buy}`,
    ],
    ...[l.size.label, price(l.price, head), price(l.total, head)],
  ])
  return upright(paper, head, 'Plant schedule', [
    {
      kind: 'words',
      text: `${count.plants} plants in ${count.lines.length} lines, ${count.buy} to buy. Prices are typical unless a list was taken in.`,
    },
    {
      kind: 'table',
      shares: [0.06, 0.25, 0.19, 0.07, 0.06, 0.06, 0.06, 0.09, 0.07, 0.09],
      right: [3, 4, 5, 6, 8, 9],
      headings: ['', 'Botanical name', 'Common name', 'Drawn', 'Spare', 'There', 'Buy', 'Size', 'Each', 'Total'],
      rows: [
        ...rows,
        ['', 'Total', '', `${count.plants}`, '', '', `${count.buy}`, '', '', money(count.total, head)],
      ],
    },
  ])
}

/** An order as it is sent to its supplier. */
export function orderSheet(
  order: Order,
  supplier: Supplier | undefined,
  library: ReadonlyMap<string, Plant>,
  head: SheetHead,
  paper: Paper,
): TextPage {
  const total = order.lines.reduce((n, l) => n + l.count * l.price, 0)
  return upright(paper, head, `Order to ${supplier?.name ?? 'the supplier'}`, [
    {
      kind: 'words',
      text:
        [
          isDay(order.made) ? `Made ${dayTold(order.made)}.` : '',
          isDay(order.wanted) ? `Wanted on site ${dayTold(order.wanted)}.` : '',
        ]
          .join(' ')
          .trim() || 'Draft.',
    },
    {
      kind: 'table',
      shares: [0.36, 0.24, 0.12, 0.09, 0.09, 0.1],
      right: [3, 4, 5],
      headings: ['Botanical name', 'Common name', 'Size', 'Number', 'Each', 'Total'],
      rows: [
        ...order.lines.map((l) => [
          ...[library.get(l.plantId)?.botanicalName ?? l.plantId, library.get(l.plantId)?.commonName ?? '', l.size],
          ...[`${l.count}`, price(l.price, head), price(l.count * l.price, head)],
        ]),
        ['Total', '', '', `${order.lines.reduce((n, l) => n + l.count, 0)}`, '', money(total, head)],
      ],
    },
    { kind: 'words', text: 'No substitutes without asking first.' },
  ])
}

/** Labels for trays and the list they stand in, three to a row. */
export function labelSheet(
  trays: readonly Tray[],
  lines: readonly SowingLine[],
  library: ReadonlyMap<string, Plant>,
  head: SheetHead,
  paper: Paper,
): TextPage {
  const label = (t: Tray | undefined) => (t ? labelOf(t, library.get(t.plantId)?.botanicalName ?? t.plantId) : '')
  const rows = Array.from({ length: Math.ceil(trays.length / 3) }, (_, i) =>
    [0, 1, 2].map((k) => label(trays[i * 3 + k])),
  )
  return upright(paper, head, 'Tray labels and sowing list', [
    { kind: 'table', shares: [1 / 3, 1 / 3, 1 / 3], headings: ['', '', ''], rows },
    { kind: 'heading', text: 'Week by week' },
    {
      kind: 'table',
      shares: [0.2, 0.2, 0.12, 0.33, 0.15],
      right: [2],
      headings: ['Day', 'Task', 'Pieces', 'Plant', 'Trays'],
      rows: lines.map((l) => [
        dayTold(l.day),
        l.task,
        `${l.pieces}`,
        library.get(l.plantId)?.commonName ?? l.plantId,
        l.trayNumbers.join(', '),
      ]),
    },
  ])
}

const labelOf = ({ number, seeds, cells, sow }: Tray, name: string) =>
  `Tray ${number}\n${name}\n${seeds} in ${cells}, sow ${isDay(sow) ? dayTold(sow) : ''}`
