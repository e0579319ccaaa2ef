import { describe, expect, it } from 'vitest'
import type { Goal } from '@/shared/api'
import { useSteps, type Rung } from '@/shared/steps'
import { inApp } from './inApp'

const zone = (width: number) => ({ size: width, whole: { kind: 'RECTANGLE', bounds: { left: 0, right: width, near: 0, far: 1 } } })

function rung(change: { width?: number, hits?: number, tries?: number, secondsABall?: number }): Rung {
  const { width = 2, hits = 8, tries = 3, secondsABall } = change
  return {
    goal: { kind: 'QUOTA', hits, balls: 12 } as Goal,
    target: { name: 'Rear corner' },
    ring: 0,
    forRight: { stages: [{ zones: [zone(width)] }] },
    dials: { ...secondsABall !== undefined && { secondsABall } },
    tries,
    advance: { rule: 'one_met' },
  } as unknown as Rung
}

describe('a level in a list', () => {
  const { step } = inApp(useSteps)

  it('says all it asks where it is the first', () => {
    expect(step(rung({}), undefined)).toContain('8 of 12')
  })

  it('says only what the one before it does not ask', () => {
    const smaller = step(rung({ width: 1.5 }), rung({}))
    expect(smaller).toContain('1.50')
    expect(smaller).not.toContain('8 of 12')
    expect(step(rung({ hits: 9 }), rung({}))).toContain('9 of 12')
    expect(step(rung({ secondsABall: 4 }), rung({ secondsABall: 5 }))).toContain('4')
  })

  it('is one sentence that begins with a capital', () => {
    const both = step(rung({ width: 1.5, tries: 5 }), rung({}))
    expect(both).toMatch(/^[A-Z][^;]*, [a-z]/)
    expect(both).not.toMatch(/\.( |$)/)
  })

  it('says so where nothing differs', () => {
    expect(step(rung({}), rung({}))).not.toBe('')
  })
})
