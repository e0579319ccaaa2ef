import type { Target, Stance, Surface } from '@/shared/api'
import type { Place } from '@/court/turn'
import { circle, polygon, rectangle } from './areas'

export type Kind = Target['kind']

/** The tools of the editor: a kind of target, and for a plain spot its shape. */
export type Tool = 'RECTANGLE' | 'CIRCLE' | 'POLYGON' | Exclude<Kind, 'SPOT'>

const UPRIGHT: Surface['plane'][] = ['FRONT_WALL', 'LEFT_WALL', 'RIGHT_WALL', 'OVER_NET']

/** What an area can be drawn as. */
export const SHAPES: Tool[] = ['RECTANGLE', 'CIRCLE', 'POLYGON']

/** What can be laid on a surface, as one place or as a part of several in order. */
export function toolsFor(surface: Surface, asPart: boolean, several: boolean): Tool[] {
  const upright = UPRIGHT.includes(surface.plane)
  const tools: Tool[] = [...SHAPES, 'RINGS', 'AIM_POINT', 'GOOD_BANDS', 'KEEP_AWAY', 'STRIP', 'PAST_LINE']
  if (upright) {
    tools.push('HEIGHT_BAND')
  } else if (!asPart && surface.plane !== 'RING') {
    tools.push('BY_STANCE')
  }
  if (!asPart) {
    tools.push('EFFECT')
    if (several) {
      tools.push('IN_ORDER')
    }
  }
  return tools
}

/** A fresh target of a kind about a place, of a size that suits its surface. */
export function fresh(tool: Exclude<Tool, 'IN_ORDER'>, at: Place, surface: Surface, corners: Place[]): Target {
  const { left, right, near, far } = surface.extent
  const size = Math.round(Math.min(right - left, far - near) * 15) / 100
  const half = size / 2
  const box = rectangle(at.x - half, at.y - half, at.x + half, at.y + half)
  switch (tool) {
    case 'RECTANGLE':
      return { kind: 'SPOT', area: box }
    case 'CIRCLE':
      return { kind: 'SPOT', area: circle(at, half) }
    case 'POLYGON':
      return { kind: 'SPOT', area: polygon(corners) }
    case 'RINGS':
      return { kind: 'RINGS', rings: [3, 2, 1].map((points) => ({ area: circle(at, half * (4 - points) * 0.6), points })) }
    case 'AIM_POINT':
      return { kind: 'AIM_POINT', aim: at, area: circle(at, half) }
    case 'GOOD_BANDS':
      return {
        kind: 'GOOD_BANDS',
        area: rectangle(left, at.y - size, right, at.y + size),
        middle: rectangle(left, at.y - half / 2, right, at.y + half / 2),
      }
    case 'KEEP_AWAY':
      return { kind: 'KEEP_AWAY', area: box }
    case 'STRIP':
      return { kind: 'STRIP', ...lineNear(surface, at), width: size }
    case 'PAST_LINE':
      return { kind: 'PAST_LINE', ...lineNear(surface, at) }
    case 'HEIGHT_BAND':
      return { kind: 'HEIGHT_BAND', from: Math.max(0, at.y - half), to: at.y + half }
    case 'BY_STANCE':
      return { kind: 'BY_STANCE', anchor: 'OPPONENT', area: rectangle(-0.3, -0.5, 0.3, 0.5) }
    case 'EFFECT':
      return { kind: 'EFFECT', effect: 'MOVED_BEFORE_HITTING' }
  }
}

export function startStance(surface: Surface): Stance {
  const { left, right, near, far } = surface.extent
  const reach = Math.round((right - left) * 25) / 100
  return { opponents: [{ x: (left + right) / 2, y: (near + far) / 2 }], reach: Math.min(4, Math.max(0.2, reach)) }
}

export interface Straight {
  name: string
  across: boolean
  at: number
  from: number
  to: number
}

/** The lines that run straight across a surface or along it; the net is one. */
export function straightLines(surface: Surface): Straight[] {
  const { left, right, near, far } = surface.extent
  const ground = !UPRIGHT.includes(surface.plane) && surface.plane !== 'RING'
  const net: Straight[] = surface.net && ground && (near === 0 || far === 0) ? [{ name: 'net', across: true, at: 0, from: left, to: right }] : []
  return [...net, ...surface.markings.flatMap(({ name, from, to }): Straight[] => {
    if (from && to && from.y === to.y) {
      return [{ name, across: true, at: from.y, from: Math.min(from.x, to.x), to: Math.max(from.x, to.x) }]
    }
    return from && to && from.x === to.x
      ? [{ name, across: false, at: from.x, from: Math.min(from.y, to.y), to: Math.max(from.y, to.y) }]
      : []
  })]
}

export function sidesOf(line: Straight | undefined): ('SHORT' | 'DEEP' | 'LEFT' | 'RIGHT')[] {
  return line?.across === false ? ['LEFT', 'RIGHT'] : ['SHORT', 'DEEP']
}

/** The line that a touch means, and the side on which it lies. */
function lineNear(surface: Surface, at: Place): { line: string, side: 'SHORT' | 'DEEP' | 'LEFT' | 'RIGHT' } {
  const away = (line: Straight) => Math.abs((line.across ? at.y : at.x) - line.at)
  const nearest = straightLines(surface).reduce<Straight | undefined>(
    (best, line) => best && away(best) <= away(line) ? best : line, undefined)
  if (!nearest) {
    return { line: '', side: 'SHORT' }
  }
  const { left, right, near, far } = surface.extent
  const [low, high] = nearest.across ? [near, far] : [left, right]
  // Beyond the last line there is nothing to lay.
  const beyond = nearest.at <= low || (nearest.at < high && (nearest.across ? at.y : at.x) >= nearest.at)
  return { line: nearest.name, side: nearest.across ? (beyond ? 'DEEP' : 'SHORT') : (beyond ? 'RIGHT' : 'LEFT') }
}
