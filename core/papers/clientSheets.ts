import type { Brief } from '../model'
import type { CountLine, GardenCount } from '../count'
import type { Plant } from '../plant'
import { monthSpan, placeMonths, type Climate } from '../time'
import type { Block, Paper, SheetHead, TextPage } from './paper'
import { money, upright } from './upright'

const PRUNING: Readonly<Record<Plant['pruningGroup'], string>> = {
  none: 'no pruning but what is dead',
  'after-flowering': 'prune right after its flowers',
  'late-winter': 'prune late in winter',
  leaf: 'cut hard for its leaf in spring',
  clip: 'clip; never in strong sun or before frost',
  'cut-down': 'cut down',
  deadhead: 'take dead flowers off',
}

/** When each kind is pruned, staked, divided, brought in. */
export function careSheet(lines: readonly CountLine[], climate: Climate, head: SheetHead, paper: Paper): TextPage {
  const months = (list: Plant['pruningMonths']) => (list.length === 0 ? '' : monthSpan(placeMonths(list, climate)))
  const rows = lines.map(({ key, plant: p }) => [
    ...[key, p.commonName, months(p.pruningMonths), PRUNING[p.pruningGroup]],
    [
      ...(p.staking === 'none' ? [] : ['stake before it flops']),
      ...(p.divideYears > 0 ? [`divide every ${p.divideYears} years`] : []),
      ...(p.tender ? [p.tender.how === 'let-go' ? 'new each year' : `${p.tender.how} over winter`] : []),
    ].join('; '),
  ])
  return upright(paper, head, 'Care through the year', [
    {
      kind: 'table',
      shares: [0.07, 0.25, 0.2, 0.26, 0.22],
      headings: ['Letter', 'Plant', 'When', 'What', 'And'],
      rows,
    },
  ])
}

/** Cover and letter of a dossier for the client: what was asked, and what the sheets hold. */
export function coverSheet(
  brief: Brief,
  beds: readonly string[],
  count: GardenCount,
  head: SheetHead,
  paper: Paper,
): TextPage {
  const asked = [
    ...(brief.months.length > 0 ? [`It is to be at its best in ${monthSpan(brief.months)}.`] : []),
    ...(brief.hoursAYear > 0 ? [`There are ${brief.hoursAYear} hours of work a year for it.`] : []),
    ...(brief.budget > 0
      ? [
          `The budget is ${money(brief.budget, head)}, ` +
            `in ${brief.phases} ${brief.phases === 1 ? 'phase' : 'phases'}.`,
        ]
      : []),
    ...(brief.stays ? [`What stays: ${brief.stays}`] : []),
  ]
  return upright(paper, head, head.garden, [
    { kind: 'heading', text: 'A planting in layers' },
    {
      kind: 'words',
      text: `${
        brief.client ? `For ${brief.client}. ` + `` : ''
      }This is the planting for ${beds.join(', ')}: a garden for ${brief.purpose}, ${brief.manner}.`,
    },
    ...asked.map((text): Block => ({ kind: 'words', text })),
    {
      kind: 'words',
      text:
        `${count.plants} plants of ${new Set(count.lines.map((l) => l.plant.id)).size} kinds stand in it; those to be bought come to ` +
        `${money(count.total, head)}. ` +
        'Each kind has one letter, the same on every sheet.',
    },
    { kind: 'heading', text: 'How to read the sheets' },
    {
      kind: 'words',
      text:
        'Planting plans show each plant at the size it grows to. Elevations show the beds from where ' +
        'they are looked at, in four months of year three.',
    },
    {
      kind: 'words',
      text: 'Setting-out tables, the order of works, the care of the year and the cautions are for those who plant and keep it.',
    },
  ])
}
