import { computed, ref, shallowRef, type Ref } from 'vue'
import { AS_DRAWN, type LoadedRules, type Preview, type RulesProblem } from '@/charting/rules'
import type { Mark } from '@/court/MarkLayer.vue'
import type { Place } from '@/court/turn'
import type { Area, Target, Court, LyingZone, Plane, Stage, Surface, TargetSet, Zone } from '@/shared/api'
import { surfaceOf } from '@/court/shape'
import { movedAsks } from './areas'
import { fresh, startStance, type Tool } from './kinds'
import { handlesOf, type Handle } from './handles'
import { snapped, toTheCentimetre } from './snap'
import type { Draft } from './useDraft'

/** Of the surface's greater side. */
const REACH_OF_A_FINGER = 0.035
const SNAPS_WITHIN = 0.012
const MOST_TRIED = 5
const MOST_ZONES = 9

type Held = { handle: Handle } | { from: Place, asks: Target } | { opponent: number }

/** What touches on the court mean while a target is drawn: placing, choosing, dragging, or trying it out. */
export function useDrawing(
  draft: Draft, rules: LoadedRules, court: Court, snapping: Ref<boolean>, nameOf: (kind: Target['kind'] | Tool) => string, drawingInUse: Ref<boolean>,
) {
  const { target } = draft
  const tool = ref<Tool>()
  /** The surface of a target that has no zone yet. */
  const emptyPlane = ref<Plane>()
  const trying = ref(false)
  const number = ref<number | undefined>(target.value.zones[0]?.number)
  const part = ref(0)
  const corners = shallowRef<Place[]>([])
  const tries = shallowRef<(Mark & { seen: Preview, plane: Plane })[]>([])
  const onTheWay = shallowRef<Place[]>([])
  const refused = shallowRef<RulesProblem>()
  let held: Held | undefined

  const zone = computed(() => target.value.zones.find((one) => one.number === number.value))
  const parts = computed(() => zone.value?.asks.kind === 'IN_ORDER' ? zone.value.asks.parts ?? [] : [])
  const inUse = computed<Target | undefined>(() => drawingInUse.value && target.value.inUse.drawn
    ? { kind: 'SPOT', area: target.value.inUse.drawn }
    : undefined)
  /** What is drawn now: what is in use, the chosen zone's own, or that of one of its parts. */
  const asks = computed<Target | undefined>(() => inUse.value ?? parts.value[part.value]?.asks ?? zone.value?.asks)
  const plane = computed<Plane>(() => parts.value[part.value]?.plane ?? target.value.zones[0]?.plane
    ?? emptyPlane.value ?? court.surfaces[0]?.plane ?? 'FLOOR')
  const surface = computed<Surface>(() => surfaceOf(court, plane.value))
  const stage = computed<Stage>(() => {
    const stages = draft.lying.value.stages
    const inUse = surface.value.regions[0] ?? { id: '', area: whole(surface.value), unused: [] }
    const empty: Stage = { plane: plane.value, inUse, zones: [] }
    return stages[Math.min(part.value, stages.length - 1)] ?? empty
  })
  const lying = computed<LyingZone | undefined>(() => stage.value.zones.find((one) => one.number === number.value))
  const handles = computed(() => trying.value || !asks.value ? [] : handlesOf(asks.value, lying.value, target.value.stance))
  const largest = computed(() => Math.max(
    surface.value.extent.right - surface.value.extent.left, surface.value.extent.far - surface.value.extent.near))

  const snap = (place: Place) => snapping.value
    ? snapped(place, surface.value, stage.value.zones.filter((one) => one.number !== number.value), SNAPS_WITHIN * largest.value)
    : { x: toTheCentimetre(place.x), y: toTheCentimetre(place.y) }

  function withAsks(next: Target): TargetSet {
    if (inUse.value && next.area) {
      return { ...target.value, inUse: { drawn: next.area, tie: target.value.inUse.tie } }
    }
    const zones = target.value.zones.map((one) => {
      if (one.number !== number.value) {
        return one
      }
      if (one.asks.kind !== 'IN_ORDER') {
        return { ...one, asks: next }
      }
      const changed = one.asks.parts?.map((each, place) => place === part.value ? { ...each, asks: next } : each) ?? []
      return { ...one, asks: { ...one.asks, parts: changed } }
    })
    return { ...target.value, zones }
  }

  function down(place: Place) {
    refused.value = undefined
    if (trying.value) {
      tryAt(place)
    } else if (tool.value) {
      put(place)
    } else {
      held = grasp(place)
    }
  }

  function put(place: Place) {
    if (tool.value === 'POLYGON') {
      const first = corners.value[0]
      if (first && corners.value.length > 2 && distance(first, place) < REACH_OF_A_FINGER * largest.value) {
        finishPolygon()
      } else {
        corners.value = [...corners.value, snap(place)]
      }
      return
    }
    if (tool.value && tool.value !== 'IN_ORDER') {
      add(fresh(tool.value, snap(place), surface.value, []))
    }
  }

  function finishPolygon() {
    if (corners.value.length > 2) {
      add(fresh('POLYGON', corners.value[0] ?? { x: 0, y: 0 }, surface.value, corners.value))
    }
    corners.value = []
  }

  /** A new zone; or, where there is one already, what is in use or the place of a part. */
  function add(next: Target) {
    const name = nameOf(tool.value ?? next.kind)
    tool.value = undefined
    if (inUse.value || zone.value?.asks.kind === 'IN_ORDER') {
      draft.take(withAsks(next))
      return
    }
    const taken = new Set(target.value.zones.map((one) => one.number))
    const free = [1, 2, 3, 4, 5, 6, 7, 8, 9].find((one) => !taken.has(one))
    if (!free || target.value.zones.length >= MOST_ZONES) {
      return
    }
    const made: Zone = { number: free, name, plane: plane.value, tie: 'COURT', asks: next }
    const stance = next.kind === 'BY_STANCE' && !target.value.stance ? { stance: startStance(surface.value) } : {}
    number.value = free
    draft.take({ ...target.value, ...stance, zones: [...target.value.zones, made] })
  }

  function grasp(place: Place): Held | undefined {
    const reach = REACH_OF_A_FINGER * largest.value
    const handle = closest(handles.value, (one) => one.at, place, reach)
    if (handle) {
      return { handle }
    }
    const opponents = target.value.stance?.opponents ?? []
    const opponent = closest(opponents.map((at, index) => ({ at, index })), (one) => one.at, place, reach)
    if (opponent && target.value.zones.some((one) => one.asks.kind === 'BY_STANCE')) {
      return { opponent: opponent.index }
    }
    if (inUse.value) {
      return holds(inUse.value.area?.bounds, place) ? { from: place, asks: inUse.value } : undefined
    }
    const inside = stage.value.zones.filter(({ whole: { bounds } }) => holds(bounds, place))
    const touched = inside.find((one) => one.number === number.value) ?? inside[0]
    const found = target.value.zones.find((one) => one.number === touched?.number)
    if (found) {
      number.value = found.number
      return asks.value && { from: place, asks: asks.value }
    }
    return undefined
  }

  function drag(place: Place) {
    if (!held) {
      return
    }
    if ('handle' in held) {
      draft.show(withAsks(held.handle.drag(snap(place))))
    } else if ('opponent' in held) {
      const which = held.opponent
      const stance = target.value.stance
      if (stance) {
        const at = { x: toTheCentimetre(place.x), y: toTheCentimetre(place.y) }
        draft.show({ ...target.value, stance: { ...stance, opponents: stance.opponents.map((one, index) => index === which ? at : one) } })
      }
    } else {
      draft.show(withAsks(movedAsks(held.asks, toTheCentimetre(place.x - held.from.x), toTheCentimetre(place.y - held.from.y))))
    }
  }

  function up() {
    if (held && target.value) {
      draft.take()
    }
    held = undefined
  }

  function tryAt(place: Place) {
    const seen = rules.preview(target.value, 0, AS_DRAWN, [...onTheWay.value, place])
    if ('problem' in seen) {
      refused.value = seen.problem
      return
    }
    const mark = { id: `${tries.value.length}.${place.x}.${place.y}`, ...place, ruling: seen.ruling, size: 0.13, seen, plane: plane.value }
    tries.value = [...tries.value, mark].slice(-MOST_TRIED)
    onTheWay.value = seen.goesOn ? [...onTheWay.value, place] : []
    part.value = parts.value.length ? onTheWay.value.length % parts.value.length : 0
  }

  function nudge(x: number, y: number) {
    if (asks.value && asks.value.kind !== 'BY_STANCE') {
      draft.take(withAsks(movedAsks(asks.value, x, y)))
    }
  }

  function choose(next: number) {
    number.value = next
    part.value = 0
  }

  function setTool(next: Tool | undefined) {
    tool.value = next
    corners.value = []
    trying.value = false
    if (next === 'EFFECT') {
      add(fresh('EFFECT', { x: 0, y: 0 }, surface.value, []))
    } else if (next === 'IN_ORDER') {
      tool.value = undefined
      inOrder()
    }
  }

  /** Over the net, or a wall, and then the floor: two places to begin with, which are then drawn one by one. */
  function inOrder() {
    const main = court.surfaces[0]
    const before = court.surfaces.find((one) => one.plane === 'OVER_NET') ?? court.surfaces.find((one) => one.plane !== main?.plane)
    if (!main || !before) {
      return
    }
    const upright = { x: (before.extent.left + before.extent.right) / 2, y: (before.extent.near + before.extent.far) / 2 }
    const ground = { x: main.extent.right / 2, y: (main.extent.near + main.extent.far) / 2 }
    const start: Zone = {
      number: 1, name: nameOf('IN_ORDER'), plane: main.plane, tie: 'COURT',
      asks: {
        kind: 'IN_ORDER',
        parts: [
          { plane: before.plane, inUse: before.regions[0]?.id ?? '', asks: fresh('HEIGHT_BAND', upright, before, []) },
          { plane: main.plane, inUse: main.regions[0]?.id ?? '', asks: fresh('RECTANGLE', ground, main, []) },
        ],
      },
    }
    choose(1)
    draft.take({ ...target.value, zones: [start], precedence: [], stance: undefined } as TargetSet)
  }

  const triedHere = computed(() => tries.value.filter((one) => one.plane === plane.value))
  const lastTry = computed(() => tries.value.at(-1)?.seen)

  return { tool, emptyPlane, trying, number, part, parts, zone, asks, inUse, plane, surface, stage, lying, handles,
    corners, triedHere, lastTry, refused,
    down, drag, up, nudge, choose, setTool, finishPolygon, withAsks }
}

function closest<T>(all: T[], at: (one: T) => Place, place: Place, within: number): T | undefined {
  let best: T | undefined
  for (const one of all) {
    const away = distance(at(one), place)
    if (away <= within && (!best || away < distance(at(best), place))) {
      best = one
    }
  }
  return best
}

const holds = (bounds: Area | undefined, { x, y }: Place) => bounds !== undefined
  && x >= bounds.left && x <= bounds.right && y >= bounds.near && y <= bounds.far

function whole(surface: Surface) {
  const { extent } = surface
  return { kind: 'RECTANGLE' as const, bounds: extent, middle: { x: (extent.left + extent.right) / 2, y: (extent.near + extent.far) / 2 } }
}

const distance = (one: Place, other: Place) => Math.hypot(one.x - other.x, one.y - other.y)

export type Drawing = ReturnType<typeof useDrawing>
