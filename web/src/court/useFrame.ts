import { useResizeObserver } from '@vueuse/core'
import { computed, shallowRef, type ShallowRef } from 'vue'
import type { Area, Standpoint, Surface } from '@/shared/api'
import { banded } from './closeUp'
import { isFacing } from './shape'
import { matrixOf, toDrawing, type Place } from './turn'

const NEAR_NET = 0.75
const SMALLEST_TEXT = 13
const UNIT_SURFACE = 8.35
const UPRIGHT = ['FRONT_WALL', 'LEFT_WALL', 'RIGHT_WALL', 'OVER_NET']

interface Drawn {
  surface: Surface
  beyond?: Surface | undefined
  standpoint: Standpoint
  /** The part that fills the drawing, instead of all of it. */
  closeUp?: Area | undefined
}

export const isUpright = (surface: Surface) => UPRIGHT.includes(surface.plane)

/** A wall is drawn as the hitter sees it, wherever the charter stands. */
const seenFromOf = ({ surface, standpoint }: Drawn): Standpoint => isUpright(surface) ? 'BEHIND' : standpoint

function extentOf({ surface, beyond }: Drawn): Area {
  const all = [surface, ...beyond ? [beyond] : []].map((one) => one.extent)
  return {
    left: Math.min(...all.map((one) => one.left)), right: Math.max(...all.map((one) => one.right)),
    near: Math.min(...all.map((one) => one.near)), far: Math.max(...all.map((one) => one.far)),
  }
}

function edgeOf(drawn: Drawn): Area {
  const { surface: { margin }, surface, beyond } = drawn
  const { left, right, near, far } = extentOf(drawn)
  const scale = (Math.max(right - left, far - near) + 2 * margin) / UNIT_SURFACE
  return {
    left: left - margin,
    right: right + margin,
    far: far + margin,
    near: near - (beyond || isFacing(surface) || isUpright(surface) ? margin : NEAR_NET * scale),
  }
}

/** What is drawn, in metres of the drawing. */
export function boxOf(given: Drawn): { x: number, y: number, width: number, height: number } {
  const view = given.closeUp ? banded(given.closeUp) : edgeOf(given)
  const drawn = (place: Place) => toDrawing(place, seenFromOf(given), isFacing(given.surface))
  const one = drawn({ x: view.left, y: view.near })
  const other = drawn({ x: view.right, y: view.far })
  return { x: Math.min(one.x, other.x), y: Math.min(one.y, other.y), width: Math.abs(one.x - other.x), height: Math.abs(one.y - other.y) }
}

/** How a surface, alone or with the half beyond the net, is turned and fitted into its drawing. */
export function useFrame(drawing: Readonly<ShallowRef<SVGSVGElement | null>>, props: Drawn) {
  // As the browser tells it: of many drawings on one page each would have to lay out the page anew if it were asked.
  const size = shallowRef<Pick<DOMRectReadOnly, 'width' | 'height'>>({ width: 0, height: 0 })
  useResizeObserver(drawing, ([seen]) => {
    size.value = seen?.contentRect ?? size.value
  })

  const facing = computed(() => isFacing(props.surface))
  const upright = computed(() => isUpright(props.surface))
  const seenFrom = computed<Standpoint>(() => seenFromOf(props))
  const surfaces = computed(() => props.beyond ? [props.surface, props.beyond] : [props.surface])
  const extent = computed(() => extentOf(props))
  const edge = computed(() => edgeOf(props))
  const view = computed(() => props.closeUp ? banded(props.closeUp) : edge.value)
  const drawn = (place: Place) => toDrawing(place, seenFrom.value, facing.value)
  const box = computed(() => boxOf(props))
  /** How this surface compares with the one that strokes, marks and words are sized for. */
  const unit = computed(() => Math.max(box.value.width, box.value.height) / UNIT_SURFACE)
  const viewBox = computed(() => `${box.value.x} ${box.value.y} ${box.value.width} ${box.value.height}`)
  const pixelsAMetre = computed(() => Math.min(size.value.width / box.value.width, size.value.height / box.value.height))
  /** Text is sized in metres with the court, but never below what can be read. */
  const textSize = computed(() => Math.max(0.23 * unit.value, pixelsAMetre.value > 0 ? SMALLEST_TEXT / pixelsAMetre.value : 0))
  const turn = computed(() => matrixOf(seenFrom.value, facing.value))

  return { facing, upright, seenFrom, surfaces, extent, edge, view, drawn, unit, viewBox, textSize, turn }
}

export type Frame = ReturnType<typeof useFrame>
