import { describe, expect, it } from 'vitest'
import { added, changed, doubled, moved, nextActor, removed, split, withWay } from '@/drills/patternSteps'
import type { Pattern, PatternStep } from '@/shared/api'

const step = (zone: number, ...more: number[]): PatternStep => ({ by: 'A', ways: [zone, ...more].map((one) => ({ stroke: '', zone: one })) })
const pattern = (repeats: Pattern['repeats'] = []): Pattern => ({ steps: [step(1), step(2), step(3), step(4)], repeats })
const zones = (one: Pattern | undefined) => one?.steps.map(({ ways }) => ways.map((way) => way.zone).join('/')).join(' ')

describe('steps of a pattern', () => {
  it('are added, changed, and given further ways', () => {
    expect(zones(added(undefined, step(7)))).toBe('7')
    expect(zones(added(pattern(), step(5)))).toBe('1 2 3 4 5')
    expect(changed(pattern(), 1, { by: 'B' }).steps[1]?.by).toBe('B')
    expect(zones(withWay(pattern(), 0, { stroke: 'drop', zone: 9 }))).toBe('1/9 2 3 4')
  })

  it('are moved, doubled, split and taken out', () => {
    expect(zones(moved(pattern(), 0, 1))).toBe('2 1 3 4')
    expect(zones(moved(pattern(), 0, -1))).toBe('1 2 3 4')
    expect(zones(doubled(pattern(), 1))).toBe('1 2 2 3 4')
    expect(zones(split({ steps: [step(1, 2), step(3)] }, 0))).toBe('1 2 3')
    expect(zones(removed(pattern(), 2))).toBe('1 2 4')
    expect(removed({ steps: [step(1)] }, 0)).toBeUndefined()
  })

  it('keep what comes again where all of it is still there', () => {
    const twice = pattern([{ first: 1, last: 2, times: 3 }])
    expect(removed(twice, 0)?.repeats).toEqual([{ first: 0, last: 1, times: 3 }])
    expect(removed(twice, 1)?.repeats).toEqual([])
    expect(doubled(twice, 0).repeats).toEqual([{ first: 2, last: 3, times: 3 }])
    expect(doubled(twice, 1).repeats).toEqual([])
    const open = pattern([{ first: 1, last: 2, times: 3, orFewer: true }])
    expect(removed(open, 3)?.repeats).toEqual([])
  })

  it('alternate until a coach says otherwise', () => {
    expect([nextActor(undefined), nextActor('A'), nextActor('B'), nextActor('FEEDER'), nextActor('C')]).toEqual(['A', 'B', 'A', 'A', 'D'])
  })
})
