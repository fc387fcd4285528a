import type { RuleId } from '../judge'

/** Why no edit is offered: what only the designer, the client or the ground can decide. */
const WHY: Partial<Readonly<Record<RuleId, string>>> = {
  shallow: 'Only you can decide whether the bed may be deeper, or the planting narrower: both change its idea.',
  window: 'Only you can decide what the room behind the glass may lose.',
  'keep-open': 'What must stay open was agreed with the client: move it on the site, or plant lower there.',
  around: 'This depends on what lies in the ground and on local codes: ask those who know it before digging.',
  months: 'No one swap fills these months without a loss as heavy: it wants another idea there.',
  theme: 'The theme was chosen with the client: widen it, or accept what strays from it.',
  brief: 'The brief was agreed with the client: change it there, or accept it here.',
  clutter: 'Which kinds go and which come back is the idea of the bed: only you can decide that.',
}
const FALLBACK =
  'Nothing that was tried mends it without something as heavy coming of it: only you can weigh the two.'

export const onlyTheDesigner = (rule: RuleId): string => WHY[rule] ?? FALLBACK
