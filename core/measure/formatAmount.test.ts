import { expect, it } from 'vitest'
import { formatArea, formatSmall, formatVolume, formatWeight } from './formatAmount'

it('amounts in both units', () => {
  expect([formatArea(12.44, 'metric'), formatArea(12.44, 'imperial')]).toEqual(['12.4 m²', '134 sq ft'])
  expect([formatVolume(0.62, 'metric'), formatVolume(0.05, 'metric'), formatVolume(0.62, 'imperial')]).toEqual([
    '0.62 m³',
    '50 L',
    '0.81 cu yd',
  ])
  expect([formatWeight(25, 'metric'), formatWeight(25, 'imperial'), formatWeight(2.45, 'metric')]).toEqual([
    '25 kg',
    '55 lb',
    '2.5 kg',
  ])
})
it('small lengths to the half inch', () => {
  expect([0.06, 0.0635, 0.0127, 0.3].map((m) => formatSmall(m, 'imperial'))).toEqual([
    '2½ in',
    '2½ in',
    '½ in',
    '12 in',
  ])
  expect(formatSmall(0.065, 'metric')).toBe('6.5 cm')
})
