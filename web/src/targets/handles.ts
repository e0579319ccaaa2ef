import type { Target, LyingZone, Shape, Stance } from '@/shared/api'
import type { Place } from '@/court/turn'
import { circle, polygon, rectangle } from './areas'

/** A point to drag: where it is drawn, and what the target becomes when it is dragged elsewhere. */
export interface Handle {
  id: string
  at: Place
  drag: (to: Place) => Target
}

const LEAST = 0.02

function ofShape(id: string, shape: Shape, take: (shape: Shape) => Target): Handle[] {
  if (shape.kind === 'CIRCLE') {
    const { middle, radius = 0 } = shape
    return [{
      id: `${id}.radius`,
      at: { x: middle.x + radius, y: middle.y },
      drag: (to) => take(circle(middle, Math.max(LEAST, Math.hypot(to.x - middle.x, to.y - middle.y)))),
    }]
  }
  if (shape.kind === 'POLYGON') {
    const corners = shape.corners ?? []
    return corners.map((at, place) => ({
      id: `${id}.${place}`, at, drag: (to) => take(polygon(corners.map((corner, index) => index === place ? to : corner))),
    }))
  }
  const { left, near, right, far } = shape.bounds
  const corner = (x: number, y: number, name: string): Handle => ({
    id: `${id}.${name}`,
    at: { x, y },
    drag: (to) => take(rectangle(x === left ? to.x : left, y === near ? to.y : near, x === left ? right : to.x, y === near ? far : to.y)),
  })
  return [corner(left, near, 'a'), corner(right, near, 'b'), corner(right, far, 'c'), corner(left, far, 'd')]
}

/** @param lying the zone as it lies, for what is drawn from a line */
export function handlesOf(asks: Target, lying: LyingZone | undefined, stance: Stance | undefined): Handle[] {
  const handles: Handle[] = []
  if (asks.kind === 'BY_STANCE') {
    return asks.area && stance && lying ? byStance(asks, asks.area, lying, stance) : []
  }
  if (asks.area) {
    handles.push(...ofShape('area', asks.area, (area) => ({ ...asks, area })))
  }
  if (asks.middle) {
    handles.push(...ofShape('middle', asks.middle, (middle) => ({ ...asks, middle })))
  }
  if (asks.aim) {
    handles.push({ id: 'aim', at: asks.aim, drag: (aim) => ({ ...asks, aim }) })
  }
  asks.rings?.forEach((ring, place) => handles.push(...ofShape(`ring.${place}`, ring.area, (area) => ({
    ...asks, rings: asks.rings?.map((one, index) => index === place ? { ...one, area } : one) ?? [],
  }))))
  if (lying && asks.kind === 'STRIP') {
    handles.push(stripWidth(asks, lying.whole))
  }
  if (lying && asks.kind === 'HEIGHT_BAND') {
    const { middle, bounds } = lying.whole
    handles.push(
      { id: 'from', at: { x: middle.x, y: bounds.near }, drag: (to) => ({ ...asks, from: Math.max(0, to.y) }) },
      { id: 'to', at: { x: middle.x, y: bounds.far }, drag: (to) => ({ ...asks, to: Math.max(0, to.y) }) },
    )
  }
  return handles
}

/** The edge of a strip that is not its line. */
function stripWidth(asks: Target, { bounds, middle }: Shape): Handle {
  const { side } = asks
  const at = side === 'SHORT' || side === 'DEEP'
    ? { x: middle.x, y: side === 'DEEP' ? bounds.far : bounds.near }
    : { x: side === 'RIGHT' ? bounds.right : bounds.left, y: middle.y }
  const line = { SHORT: bounds.far, DEEP: bounds.near, LEFT: bounds.right, RIGHT: bounds.left, NONE: 0 }[side ?? 'NONE']
  return {
    id: 'width',
    at,
    drag: (to) => ({ ...asks, width: Math.max(LEAST, Math.abs((side === 'SHORT' || side === 'DEEP' ? to.y : to.x) - line)) }),
  }
}

/** Corners as they lie, dragged in parts of the reach. */
function byStance(asks: Target, area: Shape, lying: LyingZone, stance: Stance): Handle[] {
  const origin = { x: lying.whole.middle.x - area.middle.x * stance.reach, y: lying.whole.middle.y - area.middle.y }
  return ofShape('area', area, (offsets) => ({ ...asks, area: offsets })).map((handle) => ({
    id: handle.id,
    at: { x: origin.x + handle.at.x * stance.reach, y: origin.y + handle.at.y },
    drag: (to) => handle.drag({ x: (to.x - origin.x) / stance.reach, y: to.y - origin.y }),
  }))
}
