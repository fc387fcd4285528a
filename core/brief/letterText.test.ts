import { expect, it } from 'vitest'
import { EMPTY_BRIEF } from './brief'
import { letterText } from './letterText'

it('says what was agreed, and nothing of what was left open', () => {
  expect(letterText(EMPTY_BRIEF)).toHaveLength(1)
  const letter = letterText({
    ...EMPTY_BRIEF,
    purpose: 'rest',
    months: [5, 6, 9],
    requirements: [
      { trait: 'scent', weight: 'must', beds: [] },
      { trait: 'poison', weight: 'never', beds: [] },
      { trait: 'thorns', weight: 'never', beds: [] },
    ],
    likes: ['lavender'],
    hoursAYear: 40,
    stays: 'the old lilac.',
  })
  expect(letter[0]).toMatch(/^The garden is there to be rested in\. It is kept neat\./)
  expect(letter).toContain('It is at its best in May, June and September.')
  expect(letter).toContain('It must have scent. It never has poisonous parts and thorns and spines.')
  expect(letter).toContain('You like lavender.')
  expect(letter).toContain('What stays: the old lilac.')
  expect(letter.join(' ')).not.toMatch(/undefined|null|would like/)
})
