import { v7 as uuid } from 'uuid'
import { computed, ref, shallowRef } from 'vue'
import { askLedger } from '@/charting/asked'
import { aboutSets, adopt, deviceId, ofRun, sessionOf, type NewEvent } from '@/charting/deviceLog'
import { useOutbox } from '@/charting/outbox'
import { ownSets } from '@/charting/ownSets'
import {
  AS_DRAWN, loadJudge, loadRules, type Chart, type FromHere, type Judged, type LoadedRules,
  type Standing,
} from '@/charting/rules'
import type { Place } from '@/court/turn'
import {
  EVENT_VERSION, type Advice, type Caller, type ChartEvent, type Drill, type PlaceVersion, type Player, type Role,
  type Ruling, type SetView, type Stance, type Standpoint,
} from '@/shared/api'
import { clubDate, clubTime } from '@/shared/clock'
import { levelOf } from '@/shared/sentences'
import { entriesOf, type Body, type Logged } from './entries'
import { hasWaiting, openedWith, openHere, runOnServer, setClock, sideOf, toTheMillimetre, type Opening } from './opening'
import { useConditions } from './useConditions'
import { useWatching } from './useWatching'

/** One set while it is charted: judged at once by the rules, kept on this device, sent by the outbox. */
export function useSet() {
  const outbox = useOutbox()
  const set = shallowRef<SetView>()
  /** What this set has decided while it still runs. */
  const already = shallowRef<Advice>()
  const standing = shallowRef<Standing>()
  const tookPen = ref(false)
  let rules: LoadedRules
  let chart: Chart
  let judging: ReturnType<typeof loadJudge>
  let player: Player
  let drill: Drill
  let device = ''
  let session = ''
  let run = ''
  let pen = 1
  const clock = setClock()
  let start = 1
  /** The event of this set that was written last, by whichever tab. */
  let lastEvent: string | undefined
  const pens = useWatching({ run: () => run, last: () => lastEvent, add, read, taken })

  const place = shallowRef<PlaceVersion>()
  /** Where the ball was seen so far, while it has further places to come to. */
  const onTheWay = shallowRef<Place[]>([])

  /** Who hits next, where the shots of both sides of a pattern are charted. */
  const hitter = ref<Role>('PLAYER')

  /** The side that hits next, from 0, where sides play against each other. */
  const team = ref(0)
  /** Which set in a row this is at its level, from 1. */
  const tries = computed(() => (standing.value?.tries ?? 0) + 1)
  const level = computed(() => set.value?.level ?? standing.value?.level ?? 1)

  const rung = () => levelOf(drill, level.value)
  const { conditions, lying, beginUnder, lie, under, preview } = useConditions({
    rules: () => rules, rung, chart: () => set.value && chart,
  })

  async function load(given: Opening) {
    player = given.player
    drill = given.drill
    beginUnder({ ...AS_DRAWN, ...given.occasion, hand: player.hand, track: given.track, from: sideOf(given.track) ?? AS_DRAWN.from })
    rules = await loadRules()
    judging = loadJudge()
    device = await deviceId()
    await settleStanding()
    await takePen()
    const open = given.run ?? await openHere(rules, given) ?? (given.occasion?.heldAt ? undefined : given.openRun)
    if (open) {
      await resume(open)
    } else {
      await fresh()
    }
    lie()
  }

  async function settleStanding() {
    const track = conditions.value.track ?? ''
    const ledger = await askLedger(player.id, drill.id, track)
    start = ledger.data.start
    const own = await ownSets(rules, drill, player.id, ledger.at)
    standing.value = rules.standing(drill, ledger.data.sets, own, player.id, track, start)
  }

  /** Another wing, hand or side has a rung of its own. */
  async function onTrack(track: string) {
    conditions.value = { ...conditions.value, track, from: sideOf(track) ?? conditions.value.from }
    await settleStanding()
    await takePen()
    await fresh()
    lie()
  }

  const takePen = () => pens.take([player.id, drill.id, conditions.value.track ?? '', conditions.value.heldAt ? 'paper' : ''].join(' '))

  /** Goes on with a set as these events make it; onwards from them whoever wrote them. */
  function read(open: string, events: ChartEvent[]): SetView | undefined {
    chart = rules.chart(drill, history(open))
    const seen = chart.append(events)
    if ('problem' in seen) {
      return undefined
    }
    onTheWay.value = []
    run = open
    lastEvent = events.at(-1)?.id
    session = seen.session
    clock.goOn(seen.openedAt)
    pen = seen.pen
    show(seen)
    lie()
    return seen
  }

  async function taken(): Promise<string | undefined> {
    await settleStanding()
    return set.value && !set.value.closed ? run : openHere(rules, { player, drill, track: conditions.value.track ?? '' })
  }

  async function fresh() {
    onTheWay.value = []
    session = await sessionOf(clubDate(clubTime()))
    set.value = already.value = undefined
    lastEvent = undefined
    tookPen.value = false
    run = uuid()
    pen = 1
    chart = rules.chart(drill, standing.value?.sets ?? [])
  }

  /** Goes on with a set; one that another device wrote is taken over, openly. */
  async function resume(open: string) {
    let events = (await ofRun(open)).filter((kept) => kept.fate !== 'aside').map((kept) => kept.event)
    if (!events.some((event) => event.kind === 'set.opened') || !hasWaiting(await ofRun(open))) {
      events = await runOnServer(open) ?? events
    }
    const seen = read(open, events)
    const last = events.at(-1)
    if (!seen || !last) {
      throw new Error('the set cannot be opened')
    }
    await adopt(events, aboutSets(seen.player, seen.drill))
    const lastWriter = events.filter((event) => event.pen === pen).at(-1)
    tookPen.value = lastWriter?.device !== device
    if (tookPen.value && !pens.watching.value) {
      pen = seen.pen + 1
      write('pen.taken', { pen, lastSeen: last.id })
    }
  }

  function add(event: ChartEvent) {
    const seen = chart.append(event)
    if (!('problem' in seen)) {
      lastEvent = event.id
      show(seen)
      lie()
    }
  }

  function show(seen: SetView) {
    set.value = seen
    already.value = seen.closed ? undefined : chart.decided()
    team.value = seen.count.turn ?? team.value
  }

  function write(kind: ChartEvent['kind'], body: Body): Logged {
    const event: NewEvent = {
      id: uuid(), kind, v: EVENT_VERSION, session, run, pen, device,
      at: Math.max(0, Math.round(clock.at())), wall: clubTime(), body,
    }
    // Its number is given when it is kept; the rules judge it at once and do not look at numbers.
    const seen = chart.append({ ...event, seq: 1 })
    if ('problem' in seen) {
      return { ok: false, problem: seen.problem }
    }
    pens.tell({ run, event, after: lastEvent })
    lastEvent = event.id
    show(seen)
    void outbox.put({ event, about: aboutSets(seen.player, seen.drill) }).then(() => pens.tell({ run: event.run }))
    return { ok: true, set: seen }
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
    clock.begin()
    void navigator.storage?.persist?.()
    const opened = write('set.opened', openedWith({
      player, drill, level: level.value, standpoint, conditions: conditions.value, place: place.value, best: standing.value?.best,
    }))
    return opened.ok && conditions.value.stance ? write('stance.moved', conditions.value.stance) : opened
  }

  const seen = (places: Place[]) => preview(rules, places)

  /** @return nothing while the ball has a further place to come to */
  function land(at: Place, by: Caller, standpoint: Standpoint): Logged | undefined {
    const place = { x: toTheMillimetre(at.x), y: toTheMillimetre(at.y) }
    const before = onTheWay.value
    if ((lying.value?.stages.length ?? 1) > 1) {
      const next = seen([...before, place])
      if ('goesOn' in next && next.goesOn) {
        onTheWay.value = [...before, place]
        return undefined
      }
    }
    onTheWay.value = []
    return landed(before, place, by, standpoint)
  }

  const byWhom = () => ({ ...team.value && { team: team.value }, ...hitter.value !== 'PLAYER' && { hitter: hitter.value } })
  const landed = (before: Place[], place: Place, by: Caller, standpoint: Standpoint) =>
    shoot('shot.landed', { ...place, ...before.length && { before }, by, ...byWhom() }, standpoint)

  function key(ruling: Ruling, by: Caller, standpoint: Standpoint): Logged {
    onTheWay.value = []
    return shoot('shot.keyed', { ...ruling, by, ...byWhom() }, standpoint)
  }

  const standAt = (stance: Stance): Logged | undefined => {
    if (!set.value) {
      conditions.value = { ...conditions.value, stance }
    }
    const moved = set.value && write('stance.moved', stance)
    lie()
    return moved
  }
  const forget = () => {
    onTheWay.value = []
  }
  /** What is taken back can be where the opponents stood. */
  function turnBack(kind: 'entry.undone' | 'entry.redone', target: string | undefined): Logged | undefined {
    const logged = target === undefined ? undefined : write(kind, { target })
    if (rung().target.stance) {
      lie()
    }
    return logged
  }

  const undo = () => turnBack('entry.undone', set.value?.undo)
  const redo = () => turnBack('entry.redone', set.value?.redo)
  const moveLevel = (to: number, by: 'RULE' | 'COACH', unmet: boolean) =>
    write('level.moved', { from: level.value, to, by, unmet })
  const fromHere = (): FromHere | undefined => set.value && !set.value.closed ? chart.fromHere() : undefined
  const callAfter = (ahead: number) => chart.callAfter(ahead)
  const passReport = () => set.value?.passes && chart.passReport()
  /** What the set says now; nothing before its first entry. */
  async function judged(): Promise<Judged | undefined> {
    const judge = await judging
    return set.value ? judge(drill, history(), chart.line()) : undefined
  }

  const history = (of = run) => (standing.value?.sets ?? []).filter((line) => line.run !== of)
  /** Milliseconds since the set's start in which it was played. */
  const played = () => set.value ? Math.max(0, (set.value.pausedSince ?? clock.at()) - set.value.paused) : 0

  async function next() {
    const line = set.value ? chart.line() : undefined
    if (line && standing.value) {
      standing.value = rules.standing(drill, standing.value.sets, [line], player.id, conditions.value.track ?? '', start)
    }
    await fresh()
    lie()
  }

  return {
    ...entriesOf(write, open), watching: pens.watching, takeOver: pens.takeOver, playerId: () => player.id,
    set, already, standing, level, team, hitter, tries, tookPen, conditions, place, lying, onTheWay,
    under, standAt, forget, load, land, landed, preview: seen, key, undo, redo, moveLevel, judged, played, next, onTrack, fromHere,
    passReport, callAfter,
  }
}
