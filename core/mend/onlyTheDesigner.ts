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
  scale:
    'How large the planting should stand before this building is the idea of the bed: only you can decide that.',
  'over-edge': 'Move the path or the plant: only you know which of them may give way.',
  sameness: 'A bed of one texture may be meant: break it, or accept it as the idea.',
  flowering: 'Another relay of flowers is another bed: only you can decide which kinds may go.',
  palette: 'Which colour leads was chosen with the client: only you can decide it.',
  keeping: 'Whether it may be lifted, deadheaded or cut each year is for those who keep the garden to say.',
  site: 'Nothing in the library takes its place there: change the ground, or its role in the bed.',
  gap: 'What was tried there brings trouble as heavy: move neighbours first, or keep the place open on purpose.',
  clutter: 'Which kinds go and which come back is the idea of the bed: only you can decide that.',
}
const FALLBACK =
  'Nothing that was tried mends it without something as heavy coming of it: only you can weigh the two.'

export const onlyTheDesigner = (rule: RuleId): string => WHY[rule] ?? FALLBACK
