import { describe, expect, it } from 'vitest'
import { along, isNear, legsOf, zoneAt } from '@/court/legs'
import type { Actor, LyingZone, Pattern, Surface } from '@/shared/api'

const net = { plane: 'FLOOR', extent: { left: -3, right: 3, near: 0, far: 6 }, markings: [] } as unknown as Surface
const wall = { ...net, markings: [{ name: 'front-wall' }] } as unknown as Surface
const zone = (number: number, x: number, y: number) => ({ number, whole: { middle: { x, y } } }) as unknown as LyingZone
const zones = [zone(1, -2, 1), zone(2, 2, 5)]
const pattern = (...steps: [Actor, number, number?][]): Pattern =>
  ({ steps: steps.map(([by, to, from = 0]) => ({ by, from, ways: [{ stroke: '', zone: to }] })) })

describe('the shots of a pattern on the whole court', () => {
  it('begin where the one before ended, and those from the other side are seen from there', () => {
    const legs = legsOf(pattern(['A', 1], ['B', 2], ['A', 0]), zones, net)
    expect(legs[0]).toMatchObject({ near: true, from: { x: 0, y: -6 * 0.55 }, ways: [{ x: -2, y: 1 }] })
    expect(legs[1]).toMatchObject({ near: false, from: { x: -2, y: 1 }, ways: [{ x: -2, y: -5 }] })
    expect(legs[2]).toMatchObject({ from: { x: -2, y: -5 }, ways: [{ x: 0, y: 3 }] })
  })

  it('are hit from a place of its own where one is asked for', () => {
    expect(legsOf(pattern(['A', 1, 2]), zones, net)[0]?.from).toEqual({ x: -2, y: -5 })
  })

  it('lie in one frame before a front wall', () => {
    const legs = legsOf(pattern(['A', 1], ['B', 2]), zones, wall)
    expect(legs[1]?.ways).toEqual([{ x: 2, y: 5 }])
  })

  it('are of pairs once somebody plays against them', () => {
    expect(isNear('B', pattern(['A', 1], ['B', 1]))).toBe(false)
    expect(isNear('B', pattern(['A', 1], ['C', 1], ['B', 1]))).toBe(true)
    expect(isNear('C', pattern(['C', 1]))).toBe(false)
  })

  it('have places between their ends', () => {
    const [leg] = legsOf(pattern(['A', 1, 2]), zones, net)
    expect(leg && along(leg, 0.5)).toEqual({ x: -2, y: -2 })
  })

  it('go to the zone that a touch is nearest to, as its hitter sees it', () => {
    expect(zoneAt({ x: -1.8, y: 0.5 }, true, zones, net)).toBe(1)
    expect(zoneAt({ x: -1.8, y: -4 }, false, zones, net)).toBe(2)
    expect(zoneAt({ x: 2, y: 4 }, false, zones, wall)).toBe(2)
    expect(zoneAt({ x: 0, y: 0 }, true, [], net)).toBe(0)
  })
})
