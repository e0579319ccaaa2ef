import type { Area, Side, Standpoint } from '@/shared/api'

export interface Place {
  x: number
  y: number
}

/** The standpoints in the order in which one touch turns the court. */
export const STANDPOINTS: readonly Standpoint[] = ['BEHIND', 'LEFT', 'ACROSS', 'RIGHT']

/**
 * A turn of the court as the columns of a matrix from metres in the hitter's frame to the drawing, where y grows
 * downwards. All four are turns, never mirrorings.
 */
const TURNS: Record<Standpoint, readonly [number, number, number, number]> = {
  BEHIND: [1, 0, 0, -1],
  ACROSS: [-1, 0, 0, 1],
  LEFT: [0, -1, -1, 0],
  RIGHT: [0, 1, 1, 0],
}

/** @param facing whether the hitter faces the origin, as before a front wall: then y grows towards the hitter */
export function toDrawing(place: Place, from: Standpoint, facing = false): Place {
  const [a, b, c, d] = TURNS[from]
  const y = facing ? -place.y : place.y
  return { x: a * place.x + c * y, y: b * place.x + d * y }
}

/** The matrices are symmetric and their own inverses. */
export function toCourt(drawn: Place, from: Standpoint, facing = false): Place {
  const { x, y } = toDrawing(drawn, from)
  return { x, y: facing ? -y : y }
}

export function matrixOf(from: Standpoint, facing = false): string {
  const [a, b, c, d] = TURNS[from]
  return `matrix(${(facing ? [a, b, -c, -d] : [a, b, c, d]).join(' ')} 0 0)`
}

export function turned(from: Standpoint): Standpoint {
  return STANDPOINTS[(STANDPOINTS.indexOf(from) + 1) % STANDPOINTS.length] ?? 'BEHIND'
}

const ARROWS: Record<string, Place> = {
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
}

/** The side of the court, in the hitter's frame, that an arrow key points to on the drawing. */
export function sideOfArrow(key: string, from: Standpoint, facing = false): Side | undefined {
  const arrow = ARROWS[key]
  if (!arrow) {
    return undefined
  }
  const { x, y } = toCourt(arrow, from, facing)
  if (Math.abs(x) > Math.abs(y)) {
    return x < 0 ? 'LEFT' : 'RIGHT'
  }
  return y < 0 ? 'SHORT' : 'DEEP'
}

/** A place as it is for who hits from the other side: by half a turn about the middle of the net line. */
export const acrossTheNet = ({ x, y }: Place): Place => ({ x: -x, y: -y })

export function turnedHalf({ bounds, middle }: { bounds: Area, middle: Place }): { bounds: Area, middle: Place } {
  const { left, right, near, far } = bounds
  return { bounds: { left: -right, right: -left, near: -far, far: -near }, middle: acrossTheNet(middle) }
}
