import { v7 as uuid } from 'uuid'
import { computed, ref, shallowRef } from 'vue'
import { askLedger } from '@/charting/asked'
import { adopt, deviceId, ofPlayer, ofRun, sessionOf, type NewEvent } from '@/charting/deviceLog'
import { useOutbox } from '@/charting/outbox'
import { byRun, ownSets } from '@/charting/ownSets'
import {
  AS_DRAWN, loadRules, type Chart, type Conditions, type FromHere, type LoadedRules, type RulesProblem, type Standing,
} from '@/charting/rules'
import type { Place } from '@/court/turn'
import {
  api, EVENT_VERSION, type Caller, type ChartEvent, type Drill, type From, type Lying, type PlaceVersion, type Player, type Ruling, type SetView,
  type Stance, type Standpoint, type Verdict,
} from '@/shared/api'
import { clubTime } from '@/shared/clock'
import { levelOf } from '@/shared/sentences'

type Body = ChartEvent['body']
type Logged = { ok: true, set: SetView } | { ok: false, problem: RulesProblem }

/** One set while it is charted: judged at once by the rules, kept on this device, sent by the outbox. */
export function useSet() {
  const outbox = useOutbox()
  const set = shallowRef<SetView>()
  const standing = shallowRef<Standing>()
  const tookPen = ref(false)
  let rules: LoadedRules
  let chart: Chart
  let player: Player
  let drill: Drill
  let device = ''
  let session = ''
  let run = ''
  let pen = 1
  let openedAt = 0
  let openedTick = 0
  let start = 1

  /** What the next set is opened under: side, opponent's hand, what was really laid, and where. */
  const conditions = shallowRef<Conditions>(AS_DRAWN)
  const place = shallowRef<PlaceVersion>()
  /** How the target lies now: by the set once it is open, else as it would be opened. */
  const lying = shallowRef<Lying>()
  /** Where the ball was seen so far, while it has further places to come to. */
  const onTheWay = shallowRef<Place[]>([])

  const level = computed(() => set.value?.level ?? standing.value?.level ?? 1)

  async function load(given: { player: Player, drill: Drill, track: string, run?: string, openRun?: string }) {
    player = given.player
    drill = given.drill
    rules = await loadRules()
    conditions.value = { ...AS_DRAWN, hand: player.hand, track: given.track, from: sideOf(given.track) ?? AS_DRAWN.from }
    device = await deviceId()
    await settleStanding()
    const open = given.run ?? await openHere() ?? given.openRun
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
    await fresh()
    lie()
  }

  async function openHere(): Promise<string | undefined> {
    const day = dayOf(clubTime())
    for (const [id, kept] of byRun(await ofPlayer(player.id, drill.id))) {
      const last = kept.at(-1)
      if (!last || dayOf(last.event.wall) !== day || kept.some((one) => one.fate === 'aside')) {
        continue
      }
      const seen = rules.chart(drill, []).append(kept.map((one) => one.event))
      if (!('problem' in seen) && !seen.closed && !seen.struck && seen.player === player.id) {
        return id
      }
    }
    return undefined
  }

  function lie() {
    const rung = levelOf(drill, level.value)
    const seen = set.value ? { lying: chart.lying() } : rules.lying(rung.target, rung.ring, conditions.value)
    if ('lying' in seen) {
      lying.value = seen.lying
    }
  }

  /** @return what is wrong with what was laid, if anything */
  function under(given: Partial<Conditions>): RulesProblem | undefined {
    const next = { ...conditions.value, ...given }
    const rung = levelOf(drill, level.value)
    const seen = rules.lying(rung.target, rung.ring, next)
    if ('problem' in seen) {
      return seen.problem
    }
    conditions.value = next
    lie()
    return undefined
  }

  async function fresh() {
    onTheWay.value = []
    session = await sessionOf(dayOf(clubTime()))
    set.value = undefined
    tookPen.value = false
    run = uuid()
    pen = 1
    chart = rules.chart(drill, standing.value?.sets ?? [])
  }

  /** Goes on with a set; one that another device wrote is taken over, openly. */
  async function resume(open: string) {
    let events = (await ofRun(open)).filter((kept) => kept.fate !== 'aside').map((kept) => kept.event)
    if (!events.some((event) => event.kind === 'set.opened') || !hasWaiting(await ofRun(open))) {
      events = await fromServer(open) ?? events
    }
    chart = rules.chart(drill, (standing.value?.sets ?? []).filter((line) => line.run !== open))
    const seen = chart.append(events)
    const first = events[0]
    if ('problem' in seen || !first) {
      throw new Error('the set cannot be opened')
    }
    await adopt(events, seen.player, seen.drill)
    set.value = seen
    run = open
    session = first.session
    openedAt = seen.openedAt
    openedTick = performance.now() - (clubTime() - openedAt)
    pen = seen.pen
    const lastWriter = events.filter((event) => event.pen === pen).at(-1)
    tookPen.value = lastWriter?.device !== device
    if (tookPen.value) {
      pen = seen.pen + 1
      write('pen.taken', { pen, lastSeen: events.at(-1)?.id ?? first.id })
    }
  }

  async function fromServer(open: string): Promise<ChartEvent[] | undefined> {
    const answer = await api.GET('/api/runs/{run}', { params: { path: { run: open } } }).catch(() => undefined)
    return answer?.data?.events
  }

  function write(kind: ChartEvent['kind'], body: Body): Logged {
    const event: NewEvent = {
      id: uuid(), kind, v: EVENT_VERSION, session, run, pen, device,
      at: Math.max(0, Math.round(performance.now() - openedTick)), wall: clubTime(), body,
    }
    // Its number is given when it is kept; the rules judge it at once and do not look at numbers.
    const seen = chart.append({ ...event, seq: 1 })
    if ('problem' in seen) {
      return { ok: false, problem: seen.problem }
    }
    set.value = seen
    outbox.put(event, seen.player, seen.drill).catch(() => undefined)
    return { ok: true, set: seen }
  }

  /** Logs a shot; the first one opens the set. */
  function shoot(kind: 'shot.landed' | 'shot.keyed', body: Body, standpoint: Standpoint): Logged {
    if (!set.value) {
      const opened = open(standpoint)
      if (!opened.ok) {
        return opened
      }
    }
    return write(kind, body)
  }

  function open(standpoint: Standpoint): Logged {
    openedAt = clubTime()
    openedTick = performance.now()
    void navigator.storage?.persist?.()
    const { from, opponent, laid, track } = conditions.value
    const opened = write('set.opened', {
      player: player.id, hand: player.hand, drill: drill.id, level: level.value, standpoint, from, opponent,
      ...place.value && { place: place.value.versionId },
      ...place.value?.charterSd !== undefined && { charterSd: place.value.charterSd },
      ...laid?.length && { laid },
      ...track && { track },
      ...standing.value?.best !== undefined && { toBeat: standing.value.best },
    })
    return opened.ok && conditions.value.stance ? write('stance.moved', conditions.value.stance) : opened
  }

  /** @return nothing while the ball has a further place to come to */
  function land(at: Place, by: Caller, standpoint: Standpoint): Logged | undefined {
    const place = { x: toTheMillimetre(at.x), y: toTheMillimetre(at.y) }
    const before = onTheWay.value
    if ((lying.value?.stages.length ?? 1) > 1) {
      const rung = levelOf(drill, level.value)
      const seen = rules.preview(rung.target, rung.ring, conditions.value, [...before, place])
      if ('goesOn' in seen && seen.goesOn) {
        onTheWay.value = [...before, place]
        return undefined
      }
    }
    onTheWay.value = []
    return shoot('shot.landed', { ...place, ...before.length && { before }, by }, standpoint)
  }

  function key(ruling: Ruling, by: Caller, standpoint: Standpoint): Logged {
    onTheWay.value = []
    return shoot('shot.keyed', { ...ruling, by }, standpoint)
  }

  const standAt = (stance: Stance): Logged | undefined => {
    if (!set.value) {
      conditions.value = { ...conditions.value, stance }
      lie()
      return undefined
    }
    const moved = write('stance.moved', stance)
    lie()
    return moved
  }
  const turn = () => write('set.turned', {})
  const call = (shot: string, ruling: Ruling) => write('shot.called', { shot, ...ruling })
  const forget = () => {
    onTheWay.value = []
  }
  /** What is taken back can be where the opponents stood. */
  function turnBack(kind: 'entry.undone' | 'entry.redone', target: string | undefined): Logged | undefined {
    const logged = target === undefined ? undefined : write(kind, { target })
    if (levelOf(drill, level.value).target.stance) {
      lie()
    }
    return logged
  }

  const undo = () => turnBack('entry.undone', set.value?.undo)
  const redo = () => turnBack('entry.redone', set.value?.redo)
  const close = () => write('set.closed', { said: chart.closing() })
  const reopen = () => write('set.reopened', {})
  const moveLevel = (to: number, by: 'RULE' | 'COACH', unmet: boolean) =>
    write('level.moved', { from: level.value, to, by, unmet })
  /** The balls until now were for the range; from here on they count. */
  const startScoring = () => write('scoring.started', {})
  /** Called by the player before the first ball; it opens the set. */
  function callNumber(number: number, standpoint: Standpoint): Logged {
    const opened: Logged = set.value ? { ok: true, set: set.value } : open(standpoint)
    return opened.ok ? write('number.called', { number }) : opened
  }
  const payOwed = (count: number) => write('owed.paid', { count })
  const fromHere = (): FromHere | undefined => set.value && !set.value.closed ? chart.fromHere() : undefined
  const verdict = (): Verdict | undefined => set.value ? chart.verdict() : undefined

  async function next() {
    const line = set.value ? chart.line() : undefined
    if (line && standing.value) {
      standing.value = rules.standing(drill, standing.value.sets, [line], player.id, conditions.value.track ?? '', start)
    }
    await fresh()
    lie()
  }

  return {
    set, standing, level, tookPen, conditions, place, lying, onTheWay, under, standAt, turn, forget, load, land, key, call,
    undo, redo, close, reopen, moveLevel, verdict, next, onTrack, startScoring, callNumber, payOwed, fromHere,
  }
}

/** A side of its own is the side that is hit from. */
function sideOf(track: string): From | undefined {
  return track.includes('FROM_LEFT') ? 'LEFT' : track.includes('FROM_RIGHT') ? 'RIGHT' : undefined
}

function hasWaiting(all: { fate: string }[]): boolean {
  return all.some((kept) => kept.fate === 'waiting')
}

function dayOf(millis: number): string {
  const date = new Date(millis)
  return `${date.getFullYear()}-${date.getMonth() + 1}-${date.getDate()}`
}

function toTheMillimetre(metres: number): number {
  return Math.round(metres * 1000) / 1000
}
