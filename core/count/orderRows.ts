import type { Order } from '../model'
import type { Plant } from '../plant'
import type { FileRows } from './fileRows'

/** The lines of an order as rows, with its sum: what the supplier reads. */
export const orderRows = (order: Order, library: ReadonlyMap<string, Plant>): FileRows => ({
  headings: ['Botanical name', 'Common name', 'Size', 'Number', 'Price each', 'Total', 'Wanted', 'Note'],
  money: [4, 5],
  rows: [
    ...order.lines.map((l) => [
      ...[
        library.get(l.plantId)?.botanicalName ?? l.plantId,
        library.get(l.plantId)?.commonName ?? '',
        l.size,
        l.count,
      ],
      ...[l.price, Math.round(l.count * l.price * 100) / 100, order.wanted, l.note],
    ]),
    [
      ...['Total', '', '', order.lines.reduce((n, l) => n + l.count, 0), ''],
      ...[Math.round(order.lines.reduce((n, l) => n + l.count * l.price, 0) * 100) / 100, '', ''],
    ],
  ],
})
