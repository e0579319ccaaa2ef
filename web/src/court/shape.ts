import type { Area, Court, Marking, Shape, Surface } from '@/shared/api'
import type { Place } from './turn'

/** The surface of a court that a zone lies on. */
export function surfaceOf(court: Court, plane: Surface['plane']): Surface {
  const surface = court.surfaces.find((one) => one.plane === plane)
  if (!surface) {
    throw new Error(`${court.id} has no ${plane}`)
  }
  return surface
}

/** The half beyond the net, where a court has one; own half and other half are each other's. */
export function halfBeyond(court: Court, plane: Surface['plane']): Surface | undefined {
  const main = court.surfaces[0]
  const own = court.surfaces.find((one) => one.plane === 'OWN_HALF')
  return plane === 'OWN_HALF' ? main : plane === main?.plane ? own : undefined
}

/** Before a front wall the hitter faces the origin. */
export function isFacing(surface: Surface): boolean {
  return surface.plane === 'FLOOR' && surface.markings.some((marking) => marking.name === 'front-wall')
}

/** An outline as a path in metres, in the frame of its surface. */
export function shapePath(shape: Shape): string {
  if (shape.kind === 'CIRCLE') {
    return circlePath(shape.middle, shape.radius ?? 0)
  }
  return shape.kind === 'POLYGON' ? polygonPath(shape.corners ?? []) : rectanglePath(shape.bounds)
}

export function rectanglePath({ left, near, right, far }: Area): string {
  return `M${left} ${near}H${right}V${far}H${left}Z`
}

function polygonPath(corners: Place[]): string {
  return `M${corners.map(({ x, y }) => `${x} ${y}`).join('L')}Z`
}

function circlePath({ x, y }: Place, radius: number): string {
  return `M${x - radius} ${y}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0Z`
}

export function markingPath(marking: Marking): string {
  const { from, to, middle, radius = 0, fromDegrees = 0, toDegrees = 0 } = marking
  if (from && to) {
    return `M${from.x} ${from.y}L${to.x} ${to.y}`
  }
  if (!middle) {
    return ''
  }
  if (toDegrees - fromDegrees >= 360) {
    return circlePath(middle, radius)
  }
  const start = onCircle(middle, radius, fromDegrees)
  const end = onCircle(middle, radius, toDegrees)
  return `M${start.x} ${start.y}A${radius} ${radius} 0 ${toDegrees - fromDegrees > 180 ? 1 : 0} 1 ${end.x} ${end.y}`
}

function onCircle(middle: Place, radius: number, degrees: number): Place {
  const angle = degrees * Math.PI / 180
  return { x: middle.x + radius * Math.cos(angle), y: middle.y + radius * Math.sin(angle) }
}

const LETTER = 0.56
const LINE = 1.1

/** A zone's number and name broken into lines that fit its box; where they do not, the number alone. */
export function fitted(number: number, name: string, box: { width: number, height: number }, textSize: number): string[] {
  const most = Math.floor((box.width - 0.4 * textSize) / (LETTER * textSize))
  const lines = [String(number)]
  for (const word of name.split(' ')) {
    const last = lines.at(-1) ?? ''
    if (last.length + 1 + word.length <= most) {
      lines[lines.length - 1] = `${last} ${word}`
    } else {
      lines.push(word)
    }
  }
  const fits = lines.every((line) => line.length <= most) && (lines.length + 0.3) * LINE * textSize <= box.height
  return fits ? lines : [String(number)]
}
