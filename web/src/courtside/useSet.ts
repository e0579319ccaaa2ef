import { ref, shallowRef } from 'vue'
import { aboutSets } from '@/charting/deviceLog'
import { AS_DRAWN, loadRules, type Chart, type FromHere, type Judged, type LoadedRules } from '@/charting/rules'
import { useRun, type Body } from '@/charting/useRun'
import type { Advice, ChartEvent, Drill, PlaceVersion, Player, SetView, Stance, Standpoint } from '@/shared/api'
import { whenIdle } from '@/shared/idle'
import { levelOf } from '@/shared/sentences'
import { entriesOf, type Logged } from './entries'
import { openedWith, openHere, sideOf, type Opening } from './opening'
import { useBall } from './useBall'
import { useConditions } from './useConditions'
import { useRung } from './useRung'

/** One set while it is charted: judged at once by the rules, kept on this device, sent by the outbox. */
export function useSet() {
  /** What this set has decided while it still runs. */
  const already = shallowRef<Advice>()
  /** The side that hits next, from 0, where sides play against each other. */
  const team = ref(0)
  const place = shallowRef<PlaceVersion>()
  let rules: LoadedRules
  let chart: Chart
  /** The chart whose close has been gone through beforehand. */
  let rehearsed: Chart | undefined
  let player: Player
  let drill: Drill

  const run = useRun<SetView>({ read, add: (event) => chart.append(event), about: (set) => aboutSets(set.player, set.drill), shown, taken })
  const set = run.view
  const rung = useRung({ set, rules: () => rules, who: () => player, what: () => drill })
  const asked = () => levelOf(drill, rung.level.value)
  const conditions = useConditions({ rules: () => rules, rung: asked, chart: () => set.value && chart })
  const ball = useBall({ rules: () => rules, conditions, shoot, team })
  const track = () => conditions.conditions.value.track ?? ''

  async function load(given: Opening) {
    player = given.player
    drill = given.drill
    conditions.beginUnder({
      ...AS_DRAWN, ...given.occasion, hand: player.hand, track: given.track, from: sideOf(given.track) ?? AS_DRAWN.from,
    })
    rules = await loadRules()
    await rung.settle(track())
    await takePen()
    const open = given.run ?? await openHere(rules, given) ?? (given.occasion?.heldAt ? undefined : given.openRun)
    await (open ? run.resume(open) : run.begin())
  }

  /** Another wing, hand or side has a rung of its own. */
  async function onTrack(to: string) {
    const now = conditions.conditions.value
    conditions.conditions.value = { ...now, track: to, from: sideOf(to) ?? now.from }
    await rung.settle(to)
    await takePen()
    await run.begin()
  }

  function takePen() {
    const { heldAt } = conditions.conditions.value
    return run.take([player.id, drill.id, track(), heldAt ? 'paper' : ''].join(' '))
  }

  function read(id: string, events: ChartEvent[]) {
    chart = rules.chart(drill, rung.before(id))
    ball.forget()
    return events.length ? chart.append(events) : undefined
  }

  function shown(seen: SetView | undefined, anew: boolean) {
    already.value = seen && !seen.closed ? chart.decided() : undefined
    team.value = seen?.count.turn ?? team.value
    // What is taken back can be where the opponents stood.
    if (anew || asked().target.stance) {
      conditions.lie()
    }
    if (anew) {
      void prepare(run.id(), () => chart.prepare(rung.level.value, track()))
    }
    if (seen?.shots.length && chart !== rehearsed) {
      rehearsed = chart
      void prepare(run.id(), () => chart.judged(), () => chart.passReport())
    }
  }

  /** What a close asks for is gone through once beforehand, while the coach looks elsewhere, so that the close does not wait. */
  async function prepare(id: string, ...parts: (() => unknown)[]) {
    for (const part of parts) {
      await whenIdle()
      if (id === run.id() && !set.value?.closed) {
        part()
      }
    }
  }

  async function taken(open: string | undefined) {
    await rung.settle(track())
    return open && !set.value?.closed ? open : openHere(rules, { player, drill, track: track() })
  }

  function write(kind: ChartEvent['kind'], body: Body): Logged {
    const seen = run.write(kind, body)
    return 'problem' in seen ? { ok: false, problem: seen.problem } : { ok: true, set: seen }
  }

  /** Logs a shot; the first one opens the set. */
  function shoot(kind: 'shot.landed' | 'shot.keyed', body: Body, standpoint: Standpoint): Logged {
    const opened = open(standpoint)
    return opened.ok ? write(kind, body) : opened
  }

  function open(standpoint: Standpoint): Logged {
    if (set.value) {
      return { ok: true, set: set.value }
    }
    run.startClock()
    void navigator.storage?.persist?.()
    const now = conditions.conditions.value
    const opened = write('set.opened', openedWith({
      player, drill, level: rung.level.value, standpoint, conditions: now, place: place.value, best: rung.standing.value?.best,
    }))
    return opened.ok && now.stance ? write('stance.moved', now.stance) : opened
  }

  function standAt(stance: Stance): Logged | undefined {
    if (!set.value) {
      conditions.conditions.value = { ...conditions.conditions.value, stance }
    }
    const moved = set.value && write('stance.moved', stance)
    if (!moved) {
      conditions.lie()
    }
    return moved
  }

  function turnBack(act: () => ReturnType<typeof run.undo>): Logged | undefined {
    const seen = act()
    return seen && ('problem' in seen ? { ok: false, problem: seen.problem } : { ok: true, set: seen })
  }

  const moveLevel = (to: number, by: 'RULE' | 'COACH', unmet: boolean) =>
    write('level.moved', { from: rung.level.value, to, by, unmet })

  async function next() {
    if (set.value) {
      rung.goOn(chart.line(), track())
    }
    await run.begin()
  }

  /** What is said of the set beyond its count. */
  const says = {
    already,
    fromHere: (): FromHere | undefined => set.value && !set.value.closed ? chart.fromHere() : undefined,
    /** Milliseconds from the player's last shot to the call of the next one. */
    callAfter: (ahead: number) => chart.callAfter(ahead),
    passReport: () => set.value?.passes && chart.passReport(),
    /** What the set says now; nothing before its first entry. */
    judged: (): Judged | undefined => set.value && chart.judged(),
  }

  /** What is written in it, besides its balls. */
  const entries = {
    ...entriesOf(write, open), standAt, moveLevel, undo: () => turnBack(run.undo), redo: () => turnBack(run.redo),
  }

  return {
    set, level: rung.level, team, place, playerId: () => player.id,
    run, rung, conditions, ball, says, entries, load, next, onTrack,
  }
}

export type Charted = ReturnType<typeof useSet>
