/** All keys, by where they work; the sheet of keys and the README say the same. */
export const KEY_SHEET: readonly {
  readonly where: string
  readonly keys: readonly (readonly [keys: string, what: string])[]
}[] = [
  {
    where: 'Anywhere',
    keys: [
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z or Ctrl Y', 'redo'],
      ['Ctrl K', 'find a garden, bed, plant, screen or action'],
      ['?', 'this sheet'],
      ['Esc', 'let go, close'],
    ],
  },
  {
    where: 'A block of the score',
    keys: [
      ['arrows', 'along and between lanes (Shift: half a metre)'],
      [', and .', 'the block before and after (Home, End: first, last)'],
      ['+ and -', 'more and fewer plants'],
      ['Enter', 'plant card (Shift: chooses it as well)'],
      ['Delete', 'takes the drift out'],
    ],
  },
  {
    where: 'The plan',
    keys: [
      [', and .', 'choose a plant'],
      ['arrows', 'nudge and pin it (Shift: 0.25 m)'],
      ['U', 'lets it go'],
      ['Delete', 'takes that one plant, or the chosen thing, out'],
      ['L', 'lasso'],
      ['N', 'pins a note'],
      ['G', 'lets orders go'],
    ],
  },
  {
    where: 'Pictures',
    keys: [
      ['Ctrl and the wheel', 'nearer, farther'],
      ['Shift and the wheel', 'along the bed'],
    ],
  },
  {
    where: 'By touch',
    keys: [
      ['two fingers', 'nearer, farther, along the bed'],
      ['a finger held on a drift', 'chooses it beside the others'],
    ],
  },
  { where: 'The time bar', keys: [['arrows, Home, End', 'in the months and in the years']] },
  {
    where: 'The site plan',
    keys: [
      ['+ and -', 'nearer, farther; 0 shows all'],
      ['arrows', 'move what is chosen (Shift: 1 m), or the plan'],
      ['M', 'tape'],
      ['Delete', 'takes what is chosen out'],
    ],
  },
  { where: 'The sun ring', keys: [['arrows', 'ten minutes (Shift: an hour), and the month']] },
  { where: 'Tabs and lists', keys: [['arrows, Home, End', 'from one to the next']] },
]
