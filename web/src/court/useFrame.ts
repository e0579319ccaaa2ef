import { useElementSize } from '@vueuse/core'
import { computed, type ShallowRef } from 'vue'
import type { Standpoint, Surface } from '@/shared/api'
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
}

/** How a surface, alone or with the half beyond the net, is turned and fitted into its drawing. */
export function useFrame(drawing: Readonly<ShallowRef<SVGSVGElement | null>>, props: Drawn) {
  const { width, height } = useElementSize(drawing)

  const facing = computed(() => isFacing(props.surface))
  const upright = computed(() => UPRIGHT.includes(props.surface.plane))
  /** A wall is drawn as the hitter sees it, wherever the charter stands. */
  const seenFrom = computed<Standpoint>(() => upright.value ? 'BEHIND' : props.standpoint)
  const surfaces = computed(() => props.beyond ? [props.surface, props.beyond] : [props.surface])
  const extent = computed(() => {
    const all = surfaces.value.map((one) => one.extent)
    return {
      left: Math.min(...all.map((one) => one.left)), right: Math.max(...all.map((one) => one.right)),
      near: Math.min(...all.map((one) => one.near)), far: Math.max(...all.map((one) => one.far)),
    }
  })
  const edge = computed(() => {
    const { margin } = props.surface
    const { left, right, near, far } = extent.value
    const scale = (Math.max(right - left, far - near) + 2 * margin) / UNIT_SURFACE
    return {
      left: extent.value.left - margin,
      right: extent.value.right + margin,
      far: extent.value.far + margin,
      near: near - (props.beyond || facing.value || upright.value ? margin : NEAR_NET * scale),
    }
  })
  const drawn = (place: Place) => toDrawing(place, seenFrom.value, facing.value)
  const box = computed(() => {
    const one = drawn({ x: edge.value.left, y: edge.value.near })
    const other = drawn({ x: edge.value.right, y: edge.value.far })
    return { x: Math.min(one.x, other.x), y: Math.min(one.y, other.y), width: Math.abs(one.x - other.x), height: Math.abs(one.y - other.y) }
  })
  /** How this surface compares with the one that strokes, marks and words are sized for. */
  const unit = computed(() => Math.max(box.value.width, box.value.height) / UNIT_SURFACE)
  const viewBox = computed(() => `${box.value.x} ${box.value.y} ${box.value.width} ${box.value.height}`)
  const pixelsAMetre = computed(() => Math.min(width.value / box.value.width, height.value / box.value.height))
  /** Text is sized in metres with the court, but never below what can be read. */
  const textSize = computed(() => Math.max(0.23 * unit.value, pixelsAMetre.value > 0 ? SMALLEST_TEXT / pixelsAMetre.value : 0))
  const turn = computed(() => matrixOf(seenFrom.value, facing.value))

  return { facing, upright, seenFrom, surfaces, extent, edge, drawn, unit, viewBox, textSize, turn }
}
