import type { FileRows } from '../count'
import type { PlannedTask } from './task'

/** The tasks as rows for a file. */
export const worksRows = (tasks: readonly PlannedTask[]): FileRows => ({
  headings: [
    'Task',
    'From',
    'To',
    'Hours',
    'People',
    'Reckoned from',
    'Tools',
    'Cautions',
    'After',
    'Wait, days',
    'Slack, days',
    'Done',
  ],
  rows: tasks.map((t) => [
    ...[
      t.name,
      t.start,
      t.end,
      Math.round(t.hours * 10) / 10,
      t.people,
      t.basis,
      t.tools.join('; '),
      t.cautions.join('; '),
    ],
    ...[
      t.after.map((id) => tasks.find((o) => o.id === id)?.name ?? id).join('; '),
      t.waitDays,
      t.slackDays,
      t.done ? 'yes' : '',
    ],
  ]),
})
