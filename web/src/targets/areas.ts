import type { Area, Target, Shape } from '@/shared/api'
import type { Place } from '@/court/turn'

/** Areas while they are drawn; whether they can be laid is for the rules to say. */

export function rectangle(left: number, near: number, right: number, far: number): Shape {
  const bounds: Area = {
    left: Math.min(left, right), near: Math.min(near, far), right: Math.max(left, right), far: Math.max(near, far),
  }
  return { kind: 'RECTANGLE', bounds, middle: { x: (left + right) / 2, y: (near + far) / 2 } }
}

export function circle({ x, y }: Place, radius: number): Shape {
  return { kind: 'CIRCLE', middle: { x, y }, radius, bounds: { left: x - radius, near: y - radius, right: x + radius, far: y + radius } }
}

export function polygon(corners: Place[]): Shape {
  const xs = corners.map(({ x }) => x)
  const ys = corners.map(({ y }) => y)
  const bounds = { left: Math.min(...xs), near: Math.min(...ys), right: Math.max(...xs), far: Math.max(...ys) }
  return { kind: 'POLYGON', corners, bounds, middle: { x: (bounds.left + bounds.right) / 2, y: (bounds.near + bounds.far) / 2 } }
}

export function shifted(shape: Shape, x: number, y: number): Shape {
  const { left, near, right, far } = shape.bounds
  if (shape.kind === 'RECTANGLE') {
    return rectangle(left + x, near + y, right + x, far + y)
  }
  return shape.kind === 'CIRCLE'
    ? circle({ x: shape.middle.x + x, y: shape.middle.y + y }, shape.radius ?? 0)
    : polygon((shape.corners ?? []).map((corner) => ({ x: corner.x + x, y: corner.y + y })))
}

/** The same area about its own middle, as wide and as deep as asked. */
export function resized(shape: Shape, width: number, depth: number): Shape {
  const { x, y } = shape.middle
  return shape.kind === 'CIRCLE' ? circle(shape.middle, width / 2) : rectangle(x - width / 2, y - depth / 2, x + width / 2, y + depth / 2)
}

export const widthOf = ({ bounds }: Shape) => bounds.right - bounds.left
export const depthOf = ({ bounds }: Shape) => bounds.far - bounds.near

/** Everything of a zone that has a place of its own, moved. */
export function movedAsks(asks: Target, x: number, y: number): Target {
  return {
    ...asks,
    ...asks.area && { area: shifted(asks.area, x, y) },
    ...asks.middle && { middle: shifted(asks.middle, x, y) },
    ...asks.aim && { aim: { x: asks.aim.x + x, y: asks.aim.y + y } },
    ...asks.rings && { rings: asks.rings.map((ring) => ({ ...ring, area: shifted(ring.area, x, y) })) },
    ...asks.from !== undefined && asks.to !== undefined && { from: Math.max(0, asks.from + y), to: asks.to + y },
  }
}
