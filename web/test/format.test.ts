import { describe, expect, it } from 'vitest'
import { asMetres, asPercent } from '@/shared/format'

describe('a share in words', () => {
  it.each([
    [0, '0 %'],
    [0.004, '< 1 %'],
    [0.005, '1 %'],
    [0.62, '62 %'],
    [0.994, '99 %'],
    [0.996, '> 99 %'],
    [1, '100 %'],
  ])('%f is %s: none and all are said of none and all only', (share, words) => {
    expect(asPercent(share).replaceAll('\u00a0', ' ')).toBe(words)
  })

  it('has lengths to the centimetre', () => {
    expect(asMetres(1)).toBe('1.00')
    expect(asMetres(0.456)).toBe('0.46')
  })
})
