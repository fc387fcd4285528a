import { PRINT_PALETTE } from '../draw'
import { formatLength, sayNumber } from '../measure'
import { MONTH_NAMES } from '../time'
import { dripOfScene, dripPaints, zoneYear, type DripChoice, type DripFigures, type WaterGarden } from '../water'
import type { DrawingPage, Paper, SheetHead, TextPage } from './paper'
import { planSheets, type PlanAsk } from './planSheet'
import { upright } from './upright'

/** The plan of a bed with its drip over it, true to scale; nothing for a bed without. */
export function waterPlanSheets(ask: PlanAsk, choice: DripChoice): DrawingPage[] {
  const laid = dripOfScene(ask.scene, choice)
  if (!laid.drip) return []
  const over = dripPaints(laid, (p) => p, ask.plain ? () => PRINT_PALETTE.ink : undefined)
  const said = 'drip as laid: rows, rings, tubes dashed, dots are emitters'
  return planSheets({ ...ask, over, said, title: 'water plan' })
}

const YEARS = [
  { year: 0, name: 'first year' },
  { year: 1, name: 'second year' },
  { year: 2, name: 'third year' },
]

/** Zones, their parts and run times by month for the first three years. */
export function waterSheet(
  garden: WaterGarden<DripFigures>,
  emitterLH: number,
  head: SheetHead,
  paper: Paper,
): TextPage {
  const { units, region } = head.manner
  const months = MONTH_NAMES.map((m) => m.slice(0, 3))
  return upright(paper, head, 'Watering', [
    {
      kind: 'words',
      text:
        `The tap gives ${Math.round(garden.tapLH)}\u202fL/h at ${garden.tapBar} bar` +
        `${garden.isTapMeasured ? ', as measured' : ' (a usual one: measure yours)'}. Emitters of ${emitterLH}\u202fL/h.`,
    },
    {
      kind: 'table',
      shares: [0.2, 0.36, 0.1, 0.12, 0.12, 0.1],
      right: [2, 3, 4, 5],
      headings: ['Zone', 'Beds', 'Emitters', 'Pipe', 'Flow', 'Needs'],
      rows: garden.zones.map((z) => [
        z.name,
        z.parts.map((p) => p.bed.bed.name).join(', '),
        `${z.emitters}`,
        formatLength(z.pipeM, units, 2, region),
        `${Math.round(z.flowLH)}\u202fL/h`,
        `${sayNumber(z.needsBar, region, 1, 1)} bar`,
      ]),
    },
    ...YEARS.flatMap(({ year, name }) => [
      { kind: 'heading' as const, text: `Runs a week × minutes, ${name}` },
      {
        kind: 'table' as const,
        shares: [0.22, ...months.map(() => 0.065)],
        right: months.map((_, i) => i + 1),
        headings: ['Zone', ...months],
        rows: garden.zones.map((z) => [
          z.name,
          ...zoneYear(z, year, emitterLH).map((r) => (r.minutes > 0 ? `${r.days}×${r.minutes}` : '')),
        ]),
      },
    ]),
    {
      kind: 'caution',
      text:
        'Connection to drinking water needs what the local code asks against backflow, done by licensed people. ' +
        'Dig by hand near services.',
    },
  ])
}
